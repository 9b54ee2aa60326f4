import { chance, pick } from '../common/random.js';
import { rightChoice } from '../reading/readChoice.js';
import { placeName } from '../reading/readSharing.js';
import type { CaptureKind } from '../shelf/captureKind.js';
import { laysThings, type Task } from '../shelf/tasks.js';
import type {
  Beside,
  Cards,
  Change,
  Comparison,
  DotPattern,
  Question,
  TraySet,
  Word,
} from '../trace/trace.js';
import type { Laid, SimulatedTry, TryInProgress } from './tryInProgress.js';
import { takenOf } from './taken.js';
import { chanceOfGoingOn } from './goingOn.js';
import { goFrom, putInOrder, readNumeralFor, see, workOut } from './worksOut.js';
import { write } from './writes.js';
import { chanceOfWords, WordsInProgress } from './words.js';

/** What each kind of task puts to the child. */
interface Puts {
  readonly say: {
    readonly target: number;
    readonly start?: number;
    /** On or back from the number. */ readonly goes?: 1 | -1;
  };
  readonly count: Laid & {
    readonly asksHowMany: boolean;
    /** Asks once more after spreading them out, or from the other end. */
    readonly asksAgain?: boolean;
  };
  readonly give: { readonly asked: readonly number[]; readonly pile: number };
  readonly share: {
    readonly places: number;
    readonly things: number;
    /** Counts what was put, once it is put. */
    readonly counts: boolean;
    /** What is right to say of it; null where nobody asks. */
    readonly right: string | null;
  };
  readonly choose: {
    readonly right: string;
    readonly other: string;
    /** What has to be noticed: words to n, or touches of n things. */
    readonly of: 'words' | 'touches' | 'turns';
    readonly n: number;
    /** Sets side by side. */
    readonly comparison?: Comparison;
    /** Or numerals of which one is to be found. */
    readonly cards?: Cards | undefined;
  };
  readonly order: { readonly set: TraySet };
  readonly ink: { readonly set: TraySet };
  /** Asked before it counts, and once more after the things were moved. */
  readonly answer: Laid & {
    /** Or it is asked what a number comes to. */
    readonly change?: Change | undefined;
    readonly asks?: Question | undefined;
    /** Or so many are shown for a moment. */
    readonly shown?: DotPattern | undefined;
    /** Or a numeral is to be named. */
    readonly cards?: Cards | undefined;
  };
}

export type PutOfKind<Kind extends CaptureKind> = Puts[Kind] & { readonly kind: Kind };
export type PutToChild = { readonly [Kind in CaptureKind]: PutOfKind<Kind> }[CaptureKind];

/** A task as it is laid for the child. */
export interface LaidTask {
  readonly task: Task;
  readonly set: TraySet;
  readonly n: number;
  readonly asksHowMany: boolean;
}

interface SimulatedKind<Kind extends CaptureKind> {
  readonly put: (laid: LaidTask) => Puts[Kind];
  /** What the child does with it. */
  readonly take: (tried: TryInProgress, put: Puts[Kind]) => SimulatedTry;
}

/** One entry for each kind of task, and nothing about a kind anywhere else in the simulator. */
export const simulatedKinds: { readonly [Kind in CaptureKind]: SimulatedKind<Kind> } = {
  say: {
    put: ({ task, n }) => ({
      target: n,
      ...(task.start !== undefined && { start: task.start }),
      ...(task.goes !== undefined && { goes: task.goes }),
    }),
    take: (tried, { target, start = 1, goes }) => {
      if (goes !== undefined) return goFrom(tried, target, goes);
      const words = new WordsInProgress(tried.ability, target, tried.random);
      for (let i = 1; i < start; i++) words.next();
      for (let i = start; i <= target; i++) {
        if (words.stopsHere()) return tried.end('stopped-itself');
        const word = words.next();
        tried.add({ kind: 'say', word });
        if (typeof word === 'number' && word >= target) break;
      }
      return tried.end('finished');
    },
  },
  count: {
    put: ({ task, n, asksHowMany }) => ({
      size: n,
      arrangement: task.arrangement,
      asksHowMany,
      asksAgain: task.asksAgain === true,
    }),
    take: (tried, put) => {
      const lastWord = tried.countAll(put);
      if (!put.asksHowMany) return tried.end('finished');
      tried.add({ kind: 'ask', question: 'how-many' });
      const answer = answerHowMany(tried, put, lastWord);
      if (put.asksAgain) askOnceMore(tried, put, answer);
      return tried.end('finished');
    },
  },
  give: {
    put: ({ task, set, n }) => ({
      asked: set.layout?.bowls?.map((bowl) => bowl.n) ?? [besideOf(n, set.layout?.beside)],
      pile: task.pile ?? (laysThings(task) ? n : n + 2),
    }),
    // A child that knows n fetches n; asked for more than it knows, it hands over some it does not avoid.
    take: (tried, { asked: requests, pile }) => {
      const known = Math.floor(tried.ability.fetches);
      for (const asked of requests) {
        tried.add({ kind: 'ask', question: 'give' });
        const isKnown = known >= 5 ? true : asked <= known;
        const value = isKnown ? fetchKnown(tried, asked, pile) : grab(tried, known, pile);
        tried.add({ kind: 'given', value });
      }
      return tried.end('finished');
    },
  },
  share: {
    put: ({ task, set, n }) => ({
      places: set.layout?.places ?? n,
      things: set.pile ?? set.size,
      counts: task.choosing === undefined,
      right: rightChoice(set),
    }),
    take: (tried, { places, things, counts, right }) => {
      let place = 0;
      for (let thing = 0; thing < things && place < places; thing++) {
        const doubles = place > 0 && chance(tried.random, tried.ability.slipPerThing);
        tried.add({ kind: 'put', place: placeName(doubles ? place - 1 : place) });
        if (!doubles) place++;
      }
      if (counts) tried.countAll({ size: Math.min(places, things), arrangement: 'frame' });
      if (right !== null) {
        tried.add({ kind: 'ask', question: 'which' });
        tried.add({ kind: 'answer', value: chance(tried.random, 0.85) ? right : 'enough' });
      }
      return tried.end('finished');
    },
  },
  choose: {
    put: ({ task, set, n }) => {
      const right = rightChoice(set) ?? 'right';
      const other = task.choosing?.find((one) => one !== right) ?? 'right';
      const of = task.makes === 'game' ? 'turns' : task.makes === 'touches' ? 'touches' : 'words';
      const { comparison } = set.layout ?? {};
      return { right, other, of, n, cards: set.layout?.cards, ...(comparison && { comparison }) };
    },
    // What it notices it says; what it does not it calls right, as children do.
    take: (tried, { right, other, of, n, comparison, cards }) => {
      const { ability, random } = tried;
      if (cards?.kind === 'find') {
        tried.add({ kind: 'ask', question: 'find' });
        tried.add({ kind: 'answer', value: readNumeralFor(tried, n, cards.cards) });
        return tried.end('finished');
      }
      if (comparison) {
        const value = takenOf(comparison, ability.comparesBy ?? { rule: 'number' }, random);
        tried.add({ kind: 'ask', question: 'which' });
        tried.add({ kind: 'answer', value });
        return tried.end('finished');
      }
      const notices = {
        words: chanceOfWords(ability, n),
        touches: (1 - ability.slipPerThing) ** n,
        turns: chanceOfGoingOn(ability, 9),
      }[of];
      tried.add({ kind: 'ask', question: 'which' });
      const isSeen = right === 'right' || chance(random, notices);
      tried.add({ kind: 'answer', value: isSeen && !chance(random, ability.lapse) ? right : other });
      return tried.end('finished');
    },
  },
  order: {
    put: ({ set }) => ({ set }),
    take: (tried, { set }) => putInOrder(tried, set),
  },
  ink: {
    put: ({ set }) => ({ set }),
    take: (tried, { set }) => write(tried, set, set.layout!.writing!),
  },
  answer: {
    put: ({ task, set, n }) => ({
      size: n,
      arrangement: task.arrangement,
      change: set.layout?.change ?? differenceOf(set),
      asks: task.asks,
      shown: set.layout?.patterns?.[0],
      cards: set.layout?.cards,
    }),
    take: (tried, put) => {
      if (put.cards) {
        tried.add({ kind: 'ask', question: 'name' });
        tried.add({ kind: 'answer', value: readNumeralFor(tried, put.cards.n, []) });
        return tried.end('finished');
      }
      if (put.shown) return see(tried, put.shown);
      if (put.change) return workOut(tried, put.change, put.asks ?? 'how-many');
      tried.add({ kind: 'ask', question: 'how-many' });
      const first = tried.countAll(put);
      tried.add({ kind: 'answer', value: first });
      askOnceMore(tried, put, first);
      return tried.end('finished');
    },
  },
};

/** By how many one of two sets is larger: as many as are left of it. */
function differenceOf({ layout }: TraySet): Change | undefined {
  const [one, other] = layout?.comparison?.sets ?? [];
  if (!one || !other) return undefined;
  const [more, fewer] = [Math.max(one.n, other.n), Math.min(one.n, other.n)];
  return { from: more, by: -fewer };
}

/** The nearest number that stands so to another. */
const besideOf = (n: number, beside: Beside | undefined): number =>
  beside === undefined ? n : beside === 'fewer' ? Math.max(1, n - 1) : n + 1;

function answerHowMany(tried: TryInProgress, laid: Laid, lastWord: Word): Word {
  const { ability, random } = tried;
  const knowsRule = chance(random, ability.lastWord);
  const answer = knowsRule
    ? lastWord
    : chance(random, ability.recounts)
      ? tried.countAll(laid)
      : pick(random, [2, 3, 5, 10, 'did-not-know']);
  tried.add({ kind: 'answer', value: answer });
  return answer;
}

function askOnceMore(tried: TryInProgress, laid: Laid, before: Word): void {
  tried.add({ kind: 'ask', question: 'how-many' });
  const keeps = chance(tried.random, tried.ability.keeps);
  tried.add({ kind: 'answer', value: keeps ? before : tried.countAll(laid) });
}

function fetchKnown({ ability, random }: TryInProgress, asked: number, pile: number): number {
  const losesCount = chance(random, ability.lapse + (asked > 4 ? ability.slipPerThing * asked * 0.5 : 0));
  return losesCount ? Math.min(pile, Math.max(1, asked + pick(random, [-1, 1]))) : asked;
}

/** Some number, small ones likelier, seldom one that it knows, now and then all there are. */
function grab({ random }: TryInProgress, known: number, pile: number): number {
  if (chance(random, 0.06)) return pile;
  const weights = Array.from({ length: pile }, (_, i) => (i + 1) ** -0.8 * (i < known ? 1 / 12 : 1));
  let left = random() * weights.reduce((sum, weight) => sum + weight, 0);
  return 1 + weights.findIndex((weight) => (left -= weight) < 0);
}
