import type { Cards } from '@dotting/core';
import { Card } from '../Card.js';
import { gridOf } from './grid.js';

/** Cards that lie about; one that was taken is faint. */
export function Spread({
  cards,
  things,
  taken,
}: {
  readonly cards: Cards;
  readonly things: string;
  readonly taken: readonly string[];
}) {
  const isOfThings = cards.kind === 'find-pictures';
  return gridOf(cards.cards.length).map(({ x, y, high }, i) => (
    <g key={i} opacity={taken.includes(String(i)) ? 0.35 : 1}>
      <Card x={x} y={y} height={high} n={cards.cards[i]!} {...(isOfThings && { things })} />
    </g>
  ));
}
