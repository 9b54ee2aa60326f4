import { figure, flashed, type StandInSetup } from '@dotting/core';
import type { ShowBody } from '@dotting/contract';
import Box from '@mui/material/Box';
import { useState } from 'react';
import { Stage } from '../childSide/Stage.js';
import { words } from '../wording/words.js';
import { OneButton } from './OneButton.js';

/** Dots for a moment: a tap shows some and covers them, the next shows others. */
export function DotsBoard({ setup }: { readonly setup: StandInSetup }) {
  const [turn, setTurn] = useState(0);
  const [isShowing, setShowing] = useState(false);
  const show: ShowBody | null =
    turn === 0 ? null : { id: turn, patterns: [flashed(setup, turn - 1)], ms: figure.shownFor };
  const next = (): void => {
    if (isShowing) return;
    setShowing(true);
    setTurn(turn + 1);
  };
  return (
    <OneButton label={words.standIns.flash()} shows="" onPress={next}>
      <Box sx={{ width: '100%', height: '100%', display: 'flex' }}>
        <Stage show={show} onShown={() => setShowing(false)} />
      </Box>
    </OneButton>
  );
}
