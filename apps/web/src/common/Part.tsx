import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';

interface PartProps {
  readonly label: string;
  readonly children: ReactNode;
}

/** Something to read, with a small line above that says what it is. */
export function Part({ label, children }: PartProps) {
  return (
    <Box>
      <Typography variant="body2" color="textSecondary">
        {label}
      </Typography>
      <Typography component="div">{children}</Typography>
    </Box>
  );
}
