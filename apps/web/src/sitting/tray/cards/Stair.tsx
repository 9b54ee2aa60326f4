import { filled, slotsOf, type TraySet } from '@dotting/core';
import { Numeral } from '../../../common/Numeral.js';
import { palette } from '../../../common/theme.js';
import { mirrorSize } from '../mirrorLayout.js';
import { ThingShape } from '../ThingShape.js';

const { width, height } = mirrorSize;

interface DrawingProps {
  readonly set: TraySet;
  /** What was put so far. */
  readonly put: readonly string[];
}

/** Towers side by side, each with its number at the foot. */
export function Stair({ set, put }: DrawingProps) {
  const slots = filled(slotsOf(set)!, put);
  const most = slots.length + 1;
  const step = Math.min(70, (height - 90) / most);
  const wide = Math.min(90, (width - 40) / slots.length);
  return slots.map(({ put: tower }, i) => {
    const x = width / 2 + wide * (i - (slots.length - 1) / 2);
    return (
      <g key={i}>
        {Array.from({ length: Number(tower ?? 0) }, (_, k) => (
          <g
            key={k}
            transform={`translate(${x} ${height - 70 - step * (k + 0.5)}) scale(${Math.min(step, wide) * 0.46})`}
          >
            <ThingShape things={set.things} />
          </g>
        ))}
        <line
          x1={x - wide * 0.42}
          x2={x + wide * 0.42}
          y1={height - 62}
          y2={height - 62}
          stroke={palette.inkSoft}
          strokeWidth={2}
        />
        <Numeral n={i + 1} x={x} y={height - 34} height={30} />
      </g>
    );
  });
}
