import type { TodayView } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import { mostAtTable } from '../sitting/table/face.js';
import { words } from '../wording/words.js';

/** Chooses two to six children for one table; each is sat down with in a sitting of its own. */
export function SeveralAtTable({ today }: { readonly today: TodayView }) {
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const toggle = (id: string): void =>
    setChosen(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id]);
  return (
    <Box component="section" aria-label={words.today.group()} sx={{ mb: 2 }}>
      <Typography variant="body2" color="textSecondary">
        {words.today.groupIntro({ n: mostAtTable })}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, my: 1 }}>
        {today.register
          .filter(({ mayRecord }) => mayRecord)
          .map(({ id, firstName }) => (
            <Button
              key={id}
              aria-pressed={chosen.includes(id)}
              disabled={chosen.length === mostAtTable && !chosen.includes(id)}
              onClick={() => toggle(id)}
            >
              {firstName}
            </Button>
          ))}
      </Box>
      {chosen.length > 1 && (
        <Button component={Link} to={`/sit/${chosen.join('+')}`} variant="contained" color="primary">
          {words.today.sitDownWithN({ n: chosen.length })}
        </Button>
      )}
    </Box>
  );
}
