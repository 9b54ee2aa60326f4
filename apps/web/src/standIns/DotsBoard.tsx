import { figure, shownDots, type StandInSetup } from '@dotting/core';
import type { ShowBody } from '@dotting/contract';
import Box from '@mui/material/Box';
import { useState } from 'react';
import { Stage } from '../childSide/Stage.js';
import { words } from '../wording/all.js';
import { OneButton } from './OneButton.js';

/** Dots: a tap shows one set for a moment and covers it, or two for as long as it takes; the next shows others. */
export function DotsBoard({ setup }: { readonly setup: StandInSetup }) {
  const isBrief = setup.sets === 1;
  const [turn, setTurn] = useState(0);
  const [isShowing, setShowing] = useState(false);
  const show: ShowBody | null =
    turn === 0
      ? null
      : { id: turn, patterns: [...shownDots(setup, turn - 1)], ms: isBrief ? figure.shownFor : null };
  const next = (): void => {
    if (isShowing) return;
    setShowing(isBrief);
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
