import { thrown, type StandInSetup } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import { useState } from 'react';
import { materials, palette } from '../common/theme.js';
import { words } from '../wording/all.js';

const toALine = 5;

/** A frame with some corks in it: a tap puts one into a cell or takes it out; the next has another number. */
export function FrameBoard({ setup }: { readonly setup: StandInSetup }) {
  const { cells } = setup;
  const [turn, setTurn] = useState(0);
  const [filled, setFilled] = useState<ReadonlySet<number>>(() => firstCells(setup, 0));
  const tap = (cell: number): void =>
    setFilled(
      filled.has(cell) ? new Set([...filled].filter((one) => one !== cell)) : new Set([...filled, cell]),
    );
  const next = (): void => {
    setFilled(firstCells(setup, turn + 1));
    setTurn(turn + 1);
  };
  return (
    <Box sx={{ display: 'grid', gap: 3, justifyItems: 'center', width: '100%' }}>
      <Box role="group" aria-label={words.standIns.kinds.frame.name()} sx={{ display: 'grid', gap: 2 }}>
        {Array.from({ length: Math.ceil(cells / 10) }, (_, part) => (
          <Box
            key={part}
            sx={{
              display: 'grid',
              gridTemplateColumns: `repeat(${toALine}, auto)`,
              border: '4px solid',
              borderColor: 'ink',
            }}
          >
            {Array.from({ length: Math.min(10, cells - 10 * part) }, (__, i) => {
              const cell = 10 * part + i;
              return (
                <ButtonBase
                  key={cell}
                  aria-pressed={filled.has(cell)}
                  aria-label={words.standIns.cell({ n: cell + 1 })}
                  onClick={() => tap(cell)}
                  sx={{
                    width: sideOf(cells),
                    height: sideOf(cells),
                    border: '2px solid',
                    borderColor: 'ink',
                    bgcolor: 'tray',
                  }}
                >
                  {filled.has(cell) && (
                    <svg viewBox="-50 -50 100 100" width="80%" aria-hidden>
                      <circle r={40} fill={materials.cork} stroke={materials.corkEdge} strokeWidth={4} />
                      <circle r={28} fill="none" stroke={palette.line} strokeWidth={3} />
                    </svg>
                  )}
                </ButtonBase>
              );
            })}
          </Box>
        ))}
      </Box>
      <Button size="large" onClick={next}>
        {words.standIns.nextFrame()}
      </Button>
    </Box>
  );
}

const sideOf = (cells: number): string => (cells > 10 ? 'min(15vmin, 15dvh)' : 'min(18vmin, 24dvh)');

/** So many from the first cell on: the top row first. */
const firstCells = (setup: StandInSetup, turn: number): ReadonlySet<number> =>
  new Set(Array.from({ length: Math.min(setup.cells, thrown(setup, turn)[0]!) }, (_, i) => i));
