import type { DotView } from '@dotting/contract';
import type { DotForm } from '@dotting/core';
import { palette } from '../common/theme.js';
import { words } from '../wording/all.js';

interface DotLineProps {
  readonly dots: readonly DotView[];
  /** Says what the line shows, for those who do not see it. */
  readonly label: string;
  /** Radius in px: 2.7 in a table, 5.6 on the child's page. */
  readonly radius?: number;
  /** Called with a number that has tries; without it the line only shows. */
  readonly onOpen?: (dot: DotView) => void;
  readonly opened?: number | undefined;
}

const step = 2.7;
const fiveGap = 1.9;

/**
 * Where a number's dot lies on the line, in radii from its beginning: a wider gap after each five. Nought lies before the
 * beginning, so that the others keep their places.
 */
export function placeOf(n: number): number {
  const index = n - 1;
  return 1.4 + index * step + Math.max(0, Math.floor(index / 5)) * fiveGap;
}

/** The mark of Dotting: a skill along the numbers, one dot each. */
export function DotLine({ dots, label, radius = 5.6, onOpen, opened }: DotLineProps) {
  const width = (placeOf(Math.max(1, dots.at(-1)?.n ?? 1)) + 1.4) * radius;
  const height = Math.max(radius * 3, onOpen ? 48 : 0);
  return (
    <svg
      width={width}
      height={height}
      role="group"
      aria-label={label}
      style={{ display: 'block', overflow: 'visible' }}
    >
      {dots.map((dot) => {
        // A skill without numbers has one dot, at the beginning.
        const x = placeOf(dots.length > 1 ? dot.n : 1) * radius;
        const canOpen = onOpen !== undefined && dot.tries.length > 0;
        return (
          <g
            key={dot.n}
            transform={`translate(${x} ${height / 2})`}
            {...(canOpen && {
              role: 'button',
              tabIndex: 0,
              'aria-pressed': opened === dot.n,
              'aria-label': (dots.length > 1 ? words.dots.numeral : words.dots.dot)({
                n: dot.n,
                certainty: words.dots[dot.form](),
                tries: dot.tries.length,
              }),
              style: { cursor: 'pointer' },
              onClick: () => onOpen(dot),
              onKeyDown: (event: React.KeyboardEvent) => {
                if (event.key !== 'Enter' && event.key !== ' ') return;
                event.preventDefault();
                onOpen(dot);
              },
            })}
          >
            {canOpen && (
              <rect
                x={(-step / 2) * radius}
                y={-height / 2}
                width={step * radius}
                height={height}
                fill="transparent"
              />
            )}
            {opened === dot.n && canOpen && <circle r={radius * 1.5} fill={palette.sand} />}
            <Dot form={dot.form} radius={radius} />
          </g>
        );
      })}
    </svg>
  );
}

/** How large the light centre of a bead is, against the bead. */
export const beadLight = 0.42;

/** One of the five forms, about the origin. */
export function Dot({ form, radius }: { readonly form: DotForm; readonly radius: number }) {
  const thin = Math.max(1, radius * 0.24);
  switch (form) {
    case 'full':
      return <circle r={radius} fill={palette.ink} />;
    case 'bead':
      return (
        <>
          <circle r={radius} fill={palette.ink} />
          <circle r={radius * beadLight} fill={palette.gate} />
        </>
      );
    case 'half':
      return (
        <>
          <circle r={radius - thin / 2} fill={palette.gate} stroke={palette.ink} strokeWidth={thin} />
          <path d={`M0 ${-radius}A${radius} ${radius} 0 0 0 0 ${radius}Z`} fill={palette.ink} />
        </>
      );
    case 'ring':
      return (
        <circle r={radius - thin * 0.7} fill={palette.gate} stroke={palette.brick} strokeWidth={thin * 1.5} />
      );
    case 'speck':
      return <circle r={Math.max(1, radius * 0.26)} fill={palette.speck} />;
  }
}

/** 5, 10, 15, 20 over a column of dot-lines. */
export function DotScale({ upTo, radius = 5.6 }: { readonly upTo: number; readonly radius?: number }) {
  const fives = Array.from({ length: Math.floor(upTo / 5) }, (_, i) => 5 * (i + 1));
  return (
    <svg
      width={(placeOf(upTo) + 1.4) * radius}
      height={16}
      aria-hidden
      style={{ display: 'block', overflow: 'visible' }}
    >
      {fives.map((n) => (
        <text key={n} x={placeOf(n) * radius} y={12} textAnchor="middle" fontSize={12} fill={palette.inkSoft}>
          {n}
        </text>
      ))}
    </svg>
  );
}

/** What the five forms mean, once, in words. */
export function DotLegend() {
  return (
    <ul style={{ display: 'flex', gap: 20, flexWrap: 'wrap' }}>
      {(['full', 'bead', 'half', 'ring', 'speck'] as const).map((form) => (
        <li
          key={form}
          style={{ display: 'flex', alignItems: 'center', gap: 8, fontSize: 14, color: palette.inkSoft }}
        >
          <svg width={14} height={14} viewBox="-7 -7 14 14" aria-hidden>
            <Dot form={form} radius={5.6} />
          </svg>
          {words.dots[form]()}
        </li>
      ))}
    </ul>
  );
}
