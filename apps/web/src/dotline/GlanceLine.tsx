import type { DotForm } from '@dotting/core';
import { palette } from '../common/theme.js';
import { beadLight, placeOf } from './DotLine.js';

const radius = 2.4;
const height = 8;
const middle = height / 2;
const thin = 1;

interface GlanceLineProps {
  readonly dots: readonly DotForm[];
  /** The number of the first dot. */
  readonly from?: 0 | 1;
  /** Says what the line shows, for those who do not see it. */
  readonly label: string;
}

/** A dot-line that only shows. A room has thousands of dots, so each line is one path for each colour. */
export function GlanceLine({ dots, label, from = 1 }: GlanceLineProps) {
  const { ink, brick, speck } = pathsOf(dots, from);
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${glanceSize(dots.length - 1 + from).width} ${height}`}
      preserveAspectRatio="xMinYMid"
    >
      {ink && <path d={ink} fill={palette.ink} fillRule="evenodd" />}
      {brick && <path d={brick} fill={palette.brick} fillRule="evenodd" />}
      {speck && <path d={speck} fill={palette.speck} />}
    </svg>
  );
}

/** The room that a line takes, for whoever lays it out. */
export const glanceSize = (dots: number) => ({ width: (placeOf(dots) + 1.4) * radius, height });

interface Paths {
  readonly ink: string;
  readonly brick: string;
  readonly speck: string;
}

const kept = new Map<string, Paths>();

/** Many children have the same line. */
function pathsOf(dots: readonly DotForm[], from: number): Paths {
  const key = `${from} ${dots.join()}`;
  const known = kept.get(key);
  if (known) return known;
  const along = (form: DotForm, shape: (x: number) => string): string =>
    dots.map((one, i) => (one === form ? shape(placeOf(i + from) * radius) : '')).join('');
  const paths = {
    ink:
      along('full', (x) => disc(x, radius)) +
      // The even-odd rule leaves the light centre.
      along('bead', (x) => disc(x, radius) + disc(x, radius * beadLight)) +
      along('half', (x) => ring(x, thin) + leftHalf(x)),
    brick: along('ring', (x) => ring(x, 1.5 * thin)),
    speck: along('speck', (x) => disc(x, 1)),
  };
  kept.set(key, paths);
  return paths;
}

const disc = (x: number, r: number): string =>
  `M${(x - r).toFixed(2)} ${middle}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;

/** Two discs, of which the even-odd rule leaves what lies between. */
const ring = (x: number, width: number): string => disc(x, radius) + disc(x, radius - width);

/** Of what lies within a half dot's ring. */
const leftHalf = (x: number): string => {
  const r = radius - thin;
  return `M${x.toFixed(2)} ${middle - r}a${r} ${r} 0 0 0 0 ${2 * r}z`;
};
