import type { RoomOverview } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { words } from '../wording/all.js';

const shownGroups = 6;

/** Who could sit together for the same step, this day. */
export function Together({ overview }: { readonly overview: RoomOverview }) {
  const nameOf = (id: string): string =>
    overview.children.find((child) => child.childId === id)?.firstName ?? '';
  return (
    <Box component="section" aria-label={words.room.together()}>
      <Typography variant="h2">{words.room.together()}</Typography>
      {overview.together.length === 0 && (
        <Typography variant="body2">{words.room.nobodyTogether()}</Typography>
      )}
      {overview.together.slice(0, shownGroups).map(({ title, children }) => (
        <Box
          key={`${title} ${children.join()}`}
          sx={{ display: 'flex', gap: 2, alignItems: 'center', py: 0.5 }}
        >
          <Typography sx={{ flex: 1 }}>
            <b>{title}</b>: {children.map(nameOf).join(', ')}
          </Typography>
          <Button component={Link} to={`/sit/${children.join('+')}`} sx={{ displayPrint: 'none' }}>
            {words.common.sitDown()}
          </Button>
        </Box>
      ))}
    </Box>
  );
}
