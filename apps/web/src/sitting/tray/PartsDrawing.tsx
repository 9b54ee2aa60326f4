import { carried, type TraySet } from '@dotting/core';
import { palette } from '../../common/theme.js';
import { dish, mirrorSize } from './mirrorLayout.js';
import { ThingShape } from './ThingShape.js';

/** What is taken apart, paired or carried on, in the mirror’s units. */
export function PartsDrawing({ set }: { readonly set: TraySet }) {
  const { layout, size, things } = set;
  const middle = mirrorSize.height / 2;
  if (layout?.carry) return <Row set={set} />;
  if (layout?.parts)
    return (
      <>
        <Heap things={things} n={size} x={mirrorSize.width / 4} y={middle} />
        <Heap things={layout.model!} n={size} x={(3 * mirrorSize.width) / 4} y={middle} />
      </>
    );
  return <Heap things={things} n={size} x={mirrorSize.width / 2} y={middle} />;
}

/** So many lie well apart. */
const roomy = 6;

function Heap({
  things,
  n,
  x,
  y,
}: {
  readonly things: string;
  readonly n: number;
  readonly x: number;
  readonly y: number;
}) {
  return dish(n, { x, y }, n > roomy ? 19 : 28).map((place, i) => (
    <g key={i} transform={`translate(${place.x} ${place.y}) scale(${place.radius})`}>
      <ThingShape things={things} />
    </g>
  ));
}

/** The rounds that lie there, and the places of those to come. */
function Row({ set }: { readonly set: TraySet }) {
  const carry = set.layout!.carry!;
  const all = carry.shown + set.size;
  const step = (mirrorSize.width - 40) / all;
  const y = mirrorSize.height / 2;
  return Array.from({ length: all }, (_, i) => {
    const x = 20 + step * (i + 0.5);
    if (i >= carry.shown) return <circle key={i} cx={x} cy={y} r={5} fill={palette.speck} />;
    return (
      <g key={i} transform={`translate(${x} ${y}) scale(${Math.min(40, step * 0.42)})`}>
        <ThingShape things={carried(carry, i, 1)[0]!} />
      </g>
    );
  });
}
