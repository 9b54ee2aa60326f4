import type { Arrangement, Word } from '../trace/trace.js';
import type { Hypothesis } from '../comparing/rules.js';
import { chance, type Random } from '../common/random.js';

/** What a simulated child can do, which no reading is told. */
export interface HiddenAbility {
  /** Threshold of the conventional order of number words, on the number axis. */
  readonly orderTo: number;
  /** How sharply the order gives way there; 0.5 at once, 2.7 over many numbers. */
  readonly orderSlope: number;
  /** Chance that anything at all goes wrong in a try, wherever the child stands. */
  readonly lapse: number;
  /** The number word it always leaves out once past it; null for none. */
  readonly skips: number | null;
  /** What it always says after the conventional part; empty where it guesses. */
  readonly ownOrder: readonly Word[];
  /** Chance of stopping of itself, rather than going on, where its words end. */
  readonly stopsItself: number;
  /** Chance of losing track at each thing, in a row. */
  readonly slipPerThing: number;
  /** How much likelier it loses track at the last thing than at the first: racing fingers. */
  readonly racing: number;
  /** Chance of going on past the last thing, by where the things lie; absent for hardly ever. */
  readonly goesRound?: Partial<Record<Arrangement, number>>;
  /** How many it can fetch: 0 to 4, or 5 for any number by counting. */
  readonly fetches: number;
  /** Chance of answering "how many?" with the last word. */
  readonly lastWord: number;
  /** Of the other answers, the share in which it counts all over again. */
  readonly recounts: number;
  /** Chance of knowing that the number stays when the things are moved. */
  readonly keeps: number;
  /** Threshold of going on from a number; absent where it comes a little after the words. */
  readonly goesOnTo?: number;
  /** Chance of saying the number itself as the first of those put to it; none where nothing is said. */
  readonly countsStart?: number;
  /** What it goes by when it compares sets; absent for their number. */
  readonly comparesBy?: Hypothesis;
  /** How many it sees without counting; absent for three. */
  readonly seesTo?: number;
  /** Which numerals it reads, and which it takes for another; absent for those well within its words. */
  readonly reads?: {
    readonly known: readonly number[];
    readonly takes?: Readonly<Record<number, number>>;
  };
  /** Chances that a digit is begun and led as it should be, and that it faces the other way; absent for a usual hand. */
  readonly writes?: { readonly forms: number; readonly turns: number };
  /** Milliseconds from word to word. */
  readonly pace: number;
}

/** A child of four in the middle of it all; others are told by how they differ. */
export const usualChild: HiddenAbility = {
  orderTo: 12,
  orderSlope: 1,
  lapse: 0.04,
  skips: null,
  ownOrder: [],
  stopsItself: 0.5,
  slipPerThing: 0.04,
  racing: 1,
  fetches: 4,
  lastWord: 0.7,
  recounts: 0.5,
  keeps: 0.5,
  pace: 950,
};

/** How an ability changes in a week of nursery. */
export interface Growth {
  readonly orderTo: number;
  /** Factor on the slip chance. */
  readonly slipPerThing: number;
  readonly fetches: number;
  readonly lastWord: number;
  readonly keeps: number;
}

export function grown(ability: HiddenAbility, growth: Growth, weeks: number): HiddenAbility {
  return {
    ...ability,
    orderTo: Math.min(30, ability.orderTo + growth.orderTo * weeks),
    slipPerThing: ability.slipPerThing * growth.slipPerThing ** weeks,
    fetches: Math.min(5, ability.fetches + growth.fetches * weeks),
    lastWord: Math.min(0.97, ability.lastWord + growth.lastWord * weeks),
    keeps: Math.min(0.97, ability.keeps + growth.keeps * weeks),
  };
}

const BAD_DAY = { chance: 0.1, fewerWords: 2, slips: 1.7, lapses: 2, lastWord: 0.7 } as const;

/** Now and then a child is tired, cross or elsewhere, and less of it shows for a whole sitting. */
export function onThisDay(ability: HiddenAbility, random: Random): HiddenAbility {
  if (!chance(random, BAD_DAY.chance)) return ability;
  return {
    ...ability,
    orderTo: ability.orderTo - BAD_DAY.fewerWords,
    slipPerThing: Math.min(0.9, ability.slipPerThing * BAD_DAY.slips),
    lapse: ability.lapse * BAD_DAY.lapses,
    lastWord: ability.lastWord * BAD_DAY.lastWord,
  };
}
