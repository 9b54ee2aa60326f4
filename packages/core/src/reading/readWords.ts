import { figure } from '../common/parameters.js';
import { isNumberWord, type CountStep, type Word } from '../trace/trace.js';

/** From the cheapest explanation of equal cost to the dearest: the order decides between equals. */
const wordSlipKinds = ['skipped', 'repeated', 'swapped', 'replaced', 'inserted', 'looped-back'] as const;
export type WordSlipKind = (typeof wordSlipKinds)[number];

export interface WordSlip {
  readonly kind: WordSlipKind;
  /** Index of the word in the list that was read. */
  readonly at: number;
  /** Skipped: the numbers left out; swapped: both as said; otherwise the word. */
  readonly words: readonly Word[];
  /** The number it came after. */
  readonly after: number;
}

export interface WordsReading {
  /** The last number accounted for before the first slip; one short of the start if there is none. */
  readonly upTo: number;
  readonly cost: number;
  readonly slips: readonly WordSlip[];
}

/** Nobody leaves out more numbers at once: a word further off is read as replaced or put in between. */
const FARTHEST_SKIP = 2_000;

/** The kinds by their places in `wordSlipKinds`, and a word as it was due. */
const [SKIPPED, REPEATED, SWAPPED, REPLACED, INSERTED, LOOPED_BACK, HIT] = [0, 1, 2, 3, 4, 5, 6] as const;

/**
 * Explains what was said as the cheapest set of slips against start, start ± 1, …: a shortest path
 * over (words explained so far, last number accounted for). Of equal costs fewest slips win, then
 * the kinds are compared from the first slip on. The child may stop anywhere at no cost.
 *
 * @param words what was said, in order
 * @param start the number the count should begin from
 * @param direction 1 counting on, −1 counting back (every number w is mirrored to 2·start − w)
 * @param step how far it is from word to word; a number between two of them is read as a word that is no number
 * @returns indexes into `words`; in `stepsToRead` steps
 * @example readWords([1, 2, 3, 4, 5, 7, 8], 1, 1) // skipped 6, upTo 5
 */
export function readWords(
  words: readonly Word[],
  start: number,
  direction: 1 | -1,
  step: CountStep = 1,
): WordsReading {
  const stride = direction * step;
  const placed = words.map((word) => placeInRun(word, start, stride));
  const { cost, steps, end } = cheapestWay(placed, start);
  const saidAt = (place: number): number => start + (place - start) * stride;
  const slips = steps.map((one) => ({
    kind: one.kind,
    at: one.at,
    words: slipWords(one, words, placed, saidAt),
    after: saidAt(one.after),
  }));
  return { upTo: slips[0]?.after ?? saidAt(end), cost, slips };
}

/** The word as if it were counted on by ones; a number that does not lie on the way is no number. */
function placeInRun(word: Word, start: number, stride: number): Word {
  if (!isNumberWord(word)) return word;
  const place = start + (word - start) / stride;
  return Number.isInteger(place) ? place : String(word);
}

/** How many steps a reading takes: for each word the last numbers that can have been accounted for. */
export function stepsToRead(words: readonly Word[], start: number): number {
  return highestBefore(words, start).reduce((sum, highest) => sum + highest - start + 2, 0);
}

interface Step {
  readonly kind: WordSlipKind;
  readonly at: number;
  /** Last number accounted for before the slip. */
  readonly after: number;
}

interface Way {
  readonly cost: number;
  readonly steps: readonly Step[];
  /** Last number accounted for. */
  readonly end: number;
}

/** More slips than a reading can have, so that cost and number of slips are one figure to compare. */
const SLIPS = 2 ** 20;

/**
 * Worked out from the last word to the first: from (word, last number accounted for) each kind of slip
 * leads on in one way only, so that of equal costs the earlier kind wins at once.
 */
function cheapestWay(words: readonly Word[], start: number): Way {
  const highest = highestBefore(words, start);
  const sizes = highest.map((number) => number - start + 2);
  const offsets: number[] = [];
  let steps = 0;
  for (const size of sizes) {
    offsets.push(steps);
    steps += size;
  }
  const ways = new Uint8Array(steps);
  const farthest = words.reduce<number>(
    (far, word) => (canBeReached(word, start) && word > far ? word : far),
    start,
  );
  const most = Math.max(farthest, ...highest) - start + 4;
  const layers = [new Float64Array(most), new Float64Array(most), new Float64Array(most)] as const;
  for (let at = words.length - 1; at >= 0; at--) {
    const here = layers[at % 3]!;
    const size = sizes[at]!;
    const onwards = { rest: layers[(at + 1) % 3]!, restOfNext: layers[(at + 2) % 3]! };
    explainWord(words, at, start, {
      here,
      ways: ways.subarray(offsets[at], offsets[at]! + size),
      ...onwards,
    });
    // Beyond the highest place all places cost the same: no word to come is above it.
    here.fill(here[size - 1]!, size);
  }
  const cost = words.length === 0 ? 0 : Math.floor(layers[0][0]! / SLIPS);
  return { cost, ...follow(words, start, (at) => ways.subarray(offsets[at], offsets[at]! + sizes[at]!)) };
}

interface Layers {
  /** To be filled in: what the words from here on cost, and the way taken, by the last number before them. */
  readonly here: Float64Array;
  readonly ways: Uint8Array;
  /** What the words after this one cost, and after the next. */
  readonly rest: Float64Array;
  readonly restOfNext: Float64Array;
}

/** Fills in how best to explain `words[at]`, for each last number accounted for; place 0 is start − 1. */
function explainWord(words: readonly Word[], at: number, start: number, layers: Layers): void {
  const { here, ways, rest, restOfNext } = layers;
  const word = words[at]!;
  const size = ways.length;
  const replaced = slip(isNumberWord(word) ? figure.replacedCost : figure.replacedByNoNumberCost);
  const inserted = slip(isNumberWord(word) ? figure.insertedCost : figure.insertedNoNumberCost);
  const place = canBeReached(word, start) ? word - start + 1 : 0;
  const fromWord = place > 0 ? rest[place]! : Infinity;
  const due = place - 1;
  const further = figure.skippedFurtherCost * SLIPS;
  const asLoopedBack = fromWord + slip(figure.loopedBackCost);
  // Each number further below costs more.
  let asSkipped = fromWord + slip(figure.skippedCost) + further * (due - 1);
  for (let p = 0; p < size; p++) {
    const asReplaced = rest[p + 1]! + replaced;
    const asInserted = rest[p]! + inserted;
    let best = asReplaced;
    let way: number = REPLACED;
    if (asInserted < best) {
      best = asInserted;
      way = INSERTED;
    }
    if (p < due) {
      if (asSkipped <= best) {
        best = asSkipped;
        way = SKIPPED;
      }
      asSkipped -= further;
    } else if (asLoopedBack < best) {
      best = asLoopedBack;
      way = LOOPED_BACK;
    }
    here[p] = best;
    ways[p] = way;
  }
  if (place === 0) return;
  const take = (p: number, way: number, cost: number): void => {
    if (p < 0 || p >= size || cost > here[p]! || (cost === here[p] && way > ways[p]!)) return;
    here[p] = cost;
    ways[p] = way;
  };
  take(place, REPEATED, fromWord + slip(figure.repeatedCost));
  if (words[at + 1] === (word as number) - 1)
    take(place - 2, SWAPPED, restOfNext[place]! + slip(figure.swappedCost));
  if (due < size) {
    // A word that is due is never a slip, whatever comes of it.
    here[due] = fromWord;
    ways[due] = HIT;
  }
}

const slip = (cost: number): number => cost * SLIPS + 1;

/** Goes the way that was chosen, from the first word on. */
function follow(
  words: readonly Word[],
  start: number,
  chosenAt: (at: number) => Uint8Array,
): Omit<Way, 'cost'> {
  const steps: Step[] = [];
  let end = start - 1;
  for (let at = 0; at < words.length; at++) {
    const ways = chosenAt(at);
    const way = ways[Math.min(end - start + 1, ways.length - 1)]!;
    const kind = wordSlipKinds[way];
    if (kind) steps.push({ kind, at, after: end });
    if (kind === 'replaced') end++;
    else if (kind !== 'inserted') end = words[at] as number;
    // The second of two that were swapped is explained with the first.
    if (kind === 'swapped') at++;
  }
  return { steps, end };
}

/**
 * The highest last number to tell apart before each word: no more than every word before it can have
 * led to, and no more than one above the numbers still to come, beyond which all is the same.
 */
function highestBefore(words: readonly Word[], start: number): readonly number[] {
  const reachable: number[] = [];
  let highest = start - 1;
  for (const word of words) {
    reachable.push(highest);
    highest = canBeReached(word, start) ? Math.max(highest + 1, word) : highest + 1;
  }
  let toCome = start - 1;
  for (let at = words.length - 1; at >= 0; at--) {
    const word = words[at]!;
    if (canBeReached(word, start)) toCome = Math.max(toCome, word);
    reachable[at] = Math.min(reachable[at]!, toCome + 1);
  }
  return reachable;
}

/** Whether a count from the start can come to this word. */
function canBeReached(word: Word, start: number): word is number {
  return isNumberWord(word) && Number.isInteger(word) && word >= start && word - start < FARTHEST_SKIP;
}

/** The words concerned, as they were said; of those skipped, as they would have been. */
function slipWords(
  { kind, at, after }: Step,
  words: readonly Word[],
  placed: readonly Word[],
  saidAt: (place: number) => number,
): readonly Word[] {
  switch (kind) {
    case 'skipped':
      return Array.from({ length: (placed[at] as number) - after - 1 }, (_, i) => saidAt(after + 1 + i));
    case 'swapped':
      return [words[at]!, words[at + 1]!];
    default:
      return [words[at]!];
  }
}
