import { type Change } from '@dotting/core';
import { materials, palette } from '../../common/theme.js';
import { mirrorSize } from './mirrorLayout.js';
import { ThingShape } from './ThingShape.js';

interface SumProps {
  readonly change: Change;
  readonly things: string;
  /** Neither part is hidden. */
  readonly isInView: boolean;
}

/** For the adult: a number of things and what is done to it. What the child does not see lies on the dark ground. */
export function Sum({ change: { from, by, covered }, things, isInView }: SumProps) {
  const few = Math.abs(by);
  // Of those that are covered, the ones in view lie in front; of those taken out, what is left stays in the tin.
  const [hidden, seen] = covered ? [from + by, few] : by < 0 ? [from + by, few] : [from, few];
  return (
    <>
      <Group amount={hidden} at={35} things={things} isDark={!isInView} />
      <Group amount={seen} at={375} things={things} isDark={false} />
    </>
  );
}

const groupSize = { width: 290, height: 420 } as const;
const perRow = 3;

interface GroupProps {
  readonly amount: number;
  readonly at: number;
  readonly things: string;
  readonly isDark: boolean;
}

function Group({ amount, at, things, isDark }: GroupProps) {
  const columns = Math.max(1, Math.min(perRow, amount));
  const rows = Math.max(1, Math.ceil(amount / columns));
  const step = Math.min(92, (groupSize.height - 30) / rows);
  const top = (mirrorSize.height - groupSize.height) / 2;
  return (
    <g>
      <rect
        x={at}
        y={top}
        width={groupSize.width}
        height={groupSize.height}
        rx={26}
        fill={isDark ? materials.tinTop : 'none'}
        stroke={palette.line}
        strokeWidth={2}
      />
      {Array.from({ length: amount }, (_, i) => (
        <g
          key={i}
          transform={`translate(${at + groupSize.width / 2 + step * ((i % columns) - (columns - 1) / 2)} ${
            mirrorSize.height / 2 + step * (Math.floor(i / columns) - (rows - 1) / 2)
          }) scale(${step * 0.36})`}
        >
          <ThingShape things={things} />
        </g>
      ))}
    </g>
  );
}
