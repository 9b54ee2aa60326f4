import { strokesOfTry, type InkStroke, type ReplayStep, type TraySet } from '@dotting/core';
import { describeSet, formationWords } from '@dotting/words';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { useSchools } from '../common/schools.js';
import { slim } from '../common/theme.js';
import { trayFrame } from '../sitting/tray/Things.js';
import { words } from '../wording/all.js';
import { FormationDrawing } from '../writing/Formation.js';
import { Marks } from '../writing/Marks.js';
import { Sheet } from '../writing/Sheet.js';
import { sheetHeight } from '../writing/sheet.js';

interface ReplaySheetProps {
  readonly set: TraySet;
  /** What has happened so far, the last of it just now. */
  readonly steps: readonly ReplayStep[];
  readonly speed: number;
}

/** A numeral as it was written, stroke by stroke, beside the way it is formed in this room. */
export function ReplaySheet({ set, steps, speed }: ReplaySheetProps) {
  const writing = set.layout!.writing!;
  const strokes = strokesOfTry(steps.map(({ event }) => event));
  const isDrawing = steps.at(-1)?.event.kind === 'stroke';
  const last = useGrowing(isDrawing ? strokes.at(-1) : undefined, speed);
  const drawn = last ? [...strokes.slice(0, -1), last] : strokes;
  return (
    <Box sx={{ ...trayFrame, display: 'flex', [slim]: { flexDirection: 'column' } }}>
      <Box sx={{ flex: 2, minWidth: 0, minHeight: 0 }}>
        <Sheet width={1.5 * sheetHeight} writing={writing} strokes={drawn} label={describeSet(words, set)}>
          <Marks strokes={drawn} />
        </Sheet>
      </Box>
      <Box sx={beside}>
        <Typography variant="body2" color="textSecondary">
          {words.writing.formed({ n: writing.n })}
        </Typography>
        <svg viewBox="-0.1 -0.15 1.6 1.3" style={{ width: '100%', flex: 1, minHeight: 0 }} aria-hidden>
          <FormationDrawing n={writing.n} x={0.7} />
        </svg>
        {formationWords(words, writing.n, useSchools()).map((told, i) => (
          <Typography key={i} variant="body2">
            {told}
          </Typography>
        ))}
      </Box>
    </Box>
  );
}

/** A stroke that grows as it did under the pen, so many times as fast; the whole of it once it is done. */
function useGrowing(stroke: InkStroke | undefined, speed: number): InkStroke | undefined {
  const [grown, setGrown] = useState<{ readonly of: InkStroke; readonly points: number }>();
  useEffect(() => {
    if (!stroke || matchMedia('(prefers-reduced-motion: reduce)').matches) return;
    const [from, began] = [stroke[0]!.t, performance.now()];
    let frame = 0;
    const grow = (now: number): void => {
      const until = from + (now - began) * speed;
      const points = stroke.filter(({ t }) => t <= until).length;
      setGrown({ of: stroke, points });
      if (points < stroke.length) frame = requestAnimationFrame(grow);
    };
    frame = requestAnimationFrame(grow);
    return () => cancelAnimationFrame(frame);
  }, [stroke, speed]);
  if (!stroke || grown?.of !== stroke) return stroke;
  return stroke.slice(0, Math.max(1, grown.points));
}

const beside = {
  flex: 1,
  minWidth: 0,
  borderInlineStart: 1,
  borderColor: 'line',
  display: 'flex',
  flexDirection: 'column',
  gap: 0.5,
  p: 1.5,
} as const;
