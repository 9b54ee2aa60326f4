import { sureMove, type TraySet } from '@dotting/core';
import { describeSet } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { mirrorSize } from './mirrorLayout.js';
import { Things, trayFrame } from './Things.js';
import { words } from '../../wording/all.js';

interface FrameGameProps {
  readonly set: TraySet;
  /** Cells of the frame. */
  readonly places: number;
  /** The most that may be placed in one turn. */
  readonly most: number;
}

/** A game of filling a frame by turns, kept by the adult, and for her how to be sure of the last one. */
export function FrameGame({ set, places, most }: FrameGameProps) {
  const [filled, setFilled] = useState(0);
  const left = places - filled;
  const { fill } = set.layout ?? {};
  return (
    <Box sx={{ ...trayFrame, display: 'flex', flexDirection: 'column' }}>
      <svg
        role="img"
        aria-label={`${describeSet(words, set)}: ${words.game.left({ n: left })}`}
        viewBox={`0 0 ${mirrorSize.width} ${mirrorSize.height}`}
        style={{ display: 'block', flex: 1, minHeight: 0, width: '100%' }}
      >
        <Things set={{ ...set, size: filled, layout: { places, ...(fill && { fill }) } }} />
      </svg>
      <Box component="section" aria-label={words.game.title()} sx={{ p: 1.5, display: 'grid', gap: 1 }}>
        <Typography role="status">
          {words.game.left({ n: left })}. {adviceFor(left, most)}
        </Typography>
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          {Array.from({ length: most }, (_, i) => i + 1).map((n) => (
            <Button key={n} size="large" disabled={n > left} onClick={() => setFilled(filled + n)}>
              {words.game.place({ n })}
            </Button>
          ))}
          <Button size="large" disabled={filled === 0} onClick={() => setFilled(0)}>
            {words.game.again()}
          </Button>
        </Box>
      </Box>
    </Box>
  );
}

function adviceFor(left: number, most: number): string {
  if (left === 0) return words.game.won();
  const place = sureMove(left, most);
  return place === null ? words.game.noneSure({ n: most + 1 }) : words.game.sure({ n: place });
}
