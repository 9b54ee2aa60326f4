import type { Cards } from '@dotting/core';
import { Numeral } from '../../../common/Numeral.js';
import { palette } from '../../../common/theme.js';
import { Card } from '../Card.js';
import { mirrorSize } from '../mirrorLayout.js';

const { width } = mirrorSize;

/** A line with its middle marked, and the card that is to go to a side of it. */
export function Line({ cards: { n, cards } }: { readonly cards: Cards }) {
  const y = 380;
  return (
    <>
      <line
        x1={40}
        x2={width - 40}
        y1={y}
        y2={y}
        stroke={palette.inkSoft}
        strokeWidth={4}
        strokeLinecap="round"
      />
      <line x1={width / 2} x2={width / 2} y1={y - 26} y2={y + 26} stroke={palette.inkSoft} strokeWidth={4} />
      <Numeral n={cards[0]!} x={width / 2} y={y + 74} height={64} />
      <Card x={width / 2} y={150} height={200} n={n} />
    </>
  );
}

/** A ten card, and a small one that covers its zero. */
export function TeenCards({ cards: { cards } }: { readonly cards: Cards }) {
  const high = 220;
  const wide = 2 * 0.62 * high;
  return (
    <>
      <g>
        <rect
          x={150}
          y={170}
          width={wide}
          height={high}
          rx={14}
          fill={palette.paper}
          stroke={palette.inkSoft}
          strokeWidth={2}
        />
        <Numeral n={1} x={150 + wide * 0.27} y={170 + high / 2} height={0.6 * high} />
        <Numeral n={0} x={150 + wide * 0.73} y={170 + high / 2} height={0.6 * high} />
      </g>
      <rect
        x={490}
        y={170}
        width={wide / 2}
        height={high}
        rx={14}
        fill={palette.paper}
        stroke={palette.inkSoft}
        strokeWidth={2}
      />
      <Numeral n={cards[1]!} x={490 + wide / 4} y={170 + high / 2} height={0.6 * high} />
    </>
  );
}
