import type { SittingClosingView } from '@dotting/contract';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { sayMoment } from '../common/days.js';
import { words } from '../wording/all.js';

/** How the last sittings were closed, in the adults' own words. */
export function Closings({ closings }: { readonly closings: readonly SittingClosingView[] }) {
  if (closings.length === 0) return null;
  return (
    <Box component="section" aria-label={words.child.notes()} sx={{ mt: 2 }}>
      <Typography variant="h2">{words.child.notes()}</Typography>
      {closings.slice(0, 3).map(({ id, closedAt, recorder, changed, note }) => (
        <Box key={id} sx={{ py: 0.75 }}>
          <Typography variant="body2" color="textSecondary">
            {sayMoment(closedAt)}, {recorder}
          </Typography>
          {changed.map((line) => (
            <Typography key={line.told} variant="body2">
              {line.words}
            </Typography>
          ))}
          {note !== '' && <Typography variant="body2">{note}</Typography>}
        </Box>
      ))}
    </Box>
  );
}
