import type { AnsweredBy, Help } from '@dotting/core';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { memo } from 'react';
import { Choice } from '../../app/Choice.js';
import type { Action } from '../after.js';
import type { SittingTry } from '../sitting.js';

const helps: readonly (readonly [Help, string])[] = [
  ['none', 'none'],
  ['encouraged', 'cheered'],
  ['prompted', 'prompted'],
  ['shown', 'shown'],
  ['guided', 'by hand'],
];
const answerers: readonly (readonly [AnsweredBy, string])[] = [
  ['alone', 'alone'],
  ['with-others', 'with others'],
  ['others', 'others'],
];

interface TrayFootProps {
  readonly help: SittingTry['head']['help'];
  readonly answeredBy: SittingTry['head']['answeredBy'];
  readonly why: string;
  readonly phase: 'laying' | 'going-on' | 'read';
  readonly dispatch: (action: Action) => void;
}

/** Under the tray: why it is laid, then what help was given. Its room is kept, so that the tray never jumps. */
export const TrayFoot = memo(function TrayFoot({ help, answeredBy, why, phase, dispatch }: TrayFootProps) {
  const isLaying = phase === 'laying';
  return (
    <Box sx={{ display: 'grid', '& > *': { gridArea: '1 / 1' } }}>
      <Box sx={{ visibility: isLaying ? 'hidden' : 'visible' }}>
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: 'minmax(0, 5fr) minmax(0, 3fr)',
            gap: { xs: 1, lg: 2 },
          }}
        >
          <Choice
            label="Help given"
            value={help}
            options={helps}
            onChoose={(one) => dispatch({ kind: 'help', help: one })}
          />
          <Choice
            label="Who answered"
            value={answeredBy}
            options={answerers}
            onChoose={(one) => dispatch({ kind: 'answered-by', answeredBy: one })}
          />
        </Box>
        {phase === 'read' && (
          <Typography color="textSecondary" sx={{ mt: 1 }}>
            Why the next: {why}
          </Typography>
        )}
      </Box>
      {isLaying && <Typography color="textSecondary">Why this: {why}</Typography>}
    </Box>
  );
});
