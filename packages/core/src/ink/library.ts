import type { DrawnForms } from '../numerals/style.js';
import { pointsOfSegment, polylineOf } from '../numerals/polyline.js';
import { digitForms, digitWidth, type Digit, type Stroke } from '../numerals/templates.js';
import { distance, type Point } from './stroke.js';

/** A part that may be left out. */
export type Part = 'bar' | 'stem' | 'base' | 'lower-bowl' | 'loop' | 'lower-ring';

/** What can be written: a digit, or something that is none. */
export type Written = `${Digit}` | 'letter' | 'shape';

/** One way in which something is written, from where the hand begins, stroke by stroke. */
export interface Form {
  readonly written: Written;
  readonly family: string;
  readonly strokes: readonly (readonly Point[])[];
  /** Where the hand should begin. */
  readonly start: Point;
  /** Begun elsewhere on its way round. */
  readonly isBegunElsewhere: boolean;
  /** Strokes that were drawn in one where the pen should have been lifted. */
  readonly joined: number;
  readonly missing: readonly Part[];
}

const line = (...points: readonly (readonly [x: number, y: number])[]): Stroke => ({
  from: points[0]!,
  to: points.slice(1),
});
const reversed = (points: readonly Point[]): readonly Point[] => points.toReversed();
const flipped = (points: readonly Point[]): readonly Point[] => points.map(({ x, y }) => ({ x: -x, y }));

const shipped = (digit: Digit, name: string): readonly (readonly Point[])[] => {
  const forms: Readonly<Record<string, readonly Stroke[]>> = digitForms[digit];
  return forms[name]!.map(polylineOf);
};

const form = (
  written: Written,
  family: string,
  strokes: readonly (readonly Point[])[],
  { joined = 0, missing = [], start }: Partial<Pick<Form, 'joined' | 'missing' | 'start'>> = {},
): Form => ({
  written,
  family,
  strokes,
  start: start ?? strokes[0]![0]!,
  isBegunElsewhere: start !== undefined,
  joined,
  missing,
});

/** Accepted beside the forms that a room can choose as its own. */
function others(): readonly Form[] {
  const [body, bar] = shipped(5, 'bar-last') as [readonly Point[], readonly Point[]];
  const [ring, lower] = shipped(8, 'two-rings') as [readonly Point[], readonly Point[]];
  const [ringOf9] = shipped(9, 'ring-and-stem') as [readonly Point[], readonly Point[]];
  const [inOne] = shipped(8, 'in-one') as [readonly Point[]];
  return [
    // A line leans as the hand does.
    form('1', 'plain', [line([0.45, 0], [0.15, 1])].map(polylineOf)),
    form('1', 'plain', [line([0.15, 0], [0.45, 1])].map(polylineOf)),
    form('1', 'flag', [line([0.02, 0.3], [0.34, 0], [0.34, 1])].map(polylineOf)),
    form('5', 'bar-first', [bar, body]),
    form(
      '4',
      'closed-two',
      [line([0.44, 0], [0, 0.64], [0.6, 0.64]), line([0.44, 0], [0.44, 1])].map(polylineOf),
    ),
    form(
      '4',
      'open',
      [line([0.1, 0], [0.1, 0.55], [0.6, 0.55]), line([0.46, 0.1], [0.46, 1])].map(polylineOf),
    ),
    // The other way round, from the top.
    form('8', 'right-first', [flipped(inOne)]),
    form('8', 'two-rings', [reversed(ring), lower]),
    form('8', 'two-rings', [ring, reversed(lower)]),
    form('8', 'two-rings', [reversed(ring), reversed(lower)]),
    form('9', 'ring-and-stem', [startedAt(ringOf9, 0.82), polylineOf(line([0.55, 0.05], [0.55, 1]))]),
    form('9', 'in-one', [[...startedAt(ringOf9, 0.8), ...polylineOf(line([0.55, 0.2], [0.55, 1])).slice(1)]]),
    form('2', 'round', [[...shipped(2, 'round')[0]!.slice(0, -pointsOfSegment), { x: 0.62, y: 0.96 }]]),
  ];
}

/** A ring begun elsewhere on its way round, at a share of it. */
function startedAt(ring: readonly Point[], share: number): readonly Point[] {
  const from = Math.round(share * (ring.length - 1));
  return [...ring.slice(from), ...ring.slice(1, from + 1)];
}

/** Strokes that meet so nearly need no lift: nobody sees whether there was one. (heights) */
const meeting = 0.2;

/** With the pen dragged from one stroke to the next. */
const dragged = ({ written, family, strokes }: Form): readonly Form[] => {
  if (strokes.length < 2) return [];
  const joined = strokes.slice(1).filter((stroke, i) => distance(strokes[i]!.at(-1)!, stroke[0]!) > meeting);
  return [form(written, family, [strokes.flat()], { joined: joined.length })];
};

/** Turned by half a six is a nine, and a nine a six, each begun where the other is. */
const onItsHead = ({ written, family, strokes }: Form): readonly Form[] => {
  const other = written === '6' ? '9' : '6';
  const { start } = whole.find((one) => one.written === other)!;
  return written === '6' || written === '9' ? [form(other, family, strokes.map(halfTurned), { start })] : [];
};
const halfTurned = (points: readonly Point[]): readonly Point[] =>
  points.map(({ x, y }) => ({ x: digitWidth - x, y: 1 - y }));

/** Rings that are begun elsewhere on their way round. */
const begunElsewhere = ({ written, family, strokes, start }: Form): readonly Form[] => {
  const [ring, ...rest] = strokes;
  return written === '0' || written === '8'
    ? [0.25, 0.5, 0.75].map((share) => form(written, family, [startedAt(ring!, share), ...rest], { start }))
    : [];
};

/** With a part left out. */
function lacking(): readonly Form[] {
  const cut = (digit: Digit, name: string, from: number, to: number): readonly (readonly Point[])[] => {
    const [stroke] = shipped(digit, name);
    const last = stroke!.length - 1;
    return [stroke!.slice(Math.round(from * last), Math.round(to * last) + 1)];
  };
  const [body] = shipped(5, 'bar-last');
  const [corner, stem] = shipped(4, 'open');
  const [ring] = shipped(9, 'ring-and-stem');
  const [upper] = shipped(8, 'two-rings');
  return [
    form('5', 'in-one', [body!], { missing: ['bar'] }),
    form('4', 'open', [corner!], { missing: ['stem'] }),
    form('4', 'open', [polylineOf(line([0.12, 0], [0.02, 0.6])), stem!], { missing: ['bar'] }),
    form('7', 'plain', [polylineOf(line([0.5, 0], [0.1, 1]))], { missing: ['bar'] }),
    form('2', 'round', cut(2, 'round', 0, 0.75), { missing: ['base'] }),
    form('3', 'round', cut(3, 'round', 0, 0.5), { missing: ['lower-bowl'] }),
    form('6', 'curved', cut(6, 'curved', 0, 0.42), { missing: ['loop'] }),
    form('8', 'two-rings', [upper!], { missing: ['lower-ring'] }),
    form('9', 'ring-and-stem', [ring!], { missing: ['stem'] }),
  ];
}

/** What a child writes, too, and what is no numeral. */
const noNumerals: readonly Form[] = [
  form('letter', 'S', [
    polylineOf({
      from: [0.56, 0.14],
      to: [
        [0.5, 0.04, 0.4, 0, 0.3, 0],
        [0.12, 0, 0.03, 0.1, 0.03, 0.24],
        [0.03, 0.52, 0.58, 0.46, 0.58, 0.76],
        [0.58, 0.92, 0.46, 1, 0.29, 1],
        [0.16, 1, 0.06, 0.95, 0, 0.85],
      ],
    }),
  ]),
  form('letter', 'Z', [line([0, 0], [0.6, 0], [0, 1], [0.6, 1])].map(polylineOf)),
  form('letter', 'L', [line([0, 0], [0, 1], [0.55, 1])].map(polylineOf)),
  form(
    'letter',
    'E',
    [line([0.55, 0], [0, 0], [0, 1], [0.55, 1]), line([0, 0.5], [0.45, 0.5])].map(polylineOf),
  ),
  form(
    'letter',
    'E',
    [line([0, 0], [0, 1]), line([0, 0], [0.5, 0]), line([0, 0.5], [0.45, 0.5]), line([0, 1], [0.5, 1])].map(
      polylineOf,
    ),
  ),
  form('shape', 'triangle', [line([0.5, 0], [0, 0.9], [1, 0.9], [0.5, 0])].map(polylineOf)),
  form('shape', 'square', [line([0, 0], [0, 1], [1, 1], [1, 0], [0, 0])].map(polylineOf)),
  form('shape', 'cross', [line([0, 0], [1, 1]), line([1, 0], [0, 1])].map(polylineOf)),
  form('shape', 'plus', [line([0.5, 0], [0.5, 1]), line([0, 0.5], [1, 0.5])].map(polylineOf)),
  form('shape', 'zigzag', [line([0, 0], [0.25, 1], [0.5, 0], [0.75, 1], [1, 0])].map(polylineOf)),
];

const chosen: readonly Form[] = Object.entries(digitForms).flatMap(([digit, forms]) =>
  Object.entries(forms as Readonly<Record<string, readonly Stroke[]>>).map(([family, strokes]) =>
    form(digit as `${Digit}`, family, strokes.map(polylineOf)),
  ),
);

const whole: readonly Form[] = [...chosen, ...others()];

/** Every form that is known: accepted ones, those with the pen dragged or a part left out, and what is no numeral. */
export const library: readonly Form[] = [
  ...whole,
  ...whole.flatMap(dragged),
  ...whole.flatMap(begunElsewhere),
  ...whole.flatMap(onItsHead),
  ...lacking(),
  ...noNumerals,
];

/** Forms that a room has drawn itself, with the pen dragged too. */
export const formsDrawn = (drawn: DrawnForms): readonly Form[] =>
  Object.entries(drawn)
    .map(([digit, strokes]) => form(digit as `${Digit}`, 'own', strokes.map(polylineOf)))
    .flatMap((one) => [one, ...dragged(one)]);
