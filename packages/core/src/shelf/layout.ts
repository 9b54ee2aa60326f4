import { puppetCount } from './puppetCount.js';
import { pick, seededRandom, type Random } from '../common/random.js';
import { besides, type Bowl, type Change, type Hand, type Layout, type Turns } from '../trace/trace.js';
import { comparisonFor } from './comparison.js';
import { counterKinds, otherCounter, type Counter } from './counters.js';
import { usualSchools, type Schools } from '../schools/schools.js';
import { cardsFor, sortedFor } from './cardsLayout.js';
import { writingFor } from './writingLayout.js';
import { balanceFor, carryFor, patternsFor, tenAndSome, toTen, type Laid } from './partsLayout.js';
import type { Sum, TaskEntry } from './task.js';

/** Things beyond the places of a frame, which are to stay outside. */
export const spareThings = 2;
const bowlsOfRecipe = 4;
/** ms between drops into the tin: at an even pace, and the shortest and longest of an uneven one. */
const evenGap = 1_000;
const unevenGaps = [550, 1_900] as const;
/** ms between what is in the tin and what falls into it. */
const pauseBetween = 3_000;
/** Words asked for after the number, where a child counts on or back from it. */
export const wordsOn = 3;

/** What a try is laid by, beside its task and number. */
export interface Around {
  /** Kinds of things that may be laid beside those in hand. */
  readonly kinds?: readonly string[];
  /** Kinds that the room has added. */
  readonly own?: readonly Counter[];
  /** Numerals that the child takes for the number, or it for them: they lie among those to choose from. */
  readonly mixedUp?: readonly number[];
  /** The room’s ways, or the child’s own. */
  readonly schools?: Schools;
  /** The hand that the child writes with, where it is known. */
  readonly hand?: Hand | null;
}

/**
 * What is generated for a try of a task at a number: the same for the same seed. A layout that
 * needs nothing is absent.
 *
 * @param seed by which the lots are drawn
 * @param way the id of one of the task's ways
 */
export function layoutFor(
  task: TaskEntry,
  n: number,
  things: string,
  seed: number,
  way?: string,
  { kinds = counterKinds, own = [], mixedUp = [], schools = usualSchools, hand = null }: Around = {},
): Layout | undefined {
  const random = seededRandom(seed * 911 + n);
  const isPlaced = task.arrangement === 'scattered' || task.arrangement === 'ring';
  const layout: Layout = {
    ...((isPlaced || task.makes || task.compares || task.shows) && { seed }),
    ...(way !== undefined && { way }),
    ...(task.arrangement === 'ring' && { marked: way === 'marked' }),
    // Two by two a frame is filled by columns; line by line it needs no word.
    ...(task.arrangement === 'frame' && schools.frames === 'pairs' && { fill: 'pairs' as const }),
    ...madeFor(task, n, { things, kinds, own, mixedUp, schools, hand }, seed, way, random),
  };
  return Object.keys(layout).length > 0 ? layout : undefined;
}

function madeFor(
  { makes, compares, shows }: TaskEntry,
  n: number,
  laid: Laid & Required<Around>,
  seed: number,
  way: string | undefined,
  random: Random,
): Layout {
  if (compares) return { comparison: comparisonFor({ ...compares, ...laid, n }, random) };
  if (shows) return { patterns: patternsFor(shows, n, way, random) };
  if (makes === undefined) return {};
  switch (makes) {
    case 'words':
    case 'touches':
      return { puppet: puppetCount(makes, n, seed) };
    case 'drops':
      return { drops: dropsFor(n, way !== 'uneven', random) };
    case 'cells':
      return { places: cellsFor(n, laid.schools.extras) };
    case 'jars':
      return { places: Math.max(1, n + pick(random, [-1, 0, 1])) };
    case 'bowls':
      return { bowls: bowlsFor(n, laid, random) };
    case 'game':
      return { places: n, most: mostInATurn };
    case 'times':
    case 'fingers':
    case 'squares':
      return { doing: makes };
    case 'on':
    case 'back':
    case 'next':
    case 'before':
    case 'more':
    case 'fewer':
    case 'covered':
    case 'together':
    case 'other-set':
      return withDrops(makes, changeFor(makes, n, random), random);
    case 'handful':
      return { handful: true };
    case 'parts':
      return { parts: true, model: otherCounter(laid.things, laid.kinds) };
    case 'partners':
      return { pairs: true };
    case 'pattern':
      return { carry: carryFor(way, laid) };
    case 'balance':
      return { balance: balanceFor(way, n, random) };
    case 'name':
    case 'find':
    case 'find-all':
    case 'find-pictures':
    case 'row':
    case 'match':
    case 'hunt':
    case 'line':
    case 'teen':
    case 'stair':
    case 'feel':
    case 'braille':
      return { cards: cardsFor(makes, n, { way, ...laid }, random) };
    case 'air':
    case 'trace':
    case 'copy':
    case 'write':
    case 'write-how-many':
      return { writing: writingFor(makes, n, way, laid) };
    case 'tally':
    case 'ring-or-draw':
      return { records: makes };
    case 'track':
      return { places: boxesOfTrack, track: true };
    case 'sorted':
      return { sorted: sortedFor(n, kindsFrom(laid), random) };
    case 'to-ten':
      return toTen(n);
    case 'ten-and-some':
      return { change: tenAndSome(way, n) };
    case 'turns':
      return { turns: turnsFor(n, random) };
    case 'beside':
      return {
        model: otherCounter(laid.things, laid.kinds),
        beside: besides.find((one) => one === way) ?? 'fewer',
      };
    case 'model':
      return { model: otherCounter(laid.things, laid.kinds) };
  }
}

/** A frame has five, ten or twenty cells, however many things there are: the empty ones say how many more. */
export const frameSizes = [5, 10, 20] as const;
const cellsFor = (n: number, extras: Schools['extras']): number =>
  // Beyond ten: a second frame, or outside the first.
  extras === 'outside' && n > 10 ? 10 : (frameSizes.find((cells) => cells >= n) ?? frameSizes.at(-1)!);

const boxesOfTrack = 10;

/** Of a game in turns. */
const mostInATurn = 3;
/** So few are put to a number, or taken from it, that a child can go on from it. */
const fewMore = 3;

/** One of two turns came to n, the other to as many or fewer: now and then to none. */
function turnsFor(n: number, random: Random): Turns {
  const draw = random();
  const other = draw < 0.15 ? n : draw < 0.3 ? 0 : Math.floor(random() * n);
  return random() < 0.5 ? { last: n, now: other } : { last: other, now: n };
}

/** A number and what is done to it; n is the whole of it, the largest number that comes up. */
function changeFor(sum: Sum, n: number, random: Random): Change {
  // One more and one fewer are tasks of their own.
  const least = n > fewMore ? 2 : 1;
  const few = least + Math.floor(random() * (Math.max(1, Math.min(fewMore, n - 1)) - least + 1));
  switch (sum) {
    case 'on':
      return { from: n, by: wordsOn };
    case 'back':
      return { from: n, by: Math.max(1, n - wordsOn) - n };
    case 'next':
      return { from: n, by: 1 };
    case 'before':
      return { from: n, by: -1 };
    case 'more':
    case 'together':
      return { from: n - few, by: few };
    case 'fewer':
      return { from: n, by: -few };
    // So few stay under the cloth.
    case 'covered':
      return { from: n, by: few - n, covered: true };
    // Now and then what lies there is too many.
    case 'other-set':
      return random() < 0.25
        ? { from: n + few, by: -few }
        : { from: Math.max(1, n - few), by: n - Math.max(1, n - few) };
  }
}

/** What falls into a tin is heard: first those that were in it, then, after a while, the others. */
function withDrops(sum: Sum, change: Change, random: Random): Layout {
  if (sum !== 'more') return { change };
  const first = dropsFor(change.from, true, random);
  const later = first.at(-1)! + pauseBetween;
  return { change, drops: [...first, ...dropsFor(change.by, true, random).map((at) => later + at)] };
}

/** When each drop falls, in ms from the beginning of the playing. */
export function dropsFor(n: number, isEven: boolean, random: Random): readonly number[] {
  let at = 0;
  return Array.from({ length: n }, (_, i) => {
    const [shortest, longest] = unevenGaps;
    if (i > 0) at += isEven ? evenGap : Math.round(shortest + random() * (longest - shortest));
    return at;
  });
}

/** The kind in hand, then the others in the order of the shelf. */
const kindsFrom = ({ things, kinds }: Laid): readonly string[] => [
  ...new Set([things, ...kinds.slice(kinds.indexOf(things) + 1), ...kinds.slice(0, kinds.indexOf(things))]),
];

/** Four bowls, of as many kinds as may be laid, the numbers drawn by lot, the largest of them n. */
function bowlsFor(n: number, { things, kinds }: Laid, random: Random): readonly Bowl[] {
  const full = Math.floor(random() * bowlsOfRecipe);
  const laid = kindsFrom({ things, kinds });
  return Array.from({ length: bowlsOfRecipe }, (_, i) => ({
    things: laid[i % laid.length]!,
    n: i === full ? n : 1 + Math.floor(random() * n),
  }));
}
