import type { Arrangement, Happening, TraceEvent, Word } from '../trace/trace.js';
import { chance, pick, type Random } from './random.js';

/** What a simulated child can do, which no reading is told. */
export interface HiddenAbility {
  /** How far the conventional order of number words goes. */
  readonly orderTo: number;
  /** The number word it always leaves out once past it; null for none. */
  readonly skips: number | null;
  /** Chance of losing track at each thing, in a row; moving things aside makes it smaller. */
  readonly slipPerThing: number;
  /** Chance of answering "how many?" with the last word. */
  readonly lastWord: number;
  /** Of the other answers, the share in which it counts all over again. */
  readonly recounts: number;
  /** Milliseconds from word to word. */
  readonly pace: number;
}

/** How an ability changes in a week of nursery. */
export interface Growth {
  readonly orderTo: number;
  /** Factor on the slip chance. */
  readonly slipPerThing: number;
  readonly lastWord: number;
}

export function grown(ability: HiddenAbility, growth: Growth, weeks: number): HiddenAbility {
  return {
    ...ability,
    orderTo: Math.min(30, ability.orderTo + growth.orderTo * weeks),
    slipPerThing: ability.slipPerThing * growth.slipPerThing ** weeks,
    lastWord: Math.min(0.97, ability.lastWord + growth.lastWord * weeks),
  };
}

const ASIDE_KEEPS_TRACK = 0.4;

export interface PutToChild {
  readonly size: number;
  readonly arrangement: Arrangement;
  readonly asksHowMany: boolean;
}

/** Lets the child count the set, event by event, the way an adult would record it. */
export function simulateCount(ability: HiddenAbility, put: PutToChild, random: Random): TraceEvent[] {
  const count = new CountInProgress(ability, put, random);
  const lastWord = count.countAll();
  if (put.asksHowMany) count.answerHowMany(lastWord);
  return count.events;
}

class CountInProgress {
  readonly events: TraceEvent[] = [];
  private t = 900;
  private lastWord: Word = 0;

  private readonly ability: HiddenAbility;
  private readonly put: PutToChild;
  private readonly random: Random;

  constructor(ability: HiddenAbility, put: PutToChild, random: Random) {
    this.ability = ability;
    this.put = put;
    this.random = random;
  }

  private add(happening: Happening): void {
    this.t += Math.round(this.ability.pace * (0.7 + 0.6 * this.random()));
    this.events.push({ ...happening, seq: this.events.length, t: this.t });
  }

  countAll(): Word {
    const slip = this.ability.slipPerThing * (this.put.arrangement === 'movable' ? ASIDE_KEEPS_TRACK : 1);
    for (let thing = 0; thing < this.put.size; thing++) {
      if (!chance(this.random, slip)) this.count();
      else this.loseTrack();
    }
    return this.lastWord;
  }

  private loseTrack(): void {
    const how = pick(this.random, ['twice', 'twice', 'left-out', 'word', 'touch'] as const);
    if (how === 'left-out') return this.add({ kind: 'passed-over' });
    if (how === 'touch') return this.add({ kind: 'touch' });
    if (how === 'word') this.add({ kind: 'say', word: this.nextWord() });
    this.count();
    if (how === 'twice') this.add({ kind: 'count', word: this.nextWord(), item: 'again' });
  }

  private count(): void {
    this.add({ kind: 'count', word: this.nextWord() });
  }

  /** The next word in the child's own order; past its end, guesses. */
  private nextWord(): Word {
    const last = typeof this.lastWord === 'number' ? this.lastWord : this.ability.orderTo;
    const next = last + 1 === this.ability.skips ? last + 2 : last + 1;
    this.lastWord =
      next <= this.ability.orderTo
        ? next
        : pick(this.random, [next + 1, next + 2, Math.max(1, last - 2), 'umpteen']);
    return this.lastWord;
  }

  answerHowMany(lastWord: Word): void {
    this.add({ kind: 'ask', question: 'how-many' });
    if (chance(this.random, this.ability.lastWord)) return this.add({ kind: 'answer', value: lastWord });
    if (chance(this.random, this.ability.recounts)) {
      this.lastWord = 0;
      return this.add({ kind: 'answer', value: this.countAll() });
    }
    this.add({ kind: 'answer', value: pick(this.random, [2, 3, 5, 10, 'did-not-know']) });
  }
}
