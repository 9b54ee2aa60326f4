import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { palette } from '../app/theme.js';
import { outbox, useWaiting } from '../outbox/outbox.js';

/** What this device still has to send, and what the server refused. Shows nothing when all is sent. */
export function Waiting() {
  const { tries, events, noConnection, refused } = useWaiting();
  if (tries === 0) return null;
  return (
    <Box
      component="section"
      aria-label="Waits to be sent"
      sx={{
        mb: 2,
        border: `1px solid ${palette.line}`,
        borderRadius: '14px',
        px: 2,
        py: 1.25,
        bgcolor: palette.gate,
      }}
    >
      <Typography variant="body2">
        {tries === 1 ? 'One try waits' : `${tries} tries wait`} on this device to be sent ({events} events).{' '}
        {noConnection ? 'There is no connection now; sending begins by itself when there is.' : ''}
      </Typography>
      {refused.map((kept) => (
        <Box
          key={kept.id}
          sx={{ display: 'flex', gap: 2, alignItems: 'center', justifyContent: 'space-between', pt: 1 }}
        >
          <Typography variant="body2">The server refused one: {kept.refused} It is kept here.</Typography>
          <Button onClick={() => void outbox.offerAgain(kept.id)}>Offer it again</Button>
        </Box>
      ))}
    </Box>
  );
}
