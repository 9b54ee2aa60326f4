import { filled, letterOf, slotsOf, type TraySet } from '@dotting/core';
import { headingFont, palette } from '../../../common/theme.js';
import { Card } from '../Card.js';
import { dish, mirrorSize } from '../mirrorLayout.js';
import { ThingShape } from '../ThingShape.js';

const { width, height } = mirrorSize;

interface DrawingProps {
  readonly set: TraySet;
  /** What was put so far. */
  readonly put: readonly string[];
}

/** Sets, each with a place for its card, or at a letter. */
export function Sets({ set, put }: DrawingProps) {
  const { kind, cards } = set.layout!.cards!;
  const slots = filled(slotsOf(set)!, put);
  const perLine = cards.length > 4 ? 3 : 2;
  const lines = Math.ceil(cards.length / perLine);
  const [wide, high] = [width / perLine, height / lines];
  return cards.map((n, i) => {
    const [x, y] = [wide * ((i % perLine) + 0.5), high * (Math.floor(i / perLine) + 0.5)];
    const card = slots[i]!.put;
    return (
      <g key={i}>
        <rect
          x={x - wide / 2 + 8}
          y={y - high / 2 + 8}
          width={wide - 16}
          height={high - 16}
          rx={14}
          fill="none"
          stroke={palette.line}
          strokeWidth={2}
        />
        {kind === 'hunt' && (
          <text
            x={x - wide / 2 + 24}
            y={y - high / 2 + 46}
            fontSize={34}
            fontFamily={headingFont}
            fill={palette.ink}
          >
            {letterOf(i)}
          </text>
        )}
        {dish(n, { x: x - 0.17 * wide, y }, Math.min(0.052 * wide, 0.052 * high, 15)).map((place, k) => (
          <g key={k} transform={`translate(${place.x} ${place.y}) scale(${place.radius})`}>
            <ThingShape things={set.things} />
          </g>
        ))}
        <Card
          x={x + 0.29 * wide}
          y={y}
          height={Math.min(110, 0.5 * high, 0.42 * wide)}
          n={card === null || card === 'blank' ? null : Number(card)}
          isOpen={card === null || card === 'blank'}
        />
      </g>
    );
  });
}
