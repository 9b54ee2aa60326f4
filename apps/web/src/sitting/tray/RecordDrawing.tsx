import { bundleOf, filled, seededRandom, shuffled, slotsOf, type Bowl, type TraySet } from '@dotting/core';
import { useSchools } from '../../common/schools.js';
import { palette } from '../../common/theme.js';
import { dish, mirrorSize, placesOf } from './mirrorLayout.js';
import { ThingShape } from './ThingShape.js';

/** In the mirror’s units: the things above, what stands on the sheet below. */
export function RecordDrawing({
  set,
  put = [],
}: {
  readonly set: TraySet;
  readonly put?: readonly string[];
}) {
  const { sorted } = set.layout ?? {};
  const slots = filled(slotsOf(set)!, put);
  const recorded = Number(slots.find(({ of }) => of === 'recorded')?.put ?? 0);
  const fifth = slots.find(({ of }) => of === 'fifth')?.put;
  if (sorted) return <Mixed kinds={sorted} seed={set.layout?.seed ?? 0} />;
  return (
    <>
      <g transform="translate(0 -110)">
        {placesOf(set).map(({ x, y, radius }, i) => (
          <g key={i} transform={`translate(${x} ${y}) scale(${radius})`}>
            <ThingShape things={set.things} />
          </g>
        ))}
      </g>
      <rect
        x={60}
        y={400}
        width={mirrorSize.width - 120}
        height={130}
        fill={palette.paper}
        stroke={palette.line}
        strokeWidth={2}
      />
      {set.layout?.records === 'tally' ? (
        <Strokes n={recorded} isAcross={fifth !== 'not-across'} />
      ) : (
        <Drawn n={recorded} />
      )}
    </>
  );
}

/** Of all kinds together, as they lie before they are sorted. */
function Mixed({ kinds, seed }: { readonly kinds: readonly Bowl[]; readonly seed: number }) {
  const all = shuffled(
    kinds.flatMap(({ things, n }) => Array<string>(n).fill(things)),
    seededRandom(seed),
  );
  const places = dish(all.length, { x: mirrorSize.width / 2, y: mirrorSize.height / 2 }, 27);
  return places.map(({ x, y, radius }, i) => (
    <g key={i} transform={`translate(${x} ${y}) scale(${radius})`}>
      <ThingShape things={all[i]!} />
    </g>
  ));
}

/** Strokes in bundles of five, the fifth across where the child lays it so. */
function Strokes({ n, isAcross }: { readonly n: number; readonly isAcross: boolean }) {
  const isLevel = useSchools().tally === 'level';
  return Array.from({ length: n }, (_, i) => {
    const { bundle, place } = bundleOf(i);
    const x = 100 + bundle * 130;
    return (
      <path
        key={i}
        d={
          place === 4 && isAcross
            ? isLevel
              ? `M${x - 14} 465H${x + 74}`
              : `M${x - 14} 500L${x + 74} 430`
            : `M${x + place * 20} 428V502`
        }
        stroke={palette.ink}
        strokeWidth={6}
        strokeLinecap="round"
      />
    );
  });
}

function Drawn({ n }: { readonly n: number }) {
  return Array.from({ length: n }, (_, i) => (
    <circle
      key={i}
      cx={95 + (i % 10) * 57}
      cy={n > 10 ? 432 + 62 * Math.floor(i / 10) : 465}
      r={20}
      fill="none"
      stroke={palette.ink}
      strokeWidth={5}
    />
  ));
}
