import type { NumberSkill } from '../shelf/task.js';
import type { TaskId } from '../shelf/tasks.js';
import { intervalOf, type Density } from '../estimates/axis.js';
import { knowerLevels, levels, statedLevel } from '../estimates/knowerLevels.js';
import { orderPrior } from '../statements/order.js';
import { threshold } from '../estimates/threshold.js';
import { mostTracked, tracking, trackingWays } from '../estimates/tracking.js';
import { observationsOf } from '../evidence/observations.js';
import type { HiddenAbility } from '../simulate/child.js';
import { trueOrder, trueTracking, type DrawnChild } from '../simulate/population.js';
import type { PutToChild } from '../simulate/simulateTry.js';
import type { Trace, TraySet } from '../trace/trace.js';

/** What an estimate reads from a child's tries. */
export interface Reading {
  /** Best guess of the number the child is steady to. */
  readonly best: number;
  /** What may be said. */
  readonly claimed: number;
  readonly interval: readonly [lo: number, hi: number];
  /** Bits still open. */
  readonly entropy: number;
}

/** One skill as the bench puts it to simulated children. */
export interface BenchSkill {
  readonly skill: NumberSkill;
  /** The task it is put by. */
  readonly task: TaskId;
  readonly largest: number;
  readonly pile?: number;
  readonly set: Omit<TraySet, 'size' | 'things'>;
  readonly put: (n: number) => PutToChild;
  readonly truth: (ability: HiddenAbility) => number;
  /** What the interval should hold. */
  readonly target: (ability: HiddenAbility) => number;
  /** Claims need this probability. */
  readonly read: (child: DrawnChild, tries: readonly Trace[], claim: number) => Reading;
}

const PILE = 15;
const LARGEST_SAID = 30;
const LARGEST_SET = 20;
/** A child that counts to fetch is sure of every number asked for here. */
const LARGEST_FETCHED = 10;
const NUMBER_OF_LEVEL = [0, 1, 2, 3, 4, LARGEST_FETCHED] as const;

const entropyOf = (probabilities: Iterable<number>): number =>
  [...probabilities].reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0);

/** The largest number, no larger than can be asked, that is as likely steady as not. */
function bestGuess(likely: readonly number[], largest: number): number {
  let n = 0;
  while (n < largest && likely[n]! >= 0.5) n++;
  return n;
}

function readingOf(
  known: {
    readonly posterior: Density;
    readonly likely: readonly number[];
    readonly steadyTo: number;
  },
  largest: number,
): Reading {
  return {
    best: bestGuess(known.likely, largest),
    claimed: known.steadyTo,
    interval: intervalOf(known.posterior),
    entropy: entropyOf(known.posterior),
  };
}

export const benchSkills: readonly BenchSkill[] = [
  {
    skill: 'order',
    task: 'say-far',
    largest: LARGEST_SAID,
    set: { arrangement: 'none' },
    put: (target) => ({ kind: 'say', target }),
    truth: (ability) => trueOrder(ability, LARGEST_SAID),
    target: (ability) => ability.orderTo,
    read: ({ months }, tries, claim) => {
      const runs = tries.flatMap((trace) => observationsOf(trace).order?.tries ?? []);
      return readingOf(
        threshold(runs, { priorMean: null, prior: orderPrior(months), countsAlone: false, claim }),
        LARGEST_SAID,
      );
    },
  },
  {
    skill: 'one-to-one',
    task: 'count-row',
    largest: LARGEST_SET,
    set: { arrangement: 'row' },
    put: (size) => ({ kind: 'count', size, arrangement: 'row', asksHowMany: false }),
    truth: (ability) => trueTracking(ability, LARGEST_SET),
    target: (ability) => trueTracking(ability, mostTracked),
    read: (_, tries, claim) => readTracking(tries, claim),
  },
  {
    skill: 'fetch',
    task: 'give-n',
    largest: LARGEST_FETCHED,
    pile: PILE,
    set: { arrangement: 'movable', pile: PILE },
    put: (asked) => ({ kind: 'give', asked: [asked], pile: PILE }),
    truth: (ability) => NUMBER_OF_LEVEL[Math.floor(ability.fetches)]!,
    target: (ability) => NUMBER_OF_LEVEL[Math.floor(ability.fetches)]!,
    read: (_, tries, claim) => readFetching(tries, claim),
  },
];

function readTracking(tries: readonly Trace[], claim: number): Reading {
  const counts = tries.flatMap((trace) => observationsOf(trace).tracking ?? []);
  const { supported, likely, interval, posterior } = tracking(counts);
  const passedTo = Math.max(0, ...counts.filter((one) => one.success).map((one) => one.n));
  let claimed = 0;
  while (claimed < passedTo && supported[claimed]! >= claim) claimed++;
  const byNumber = Array.from({ length: mostTracked + 1 }, (_, n) =>
    trackingWays.reduce((sum, { holdsTo }, i) => sum + (holdsTo === n ? posterior[i]! : 0), 0),
  );
  return { best: bestGuess(likely, LARGEST_SET), claimed, interval, entropy: entropyOf(byNumber) };
}

function readFetching(tries: readonly Trace[], claim: number): Reading {
  const requests = tries.flatMap((trace) => observationsOf(trace).fetch ?? []);
  const distribution = knowerLevels(requests, { pile: PILE });
  const weights = levels.map((level) => distribution[level]);
  const numberAt = (share: number): number => {
    let below = 0;
    return NUMBER_OF_LEVEL[weights.findIndex((weight) => (below += weight) >= share)] ?? LARGEST_FETCHED;
  };
  const { level } = statedLevel(requests, { pile: PILE }, claim);
  return {
    best: numberAt(0.5),
    claimed: level === null ? 0 : NUMBER_OF_LEVEL[levels.indexOf(level)]!,
    interval: [numberAt(0.05), numberAt(0.95)],
    entropy: entropyOf(weights),
  };
}
