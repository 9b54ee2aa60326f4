import type { Arrangement, Ended, Happening, TraceEvent, Word } from '../trace/trace.js';
import { placeName } from '../reading/readSharing.js';
import type { HiddenAbility } from './child.js';
import { chance, pick, type Random } from '../common/random.js';
import { chanceOfWords, WordsInProgress } from './words.js';

/** What is put to the child. */
export type PutToChild =
  | { readonly kind: 'say'; readonly target: number; readonly start?: number }
  | {
      readonly kind: 'count';
      readonly size: number;
      readonly arrangement: Arrangement;
      readonly asksHowMany: boolean;
      /** Asks once more after spreading them out, or from the other end. */
      readonly asksAgain?: boolean;
    }
  | { readonly kind: 'give'; readonly asked: readonly number[]; readonly pile: number }
  /** Asked before it counts, and once more after the things were moved. */
  | { readonly kind: 'answer'; readonly size: number; readonly arrangement: Arrangement }
  | {
      readonly kind: 'share';
      readonly places: number;
      readonly things: number;
      /** Counts what was put, once it is put. */
      readonly counts: boolean;
      /** What is right to say of it; null where nobody asks. */
      readonly right: string | null;
    }
  | {
      readonly kind: 'choose';
      readonly right: string;
      readonly other: string;
      /** What has to be noticed: words to n, or touches of n things. */
      readonly of: 'words' | 'touches';
      readonly n: number;
    };

export interface SimulatedTry {
  readonly events: readonly TraceEvent[];
  readonly ended: Ended;
}

/** How much more, or less, is lost track of than in a row. */
const SLIPS_BY_ARRANGEMENT: Record<Arrangement, number> = {
  movable: 0.4,
  frame: 0.6,
  row: 1,
  pictures: 1.3,
  heard: 1.4,
  scattered: 1.8,
  ring: 1.8,
  hidden: 2,
  none: 0,
};

/** Lets the child have one try, event by event, the way an adult would record it. */
export function simulateTry(ability: HiddenAbility, put: PutToChild, random: Random): SimulatedTry {
  const progress = new TryInProgress(ability, random);
  switch (put.kind) {
    case 'say':
      return progress.sayTo(put.target, put.start ?? 1);
    case 'count':
      return progress.count(put);
    case 'give':
      return progress.give(put.asked, put.pile);
    case 'answer':
      return progress.answer(put);
    case 'share':
      return progress.share(put);
    case 'choose':
      return progress.choose(put);
  }
}

interface Laid {
  readonly size: number;
  readonly arrangement: Arrangement;
}

class TryInProgress {
  private readonly events: TraceEvent[] = [];
  private t = 900;
  private readonly ability: HiddenAbility;
  private readonly random: Random;

  constructor(ability: HiddenAbility, random: Random) {
    this.ability = ability;
    this.random = random;
  }

  sayTo(target: number, start: number): SimulatedTry {
    const words = new WordsInProgress(this.ability, target, this.random);
    for (let i = 1; i < start; i++) words.next();
    for (let i = start; i <= target; i++) {
      if (words.stopsHere()) return this.end('stopped-itself');
      const word = words.next();
      this.add({ kind: 'say', word });
      if (typeof word === 'number' && word >= target) break;
    }
    return this.end('finished');
  }

  count(put: Extract<PutToChild, { kind: 'count' }>): SimulatedTry {
    const lastWord = this.countAll(put);
    if (!put.asksHowMany) return this.end('finished');
    this.add({ kind: 'ask', question: 'how-many' });
    const answer = this.answerHowMany(put, lastWord);
    if (put.asksAgain) this.askOnceMore(put, answer);
    return this.end('finished');
  }

  private askOnceMore(put: Laid, before: Word): void {
    this.add({ kind: 'ask', question: 'how-many' });
    const keeps = chance(this.random, this.ability.keeps);
    this.add({ kind: 'answer', value: keeps ? before : this.countAll(put) });
  }

  /** A child that knows n fetches n; asked for more than it knows, it hands over some it does not avoid. */
  give(requests: readonly number[], pile: number): SimulatedTry {
    const known = Math.floor(this.ability.fetches);
    for (const asked of requests) {
      this.add({ kind: 'ask', question: 'give' });
      const isKnown = known >= 5 ? true : asked <= known;
      this.add({ kind: 'given', value: isKnown ? this.fetchKnown(asked, pile) : this.grab(known, pile) });
    }
    return this.end('finished');
  }

  answer(put: Extract<PutToChild, { kind: 'answer' }>): SimulatedTry {
    this.add({ kind: 'ask', question: 'how-many' });
    const first = this.countAll(put);
    this.add({ kind: 'answer', value: first });
    this.askOnceMore(put, first);
    return this.end('finished');
  }

  share(put: Extract<PutToChild, { kind: 'share' }>): SimulatedTry {
    const { places, things } = put;
    let place = 0;
    for (let thing = 0; thing < things && place < places; thing++) {
      const doubles = place > 0 && chance(this.random, this.ability.slipPerThing);
      this.add({ kind: 'put', place: placeName(doubles ? place - 1 : place) });
      if (!doubles) place++;
    }
    if (put.counts) this.countAll({ size: places, arrangement: 'frame' });
    if (put.right !== null) {
      this.add({ kind: 'ask', question: 'which' });
      this.add({ kind: 'answer', value: chance(this.random, 0.85) ? put.right : 'enough' });
    }
    return this.end('finished');
  }

  /** What it notices it says; what it does not it calls right, as children do. */
  choose({ right, other, of, n }: Extract<PutToChild, { kind: 'choose' }>): SimulatedTry {
    const notices = of === 'words' ? chanceOfWords(this.ability, n) : (1 - this.ability.slipPerThing) ** n;
    this.add({ kind: 'ask', question: 'which' });
    const isSeen = right === 'right' || chance(this.random, notices);
    this.add({ kind: 'answer', value: isSeen && !chance(this.random, this.ability.lapse) ? right : other });
    return this.end('finished');
  }

  private fetchKnown(asked: number, pile: number): number {
    const losesCount = chance(
      this.random,
      this.ability.lapse + (asked > 4 ? this.ability.slipPerThing * asked * 0.5 : 0),
    );
    return losesCount ? Math.min(pile, Math.max(1, asked + pick(this.random, [-1, 1]))) : asked;
  }

  /** Some number, small ones likelier, seldom one that it knows, now and then all there are. */
  private grab(known: number, pile: number): number {
    if (chance(this.random, 0.06)) return pile;
    const weights = Array.from({ length: pile }, (_, i) => (i + 1) ** -0.8 * (i < known ? 1 / 12 : 1));
    let left = this.random() * weights.reduce((sum, weight) => sum + weight, 0);
    return 1 + weights.findIndex((weight) => (left -= weight) < 0);
  }

  private countAll({ size, arrangement }: Laid): Word {
    const words = new WordsInProgress(this.ability, size, this.random);
    let last: Word = 0;
    for (let thing = 0; thing < size; thing++) {
      if (chance(this.random, this.slipChanceAt(thing, size, arrangement)))
        last = this.loseTrack(words) ?? last;
      else last = this.say(words);
    }
    if (chance(this.random, this.ability.goesRound?.[arrangement] ?? 0)) last = this.say(words);
    return last;
  }

  /** The mean over the things is the child's own; racing moves the slips towards the end. */
  private slipChanceAt(thing: number, size: number, arrangement: Arrangement): number {
    const { slipPerThing, racing } = this.ability;
    const place = size === 1 ? 0.5 : thing / (size - 1);
    const tilt = (1 + (racing - 1) * place) / (1 + (racing - 1) / 2);
    return Math.min(0.95, slipPerThing * SLIPS_BY_ARRANGEMENT[arrangement] * tilt);
  }

  private loseTrack(words: WordsInProgress): Word | undefined {
    const how = pick(
      this.random,
      this.ability.racing > 1
        ? (['word', 'word', 'twice', 'left-out'] as const)
        : (['twice', 'twice', 'left-out', 'word', 'touch'] as const),
    );
    if (how === 'left-out' || how === 'touch') {
      this.add({ kind: how === 'touch' ? 'touch' : 'passed-over' });
      return undefined;
    }
    if (how === 'word') this.add({ kind: 'say', word: words.next() });
    const counted = this.say(words);
    if (how !== 'twice') return counted;
    const again = words.next();
    this.add({ kind: 'count', word: again, item: 'again' });
    return again;
  }

  private say(words: WordsInProgress): Word {
    const word = words.next();
    this.add({ kind: 'count', word });
    return word;
  }

  private answerHowMany(put: Extract<PutToChild, { kind: 'count' }>, lastWord: Word): Word {
    const knowsRule = chance(this.random, this.ability.lastWord);
    const answer = knowsRule
      ? lastWord
      : chance(this.random, this.ability.recounts)
        ? this.countAll(put)
        : pick(this.random, [2, 3, 5, 10, 'did-not-know']);
    this.add({ kind: 'answer', value: answer });
    return answer;
  }

  private add(happening: Happening): void {
    this.t += Math.round(this.ability.pace * (0.7 + 0.6 * this.random()));
    this.events.push({ ...happening, seq: this.events.length, t: this.t });
  }

  private end(ended: Ended): SimulatedTry {
    return { events: this.events, ended };
  }
}
