import type { StandInKind, StandInSetup } from '@dotting/core';
import Box from '@mui/material/Box';
import { useCallback, useEffect, type ComponentType } from 'react';
import { Navigate, useNavigate, useSearchParams } from 'react-router';
import { fillScreen } from '../common/fillScreen.js';
import { useTabTitle } from '../common/useTabTitle.js';
import { words } from '../wording/all.js';
import { BigTin } from './BigTin.js';
import { BalanceBoard } from './BalanceBoard.js';
import { Cards } from './Cards.js';
import { Dice } from './Dice.js';
import { DotsBoard } from './DotsBoard.js';
import { FrameBoard } from './FrameBoard.js';
import { PathBoard } from './PathBoard.js';
import { Leave } from './Leave.js';
import { setupOf, typedIn } from './setup.js';
import { Spinner } from './Spinner.js';

const boards: Readonly<Record<StandInKind, ComponentType<{ readonly setup: StandInSetup }>>> = {
  dice: Dice,
  spinner: Spinner,
  path: PathBoard,
  cards: Cards,
  tin: BigTin,
  frame: FrameBoard,
  dots: DotsBoard,
  balance: BalanceBoard,
};

/** A stand-in turned to the child: the whole screen, and nothing else on it. */
export function TurnedPage() {
  const [params] = useSearchParams();
  const setup = setupOf(typedIn(params));
  const navigate = useNavigate();
  const back = useCallback((): void => {
    if (document.fullscreenElement) void document.exitFullscreen();
    void navigate(-1);
  }, [navigate]);
  useTabTitle(words.standIns.title());
  useEffect(() => {
    const onKey = ({ key }: KeyboardEvent): void => {
      if (key === 'Escape') back();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [back]);
  if ('wrong' in setup) return <Navigate to={`/stand-ins?${params.toString()}`} replace />;
  const Board = boards[setup.kind];
  return (
    <Box component="main" onPointerDown={fillScreen} sx={stage}>
      <Board key={params.toString()} setup={setup} />
      <Leave onLeave={back} />
    </Box>
  );
}

const stage = {
  position: 'relative',
  height: '100dvh',
  bgcolor: 'gate',
  display: 'grid',
  // The adult’s way back has a strip of its own: a child presses the board.
  gridTemplate: 'minmax(0, 1fr) auto / minmax(0, 1fr)',
  placeItems: 'center',
  overflow: 'hidden',
  p: 2,
} as const;
