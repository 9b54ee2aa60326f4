import type { SchoolChangeView } from '@dotting/contract';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { sayShortDay } from '../common/days.js';
import { words } from '../wording/words.js';

/** Ways of the room that a lead has changed this week: everyone is told. */
export function ChangedWays({ changes }: { readonly changes: readonly SchoolChangeView[] }) {
  if (changes.length === 0) return null;
  return (
    <Box component="section" aria-label={words.today.waysChanged()} sx={{ mb: 2 }}>
      {changes.map(({ by, day, what }) => (
        <Typography key={what} variant="body2">
          <Link to="/settings/ways" style={{ color: 'inherit' }}>
            {words.today.wayChanged({ name: by, day: sayShortDay(day), what })}
          </Link>
        </Typography>
      ))}
    </Box>
  );
}
