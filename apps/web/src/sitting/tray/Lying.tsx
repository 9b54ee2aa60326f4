import { Numeral } from '../../common/Numeral.js';
import { type TraySet } from '@dotting/core';
import { palette } from '../../common/theme.js';
import { dish, mirrorSize } from './mirrorLayout.js';
import { ThingShape } from './ThingShape.js';
import { Things } from './Things.js';

/** A pile, a pile and a set to match, or bowls, as they lie. */
export function Lying({ set, bowl }: { readonly set: TraySet; readonly bowl: number | null }) {
  const { layout } = set;
  if (layout?.bowls) return <Bowls bowls={layout.bowls} bowl={bowl} />;
  if (layout?.model) return <ToMatch set={set} model={layout.model} />;
  if (layout?.change) return <ToChange set={set} from={layout.change.from} />;
  return <Things set={{ ...set, size: set.pile ?? set.size, arrangement: 'movable' }} />;
}

function ToMatch({ set, model }: { readonly set: TraySet; readonly model: string }) {
  return (
    <>
      <g transform="translate(0 -170)">
        <Things set={{ size: set.size, things: model, arrangement: 'row' }} />
      </g>
      {dish(set.pile ?? 15, { x: mirrorSize.width / 2, y: 390 }, 22).map(({ x, y, radius }, i) => (
        <g key={i} transform={`translate(${x} ${y}) scale(${radius})`}>
          <ThingShape things={set.things} />
        </g>
      ))}
    </>
  );
}

/** So many on a plate, to be made into another number, and the rest in a heap beside it. */
function ToChange({ set, from }: { readonly set: TraySet; readonly from: number }) {
  const plate = { x: 190, y: mirrorSize.height / 2 };
  const rest = Math.max(0, (set.pile ?? 0) - from);
  return (
    <>
      <circle cx={plate.x} cy={plate.y} r={165} fill="none" stroke={palette.line} strokeWidth={3} />
      {[...dish(from, plate, 22), ...dish(rest, { x: 530, y: plate.y }, 22)].map(({ x, y, radius }, i) => (
        <g key={i} transform={`translate(${x} ${y}) scale(${radius})`}>
          <ThingShape things={set.things} />
        </g>
      ))}
    </>
  );
}

/** The recipe as it is written out for the child, the bowl in hand with a stronger rim. */
function Bowls({
  bowls,
  bowl,
}: {
  readonly bowls: NonNullable<TraySet['layout']>['bowls'];
  readonly bowl: number | null;
}) {
  return bowls?.map(({ things, n }, i) => (
    <g key={i} transform={`translate(${175 + 350 * (i % 2)} ${150 + 270 * Math.floor(i / 2)})`}>
      <path
        d="M-110 0H110C110 70 60 100 0 100C-60 100 -110 70 -110 0Z"
        fill={palette.tray}
        stroke={palette.ink}
        strokeWidth={i === bowl ? 6 : 2}
      />
      <Numeral n={n} x={-28} y={-46} height={48} />
      <g transform="translate(42 -46) scale(32)">
        <ThingShape things={things} />
      </g>
    </g>
  ));
}
