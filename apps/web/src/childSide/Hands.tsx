import { fingersOf } from '@dotting/core';
import { materials, palette } from '../common/theme.js';

/** Each finger of a left hand from the thumb: where it grows from, how far it turns, how long it is. */
const fingers = [
  { x: 8, y: 74, turn: 40, length: 20 },
  { x: 15, y: 60, turn: 10, length: 27 },
  { x: 23, y: 58, turn: 2, length: 31 },
  { x: 31, y: 59, turn: -5, length: 28 },
  { x: 38, y: 63, turn: -14, length: 21 },
] as const;
const width = 7;
/** What is seen of one that is folded. */
const folded = 4;

/** Two hands from the inside, on a field of 100 × 100; of one hand or less only the left is there. */
export function Hands({ n }: { readonly n: number }) {
  const raised = fingersOf(n);
  const isTwo = n > 5;
  return (
    <g fill={materials.faceClay} stroke={palette.ink} strokeWidth={0.9} strokeLinejoin="round">
      <g transform={isTwo ? undefined : 'translate(26 0)'}>
        <Hand raised={fingers.map((_, i) => raised.has(i))} />
      </g>
      {isTwo && (
        <g transform="translate(100 0) scale(-1 1)">
          <Hand raised={fingers.map((_, i) => raised.has(9 - i))} />
        </g>
      )}
    </g>
  );
}

const Hand = ({ raised }: { readonly raised: readonly boolean[] }) => (
  <>
    {fingers.map(({ x, y, turn, length }, i) => {
      const seen = raised[i] ? length : folded;
      return (
        <rect
          key={x}
          x={x - width / 2}
          y={y - seen}
          width={width}
          height={seen + 6}
          rx={width / 2}
          transform={`rotate(${-turn} ${x} ${y})`}
        />
      );
    })}
    <path d="M10 66 Q10 58 18 57 L34 58 Q42 60 41 68 L38 84 Q34 91 25 91 Q15 91 12 82 Z" />
  </>
);
