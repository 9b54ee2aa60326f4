import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

interface LineProps {
  /** Who or what the line is about, for those who do not see it. */
  readonly label: string;
  readonly children: ReactNode;
  /** What opens beneath it. */
  readonly beneath?: ReactNode;
}

/** One child, adult or room in a list of the office. */
export function Line({ label, children, beneath }: LineProps) {
  return (
    <Box component="li" aria-label={label} sx={{ borderTop: 1, borderColor: 'sand', listStyle: 'none' }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', minHeight: 56, py: 0.5 }}>{children}</Box>
      {beneath && <Box sx={{ pb: 2.5, pt: 1 }}>{beneath}</Box>}
    </Box>
  );
}
