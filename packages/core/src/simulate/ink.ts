import { chance, pick, type Random } from '../common/random.js';
import { library, type Form } from '../ink/library.js';
import {
  boxOf,
  distance,
  lengthOf,
  resampled,
  type InkPoint,
  type InkStroke,
  type Point,
} from '../ink/stroke.js';

/** What a simulated hand does otherwise than it should. */
export const inkFaults = [
  'none',
  'backwards',
  'stroke-backwards',
  'start',
  'order',
  'extra-lift',
  'missing-lift',
  'mirrored',
  'unclosed',
  'missing',
  'turned',
  'another',
  'letter',
  'shape',
  'scribble',
] as const;
export type InkFault = (typeof inkFaults)[number];

export type PairFault = 'none' | 'reversed' | 'right-first' | 'expanded';

/** What is true of simulated ink; null where nobody would say. */
export interface InkTruth {
  readonly intended: string;
  /** What an adult would read; null where a part is missing. */
  readonly written: string | null;
  readonly fault: InkFault | PairFault;
  readonly family: string;
  readonly startOk: boolean | null;
  readonly directionOk: boolean | null;
  readonly orderOk: boolean | null;
  readonly extraLifts: number;
  readonly missingLifts: number;
  readonly mirrored: boolean;
  readonly turned: boolean;
  readonly closedOk: boolean | null;
  readonly missing: string | null;
  readonly digitOrder: 'right' | 'reversed' | 'right-first' | 'expanded' | null;
}

export interface SimulatedInk {
  readonly strokes: readonly InkStroke[];
  readonly truth: InkTruth;
}

type Line = readonly Point[];

const accepted: readonly Form[] = library.filter(
  ({ written, joined, missing, isBegunElsewhere }) =>
    /^\d$/.test(written) && joined === 0 && missing.length === 0 && !isBegunElsewhere,
);
const hasLoop = /[0689]/;

/** What a hand does that is no fault: it hesitates, begins again, goes over a stroke, or leaves a dot. */
const harmless = ['hesitates', 'begins-again', 'goes-over', 'dot'] as const;

/** One digit, or what was made of it. */
export function simulateDigit(intended: string, fault: InkFault, random: Random): SimulatedInk {
  const form = formFor(intended, fault, random);
  const truth: InkTruth = {
    intended,
    written: form.missing.length > 0 ? null : form.written,
    fault,
    family: form.family,
    startOk: form.isBegunElsewhere ? null : true,
    directionOk: form.isBegunElsewhere ? null : true,
    orderOk: form.isBegunElsewhere ? null : true,
    extraLifts: 0,
    missingLifts: form.joined,
    mirrored: false,
    turned: fault === 'turned',
    closedOk: hasLoop.test(form.written) && form.missing.length === 0 ? true : null,
    missing: form.missing[0] ?? null,
    digitOrder: null,
  };
  const changed = withFault({ lines: form.strokes, truth }, fault, random);
  const isFine = /^\d$/.test(form.written);
  const none = { startOk: null, directionOk: null, orderOk: null, closedOk: null, mirrored: false } as const;
  return {
    strokes: drawn(...withHarmless(changed, fault, random), random),
    truth: isFine ? changed.truth : { ...changed.truth, ...none },
  };
}

/** Two digits side by side. */
export function simulatePair(intended: string, fault: PairFault, random: Random): SimulatedInk {
  const [tens, units] = [intended[0]!, intended[1]!];
  const written = fault === 'reversed' ? units + tens : fault === 'expanded' ? `${tens}0${units}` : intended;
  const digits = [...written].map((digit) => simulateDigit(digit, 'none', random));
  const height = 60 + 160 * random();
  let left = 0;
  const placed = digits.map(({ strokes }) => {
    const box = boxOf(strokes.flat());
    const scale = (height * (0.9 + 0.2 * random())) / (box.height || 1);
    const down = height * 0.1 * (random() - 0.5);
    const moved = strokes.map((stroke) =>
      stroke.map((one) => ({
        ...one,
        x: left + (one.x - box.left) * scale,
        y: down + (one.y - box.top) * scale,
      })),
    );
    left += box.width * scale + height * (0.15 + 0.3 * random());
    return moved;
  });
  const inTime = fault === 'right-first' ? placed.toReversed() : placed;
  let now = 0;
  const strokes = inTime.flatMap((digit) => {
    const from = now + 200 + 500 * random();
    const moved = digit.map((stroke) => stroke.map((one) => ({ ...one, t: Math.round(one.t + from) })));
    now = moved.at(-1)!.at(-1)!.t;
    return moved;
  });
  const truth = digits[0]!.truth;
  return {
    strokes,
    truth: {
      ...truth,
      intended,
      written,
      fault,
      family: digits.map((one) => one.truth.family).join(' '),
      closedOk: digits.some((one) => one.truth.closedOk !== null) ? true : null,
      digitOrder: fault === 'none' ? 'right' : fault,
    },
  };
}

function formFor(intended: string, fault: InkFault, random: Random): Form {
  const of = (test: (form: Form) => boolean): readonly Form[] => library.filter(test);
  const forms = accepted.filter(({ written }) => written === intended);
  switch (fault) {
    case 'missing':
      return pick(
        random,
        of(({ written, missing }) => written === intended && missing.length > 0),
      );
    case 'missing-lift':
      return pick(
        random,
        of(({ written, joined }) => written === intended && joined > 0),
      );
    case 'turned':
      // Written as the other, or begun as it should be and the wrong way up.
      return pick(
        random,
        library.filter(
          ({ written, joined, missing }) =>
            written === (intended === '6' ? '9' : '6') && joined === 0 && missing.length === 0,
        ),
      );
    case 'another':
      // A nine for a six is one turned round.
      return pick(
        random,
        accepted.filter(({ written }) => written !== intended && !/[69]/.test(written)),
      );
    case 'letter':
    case 'shape':
      return pick(
        random,
        of(({ written }) => written === fault),
      );
    case 'order':
    case 'stroke-backwards':
      return pick(
        random,
        forms.filter(({ strokes }) => strokes.length > 1),
      );
    case 'backwards':
      return pick(
        random,
        forms.filter(({ strokes }) => strokes.length === 1),
      );
    default:
      return pick(random, forms);
  }
}

/** Whether a digit can show a fault. */
export function canShow(digit: string, fault: InkFault): boolean {
  const forms = accepted.filter(({ written }) => written === digit);
  const hasParts = (test: (form: Form) => boolean): boolean =>
    library.some((form) => form.written === digit && test(form));
  switch (fault) {
    case 'turned':
      return digit === '6' || digit === '9';
    case 'missing':
      return hasParts(({ missing }) => missing.length > 0);
    case 'missing-lift':
      return hasParts(({ joined }) => joined > 0);
    case 'order':
      // A five is begun with its bar or its body, and the rings of an eight are as good either way to begin with.
      return digit !== '5' && digit !== '8' && forms.some(({ strokes }) => strokes.length > 1);
    case 'stroke-backwards':
      return digit !== '8' && forms.some(({ strokes }) => strokes.length > 1);
    case 'backwards':
      return digit !== '8' && digit !== '0';
    case 'start':
      return digit === '0' || digit === '8';
    case 'mirrored':
      return !'018'.includes(digit);
    case 'unclosed':
      return hasLoop.test(digit);
    default:
      return true;
  }
}

interface Changed {
  readonly lines: readonly Line[];
  readonly truth: InkTruth;
  /** ms before each stroke, where it is told. */
  readonly gaps?: readonly number[];
}

function withFault({ lines, truth }: Changed, fault: InkFault, random: Random): Changed {
  const [first] = lines;
  switch (fault) {
    case 'backwards':
      return {
        lines: lines.map((line) => line.toReversed()),
        truth: { ...truth, directionOk: false, startOk: false },
      };
    case 'stroke-backwards': {
      const last = lines.length - 1;
      return {
        lines: lines.map((line, i) => (i === last ? line.toReversed() : line)),
        truth: { ...truth, directionOk: false },
      };
    }
    case 'start': {
      const from = Math.round((0.35 + 0.3 * random()) * (first!.length - 1));
      return {
        lines: [[...first!.slice(from), ...first!.slice(1, from + 1)], ...lines.slice(1)],
        truth: { ...truth, startOk: false },
      };
    }
    case 'order':
      return { lines: lines.toReversed(), truth: { ...truth, orderOk: false, startOk: null } };
    case 'extra-lift': {
      const at = Math.floor(random() * lines.length);
      const line = lines[at]!;
      const cut = Math.round((0.35 + 0.3 * random()) * (line.length - 1));
      const off = { x: 0.05 + 0.04 * random(), y: 0.05 * (random() - 0.5) };
      const rest = line.slice(cut).map(({ x, y }) => ({ x: x + off.x, y: y + off.y }));
      const made = [...lines.slice(0, at), line.slice(0, cut + 1), rest, ...lines.slice(at + 1)];
      return {
        lines: made,
        truth: { ...truth, extraLifts: 1 },
        gaps: made.map((_, i) => (i === at + 1 ? 450 + 500 * random() : 350)),
      };
    }
    case 'mirrored':
      return {
        lines: lines.map((line) => line.map(({ x, y }) => ({ x: -x, y }))),
        truth: { ...truth, mirrored: true },
      };
    case 'unclosed':
      return opened({ lines, truth }, random);
    case 'scribble':
      return { lines: [scribbled(random)], truth: { ...truth, written: 'scribble' } };
    default:
      return { lines, truth };
  }
}

/** One in five of the well-formed has something that is no fault. */
function withHarmless(
  { lines, gaps = [] }: Changed,
  fault: InkFault,
  random: Random,
): readonly [lines: readonly Line[], gaps: readonly number[]] {
  if (fault !== 'none' || !chance(random, 0.2)) return [lines, gaps];
  const at = Math.floor(random() * lines.length);
  const line = lines[at]!;
  const [before, after] = [lines.slice(0, at), lines.slice(at + 1)];
  const cut = Math.round((0.3 + 0.4 * random()) * (line.length - 1));
  switch (pick(random, harmless)) {
    case 'hesitates': {
      const made = [...before, line.slice(0, cut + 1), line.slice(cut), ...after];
      return [made, made.map((_, i) => (i === at + 1 ? 60 + 180 * random() : 350))];
    }
    case 'begins-again':
      return [[...before, line.slice(0, Math.max(3, cut)), line, ...after], gaps];
    case 'goes-over':
      return [
        [...lines, line.slice(cut, Math.min(line.length, cut + Math.ceil(0.3 * line.length) + 1))],
        gaps,
      ];
    case 'dot': {
      const { x, y } = line.at(-1)!;
      const dot = [
        { x: x + 0.1, y: y + 0.05 },
        { x: x + 0.11, y: y + 0.055 },
        { x: x + 0.115, y: y + 0.05 },
      ];
      return [[...lines, dot], gaps];
    }
  }
}

/** The loop is left open: a piece of it is not drawn. */
function opened({ lines, truth }: Changed, random: Random): Changed {
  const share = 0.16 + 0.08 * random();
  const isNine = truth.written === '9';
  const at = isNine ? 0 : lines.length - 1;
  const line = resampled(lines[at]!, 60);
  const cut = Math.round(share * line.length);
  const left = isNine ? line.slice(Math.round(0.8 * cut)) : line.slice(0, line.length - cut);
  const ends = [left[0]!, left.at(-1)!] as const;
  // What is opened so little that it looks closed is left as it was.
  const isOpen = truth.written === '6' || truth.written === '9' || distance(...ends) > 0.2;
  return isOpen
    ? { lines: lines.map((one, i) => (i === at ? left : one)), truth: { ...truth, closedOk: false } }
    : { lines, truth };
}

/** To and fro without end. */
const scribbled = (random: Random): Line =>
  Array.from({ length: 40 + Math.floor(40 * random()) }, (_, i) => ({
    x: 0.3 + 0.35 * Math.sin(i * (0.9 + 0.2 * random())) + 0.15 * random(),
    y: 0.5 + 0.4 * Math.cos(i * (0.7 + 0.15 * random())) + 0.15 * random(),
  }));

/** As a child's hand draws it on a device: bent, slanting, shaking, at its own pace, in points as they are sampled. */
function drawn(lines: readonly Line[], gaps: readonly number[], random: Random): readonly InkStroke[] {
  const between = (low: number, high: number): number => low + (high - low) * random();
  const hand = {
    slant: between(-0.28, 0.3),
    turn: between(-0.14, 0.14),
    wide: between(0.72, 1.35),
    size: between(50, 300),
    pace: between(0.8, 3),
    shake: between(0.002, 0.011),
    beat: between(5, 11),
    rate: pick(random, [30, 60, 60, 120, 240]),
    isMouse: chance(random, 0.15),
  };
  const bend = warp(random, between(0.015, 0.05));
  let now = 0;
  return lines.map((line, i) => {
    if (i > 0) now += gaps[i] ?? between(180, 600);
    const shift = { x: between(-0.025, 0.025), y: between(-0.025, 0.025) };
    const stroke = sampled(smoothed(hooked(line, random)), hand, now, random).map(({ x, y, t }): InkPoint => {
      const bent = bend({ x: x + (i > 0 ? shift.x : 0), y: y + (i > 0 ? shift.y : 0) });
      const [px, py] = [bent.x * hand.wide + hand.slant * (0.5 - bent.y), bent.y];
      const turned = {
        x: px * Math.cos(hand.turn) - py * Math.sin(hand.turn),
        y: px * Math.sin(hand.turn) + py * Math.cos(hand.turn),
      };
      const at = { x: turned.x * hand.size, y: turned.y * hand.size, t: Math.round(t) };
      return hand.isMouse ? { ...at, x: Math.round(at.x), y: Math.round(at.y) } : at;
    });
    now = stroke.at(-1)!.t;
    return stroke;
  });
}

/** A smooth bending of the plane. */
function warp(random: Random, most: number): (point: Point) => Point {
  const waves = Array.from({ length: 4 }, () => ({
    x: 1 + 2.5 * random(),
    y: 1 + 2.5 * random(),
    at: 2 * Math.PI * random(),
    by: { x: most * (random() - 0.5) * 2, y: most * (random() - 0.5) * 2 },
  }));
  return ({ x, y }) =>
    waves.reduce(
      (one, { x: kx, y: ky, at, by }) => {
        const wave = Math.sin(kx * x * 3 + ky * y * 2 + at);
        return { x: one.x + by.x * wave, y: one.y + by.y * wave };
      },
      { x, y },
    );
}

/** A little hook or overshoot at either end. */
function hooked(line: Line, random: Random): Line {
  const [end, before] = [line.at(-1)!, line.at(-2)!];
  const over = chance(random, 0.3) ? 0.02 + 0.05 * random() : 0;
  const length = distance(end, before) || 1;
  return over === 0
    ? line
    : [
        ...line,
        { x: end.x + (over * (end.x - before.x)) / length, y: end.y + (over * (end.y - before.y)) / length },
      ];
}

/** Corners rounded a little. */
function smoothed(line: Line): Line {
  const even = resampled(line, Math.max(12, Math.round(60 * lengthOf(line))));
  return even.map((point, i) => {
    const [a, b] = [even[Math.max(0, i - 1)]!, even[Math.min(even.length - 1, i + 1)]!];
    return { x: (a.x + 2 * point.x + b.x) / 4, y: (a.y + 2 * point.y + b.y) / 4 };
  });
}

interface Hand {
  readonly pace: number;
  readonly shake: number;
  readonly beat: number;
  readonly rate: number;
}

/** Points as the device takes them, the pen slower at its ends. (pace in heights a second, rate in Hz) */
function sampled(
  line: Line,
  { pace, shake, beat, rate }: Hand,
  from: number,
  random: Random,
): readonly InkPoint[] {
  const length = lengthOf(line);
  const ms = Math.max(60, (1000 * length) / pace);
  const count = Math.max(4, Math.round((ms * rate) / 1000));
  const fine = resampled(line, 200);
  const phase = 2 * Math.PI * random();
  return Array.from({ length: count }, (_, i) => {
    const share = i / (count - 1);
    const along = 0.5 - 0.5 * Math.cos(Math.PI * share);
    const at = fine[Math.round((0.6 * share + 0.4 * along) * 199)]!;
    const tremor = shake * Math.sin(phase + (2 * Math.PI * beat * share * ms) / 1000);
    return {
      x: at.x + tremor + shake * (random() - 0.5),
      y: at.y + tremor * 0.6 + shake * (random() - 0.5),
      t: from + share * ms,
    };
  });
}
