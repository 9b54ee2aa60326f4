import { captureKinds, laysThings } from '@dotting/core';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState, useSyncExternalStore } from 'react';
import { onTheTable, openTry, phaseOf, type Sitting } from '../outbox/sitting.js';
import { words } from '../wording/all.js';
import { KeyList } from './KeyList.js';
import type { KeyCommand } from './keys.js';
import { PlanSitting } from './plan/PlanSitting.js';
import type { SittingStore } from './sittingStore.js';
import { Tray } from './tray/Tray.js';
import { TrayFoot } from './tray/TrayFoot.js';
import { TrayTools } from './TrayTools.js';
import { useSittingAfterPaint } from './useSitting.js';

interface TraySideProps {
  readonly store: SittingStore;
  /** Another task is being chosen beside the plan. */
  readonly isChanging: boolean;
  /** Goes up when a key asks for the tin or the puppet. */
  readonly played: number;
  readonly isPeeking: boolean;
  readonly onPeek: (isPeeking: boolean) => void;
  readonly showsKeys: boolean;
  readonly onKeys: (showsKeys: boolean) => void;
  readonly onCommand: (command: KeyCommand) => void;
}

/** The middle of the screen: the plan, the tray or the keys, and what belongs to them. */
export function TraySide(props: TraySideProps) {
  const { store, isChanging, played, isPeeking, onPeek, showsKeys, onKeys, onCommand } = props;
  const sitting = useSittingAfterPaint(store);
  const failure = useSyncExternalStore(store.subscribe, store.readFailure);
  const [byThing, setByThing] = useState(false);
  const phase = phaseOf(sitting);
  const open = openTry(sitting);
  const { set, events } = onTheTable(sitting);
  const isPlanning = sitting.stage === 'planning';
  return (
    <Box component="section" aria-label={words.sitting.tray()} sx={tray}>
      {failure && (
        <Typography role="alert" sx={{ bgcolor: 'brassPale', p: 1.5, borderRadius: '12px' }}>
          {words.sitting.notKept({ problem: failure.message, name: sitting.child.firstName })}
        </Typography>
      )}
      {showsKeys ? (
        <KeyList onClose={() => onKeys(false)} />
      ) : isPlanning ? (
        <PlanSitting sitting={sitting} givesWay={isChanging} dispatch={store.dispatch} />
      ) : (
        <Tray store={store} byThing={byThing} played={played} />
      )}
      <TrayTools
        events={isPlanning ? null : events}
        set={set}
        isPeeking={isPeeking}
        onPeek={onPeek}
        byThing={byThing}
        onByThing={!isPlanning && phase !== 'read' && canNameThings(sitting) ? setByThing : null}
        onTurn={
          phase === 'laying' && set.layout?.seed !== undefined && isTurnable(set.arrangement)
            ? () => onCommand('turn')
            : null
        }
        onKeys={() => onKeys(!showsKeys)}
      />
      {!isPlanning && !showsKeys && (
        <TrayFoot
          help={open?.head.help ?? 'none'}
          answeredBy={open?.head.answeredBy ?? 'alone'}
          why={sitting.isPlanDue ? '' : sitting.plan.why}
          phase={phase === 'counting' || phase === 'asked' ? 'going-on' : phase}
          dispatch={store.dispatch}
        />
      )}
    </Box>
  );
}

/** Which thing it was can be told by a tap where a touch takes one, and where it is known what lies there. */
function canNameThings(sitting: Sitting): boolean {
  const { task, set } = onTheTable(sitting);
  const { handful, change, comparison } = set.layout ?? {};
  const liesThere =
    laysThings(task) && set.arrangement !== 'heard' && (handful ?? change ?? comparison) === undefined;
  return captureKinds[task.kind].byThing && liesThere && (sitting.plan.step ?? 1) === 1;
}

const isTurnable = (arrangement: string): boolean => arrangement === 'scattered' || arrangement === 'ring';

const tray = {
  gridArea: 'tray',
  borderInline: '1px solid',
  borderColor: 'line',
  display: 'flex',
  flexDirection: 'column',
  gap: 1.25,
  p: 2,
  minHeight: 0,
} as const;
