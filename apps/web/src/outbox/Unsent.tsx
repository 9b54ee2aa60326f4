import Typography from '@mui/material/Typography';
import { useWaiting, type Waiting } from './outbox.js';
import { words } from '../wording/words.js';

/** Whether all that was recorded is safe at the server, in two or three words. */
export function Unsent() {
  const waiting = useWaiting();
  const isSafe = waiting.tries + waiting.closings === 0;
  const isHeldUp = !isSafe && (waiting.waitsFor !== null || waiting.refused.length > 0);
  const isSettled = isSafe && waiting.aside === 0;
  return (
    <Typography
      component="span"
      role="status"
      // Sent and sending come with every tap: only what holds them up is read out.
      aria-live={isHeldUp || waiting.aside > 0 ? 'polite' : 'off'}
      variant="body2"
      data-unsent={waiting.events}
      sx={{ color: isSettled ? 'water' : 'inkSoft', whiteSpace: 'nowrap' }}
    >
      {wordsFor(waiting)}
    </Typography>
  );
}

function wordsFor({ tries, closings, refused, waitsFor, aside }: Waiting): string {
  if (tries + closings === 0) return aside > 0 ? words.sending.aside({ n: aside }) : words.sending.sent();
  const noConnection = waitsFor === 'connection';
  if (tries === 0) return noConnection ? words.sending.offlineClosing() : words.sending.sendingClosing();
  if (refused.length > 0) return words.sending.refused({ n: refused.length });
  return noConnection ? words.sending.offline({ n: tries }) : words.sending.sending({ n: tries });
}
