import type { StandInSetup } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { words } from '../wording/all.js';
import { Beam, useSwing, weightOf, type Pan } from './Beam.js';
import { Shown } from './Shown.js';

const most = 20;

/** A balance with numerals on its sides: corks are put on either, or taken off, until it is level. */
export function BalanceBoard({ setup }: { readonly setup: StandInSetup }) {
  const [left, setLeft] = useState<Pan>({ laden: laidOn(setup.numbers), corks: 0 });
  const [right, setRight] = useState<Pan>({ laden: laidOn(setup.right), corks: 0 });
  const { lean, isSwinging } = useSwing(weightOf(left), weightOf(right));
  const { standIns } = words;
  const sides = [
    { name: standIns.left(), pan: left, set: setLeft },
    { name: standIns.right(), pan: right, set: setRight },
  ];
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        justifyItems: 'center',
        width: '100%',
        height: '100%',
        gridTemplateRows: 'minmax(0, 1fr) auto',
      }}
    >
      <svg viewBox="0 0 500 420" width="100%" height="100%" aria-hidden>
        <Beam left={left} right={right} lean={lean} />
      </svg>
      <Shown text={beamWords(weightOf(left), weightOf(right), isSwinging)} />
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 2, width: 'min(100%, 40rem)' }}>
        {sides.map(({ name, pan, set }) => (
          <Box
            key={name}
            role="group"
            aria-label={name}
            sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}
          >
            <Button
              size="large"
              aria-label={standIns.takeOff({ side: name })}
              disabled={pan.corks === 0}
              onClick={() => set({ ...pan, corks: pan.corks - 1 })}
            >
              −
            </Button>
            <Button
              size="large"
              aria-label={standIns.putOn({ side: name })}
              disabled={pan.corks === most}
              onClick={() => set({ ...pan, corks: pan.corks + 1 })}
            >
              +
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** Two numerals fit into a pan. */
const laidOn = (numbers: readonly number[]): Pan['laden'] =>
  numbers.slice(0, 2).map((n) => ({ n, as: 'numeral' }));

/** How the beam stands, for whoever hears the screen. */
export function beamWords(left: number, right: number, isSwinging: boolean): string {
  const { standIns } = words;
  if (isSwinging) return standIns.beamSwings();
  if (left === right) return standIns.beamLevel();
  return standIns.beamLeans({ side: left > right ? standIns.left() : standIns.right() });
}
