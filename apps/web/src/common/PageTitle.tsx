import Typography from '@mui/material/Typography';
import { useEffect, useRef } from 'react';
import { useTabTitle } from './useTabTitle.js';

/**
 * The one heading of a page, which also names its tab. Where a page opens the keyboard's place moves here, so that
 * it is read out and the next Tab goes on inside.
 */
export function PageTitle({ children }: { readonly children: string }) {
  const heading = useRef<HTMLHeadingElement>(null);
  useTabTitle(children);
  useEffect(() => heading.current?.focus({ preventScroll: true }), []);
  return (
    <Typography variant="h1" ref={heading} tabIndex={-1} sx={{ outline: 'none' }}>
      {children}
    </Typography>
  );
}
