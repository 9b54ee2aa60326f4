import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { memo } from 'react';
import { ChangePlan } from './ChangePlan.js';
import type { KeyCommand } from './keys.js';
import { SayAndLay } from './SayAndLay.js';
import type { Action, Phase, Sitting } from './sitting.js';

interface SayColumnProps {
  readonly child: Sitting['child'];
  readonly plan: Sitting['plan'];
  readonly phase: Phase;
  readonly hasTries: boolean;
  readonly isChanging: boolean;
  readonly onChanging: (isChanging: boolean) => void;
  readonly dispatch: (action: Action) => void;
  readonly onCommand: (command: KeyCommand) => void;
  readonly onClose: () => void;
}

/** What to say and lay, or another choice of it; below it, how to end the try or the sitting. */
export const SayColumn = memo(function SayColumn(props: SayColumnProps) {
  const { child, plan, phase, isChanging, onChanging, dispatch, onCommand } = props;
  const isGoingOn = phase === 'counting' || phase === 'asked';
  return (
    <>
      {isChanging && !isGoingOn ? (
        <ChangePlan
          plan={plan}
          onLay={(change) => dispatch({ kind: 'lay', plan: change })}
          onDone={() => onChanging(false)}
        />
      ) : (
        <SayAndLay child={child} plan={plan} phase={phase} />
      )}
      <Box sx={{ display: 'flex', gap: 1, mt: 1.5, flexWrap: 'wrap' }}>
        {isGoingOn ? (
          <>
            <Button sx={foot} onClick={() => onCommand('stop-kindly')}>
              Stop kindly
            </Button>
            <Button sx={foot} onClick={() => onCommand('did-not-know')}>
              Did not know
            </Button>
          </>
        ) : (
          <>
            <Button sx={foot} onClick={props.onClose}>
              {props.hasTries ? 'End here' : 'Leave'}
            </Button>
            <Button sx={foot} onClick={() => onChanging(!isChanging)} aria-expanded={isChanging}>
              Change …
            </Button>
          </>
        )}
      </Box>
    </>
  );
});

const foot = { flex: 1, minHeight: 56, px: 1 } as const;
