import { Numeral } from '../common/Numeral.js';
import { deckOf, discarded, type StandInSetup } from '@dotting/core';
import { useState } from 'react';
import { palette } from '../common/theme.js';
import { words } from '../wording/all.js';
import { OneButton } from './OneButton.js';

interface Drawn {
  readonly deck: readonly number[];
  /** Null while all lie face down. */
  readonly shown: number | null;
}

/** A deck face down: a tap turns the top card, and the one before it goes to the bottom. */
export function Cards({ setup }: { readonly setup: StandInSetup }) {
  const [{ deck, shown }, setDrawn] = useState<Drawn>(() => ({ deck: deckOf(setup), shown: null }));
  const draw = (): void => setDrawn({ deck: discarded(deck), shown: deck[0]! });
  return (
    <OneButton label={words.standIns.draw()} shows={shown === null ? '' : String(shown)} onPress={draw}>
      <svg viewBox="-150 -90 300 180" aria-hidden>
        {[8, 4, 0].map((off) => (
          <g key={off} transform={`translate(${-75 + off} ${off})`}>
            <Card fill={palette.water} />
          </g>
        ))}
        {shown !== null && (
          <g transform="translate(75 4)">
            <Card fill={palette.tray} />
            <Numeral n={shown} x={0} y={0} height={62} />
          </g>
        )}
      </svg>
    </OneButton>
  );
}

const Card = ({ fill }: { readonly fill: string }) => (
  <rect x={-50} y={-70} width={100} height={140} rx={12} fill={fill} stroke={palette.ink} strokeWidth={3} />
);
