import { figure } from '../common/parameters.js';
import { numbersFrom } from '../common/numbersFrom.js';
import { shuffled, type Random } from '../common/random.js';
import type { Schools } from '../schools/schools.js';
import { lookAlikesOf, numerals } from '../numerals/lookAlikes.js';
import type { TaskEntry } from './task.js';
import type { Bowl, CardKind, Cards } from '../trace/trace.js';

/** Ten, and the middle of a line to twenty. */
const ten = 10;
/** Of cards that lie about so many are sought, of so many pictures or numerals. */
const sought = 3;
const picturesAbout = 6;
const numeralsAbout = 10;
/** Places of a walk, and sets to be given their cards. */
const placesOfHunt = 6;
const setsToMatch = 4;
/** Of a row with gaps, one card in so many is missing. */
const missingOneIn = 3;

/** What the cards for a try are drawn by, beside the number. */
export interface CardsWish {
  readonly way?: string | undefined;
  /** What this child takes for the number, or the number for: they lie among the others first. */
  readonly mixedUp: readonly number[];
  readonly schools: Pick<Schools, 'zero' | 'braille'>;
}

/** What is sought lies among others, those first that the child takes for it. */
export const liesAmongOthers = ({ makes }: Pick<TaskEntry, 'makes'>): boolean =>
  makes === 'find' || makes === 'find-all';

/** The cards for a try about a number. */
export function cardsFor(
  kind: CardKind,
  n: number,
  { way, mixedUp, schools }: CardsWish,
  random: Random,
): Cards {
  switch (kind) {
    case 'feel':
    case 'braille':
      return { kind, n, cards: [n], code: schools.braille };
    case 'name':
      return { kind, n, cards: [n] };
    case 'find':
      return {
        kind,
        n,
        cards: shuffled([n, ...othersFor(n, figure.cardsToFind - 1, mixedUp, random)], random),
      };
    case 'find-all': {
      const others = othersFor(n, 3, mixedUp, random);
      const among = Array.from({ length: numeralsAbout - sought }, (_, i) => others[i % others.length]!);
      return { kind, n, cards: shuffled([...Array<number>(sought).fill(n), ...among], random) };
    }
    case 'find-pictures': {
      const near = [n - 1, n + 1].filter((one) => one >= 1);
      const among = Array.from({ length: picturesAbout - sought }, (_, i) => near[i % near.length]!);
      return { kind, n, cards: shuffled([...Array<number>(sought).fill(n), ...among], random) };
    }
    case 'row':
      return rowTo(n, way, schools.zero, random);
    case 'stair':
      return { kind, n, cards: numbersFrom(1, n) };
    case 'match':
      return { kind, n, cards: someUpTo(n, setsToMatch, random) };
    case 'hunt':
      return { kind, n, cards: someUpTo(n, placesOfHunt, random) };
    case 'line':
      return { kind, n, cards: [ten] };
    case 'teen':
      return { kind, n, cards: [ten, n - ten] };
  }
}

/** From nought or one to n; with gaps the others lie there already, the first of them always. */
function rowTo(n: number, way: string | undefined, zero: Schools['zero'], random: Random): Cards {
  const isFromNought = way === 'from-nought' || (way === 'gaps' && zero === 'from-nought');
  const cards = numbersFrom(isFromNought ? 0 : 1, n);
  if (way !== 'gaps') return { kind: 'row', n, cards };
  const gaps = new Set(shuffled(cards.slice(1), random).slice(0, Math.max(2, Math.round(n / missingOneIn))));
  return { kind: 'row', n, cards, given: cards.filter((card) => !gaps.has(card)) };
}

/** So many numbers, each another one, n the largest of them. */
const someUpTo = (n: number, many: number, random: Random): readonly number[] =>
  shuffled([n, ...shuffled(numbersFrom(1, n - 1), random).slice(0, many - 1)], random);

/** What lies among: what this child mixes it up with, what is usually mixed up with it, its neighbours, then any. */
function othersFor(n: number, many: number, mixedUp: readonly number[], random: Random): readonly number[] {
  const near = [n - 1, n + 1].filter((one) => one >= 0);
  // Of as many digits, or it would be told by its length.
  const any = shuffled(
    numerals.filter((one) => one < ten === n < ten),
    random,
  );
  const all = [...mixedUp, ...lookAlikesOf(n), ...shuffled(near, random), ...any];
  return [...new Set(all)].filter((one) => one !== n).slice(0, many);
}

/** Kinds to be sorted: so many things in all, one kind plainly the most. */
export function sortedFor(n: number, kinds: readonly string[], random: Random): readonly Bowl[] {
  const many = Math.min(kinds.length, n >= 8 ? 3 : 2);
  // At least one of each; what is over goes to one of them by lot, most of it to the first.
  const counts = Array<number>(many).fill(1);
  for (let left = n - many; left > 0; left--) counts[random() < 0.5 ? 0 : Math.floor(random() * many)]!++;
  const most = Math.max(...counts);
  if (counts.filter((one) => one === most).length > 1) {
    const [giver, taker] = [counts.lastIndexOf(most), counts.indexOf(most)];
    if (counts[giver]! > 1) {
      counts[giver]!--;
      counts[taker]!++;
    }
  }
  return shuffled(
    counts.map((of, i) => ({ things: kinds[i]!, n: of })),
    random,
  );
}
