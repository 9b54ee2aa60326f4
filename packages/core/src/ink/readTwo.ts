import { readDigit, type DigitInk, type DigitOptions } from './readDigit.js';
import { boxOf, type InkStroke } from './stroke.js';

/** In which order the digits stand and were written; “expanded” is 107 for 17. */
export type DigitOrder = 'right' | 'reversed' | 'right-first' | 'expanded';

/** What the room accepts beside the usual. */
export type Accepted = Pick<DigitOptions, 'clockwiseNought' | 'drawn'>;

/** Digits as they were read. */
export interface Read {
  /** From the left. */
  readonly digits: readonly DigitInk[];
  readonly order: DigitOrder | null;
}

/** All the strokes as one digit. */
export const readOne = (
  strokes: readonly InkStroke[],
  intended: string | undefined,
  accepted: Accepted,
): Read => ({
  digits: [readDigit(strokes, { ...(intended !== undefined && { intended }), ...accepted })],
  order: null,
});

/** What a two-digit numeral may have become: the digits from the left. */
const become = (
  intended: string,
): readonly (readonly [order: 'right' | 'reversed' | 'expanded', digits: string])[] => [
  ['right', intended],
  ...(intended[0] === intended[1] ? [] : [['reversed', `${intended[1]}${intended[0]}`] as const]),
  // 107 for 17.
  ...(intended[1] === '0' ? [] : [['expanded', `${intended[0]}0${intended[1]}`] as const]),
];

/** What the strokes stand for as a whole: the likeliest way of parting them. */
export function readTwo(strokes: readonly InkStroke[], intended: string, accepted: Accepted): Read {
  const meant = [
    ...new Set(
      become(intended)
        .map(([, digits]) => digits)
        .join(''),
    ),
  ].join('');
  const read = onceEach(strokes, (group) => readDigit(group, { intended: meant, ...accepted }));
  const parted = become(intended)
    .flatMap(([order, wanted]) =>
      plainly(partings(strokes, wanted.length)).map((groups) => ({
        order,
        wanted,
        groups,
        hope: hopeOf(order, groups),
      })),
    )
    .sort((one, other) => other.hope - one.hope);
  let best: (Read & { readonly groups: Groups; readonly worth: number }) | undefined;
  for (const { order, wanted, groups, hope } of parted) {
    // Nothing that is still to come can be better.
    if (best && hope <= best.worth) break;
    const digits = groups.map(read);
    const worth = hope - shortOf(digits, wanted);
    if (!best || worth > best.worth) best = { order, digits, groups, worth };
  }
  if (!best) return readOne(strokes, intended, accepted);
  const [first, second] = best.groups.map((group) => group[0]![0]!.t);
  const isRightFirst = best.order === 'right' && second! < first!;
  return { digits: best.digits, order: isRightFirst ? 'right-first' : best.order };
}

type Groups = readonly (readonly InkStroke[])[];

/** What a parting is worth where every digit is what it should be, without a fault: the wider its gap the more. */
const hopeOf = (order: DigitOrder, groups: Groups): number =>
  3 + apartness(groups) - (order === 'right' ? 0 : 0.25);

/** By how much its digits fall short of that. */
function shortOf(digits: readonly DigitInk[], wanted: string): number {
  const others = digits.filter(({ written }, i) => written !== wanted[i]).length;
  return digits.reduce(
    (sum, { confidence, lifts, isMirrored, missing }) =>
      sum + (1 - confidence) + 0.2 * lifts.extra + 0.3 * (isMirrored ? 1 : 0) + 0.5 * missing.length,
    (3 * others) / wanted.length,
  );
}

/** The same strokes are read once. */
function onceEach(
  strokes: readonly InkStroke[],
  read: (group: readonly InkStroke[]) => DigitInk,
): (group: readonly InkStroke[]) => DigitInk {
  const kept = new Map<string, DigitInk>();
  return (group) => {
    const key = group.map((stroke) => strokes.indexOf(stroke)).join(' ');
    const known = kept.get(key) ?? read(group);
    kept.set(key, known);
    return known;
  };
}

/** The strokes parted from left to right into so many groups, by where their middles are. */
function partings(
  strokes: readonly InkStroke[],
  count: number,
): readonly (readonly (readonly InkStroke[])[])[] {
  const middleOf = (stroke: InkStroke): number => {
    const { left, width } = boxOf(stroke);
    return left + width / 2;
  };
  const ordered = strokes.toSorted((a, b) => middleOf(a) - middleOf(b));
  const asDrawn = (group: readonly InkStroke[]): readonly InkStroke[] =>
    strokes.filter((stroke) => group.includes(stroke));
  if (ordered.length < count) return [];
  const cuts =
    count === 2
      ? ordered.slice(1).map((_, i) => [i + 1])
      : ordered.slice(1).flatMap((_, i) => ordered.slice(i + 2).map((__, j) => [i + 1, i + 2 + j]));
  return cuts
    .slice(0, mostPartings)
    .map((cut) => [0, ...cut].map((from, i) => asDrawn(ordered.slice(from, cut[i] ?? ordered.length))));
}
const mostPartings = 15;

/** Of ways of parting them those that leave about as wide a gap as the widest does. */
function plainly<Groups extends readonly (readonly InkStroke[])[]>(
  parted: readonly Groups[],
): readonly Groups[] {
  const widest = Math.max(...parted.map(apartness));
  return parted.filter((groups) => apartness(groups) >= widest - asWide);
}
const asWide = 0.45;

/** Between digits there is a gap: how much of one, in heights, between neighbours. */
function apartness(groups: readonly (readonly InkStroke[])[]): number {
  const boxes = groups.map((group) => boxOf(group.flat()));
  const height = Math.max(...boxes.map((box) => box.height), 1);
  const gaps = boxes.slice(1).map((box, i) => (box.left - boxes[i]!.left - boxes[i]!.width) / height);
  return Math.max(-0.8, Math.min(0.5, Math.min(...gaps)));
}
