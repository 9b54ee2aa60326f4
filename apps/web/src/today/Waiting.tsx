import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { later } from '../common/later.js';
import { useWaiting } from '../outbox/outbox.js';
import { words } from '../wording/words.js';

// Refused is hardly ever one.
const RefusedTry = later(async () => (await import('./RefusedTry.js')).RefusedTry);

/** What this device still has to send, and what the server refused. Shows nothing when all is sent. */
export function Waiting() {
  const { tries, events, waitsFor, refused } = useWaiting();
  if (tries === 0) return null;
  return (
    <Box
      component="section"
      aria-label={words.sending.title()}
      sx={{
        mb: 2,
        border: 1,
        borderColor: 'line',
        borderRadius: '14px',
        px: 2,
        py: 1.25,
        bgcolor: 'gate',
        displayPrint: 'none',
      }}
    >
      <Typography variant="body2">
        {words.sending.waiting({ n: tries, steps: events })}{' '}
        {waitsFor === 'connection' && words.sending.waitsForConnection()}
        {waitsFor === 'server' && words.sending.waitsForServer()}
      </Typography>
      {refused.map((kept) => (
        <RefusedTry key={kept.id} kept={kept} />
      ))}
    </Box>
  );
}
