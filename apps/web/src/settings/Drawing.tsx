import type { School, schoolChoices } from '@dotting/core';
import type { ReactNode } from 'react';
import { Numeral } from '../common/Numeral.js';
import { palette } from '../common/theme.js';
import { Card, Cell, Cork, Face, Frame, Hand, Said, Strokes, Text, line } from './shapes.js';

/** Each choice as it looks, in a box 80 × 48. */
export function Drawing({ school, choice }: { readonly school: School; readonly choice: string }) {
  return (
    <svg viewBox="0 0 80 48" width={80} height={48} aria-hidden>
      {(drawn[school] as Readonly<Record<string, ReactNode>>)[choice]}
    </svg>
  );
}

type Drawings = { readonly [Of in School]: Readonly<Record<(typeof schoolChoices)[Of][number], ReactNode>> };

const corks = (places: readonly (readonly [number, number])[]) =>
  places.map(([x, y]) => <Cork key={`${x} ${y}`} x={x} y={y} />);

/** A nought, and which way round it goes. */
const Nought = ({ turns }: { readonly turns: readonly string[] }) => (
  <>
    <Numeral n={0} x={40} y={24} height={34} color={palette.line} />
    <circle cx={40} cy={7} r={3.5} fill={palette.ink} />
    {turns.map((turn) => (
      <path key={turn} d={turn} {...line} />
    ))}
  </>
);

/** A paper with a numeral on it, framed by a camera; crossed out where none is taken. */
const Paper = ({ isCrossed = false }: { readonly isCrossed?: boolean }) => (
  <>
    <rect x={22} y={8} width={36} height={32} {...line} />
    <Numeral n={3} x={40} y={24} height={20} />
    {isCrossed && <path d="M14 44L66 4" {...line} strokeWidth={3} />}
  </>
);

/** Two rows to be held against each other. */
const threeAndTwo = corks([
  [14, 16],
  [26, 16],
  [38, 16],
  [14, 34],
  [26, 34],
]);

const drawn: Drawings = {
  frames: {
    rows: <Frame n={6} />,
    pairs: <Frame n={6} isInPairs />,
  },
  extras: {
    'second-frame': (
      <g transform="translate(12 2) scale(0.8)">
        <Frame n={10} y={0} />
        <Frame n={2} y={30} />
      </g>
    ),
    outside: (
      <>
        <Frame n={10} x={2} />
        {corks([
          [72, 16],
          [72, 30],
        ])}
      </>
    ),
  },
  tally: {
    slanting: <Strokes across="M14 36L60 14" />,
    level: <Strokes across="M14 25H60" />,
  },
  zero: {
    'from-one': [1, 2, 3].map((n, i) => <Card key={n} n={n} x={16 + 24 * i} />),
    'from-nought': [0, 1, 2].map((n, i) => <Card key={n} n={n} x={16 + 24 * i} />),
  },
  teens: {
    'both-ways': (
      <Said>
        <Numeral n={13} x={22} y={20} height={14} />
        <Text x={40}>·</Text>
        <Numeral n={10} x={52} y={20} height={11} />
        <Numeral n={3} x={68} y={20} height={11} />
      </Said>
    ),
    'usual-names': (
      <Said>
        <Numeral n={13} x={40} y={20} height={16} />
      </Said>
    ),
  },
  twenty: {
    digits: (
      <>
        <Card n={2} x={28} />
        <Card n={0} x={52} />
      </>
    ),
    tens: (
      <g transform="translate(12 2) scale(0.8)">
        <Frame n={10} y={0} />
        <Frame n={10} y={30} />
      </g>
    ),
  },
  fewer: {
    alone: (
      <>
        {threeAndTwo}
        <path d="M50 34h20M56 28l-6 6 6 6" {...line} />
      </>
    ),
    both: (
      <>
        {threeAndTwo}
        <path d="M50 30h20M56 24l-6 6 6 6M50 40h20M56 34l-6 6 6 6" {...line} />
      </>
    ),
  },
  recorded: {
    leave: (
      <>
        {corks([
          [14, 14],
          [28, 14],
          [42, 14],
        ])}
        <path d="M14 26V40M28 26V40M42 26V40" {...line} strokeWidth={3} />
      </>
    ),
    remove: (
      <>
        <path d="M14 26V40M28 26V40M42 26V40" {...line} strokeWidth={3} />
        <path d="M56 20h18l-2 20h-14zM58 20q7 -12 14 0" {...line} />
        <Cork x={65} y={30} />
      </>
    ),
  },
  startAgain: {
    on: (
      <>
        <Numeral n={5} x={12} y={24} height={20} color={palette.speck} />
        <Numeral n={6} x={42} y={24} height={20} />
        <Numeral n={7} x={66} y={24} height={20} />
      </>
    ),
    again: [5, 6, 7].map((n, i) => <Numeral key={n} n={n} x={14 + 26 * i} y={24} height={20} />),
  },
  pictures: {
    touch: (
      <>
        {corks([
          [18, 30],
          [40, 30],
          [62, 30],
        ])}
        <path d="M40 24V6M34 8q6 -6 12 0" {...line} />
      </>
    ),
    tick: (
      <>
        {corks([
          [18, 32],
          [40, 32],
          [62, 32],
        ])}
        <path d="M12 16l5 6 8 -12M34 16l5 6 8 -12" {...line} />
      </>
    ),
  },
  organise: {
    'as-they-lie': corks([
      [14, 14],
      [34, 36],
      [44, 10],
      [62, 28],
      [22, 32],
    ]),
    before: corks([
      [12, 24],
      [26, 24],
      [40, 24],
      [54, 24],
      [68, 24],
    ]),
  },
  checks: {
    'in-doubt': (
      <>
        {corks([
          [20, 30],
          [40, 30],
          [60, 30],
        ])}
        <path d="M12 14H66M60 9l7 5 -7 5" {...line} />
      </>
    ),
    always: (
      <>
        {corks([
          [20, 26],
          [40, 26],
          [60, 26],
        ])}
        <path d="M12 10H66M60 5l7 5 -7 5M68 42H14M20 37l-7 5 7 5" {...line} />
      </>
    ),
  },
  chorus: {
    'each-alone': (
      <>
        <Face x={16} />
        <Face x={40} isOpen={false} />
        <Face x={64} isOpen={false} />
      </>
    ),
    'chorus-first': [16, 40, 64].map((x) => <Face key={x} x={x} />),
  },
  hands: {
    guides: (
      <>
        <Hand x={38} y={24} isOn />
        <Hand x={50} y={16} />
      </>
    ),
    rides: (
      <>
        <Hand x={50} y={24} />
        <Hand x={38} y={16} isOn />
      </>
    ),
  },
  languages: {
    home: (
      <Said>
        <path d="M28 28V18L40 10L52 18V28Z" {...line} />
      </Said>
    ),
    room: (
      <Said>
        <path d="M24 14H56V28H24ZM40 14V28" {...line} />
      </Said>
    ),
    both: (
      <Said>
        <path d="M14 28V18L24 11L34 18V28Z" {...line} />
        <path d="M44 14H68V28H44ZM56 14V28" {...line} />
      </Said>
    ),
  },
  braille: {
    literary: (
      <>
        <Cell dots={[3, 4, 5, 6]} x={20} />
        <Cell dots={[1, 5]} x={48} />
      </>
    ),
    maths: (
      <>
        <Cell dots={[3, 4, 5, 6]} x={20} />
        <Cell dots={[2, 6]} x={48} />
      </>
    ),
    raised: (
      <>
        <Numeral n={5} x={42} y={26} height={32} color={palette.sand} />
        <Numeral n={5} x={39} y={23} height={32} />
      </>
    ),
  },
  nought: {
    anticlockwise: <Nought turns={['M30 10A14 15 0 0 0 17 18']} />,
    'either-for-left': <Nought turns={['M30 10A14 15 0 0 0 17 18', 'M50 10A14 15 0 0 1 63 18']} />,
  },
  ruled: {
    ruled: (
      <>
        <path d="M6 12H74M6 38H74" stroke={palette.line} strokeWidth={2} />
        <Numeral n={5} x={40} y={25} height={26} />
      </>
    ),
    plain: <Numeral n={5} x={40} y={25} height={26} />,
  },
  photos: {
    none: <Paper isCrossed />,
    allowed: <Paper />,
  },
  week: {
    range: [4, 5, 6].map((n, i) => <Card key={n} n={n} x={16 + 24 * i} />),
    one: <Card n={5} x={40} />,
  },
};
