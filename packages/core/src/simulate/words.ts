import type { Word } from '../trace/trace.js';
import type { HiddenAbility } from './child.js';
import { chance, pick, type Random } from '../common/random.js';

/** Chance that the words run in order to n at least. */
export function chanceOfWords(ability: HiddenAbility, n: number): number {
  return (1 - ability.lapse) / (1 + Math.exp(-(ability.orderTo + 0.5 - n) / ability.orderSlope));
}

/** The number words of one try as they come: in order as far as they go today, then the child's own. */
export class WordsInProgress {
  private last: Word = 0;
  /** Words said after the conventional part. */
  private beyond = 0;
  private readonly reach: number;
  private readonly lapseAt: number;
  private readonly ability: HiddenAbility;
  private readonly random: Random;

  constructor(ability: HiddenAbility, target: number, random: Random) {
    this.ability = ability;
    this.random = random;
    this.reach = reachToday(ability, random);
    this.lapseAt = chance(random, ability.lapse) ? 1 + Math.floor(random() * target) : 0;
  }

  /** Whether the child, its words at an end, stops of itself. */
  stopsHere(): boolean {
    const next = typeof this.last === 'number' ? this.last + 1 : Infinity;
    return (
      next > this.reach && this.ability.ownOrder.length === 0 && chance(this.random, this.ability.stopsItself)
    );
  }

  next(): Word {
    this.last = this.wordAfter(this.last);
    return this.last;
  }

  private wordAfter(last: Word): Word {
    if (typeof last === 'number' && this.beyond === 0) {
      const due = last + 1 === this.ability.skips ? last + 2 : last + 1;
      if (last + 1 === this.lapseAt) return pick(this.random, [last + 2, last + 2, Math.max(1, last)]);
      if (due <= this.reach) return due;
    }
    const own = this.ability.ownOrder[this.beyond];
    this.beyond++;
    if (own !== undefined) return own;
    const from = typeof last === 'number' ? last : Math.max(1, Math.floor(this.reach));
    return pick(this.random, [from + 2, from + 3, Math.max(1, from - 2), 'umpteen']);
  }
}

/** How far the words run in this try: as the chance falls with n, so does the share of tries that get there. */
function reachToday(ability: HiddenAbility, random: Random): number {
  const luck = random() * (1 - ability.lapse);
  let n = 0;
  while (n < 100 && chanceOfWords(ability, n + 1) > luck) n++;
  return n;
}
