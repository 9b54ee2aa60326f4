import { Numeral } from '../common/Numeral.js';
import { thrown, type StandInSetup } from '@dotting/core';
import { useState } from 'react';
import { palette } from '../common/theme.js';
import { words } from '../wording/all.js';
import { OneButton } from './OneButton.js';

const radius = 90;
const turnsBefore = 3;

/** A disc with the numbers round it and a hand that stops at one of them. */
export function Spinner({ setup }: { readonly setup: StandInSetup }) {
  const { numbers } = setup;
  const [turn, setTurn] = useState<number | null>(null);
  const n = turn === null ? null : thrown(setup, turn)[0]!;
  const part = 360 / numbers.length;
  const stop = n === null ? -part / 2 : numbers.indexOf(n) * part;
  const degrees = stop + 360 * turnsBefore * ((turn ?? -1) + 1);
  return (
    <OneButton
      label={words.standIns.spin()}
      shows={n === null ? '' : String(n)}
      onPress={() => setTurn(turn === null ? 0 : turn + 1)}
    >
      <svg viewBox="-110 -110 220 220" aria-hidden>
        <circle r={radius} fill={palette.tray} stroke={palette.ink} strokeWidth={3} />
        {numbers.map((one, i) => (
          <g key={`${one} ${numbers.indexOf(one, i)}`} transform={`rotate(${i * part})`}>
            {numbers.length > 1 && (
              <path
                d={`M0 0V${-radius}`}
                transform={`rotate(${part / 2})`}
                stroke={palette.line}
                strokeWidth={2}
              />
            )}
            <g transform={`translate(0 ${-radius + 20}) rotate(${-i * part})`}>
              <Numeral n={one} x={0} y={0} height={numbers.length > 10 ? 12 : 19} />
            </g>
          </g>
        ))}
        <g style={{ transform: `rotate(${degrees}deg)`, transition: 'transform 1.4s ease-out' }}>
          <path d="M-6 12L0 -52L6 12Z" fill={palette.brick} />
        </g>
        <circle r={8} fill={palette.ink} />
      </svg>
    </OneButton>
  );
}
