import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { words } from '../wording/words.js';

interface NoticeProps {
  readonly children: ReactNode;
  readonly onRetry?: () => void;
}

/** A line that stands in for a page or a part that cannot be shown, with the way out. */
export function Notice({ children, onRetry }: NoticeProps) {
  return (
    <Box role="status" sx={{ display: 'grid', gap: 2, justifyItems: 'start', py: 3 }}>
      <Typography color="textSecondary">{children}</Typography>
      {onRetry && <Button onClick={onRetry}>{words.common.tryAgain()}</Button>}
    </Box>
  );
}
