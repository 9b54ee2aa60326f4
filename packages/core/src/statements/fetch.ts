import { knowerLevels, levels, statedLevel, type FetchTry } from '../estimates/knowerLevels.js';
import { figure } from '../common/parameters.js';
import { tracking, type TrackingTry } from '../estimates/tracking.js';
import { observationsOf } from '../evidence/observations.js';
import type { Trace } from '../trace/trace.js';
import { sayNumber } from './sayNumber.js';
import { thingsOf } from './weaknesses.js';
import type { FetchStatement } from './statement.js';

/** How many a child fetches when asked. */
export function fetchStatement(traces: readonly Trace[], date: string): readonly FetchStatement[] {
  const looks = traces.flatMap((trace) => {
    const fetch = observationsOf(trace).fetch;
    return fetch ? [{ trace, request: fetch }] : [];
  });
  if (looks.length === 0) return [];
  const requests = looks.map(({ request }) => request);
  const options = { pile: figure.usualPile, day: date };
  const { careful } = statedLevel(requests, options, figure.statedClaim);
  const distribution = knowerLevels(requests, options);
  const counted = tracking(requests.filter((one) => one.asked >= figure.firstCounted).map(asCount), {
    day: date,
    keepAs: 'fetch',
  });
  const atLeast = levels.map((_, level) =>
    levels.slice(level).reduce((sum, one) => sum + distribution[one], 0),
  );
  // Whoever counts to fetch may still lose track on the way to a large number.
  const upTo = (byLevel: readonly number[], kept: readonly number[]): readonly number[] =>
    Array.from({ length: figure.usualPile }, (_, i) =>
      i + 1 < figure.firstCounted ? byLevel[i + 1]! : byLevel[figure.firstCounted]! * kept[i]!,
    );
  const supported = upTo(careful, counted.supported);
  const likely = upTo(atLeast, counted.likely);
  const said = sayNumber(
    looks.map(({ trace, request: { asked, given, weight } }) => ({
      trace,
      passed: given === asked ? { n: asked, weight } : null,
      missed: given === asked ? null : { n: asked, weight },
    })),
    { supported, likely, chanceAt: (n) => likely[n - 1] ?? 0 },
    thingsOf,
  );
  const { likelyTo } = said;
  const level = likelyTo === 0 ? null : likelyTo >= figure.firstCounted ? 'CP' : levels[likelyTo]!;
  const missedAbove = requests.some((one) => one.given !== one.asked && one.asked > likelyTo);
  return [{ skill: 'fetch', by: 'fetch', level, levels: distribution, missedAbove, ...said }];
}

const counts = new WeakMap<FetchTry, TrackingTry>();

/** A request for a number that is counted out, as a count of so many things; kept with it. */
function asCount(request: FetchTry): TrackingTry {
  const kept = counts.get(request);
  if (kept) return kept;
  const { asked, given, weight, day } = request;
  const count = { n: asked, success: given === asked, firstSlip: null, weight, day };
  counts.set(request, count);
  return count;
}
