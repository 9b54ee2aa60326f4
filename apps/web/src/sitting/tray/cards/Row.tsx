import { filled, seededRandom, shuffled, slotsOf, type TraySet } from '@dotting/core';
import { Card } from '../Card.js';
import { mirrorSize } from '../mirrorLayout.js';

const { width, height } = mirrorSize;
/** From one line of cards to the next. */
const between = 14;

interface DrawingProps {
  readonly set: TraySet;
  /** What was put so far. */
  readonly put: readonly string[];
}

/** The row with its places, and beneath it the cards that are to go there, mixed. */
export function Row({ set, put }: DrawingProps) {
  const { cards, given = [] } = set.layout!.cards!;
  const slots = filled(slotsOf(set)!, put);
  let next = 0;
  const shown = cards.map((card) => (given.includes(card) ? String(card) : (slots[next++]?.put ?? null)));
  const used = slots.flatMap((slot) => slot.put ?? []);
  const left = shuffled(
    slots.map(({ wanted }) => Number(wanted)),
    seededRandom(set.layout?.seed ?? 0),
  ).filter((card) => !used.includes(String(card)));
  const perLine = Math.min(cards.length, 11);
  const high = Math.min(150, (0.84 * width) / perLine / 0.75);
  const highBelow = Math.min(high, 110);
  const linesBelow = Math.ceil(left.length / perLine);
  return (
    <>
      {shown.map((card, i) => (
        <Card
          key={i}
          x={(width * ((i % perLine) + 0.5)) / perLine}
          y={90 + Math.floor(i / perLine) * (high + between)}
          height={high}
          n={card === null ? null : Number(card)}
          isOpen={card === null}
        />
      ))}
      {left.map((card, i) => (
        <Card
          key={card}
          x={(width * ((i % perLine) + 0.5)) / perLine}
          y={height - 110 + (Math.floor(i / perLine) - (linesBelow - 1) / 2) * (highBelow + between)}
          height={highBelow}
          n={card}
        />
      ))}
    </>
  );
}
