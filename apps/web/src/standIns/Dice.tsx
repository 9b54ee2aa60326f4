import { thrown, type StandInSetup } from '@dotting/core';
import { useState } from 'react';
import { words } from '../wording/all.js';
import { OneButton } from './OneButton.js';
import { Die } from './Die.js';

/** One die, or two side by side: a tap throws. */
export function Dice({ setup }: { readonly setup: StandInSetup }) {
  const [turn, setTurn] = useState<number | null>(null);
  const shown = turn === null ? null : thrown(setup, turn);
  return (
    <OneButton
      label={words.standIns.throw()}
      shows={shown === null ? '' : shown.join(', ')}
      onPress={() => setTurn(turn === null ? 0 : turn + 1)}
    >
      <svg viewBox={setup.dice === 2 ? '-130 -70 260 140' : '-70 -70 140 140'} aria-hidden>
        {Array.from({ length: setup.dice }, (_, i) => (
          <g key={`${i} ${turn}`} transform={`translate(${setup.dice === 2 ? 130 * i - 65 : 0} 0)`}>
            <Die n={shown?.[i] ?? null} asDots={setup.asDots} />
          </g>
        ))}
      </svg>
    </OneButton>
  );
}
