import Typography from '@mui/material/Typography';
import { useWaiting, type Waiting } from '../outbox/outbox.js';
import { palette } from './theme.js';

/** Whether all that was recorded is safe at the server, in two or three words. */
export function Unsent() {
  const waiting = useWaiting();
  const isSafe = waiting.tries + waiting.closings === 0;
  return (
    <Typography
      component="span"
      role="status"
      variant="body2"
      data-unsent={waiting.events}
      sx={{ color: isSafe ? palette.water : palette.inkSoft, whiteSpace: 'nowrap' }}
    >
      {wordsFor(waiting)}
    </Typography>
  );
}

function wordsFor({ tries, closings, refused, noConnection }: Waiting): string {
  if (tries + closings === 0) return 'all sent';
  if (tries === 0) return noConnection ? 'no connection, a closing page kept here' : 'sending a closing page';
  const count = `${tries} ${tries === 1 ? 'try' : 'tries'}`;
  if (refused.length > 0) return `${refused.length} refused, kept here`;
  return noConnection ? `no connection, ${count} kept here` : `sending ${count}`;
}
