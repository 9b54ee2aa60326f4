import { daysBetween } from '../estimates/axis.js';
import { figure } from '../estimates/parameters.js';
import { orderPriorMean } from '../estimates/priors.js';
import { fadingWeight } from '../estimates/proportion.js';
import { threshold } from '../estimates/threshold.js';
import { observationsOf, thresholdTriesOf } from '../evidence/observations.js';
import { dayOf, type Trace } from '../trace/trace.js';
import { readPrivateOrder } from '../words/readOrder.js';
import { earliestDay, groundsOf } from './grounds.js';
import type { OrderStatement } from './statement.js';

export function orderStatement(
  language: string,
  traces: readonly Trace[],
  date: string,
  months: number | null,
): readonly OrderStatement[] {
  const counts = traces.flatMap((trace) => {
    const order = observationsOf(trace).order;
    return order ? [{ trace, ...order, fade: fadingWeight(daysBetween(dayOf(trace), date)) }] : [];
  });
  if (counts.length === 0) return [];
  const triedTo = Math.max(...counts.map((one) => one.upTo + (one.brokeOff ? 1 : 0)));
  let conventionalTo = triedTo;
  while (conventionalTo > 0 && !reaches(conventionalTo)) conventionalTo--;
  const supports = counts.filter((one) => one.upTo >= conventionalTo && one.weight.success > 0);
  const claims = threshold(
    counts.flatMap((one) => thresholdTriesOf(one, dayOf(one.trace))),
    { priorMean: orderPriorMean(months), claim: figure.statedClaim, day: date },
  );
  return [
    {
      skill: 'order',
      language,
      conventionalTo,
      privateOrder: readPrivateOrder(
        counts.map((one) => one.words),
        conventionalTo,
      ),
      triedTo,
      sure:
        conventionalTo === 0 ? 0 : claims.supported[Math.min(conventionalTo, claims.supported.length) - 1]!,
      since: conventionalTo === 0 ? null : earliestDay(supports.map((one) => one.trace)),
      ...groundsOf(
        counts.map((one) => one.trace),
        supports.map((one) => one.trace),
      ),
    },
  ];

  /** At least two thirds, by weight, of the tries that say anything of the number reach it. */
  function reaches(n: number): boolean {
    let reached = 0;
    let spoken = 0;
    for (const { upTo, brokeOff, weight, fade } of counts) {
      if (upTo >= n) reached += weight.success * fade;
      if (upTo >= n) spoken += weight.success * fade;
      else if (brokeOff) spoken += weight.miss * fade;
    }
    return reached > 0 && 3 * reached >= 2 * spoken;
  }
}
