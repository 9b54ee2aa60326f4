import { chance, pick } from '../common/random.js';
import { brailleOf, mirroredCell } from '../numerals/braille.js';
import { numerals } from '../numerals/lookAlikes.js';
import { placeableOf } from '../reading/placeable.js';
import { placeIn, slotsOf } from '../reading/slots.js';
import type { Change, DotPattern, Question, TraySet, Word } from '../trace/trace.js';
import { chanceOfGoingOn, harderBack } from './goingOn.js';
import type { SimulatedTry, TryInProgress } from './tryInProgress.js';

/** Something goes wrong with what is put or told, now and then. */
const slipsOfOrder = 0.12;

/** Puts or tells one after the other and slips now and then; finds the ways, or the cards, in some order and leaves some out. */
export function putInOrder(tried: TryInProgress, set: TraySet): SimulatedTry {
  for (const place of orderedBy(tried, set)) tried.add({ kind: 'put', place });
  return tried.end('finished');
}

function orderedBy({ ability, random }: TryInProgress, set: TraySet): readonly string[] {
  const slots = slotsOf(set);
  if (slots) {
    return slots.map((slot) => {
      const isAny = slot.wanted === null || chance(random, slipsOfOrder);
      return placeIn(slot, isAny ? pick(random, slot.options) : slot.wanted);
    });
  }
  const { cards } = set.layout ?? {};
  // A cell is now and then turned over.
  if (cards?.kind === 'braille')
    return [...brailleOf(cards.n, cards.code === 'maths' ? 'maths' : 'literary')].map((cell) =>
      chance(random, slipsOfOrder) ? mirroredCell(cell) : cell,
    );
  const of = placeableOf(set);
  if (cards) return of.filter((place) => chance(random, cards.cards[Number(place)] === cards.n ? 0.9 : 0.08));
  return of.slice(0, -1).filter(() => !chance(random, slipsOfOrder + ability.lapse));
}

/** Reads the numerals it knows, and takes others for one of those, or for none. */
export function readNumeralFor(
  { ability, random }: TryInProgress,
  n: number,
  among: readonly number[],
): Word {
  const { known, takes = {} } = ability.reads ?? {
    known: numerals.filter((one) => one < ability.orderTo * 0.8),
  };
  if (known.includes(n) && !chance(random, ability.lapse)) return n;
  const taken = takes[n];
  if (taken !== undefined && (among.length === 0 || among.includes(taken))) return taken;
  return among.length > 0 ? pick(random, among) : pick(random, ['did-not-know', pick(random, numerals)]);
}

/** Known patterns are seen a little further, and in a frame a whole line at once. */
const furtherIn: Readonly<Record<DotPattern['form'], number>> = {
  loose: 0,
  die: 1.5,
  fingers: 1.5,
  'frame-rows': 2,
  'frame-pairs': 2,
};

/** Sees how many there are, or says one about as many. */
export function see(tried: TryInProgress, { form, n }: DotPattern): SimulatedTry {
  const { ability, random } = tried;
  tried.add({ kind: 'ask', question: 'how-many' });
  const reach = (ability.seesTo ?? 3) + furtherIn[form];
  const sees = chance(random, (1 - ability.lapse) / (1 + Math.exp(2.5 * (n - reach - 0.5))));
  tried.add({ kind: 'answer', value: sees ? n : Math.max(1, n + pick(random, [-1, 1])) });
  return tried.end('finished');
}

/** The next words from a number, or, where the child cannot, all over again, another word or none. */
export function goFrom(tried: TryInProgress, n: number, goes: 1 | -1): SimulatedTry {
  const { ability, random } = tried;
  const words = (from: number, to: number): void => {
    const step = from <= to ? 1 : -1;
    for (let word = from; word !== to + step; word += step) tried.add({ kind: 'say', word });
  };
  const most = goes === 1 ? n + 3 : Math.max(1, n - 3);
  const harder = goes === 1 ? 0 : harderBack;
  if (chance(random, chanceOfGoingOn(ability, n + harder))) {
    words(chance(random, 0.3) ? n : n + goes, most);
    return tried.end('finished');
  }
  const how = pick(random, ['restarts', 'restarts', 'silent', 'another'] as const);
  if (how === 'silent') return tried.end('stopped-itself');
  if (how === 'restarts') words(1, n + 2);
  else words(n + 2, n + 4);
  return tried.end('finished');
}

/** What a number comes to that has so many put to it or taken from it; one short, one over, or not known. */
export function workOut(tried: TryInProgress, { from, by }: Change, question: Question): SimulatedTry {
  const { ability, random } = tried;
  tried.add({ kind: 'ask', question });
  const right = from + by;
  // Nothing is drawn of a child that does not: what the others do stays as it was.
  if (by > 1 && ability.countsStart !== undefined && chance(random, ability.countsStart)) {
    tried.add({ kind: 'answer', value: right - 1 });
    return tried.end('finished');
  }
  const knows = chance(
    random,
    chanceOfGoingOn(ability, Math.max(from, right) + Math.min(2, Math.abs(by) - 1)),
  );
  const value = knows ? right : pick(random, [Math.max(0, right - 1), right + 1, 'did-not-know']);
  tried.add({ kind: 'answer', value });
  return tried.end('finished');
}
