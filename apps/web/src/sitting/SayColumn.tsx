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
  /** Of a task that asks twice: the first question has been answered. */
  readonly hasAnswered: boolean;
  readonly hasTries: boolean;
  readonly isChanging: boolean;
  readonly onChanging: (isChanging: boolean) => void;
  readonly dispatch: (action: Action) => void;
  readonly onCommand: (command: KeyCommand) => void;
  readonly onClose: () => void;
}

/** What to say and lay, or another choice of it; below it, how to end the try or the sitting. */
export const SayColumn = memo(function SayColumn(props: SayColumnProps) {
  const { child, plan, phase, hasAnswered, isChanging, onChanging, dispatch, onCommand } = props;
  const isGoingOn = phase === 'counting' || phase === 'asked';
  return (
    <>
      {isChanging && !isGoingOn ? (
        <ChangePlan plan={plan} onLay={(change) => dispatch({ kind: 'lay', plan: change })} />
      ) : (
        <SayAndLay child={child} plan={plan} phase={phase} hasAnswered={hasAnswered} />
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
            <Button
              sx={foot}
              onClick={(event) => {
                // The next key is for the tray, not for this button again.
                if (isChanging) event.currentTarget.blur();
                onChanging(!isChanging);
              }}
              aria-expanded={isChanging}
            >
              {isChanging ? 'Lay this' : 'Change …'}
            </Button>
          </>
        )}
      </Box>
    </>
  );
});

const foot = { flex: 1, minHeight: 56, px: 1 } as const;
