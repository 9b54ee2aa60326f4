import type { OwnTaskBody } from '@dotting/contract';
import { taskOf, tellingSlips, type TellingSlip } from '@dotting/core';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useFormContext, useWatch } from 'react-hook-form';
import { words } from '../wording/all.js';

/** Of the slips that a task like this can show, those its card names. */
export function WatchFor() {
  const { control, setValue } = useFormContext<OwnTaskBody>();
  const [like, watched] = useWatch({ control, name: ['like', 'watchFor'] });
  const shown = tellingSlips.filter((slip) => taskOf(like).watchFor.some((one) => one === slip));
  const change = (slip: TellingSlip, isOn: boolean): void =>
    setValue(
      'watchFor',
      shown.filter((one) => (one === slip ? isOn : watched.includes(one))),
      { shouldDirty: true },
    );
  return (
    <Box role="group" aria-label={words.shelf.watchFor()} sx={{ gridColumn: '1 / -1' }}>
      <Typography variant="body2" color="textSecondary">
        {words.shelf.watchFor()}
      </Typography>
      {shown.length === 0 && <Typography>{words.ownTasks.nothingToSee()}</Typography>}
      {shown.map((slip) => (
        <FormControlLabel
          key={slip}
          control={
            <Checkbox
              checked={watched.includes(slip)}
              onChange={({ target }) => change(slip, target.checked)}
            />
          }
          label={words.moves[slip].saw()}
        />
      ))}
    </Box>
  );
}
