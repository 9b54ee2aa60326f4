import { cloudApart, elastic, straightening, type Elastic } from './elastic.js';
import type { DrawnForms } from '../numerals/style.js';
import { formsDrawn, library, type Form } from './library.js';
import { boxOf, lengthOf, resampled, type Box, type Point } from './stroke.js';
import {
  partsOf,
  placed,
  placedTrail,
  placementOver,
  trailOf,
  trailOfParts,
  trailPoints,
  type Trail,
} from './trail.js';

/** How ink came about, as far as one form tells it. */
export interface Explanation {
  readonly form: Form;
  readonly isMirrored: boolean;
  /** What the shape is off by, and what is unlikely about how it came about; less is better. */
  readonly cost: number;
  /** Of the shape alone. */
  readonly shape: number;
  /** Strokes of the ink in the order in which the form has them. */
  readonly order: readonly number[];
  /** By stroke of the ink: drawn from its end to its beginning, as the form has it. */
  readonly isReversed: readonly boolean[];
  /** By stroke of the ink: the first stroke of the form that it lies on. */
  readonly onStroke: readonly number[];
  /** Lifts where the form has none. */
  readonly extraLifts: number;
  /** The ink laid over the form, by stroke. */
  readonly laid: readonly (readonly Point[])[];
}

type Strokes = readonly (readonly Point[])[];

/** How unlikely each is; in the units of a shape's cost. */
const unlikely = {
  mirrored: 0.006,
  reversed: 0.004,
  outOfOrder: 0.004,
  extraLift: 0.004,
  joined: 0.003,
  begunElsewhere: 0.006,
  missing: 0.012,
  missingOfIntended: 0.006,
  noNumeral: 0.004,
  otherThanIntended: 0.006,
  drawnOut: 0.012,
} as const;

/** So many of the forms that look most alike are held against the ink. */
const candidates = { few: 12, many: 6 } as const;
/** Of the explanations so many are looked at more closely. */
const finalists = 6;

const flipped = (strokes: Strokes): Strokes =>
  strokes.map((stroke) => stroke.map(({ x, y }) => ({ x: -x, y })));

interface Known {
  readonly form: Form;
  readonly isMirrored: boolean;
  readonly strokes: Strokes;
  readonly trail: Trail;
  readonly rough: Trail;
  readonly box: Box;
}

/** Nought, one stroke straight down and eight are the same either way round. */
const hasTwoSides = ({ written, family }: Form): boolean =>
  written !== '0' && !(written === '1' && family === 'plain') && written !== '8' && written !== 'shape';

const knownOf = (form: Form): readonly Known[] =>
  [false, ...(hasTwoSides(form) ? [true] : [])].map((isMirrored) => {
    const strokes = isMirrored ? flipped(form.strokes) : form.strokes;
    const box = boxOf(strokes.flat());
    return {
      form,
      isMirrored,
      strokes,
      box,
      trail: trailOf(strokes),
      rough: trailOf(strokes, trailPoints.rough),
    };
  });

const known: readonly Known[] = library.flatMap(knownOf);

const kept = new WeakMap<DrawnForms, readonly Known[]>();

/** What a room has drawn itself, worked out once. */
function knownOfDrawn(drawn: DrawnForms | undefined): readonly Known[] {
  if (!drawn) return [];
  const made = kept.get(drawn) ?? formsDrawn(drawn).flatMap(knownOf);
  kept.set(drawn, made);
  return made;
}

/**
 * Ways in which the strokes may have come about, best first.
 *
 * @param drawn forms of the room’s own, accepted beside those of the library
 * @param intended the digits that may have been meant, where they are known: between two readings as near one of them is taken
 */
export function explain(strokes: Strokes, intended?: string, drawn?: DrawnForms): readonly Explanation[] {
  const ink = evened(strokes);
  const box = boxOf(ink.flat());
  const parts = partsOf(ink, trailPoints.rough);
  const cloud = trailOfParts(parts);
  const ways = arrangements(ink.length).map((way) => ({
    way,
    rough: trailOfParts(arrangedBy(parts, way)),
    unlikely: unlikely.reversed * way.isReversed.filter(Boolean).length,
  }));
  const alike = [...known, ...knownOfDrawn(drawn)]
    .map((one) => {
      const placement = placementOver(box, one.box);
      const besides = unlikelyOf(one, intended) + unlikely.drawnOut * placement.drawnOut;
      return {
        one,
        placement,
        besides,
        look: cloudApart(cloud, one.rough, placement) + besides,
      };
    })
    .sort((a, b) => a.look - b.look)
    .slice(0, ink.length < 3 ? candidates.few : candidates.many);
  const costOf = (of: (typeof alike)[number], { rough, unlikely: ofWay }: (typeof ways)[number]): number =>
    elastic(placedTrail(rough, of.placement), of.one.rough).cost + of.besides + ofWay;
  const tried = likelyWays(ways, (way) => Math.min(...alike.slice(0, 2).map((of) => costOf(of, way))));
  return alike
    .flatMap((of) => tried.map((way) => ({ ...of, way: way.way, cost: costOf(of, way) })))
    .sort((a, b) => a.cost - b.cost)
    .slice(0, finalists)
    .map(({ one, placement, way }) => {
      const laid = ink.map((stroke) => stroke.map((point) => placed(point, placement)));
      const besides = unlikely.drawnOut * placement.drawnOut;
      return straightened(one, laidOver(one, laid, way), besides, intended);
    })
    .sort((a, b) => a.cost - b.cost);
}

/** What is unlikely of a form, however the ink lies on it. */
const unlikelyOf = (
  { form, isMirrored }: Pick<Known, 'form' | 'isMirrored'>,
  intended: string | undefined,
): number => {
  const isIntended = intended?.includes(form.written) === true;
  return (
    (isMirrored ? unlikely.mirrored : 0) +
    unlikely.joined * form.joined +
    (form.isBegunElsewhere ? unlikely.begunElsewhere : 0) +
    (isIntended ? unlikely.missingOfIntended : unlikely.missing) * form.missing.length +
    (form.written === 'letter' || form.written === 'shape' ? unlikely.noNumeral : 0) +
    (intended !== undefined && !isIntended ? unlikely.otherThanIntended : 0)
  );
};

/** Of many ways those that are likely of the forms that look most alike, and as it was drawn. */
function likelyWays<Way>(ways: readonly Way[], costOf: (way: Way) => number): readonly Way[] {
  if (ways.length <= fewWays) return ways;
  const [asDrawn, ...others] = ways;
  const costs = new Map(others.map((way) => [way, costOf(way)]));
  const likely = others.toSorted((a, b) => costs.get(a)! - costs.get(b)!).slice(0, fewWays - 1);
  return [asDrawn!, ...likely];
}
const fewWays = 6;

/** As many points as matter, at even distances, however often the device has told where the pen is. */
function evened(strokes: Strokes): Strokes {
  const lengths = strokes.map((stroke) => lengthOf(stroke));
  const all = lengths.reduce((one, other) => one + other, 0) || 1;
  return strokes.map((stroke, i) =>
    resampled(stroke, Math.max(6, Math.round((evenPoints * lengths[i]!) / all))),
  );
}
const evenPoints = 72;

/** An order of strokes, and which of them are turned round. */
interface Way {
  readonly order: readonly number[];
  readonly isReversed: readonly boolean[];
}

const mostShuffled = 3;
const mostTurned = 4;

function arrangements(count: number): readonly Way[] {
  const asDrawn = Array.from({ length: count }, (_, i) => i);
  const orders = count <= mostShuffled ? permutations(asDrawn) : [asDrawn];
  const turns = count <= mostTurned ? 2 ** count : 1;
  return orders.flatMap((order) =>
    Array.from({ length: turns }, (_, bits) => ({
      order,
      isReversed: asDrawn.map((i) => (bits & (1 << i)) !== 0),
    })),
  );
}

function permutations(items: readonly number[]): readonly (readonly number[])[] {
  if (items.length <= 1) return [items];
  return items.flatMap((item) =>
    permutations(items.filter((one) => one !== item)).map((rest) => [item, ...rest]),
  );
}

const arrangedBy = (strokes: Strokes, { order, isReversed }: Way): Strokes =>
  order.map((i) => (isReversed[i] ? strokes[i]!.toReversed() : strokes[i]!));

/** The ink laid over a form in one way, as a line beside the form’s own. */
interface Laid {
  readonly strokes: Strokes;
  readonly way: Way;
  readonly mine: Trail;
  readonly match: Elastic;
}

function laidOver({ trail }: Known, strokes: Strokes, way: Way): Laid {
  const mine = trailOf(arrangedBy(strokes, way));
  return { strokes, way, mine, match: elastic(mine, trail) };
}

function explained(
  known: Known,
  { strokes: laid, way, mine, match }: Laid,
  besides: number,
  intended: string | undefined,
): Explanation {
  const { form, isMirrored, trail } = known;
  const onStroke = strokesOnto(mine, match, trail, way);
  const extraLifts = liftsBetween(mine, match, trail);
  const isOutOfOrder = onStroke.some((one, i) => i > 0 && one < onStroke[i - 1]!);
  const cost =
    match.cost +
    besides +
    unlikelyOf(known, intended) +
    unlikely.reversed * way.isReversed.filter(Boolean).length +
    (isOutOfOrder ? unlikely.outOfOrder : 0) +
    unlikely.extraLift * extraLifts;
  const { order, isReversed } = way;
  return { form, isMirrored, cost, shape: match.cost, order, isReversed, onStroke, extraLifts, laid };
}

/** For each stroke of the ink, as it was drawn, the stroke of the form on which most of it lies. */
function strokesOnto(mine: Trail, { onto }: Elastic, trail: Trail, { order }: Way): readonly number[] {
  const votes = order.map(() => new Map<number, number>());
  mine.strokeOf.forEach((place, i) => {
    const target = trail.strokeOf[onto[i]!]!;
    votes[place]!.set(target, (votes[place]!.get(target) ?? 0) + 1);
  });
  const byInk: number[] = [];
  order.forEach((stroke, place) => {
    byInk[stroke] = [...votes[place]!].sort((a, b) => b[1] - a[1])[0]![0];
  });
  return byInk;
}

/** Points that a lift may be off from that of the form. */
const liftOff = 3;

/** Lifts of the ink that fall on no lift of the form. */
function liftsBetween(mine: Trail, { onto }: Elastic, trail: Trail): number {
  const [lifts, own] = [liftsOf(trail), liftsOf(mine)];
  const met = own.filter((i) => lifts.some((j) => Math.abs(onto[i]! - j) <= liftOff)).length;
  return Math.max(own.length - lifts.length, own.length - met);
}

/** The points that come after a lift. */
const liftsOf = ({ strokeOf }: Trail): readonly number[] =>
  [...strokeOf.keys()].filter((i) => i > 0 && strokeOf[i] !== strokeOf[i - 1]);

/** How the ink came about by a form; once its slant, turn and proportions are taken out, where that brings it nearer. */
function straightened(of: Known, one: Laid, besides: number, intended: string | undefined): Explanation {
  const asLaid = explained(of, one, besides, intended);
  const straight = straightening(one.mine, of.trail, one.match.onto);
  if (!straight) return asLaid;
  const strokes = one.strokes.map((stroke) => stroke.map(straight));
  const again = explained(of, laidOver(of, strokes, one.way), 0, intended);
  return again.cost < asLaid.cost ? again : asLaid;
}
