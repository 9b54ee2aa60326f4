import { steppedOn, thrown, type StandInSetup } from '@dotting/core';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useEffect, useState } from 'react';
import { materials, palette } from '../common/theme.js';
import { words } from '../wording/all.js';
import { Die } from './Die.js';
import { Shown } from './Shown.js';

const side = 60;
const toALine = 10;
const quayX = -side;

/** A towpath with a boat at its beginning, and a die: the child throws, then taps the boat on, a square a tap. */
export function PathBoard({ setup }: { readonly setup: StandInSetup }) {
  const [at, setAt] = useState(0);
  const [turn, setTurn] = useState<number | null>(null);
  const n = turn === null ? null : thrown(setup, turn)[0]!;
  const step = (by: 1 | -1): void => setAt((now) => steppedOn(now, setup, by));
  useEffect(() => {
    const onKey = ({ key }: KeyboardEvent): void => {
      if (key === 'ArrowRight') setAt((now) => steppedOn(now, setup, 1));
      if (key === 'ArrowLeft') setAt((now) => steppedOn(now, setup, -1));
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [setup]);
  const lines = Math.ceil(setup.squares / toALine);
  return (
    <Box
      sx={{
        width: '100%',
        height: '100%',
        display: 'grid',
        gridTemplateRows: 'minmax(0, 1fr) minmax(0, 2fr)',
      }}
    >
      <ButtonBase
        autoFocus
        aria-label={words.standIns.throw()}
        onClick={() => setTurn(turn === null ? 0 : turn + 1)}
        sx={{ justifySelf: 'center', height: '100%', maxWidth: '100%', aspectRatio: '1' }}
      >
        <svg viewBox="-60 -60 120 120" width="100%" height="100%" aria-hidden>
          <Die n={n} asDots={setup.asDots} />
        </svg>
      </ButtonBase>
      <ButtonBase
        aria-label={words.standIns.step()}
        onClick={() => step(1)}
        sx={{ width: '100%', height: '100%' }}
      >
        <svg
          viewBox={`${quayX - side / 2} ${-side / 2 - 8} ${(toALine + 1) * side + side / 2 + 8} ${lines * side + 16}`}
          width="100%"
          height="100%"
          data-at={at}
          aria-hidden
        >
          <path
            d={`M${quayX - 22} 22H${quayX + 26}`}
            stroke={materials.corkEdge}
            strokeWidth={8}
            strokeLinecap="round"
          />
          <polyline
            points={wayOf(setup.squares)}
            fill="none"
            stroke={palette.line}
            strokeWidth={14}
            strokeLinejoin="round"
          />
          {Array.from({ length: setup.squares }, (_, i) => {
            const { x, y } = placeOf(i + 1);
            return (
              <rect
                key={i}
                x={x - side / 2 + 3}
                y={y - side / 2 + 3}
                width={side - 6}
                height={side - 6}
                rx={8}
                fill={palette.paper}
                stroke={palette.inkSoft}
                strokeWidth={2}
              />
            );
          })}
          <Boat {...placeOf(at)} />
        </svg>
      </ButtonBase>
      <Shown text={n === null ? '' : words.standIns.pathShows({ n, at })} />
    </Box>
  );
}

/** Where a square’s middle lies: the second line goes back, as a towpath turns at a lock. 0 is the quay. */
function placeOf(square: number): { readonly x: number; readonly y: number } {
  if (square === 0) return { x: quayX, y: 0 };
  const line = Math.floor((square - 1) / toALine);
  const along = (square - 1) % toALine;
  return { x: (line % 2 === 0 ? along : toALine - 1 - along) * side, y: line * side };
}

/** From the quay through every square, so that the turn can be seen. */
const wayOf = (squares: number): string =>
  Array.from({ length: squares + 1 }, (_, square) => placeOf(square))
    .map(({ x, y }) => `${x},${y}`)
    .join(' ');

const Boat = ({ x, y }: { readonly x: number; readonly y: number }) => (
  <g style={{ transform: `translate(${x}px, ${y}px)`, transition: 'transform 250ms' }}>
    <path d="M-22 4H22L14 18H-14Z" fill={palette.brick} stroke={palette.ink} strokeWidth={2} />
    <path d="M0 4V-20L16 -2Z" fill={palette.tray} stroke={palette.ink} strokeWidth={2} />
  </g>
);
