import type { Need } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo } from 'react';
import { tight } from '../../common/theme.js';
import type { KeyCommand } from '../keys.js';
import { SayAndLay } from './SayAndLay.js';
import type { Standing } from './script.js';
import type { Action } from '../after.js';
import type { Sitting } from '../../outbox/sitting.js';
import { words } from '../../wording/all.js';
import { later } from '../../common/later.js';

const ChangePlan = later(async () => (await import('./ChangePlan.js')).ChangePlan);

interface SayColumnProps {
  readonly child: Sitting['child'];
  readonly plan: Sitting['plan'];
  readonly standing: Standing;
  readonly access: readonly Need[];
  readonly hasTries: boolean;
  readonly isChanging: boolean;
  readonly onChanging: (isChanging: boolean) => void;
  readonly dispatch: (action: Action) => void;
  readonly onCommand: (command: KeyCommand) => void;
  readonly onEnd: () => void;
}

/** What to say and lay, or another choice of it; below it, how to end the try or the sitting. */
export const SayColumn = memo(function SayColumn(props: SayColumnProps) {
  const { child, plan, standing, access, isChanging, onChanging, dispatch, onCommand } = props;
  const isGoingOn = standing.phase === 'counting' || standing.phase === 'asked';
  return (
    <>
      {isChanging && !isGoingOn ? (
        <ChangePlan
          child={child}
          plan={plan}
          onLay={(change, way) => dispatch({ kind: 'lay', plan: change, ...(way && { way }) })}
        />
      ) : (
        <SayAndLay child={child} plan={plan} standing={standing} access={access} />
      )}
      <Box sx={{ display: 'flex', gap: 1, mt: 1.5, flexWrap: 'wrap' }}>
        {isGoingOn ? (
          <>
            <Button sx={foot} onClick={() => onCommand('stop-kindly')}>
              {words.sitting.finishGently()}
            </Button>
            <Button sx={foot} onClick={() => onCommand('did-not-know')}>
              {words.sitting.didNotKnow()}
            </Button>
          </>
        ) : (
          <>
            <Button sx={foot} onClick={props.onEnd}>
              {props.hasTries ? words.sitting.endHere() : words.sitting.leave()}
            </Button>
            <Button sx={foot} onClick={() => onCommand('pause')}>
              {words.sitting.pause()}
            </Button>
            <Button
              sx={foot}
              onClick={(event) => {
                // The next key is for the tray, not for this button again.
                if (isChanging) event.currentTarget.blur();
                onChanging(!isChanging);
              }}
              aria-expanded={isChanging}
            >
              {isChanging ? words.sitting.useThis() : words.sitting.changeTask()}
            </Button>
          </>
        )}
      </Box>
    </>
  );
});

const foot = {
  flex: 'auto',
  minWidth: 0,
  minHeight: 56,
  px: 1,
  fontSize: '1rem',
  [tight]: { px: 0.25, fontSize: '0.88rem' },
  whiteSpace: 'nowrap',
} as const;
