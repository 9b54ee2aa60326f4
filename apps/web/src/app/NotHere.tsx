import { PageTitle } from '../common/PageTitle.js';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useRouteError } from 'react-router';
import { words } from '../wording/words.js';

/** Shown for an address that leads nowhere, and when a page breaks: says so, and the way out. */
export function NotHere() {
  const error = useRouteError();
  const isBroken = error instanceof Error;
  return (
    <Box
      role="alert"
      sx={{ maxWidth: 560, mx: 'auto', p: 6, display: 'grid', gap: 2, justifyItems: 'start' }}
    >
      <PageTitle>{isBroken ? words.frame.broken() : words.frame.nothingHere()}</PageTitle>
      <Typography>
        {isBroken ? words.frame.brokenSafe({ problem: error.message }) : words.frame.wrongAddress()}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1.5 }}>
        {isBroken && <Button onClick={() => location.reload()}>{words.common.tryAgain()}</Button>}
        <Button href="/">{words.frame.toToday()}</Button>
      </Box>
    </Box>
  );
}
