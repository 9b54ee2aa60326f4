import { numbersFrom, type TraySet } from '@dotting/core';
import { describeSet } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { Beam, useSwing, weightOf, type Pan } from '../../standIns/Beam.js';
import { beamWords } from '../../standIns/BalanceBoard.js';
import { Shown } from '../../standIns/Shown.js';
import { words } from '../../wording/all.js';
import { ShowToChild } from './ShowToChild.js';
import { trayFrame } from './Things.js';

interface BalanceTrayProps {
  readonly set: TraySet;
  /** So many were put until the child said that it is level; whether the beam was still moving then. */
  readonly onLevel: (n: number, isSwinging: boolean) => void;
}

/** One side of a balance laden, to be laid or shown to the child, who puts corks on the other. */
export function BalanceTray({ set, onLevel }: BalanceTrayProps) {
  const left: Pan = { laden: set.layout!.balance!, corks: 0 };
  const { lean } = useSwing(weightOf(left), 0);
  return (
    <Box sx={{ ...trayFrame, display: 'flex', flexDirection: 'column' }}>
      <svg
        role="img"
        aria-label={describeSet(words, set)}
        viewBox="0 0 500 420"
        width="100%"
        style={{ flex: 1, minHeight: 0 }}
      >
        <Beam left={left} right={{ laden: [], corks: 0 }} lean={lean} />
      </svg>
      <ShowToChild>
        {(close) => (
          <Turned
            left={left}
            most={set.pile ?? 15}
            asksNumeral={set.layout!.balance![0]!.as === 'picture'}
            onLevel={(n, isSwinging) => {
              close();
              onLevel(n, isSwinging);
            }}
          />
        )}
      </ShowToChild>
    </Box>
  );
}

const numerals = numbersFrom(1, 10);

/** The whole screen for the child: one on, one off, or a numeral; and saying that it is level. */
function Turned({
  left,
  most,
  asksNumeral,
  onLevel,
}: { readonly left: Pan; readonly most: number; readonly asksNumeral: boolean } & Pick<
  BalanceTrayProps,
  'onLevel'
>) {
  const [amount, setAmount] = useState(0);
  // Of a picture it is asked which numeral weighs as much: that lies there instead of so many corks.
  const right: Pan =
    asksNumeral && amount > 0
      ? { laden: [{ n: amount, as: 'numeral' }], corks: 0 }
      : { laden: [], corks: amount };
  const { lean, isSwinging } = useSwing(weightOf(left), weightOf(right));
  const { standIns } = words;
  return (
    <Box
      sx={{
        // Where there is hardly any room the whole of it scrolls, the adult’s way back with it.
        flex: '1 0 auto',
        bgcolor: 'tray',
        display: 'grid',
        gridTemplateRows: 'minmax(6rem, 1fr) auto',
        p: 2,
      }}
    >
      <Box sx={{ position: 'relative', '& > svg': { position: 'absolute', inset: 0 } }}>
        <svg viewBox="0 0 500 420" width="100%" height="100%" aria-hidden>
          <Beam left={left} right={right} lean={lean} />
        </svg>
      </Box>
      <Shown text={beamWords(weightOf(left), weightOf(right), isSwinging)} />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, justifyContent: 'center' }}>
        {asksNumeral ? (
          numerals.map((n) => (
            <Button key={n} size="large" aria-pressed={n === amount} onClick={() => setAmount(n)}>
              {n}
            </Button>
          ))
        ) : (
          <>
            <Button
              size="large"
              sx={big}
              aria-label={standIns.takeOff({ side: standIns.right() })}
              disabled={amount === 0}
              onClick={() => setAmount(amount - 1)}
            >
              −
            </Button>
            <Button
              size="large"
              sx={big}
              aria-label={standIns.putOn({ side: standIns.right() })}
              disabled={amount === most}
              onClick={() => setAmount(amount + 1)}
            >
              +
            </Button>
          </>
        )}
        <Button size="large" sx={big} onClick={() => onLevel(amount, isSwinging)}>
          {standIns.isLevel()}
        </Button>
      </Box>
    </Box>
  );
}

const big = { minWidth: 96, minHeight: 72, fontSize: '1.4rem' } as const;
