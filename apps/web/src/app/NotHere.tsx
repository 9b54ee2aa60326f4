import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRouteError } from 'react-router';

/** Shown for an address that leads nowhere, and when a page breaks: says so, and the way out. */
export function NotHere() {
  const error = useRouteError();
  const isBroken = error instanceof Error;
  return (
    <Box
      role="alert"
      sx={{ maxWidth: 560, mx: 'auto', p: 6, display: 'grid', gap: 2, justifyItems: 'start' }}
    >
      <Typography variant="h1">{isBroken ? 'This page broke' : 'Nothing is here'}</Typography>
      <Typography>
        {isBroken
          ? `What was recorded is kept on this device. (${error.message})`
          : 'The address leads nowhere. Today shows who is due.'}
      </Typography>
      <Button href="/">Go to Today</Button>
    </Box>
  );
}
