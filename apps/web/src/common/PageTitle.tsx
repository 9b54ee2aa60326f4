import Typography from '@mui/material/Typography';
import { useEffect, useRef } from 'react';
import { useTabTitle } from './useTabTitle.js';

/**
 * The one heading of a page, which also names its tab. It takes the keyboard’s place, so that it is read out and the
 * next Tab goes on inside; but only from where a new page leaves it, never from what was reached meanwhile.
 */
export function PageTitle({ children }: { readonly children: string }) {
  const heading = useRef<HTMLHeadingElement>(null);
  useTabTitle(children);
  useEffect(() => {
    const { activeElement } = document;
    if (activeElement === null || activeElement.matches('body,main'))
      heading.current?.focus({ preventScroll: true });
  }, [children]);
  return (
    <Typography variant="h1" ref={heading} tabIndex={-1} sx={{ outline: 'none' }}>
      {children}
    </Typography>
  );
}
