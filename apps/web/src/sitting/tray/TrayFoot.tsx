import type { AnsweredBy, Help } from '@dotting/core';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { memo } from 'react';
import { Choice } from '../../common/Choice.js';
import { narrow, tight } from '../../common/theme.js';
import type { Action } from '../after.js';
import type { SittingTry } from '../../outbox/sitting.js';
import { useSchools } from '../../common/schools.js';
import { words } from '../../wording/all.js';

const helps: readonly Help[] = ['none', 'encouraged', 'prompted', 'shown', 'guided'];
const answerers: readonly AnsweredBy[] = ['alone', 'with-others', 'others'];

interface TrayFootProps {
  readonly help: SittingTry['head']['help'];
  readonly answeredBy: SittingTry['head']['answeredBy'];
  /** Empty while it is not known. */
  readonly why: string;
  readonly phase: 'laying' | 'going-on' | 'read';
  readonly dispatch: (action: Action) => void;
}

/** Under the tray: why it is laid, then what help was given. Its room is kept, so that the tray never jumps. */
export const TrayFoot = memo(function TrayFoot({ help, answeredBy, why, phase, dispatch }: TrayFootProps) {
  const isLaying = phase === 'laying';
  const { hands } = useSchools();
  return (
    <Box sx={{ display: 'grid', '& > *': { gridArea: '1 / 1' } }}>
      <Box sx={{ visibility: isLaying ? 'hidden' : 'visible' }}>
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: 'minmax(0, 2fr) minmax(0, 1fr)',
            gap: 2,
            [tight]: { gap: 1 },
            [narrow]: { gridTemplateColumns: 'minmax(0, 1fr)' },
          }}
        >
          <Choice
            label={words.help.title()}
            value={help}
            options={helps.map((one) => [
              one,
              words.help[one === 'guided' && hands === 'rides' ? 'rides' : one](),
            ])}
            onChoose={(one) => dispatch({ kind: 'help', help: one })}
          />
          <Choice
            label={words.answered.title()}
            value={answeredBy}
            options={answerers.map((one) => [one, words.answered[one]()])}
            onChoose={(one) => dispatch({ kind: 'answered-by', answeredBy: one })}
          />
        </Box>
        {phase === 'read' && (
          <Typography color="textSecondary" sx={{ mt: 1 }}>
            {why === '' ? '\u00a0' : words.tray.next({ why })}
          </Typography>
        )}
      </Box>
      {isLaying && why !== '' && <Typography color="textSecondary">{words.tray.why({ why })}</Typography>}
    </Box>
  );
});
