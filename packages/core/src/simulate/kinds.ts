import { chance, pick } from '../common/random.js';
import { rightChoice } from '../reading/readChoice.js';
import { placeName } from '../reading/readSharing.js';
import type { CaptureKind } from '../shelf/captureKind.js';
import type { Task } from '../shelf/tasks.js';
import type { TraySet, Word } from '../trace/trace.js';
import type { Laid, SimulatedTry, TryInProgress } from './tryInProgress.js';
import { chanceOfWords, WordsInProgress } from './words.js';

/** What each kind of task puts to the child. */
interface Puts {
  readonly say: { readonly target: number; readonly start?: number };
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
    readonly of: 'words' | 'touches';
    readonly n: number;
  };
  /** Asked before it counts, and once more after the things were moved. */
  readonly answer: Laid;
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
    put: ({ task, n }) => ({ target: n, ...(task.start !== undefined && { start: task.start }) }),
    take: (tried, { target, start = 1 }) => {
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
      asked: set.layout?.bowls?.map((bowl) => bowl.n) ?? [n],
      pile: task.pile ?? n,
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
      if (counts) tried.countAll({ size: places, arrangement: 'frame' });
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
      const other = right === 'right' ? 'not-right' : 'right';
      return { right, other, of: task.makes === 'touches' ? 'touches' : 'words', n };
    },
    // What it notices it says; what it does not it calls right, as children do.
    take: (tried, { right, other, of, n }) => {
      const { ability, random } = tried;
      const notices = of === 'words' ? chanceOfWords(ability, n) : (1 - ability.slipPerThing) ** n;
      tried.add({ kind: 'ask', question: 'which' });
      const isSeen = right === 'right' || chance(random, notices);
      tried.add({ kind: 'answer', value: isSeen && !chance(random, ability.lapse) ? right : other });
      return tried.end('finished');
    },
  },
  answer: {
    put: ({ task, n }) => ({ size: n, arrangement: task.arrangement }),
    take: (tried, put) => {
      tried.add({ kind: 'ask', question: 'how-many' });
      const first = tried.countAll(put);
      tried.add({ kind: 'answer', value: first });
      askOnceMore(tried, put, first);
      return tried.end('finished');
    },
  },
};

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
