import { mixedDensity, type Density } from '../estimates/axis.js';
import { figure } from '../common/parameters.js';
import { orderPriorMean } from '../estimates/priors.js';
import { threshold } from '../estimates/threshold.js';
import { observationsOf, type OrderObservation } from '../evidence/observations.js';
import { dayOf, type Trace } from '../trace/trace.js';
import { readPrivateOrder } from '../reading/readOrder.js';
import { sayNumber } from './sayNumber.js';
import type { OrderStatement } from './statement.js';

/** How far the number words of one language go in order, and what comes after them. */
export function orderStatement(
  language: string,
  traces: readonly Trace[],
  date: string,
  months: number | null,
): readonly OrderStatement[] {
  const counts = traces.flatMap((trace) => {
    const order = observationsOf(trace).order;
    return order ? [{ trace, ...order }] : [];
  });
  if (counts.length === 0) return [];
  const known = threshold(
    counts.flatMap((one) => one.tries),
    {
      priorMean: null,
      prior: orderPrior(months),
      slopes: figure.orderSlopes,
      slopeWeights: figure.orderSlopeWeights,
      countsAlone: false,
      claimsBySlope: true,
      fade: figure.fade,
      day: date,
      keepAs: `order ${language} ${months}`,
    },
  );
  const said = sayNumber(
    counts.map(({ trace, upTo, brokeOff, weight }) => ({
      trace,
      passed: upTo >= 1 ? { n: upTo, weight: weight.success } : null,
      missed: brokeOff ? { n: upTo + 1, weight: weight.miss } : null,
    })),
    { ...known, onAnyDay: onAnyDay(known.supported, goodDaysOf(counts)) },
    null,
  );
  const ownAfter = usuallyTo(counts);
  const privateOrder = readPrivateOrder(
    counts.map((one) => one.words),
    ownAfter,
  );
  return [{ skill: 'order', by: 'order', language, privateOrder, ownAfter, ...said }];
}

/**
 * How far at least two thirds of the counts that say anything of a number go: what comes after is the
 * child's own, if anything is. It tells which words come, not how sure we are.
 */
function usuallyTo(counts: readonly Pick<OrderObservation, 'upTo' | 'brokeOff'>[]): number {
  const reaches = (n: number): boolean => {
    const reached = counts.filter(({ upTo }) => upTo >= n).length;
    const spoken = counts.filter(({ upTo, brokeOff }) => upTo >= n || brokeOff).length;
    return 3 * reached >= 2 * spoken;
  };
  let n = Math.max(0, ...counts.map((one) => one.upTo));
  while (n > 0 && !reaches(n)) n--;
  return n;
}

const priors = new Map<number | null, Density>();

/** Where the words may be expected to end, with room for children far from what their age makes one expect. */
export function orderPrior(months: number | null): Density {
  const made = priors.get(months);
  if (made) return made;
  const prior = mixedDensity(orderPriorMean(months), [
    [figure.priorSd, 1 - figure.orderWideShare],
    [figure.orderWideSd, figure.orderWideShare],
  ]);
  priors.set(months, prior);
  return prior;
}

const goodDaysOf = (counts: readonly { readonly trace: Trace; readonly upTo: number }[]): number =>
  new Set(counts.filter(({ upTo }) => upTo >= 1).map(({ trace }) => dayOf(trace))).size;

/**
 * Some children have so many days on which their words end far sooner that they do not go so far three times
 * in four; few days do not tell. For them only so much of what the others show is so.
 *
 * @param supported by n − 1
 */
function onAnyDay(supported: readonly number[], goodDays: number): readonly number[] {
  const unseen = figure.manyBadDays * (1 - figure.badDaysOfMany) ** goodDays;
  const share = unseen / (unseen + 1 - figure.manyBadDays);
  return supported.map((support, i) => {
    const beyond = supported[Math.ceil((i + 1) / figure.reachOnBadDays) - 1] ?? 0;
    return (1 - share) * support + share * beyond;
  });
}
