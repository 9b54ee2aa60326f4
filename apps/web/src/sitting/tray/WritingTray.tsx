import { strokesOfTry, type InkStroke, type TraceEvent, type TraySet } from '@dotting/core';
import { describeSet } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { Leave } from '../../standIns/Leave.js';
import { words } from '../../wording/all.js';
import { Formation } from '../../writing/Formation.js';
import { Pad } from '../../writing/Pad.js';
import { readAhead } from '../../writing/reader.js';
import type { SittingStore } from '../sittingStore.js';
import { trayFrame } from './Things.js';

interface WritingTrayProps {
  readonly set: TraySet;
  readonly events: readonly TraceEvent[];
  readonly store: SittingStore;
}

/** The page that a child writes on: in the middle of the adult’s screen, or as all of it. */
export function WritingTray({ set, events, store }: WritingTrayProps) {
  const writing = set.layout!.writing!;
  const strokes = useMemo(() => strokesOfTry(events), [events]);
  const [isTurned, setTurned] = useState(false);
  const label = describeSet(words, set);
  const onStroke = useCallback(
    (points: InkStroke) => store.dispatch({ kind: 'gesture', gesture: { kind: 'stroke', points } }),
    [store],
  );
  // By the time that it is done its reading is there.
  useEffect(() => readAhead({ set, events }), [set, events]);
  if (writing.way === 'air') {
    return (
      <Box sx={{ ...trayFrame, display: 'grid', placeItems: 'center' }}>
        <Formation n={writing.n} hand={writing.hand ?? 'right'} />
      </Box>
    );
  }
  const pad = <Pad writing={writing} strokes={strokes} label={label} onStroke={onStroke} />;
  const close = (): void => setTurned(false);
  return (
    <Box sx={{ ...trayFrame, display: 'flex', flexDirection: 'column' }}>
      <Box sx={{ flex: 1, minHeight: 0 }}>{!isTurned && pad}</Box>
      <Button variant="text" onClick={() => setTurned(true)} sx={{ alignSelf: 'start', m: 1 }}>
        {words.thumb.giveScreen()}
      </Button>
      <Dialog fullScreen open={isTurned} onClose={close} slotProps={{ paper: { 'aria-label': label } }}>
        {/* The adult’s strip lies away from the writing hand. */}
        <Box sx={{ ...whole, flexDirection: writing.hand === 'left' ? 'row-reverse' : 'row' }}>
          <Box sx={strip}>
            <Button
              disabled={strokes.length === 0}
              onClick={() => store.dispatch({ kind: 'gesture', gesture: { kind: 'undo' } })}
            >
              {words.sitting.undo()}
            </Button>
            <Button
              disabled={strokes.length === 0}
              onClick={() => store.dispatch({ kind: 'end', ended: 'finished' })}
            >
              {words.kinds.doneWriting()}
            </Button>
            <Box sx={{ flex: 1 }} />
            <Leave onLeave={close} />
          </Box>
          <Box sx={{ flex: 1, minWidth: 0 }}>{isTurned && pad}</Box>
        </Box>
      </Dialog>
    </Box>
  );
}

const whole = { flex: 1, minHeight: 0, display: 'flex', bgcolor: 'gate' } as const;
const strip = {
  display: 'flex',
  flexDirection: 'column',
  gap: 1,
  p: 1,
  width: '7.5rem',
  '& > button': { minHeight: 56, px: 0.5, lineHeight: 1.15 },
} as const;
