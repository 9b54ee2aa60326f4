import { figure } from '../common/parameters.js';
import { orderPriorMean } from '../estimates/priors.js';
import { usualChild, type HiddenAbility } from './child.js';
import { chanceOfGoingOn, harderBack } from './goingOn.js';
import { pick, type Random } from '../common/random.js';
import { chanceOfWords } from './words.js';

/** A child drawn at random, with what is true of it. */
export interface DrawnChild {
  readonly months: number;
  readonly ability: HiddenAbility;
}

/** Slips are drawn as if so many things had gone well before each. */
const CLEAN_BEFORE_A_SLIP = 15;
/** Shapes and slips that the estimates do not know of. */
const SLOPES = [0.6, 1, 1.8] as const;
const LAPSES = [0.02, 0.04, 0.08] as const;

/** A child of 30 to 72 months: its thresholds from the priors, its shape, lapses and slips its own. */
export function drawChild(random: Random): DrawnChild {
  const months = 30 + Math.floor(random() * 43);
  const mean = orderPriorMean(months)!;
  return {
    months,
    ability: {
      ...usualChild,
      orderTo: Math.min(34, Math.max(-3, mean + figure.priorSd * normal(random))),
      orderSlope: pick(random, SLOPES),
      lapse: pick(random, LAPSES),
      slipPerThing: 1 - (1 - random()) ** (1 / CLEAN_BEFORE_A_SLIP),
      racing: pick(random, [1, 1, 1, 3]),
      fetches: Math.floor(random() * 6),
    },
  };
}

/** Standard normal (Box and Muller 1958). */
function normal(random: Random): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

/** The largest n such that the words run to every number up to it three times in four. */
export function trueOrder(ability: HiddenAbility, largest: number): number {
  return largestSteady((n) => chanceOfWords(ability, n), largest);
}

/** The largest set counted in a row without a slip three times in four. */
export function trueTracking(ability: HiddenAbility, largest: number): number {
  return largestSteady((n) => (1 - ability.slipPerThing) ** n, largest);
}

/** The largest number from which, and from every smaller one, it goes on, or back, three times in four. */
export function trueGoingOn(ability: HiddenAbility, goes: 1 | -1, largest: number): number {
  return largestSteady((n) => chanceOfGoingOn(ability, n + (goes === 1 ? 0 : harderBack)), largest);
}

function largestSteady(chanceAt: (n: number) => number, largest: number): number {
  let n = 0;
  while (n < largest && chanceAt(n + 1) >= figure.steadyChance) n++;
  return n;
}
