import { cellsInOrder, dotsOf, type DotPattern } from '@dotting/core';
import { palette } from '../common/theme.js';
import { Hands } from './Hands.js';

const cell = 18;

/** So many, on a field of 100 × 100. */
export function Pattern({ pattern }: { readonly pattern: DotPattern }) {
  const { form } = pattern;
  if (form === 'fingers') return <Hands n={pattern.n} />;
  const isFrame = form === 'frame-rows' || form === 'frame-pairs';
  return (
    <>
      {isFrame &&
        cellsInOrder(form).map(([x, y]) => (
          <rect
            key={`${x} ${y}`}
            x={x - cell / 2}
            y={y - cell / 2}
            width={cell}
            height={cell}
            fill="none"
            stroke={palette.ink}
            strokeWidth={0.8}
          />
        ))}
      {dotsOf(pattern).map(({ x, y, r }) => (
        <circle key={`${x} ${y}`} cx={x} cy={y} r={r} fill={palette.ink} />
      ))}
    </>
  );
}

/** One pattern, or two beside each other with a gap: as wide as they are many. */
export function Patterns({ patterns }: { readonly patterns: readonly DotPattern[] }) {
  return patterns.map((pattern, i) => (
    <g key={i} transform={`translate(${i * fieldStep} 0)`}>
      <Pattern pattern={pattern} />
    </g>
  ));
}

const fieldStep = 106;
export const fieldWidth = (patterns: number): number => 100 + fieldStep * (Math.max(1, patterns) - 1);
