import type { TraySet } from '@dotting/core';
import { palette } from '../../common/theme.js';
import { Card } from './Card.js';
import { mirrorSize } from './mirrorLayout.js';
import { setsPlaces } from './setsPlaces.js';
import { ThingShape } from './ThingShape.js';

/** Sets side by side, in the mirror’s units. */
export function Sets({ set }: { readonly set: TraySet }) {
  const { comparison, seed = 0 } = set.layout ?? {};
  if (!comparison) return null;
  const { sets } = comparison;
  const part = mirrorSize.width / sets.length;
  return (
    <>
      {sets.slice(1).map((_, i) => (
        <line
          key={i}
          x1={part * (i + 1)}
          x2={part * (i + 1)}
          y1={40}
          y2={mirrorSize.height - 40}
          stroke={palette.line}
          strokeWidth={2}
        />
      ))}
      {comparison.lie === 'cards' &&
        sets.map(({ n }, i) => (
          <Card key={i} n={n} x={part * (i + 0.5)} y={mirrorSize.height / 2} height={260} />
        ))}
      {comparison.lie !== 'cards' &&
        setsPlaces(comparison, seed).map((places, i) =>
          places.map(({ x, y, radius }, k) => (
            <g key={`${i}-${k}`} transform={`translate(${x} ${y}) scale(${radius})`}>
              <ThingShape things={sets[i]!.things} />
            </g>
          )),
        )}
    </>
  );
}
