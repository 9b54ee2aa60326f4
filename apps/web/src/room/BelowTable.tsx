import type { RoomOverview } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useState } from 'react';
import { Together } from './Together.js';
import { words } from '../wording/all.js';

const Months = lazy(() => import('./Months.js'));

/** Who could sit together, how the room moves, who looked. */
export function BelowTable({ overview }: { readonly overview: RoomOverview }) {
  const [showsMonths, setShowsMonths] = useState(false);
  return (
    <Box sx={{ display: 'grid', gap: 2, mt: 2 }}>
      <Together overview={overview} />
      <Box
        component="section"
        aria-label={words.room.months()}
        sx={{ displayPrint: showsMonths ? 'block' : 'none' }}
      >
        <Typography variant="h2">
          <Button
            variant="text"
            aria-expanded={showsMonths}
            onClick={() => setShowsMonths(!showsMonths)}
            sx={{ font: 'inherit', px: 0 }}
          >
            {words.room.months()}
          </Button>
        </Typography>
        {showsMonths && (
          <Suspense>
            <Months overview={overview} />
          </Suspense>
        )}
      </Box>
      <Box component="section" aria-label={words.room.who()}>
        <Typography variant="h2">{words.room.who()}</Typography>
        {overview.lookers.map(({ firstName, tries, children }) => (
          <Typography key={firstName} variant="body2">
            {words.room.whoLine({ name: firstName, tries, children })}
          </Typography>
        ))}
      </Box>
    </Box>
  );
}
