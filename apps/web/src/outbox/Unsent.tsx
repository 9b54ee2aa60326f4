import Typography from '@mui/material/Typography';
import { useWaiting, type Waiting } from './outbox.js';
import { words } from '../wording/words.js';

/** Whether all that was recorded is safe at the server, in two or three words. */
export function Unsent() {
  const waiting = useWaiting();
  const isSafe = waiting.tries + waiting.closings === 0;
  const isHeldUp = !isSafe && (waiting.noConnection || waiting.refused.length > 0);
  return (
    <Typography
      component="span"
      role="status"
      // Sent and sending come with every tap: only what holds them up is read out.
      aria-live={isHeldUp ? 'polite' : 'off'}
      variant="body2"
      data-unsent={waiting.events}
      sx={{ color: isSafe ? 'water' : 'inkSoft', whiteSpace: 'nowrap' }}
    >
      {wordsFor(waiting)}
    </Typography>
  );
}

function wordsFor({ tries, closings, refused, noConnection }: Waiting): string {
  if (tries + closings === 0) return words.sending.sent();
  if (tries === 0) return noConnection ? words.sending.offlineClosing() : words.sending.sendingClosing();
  if (refused.length > 0) return words.sending.refused({ n: refused.length });
  return noConnection ? words.sending.offline({ n: tries }) : words.sending.sending({ n: tries });
}
