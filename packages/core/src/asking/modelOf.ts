import { daysBetween } from '../estimates/axis.js';
import { figure } from '../common/parameters.js';
import { borrowedTracking, fromTheEasiest } from '../estimates/priors.js';
import { threshold, type ThresholdTry } from '../estimates/threshold.js';
import { tracking, trackingPrior } from '../estimates/tracking.js';
import { orderPrior } from '../statements/order.js';
import { shapesOf } from '../statements/tracking.js';
import { thresholdReaders } from '../evidence/thresholdReaders.js';
import { observationsOf } from '../evidence/observations.js';
import { dayOf, type Arrangement, type Trace } from '../trace/trace.js';
import type { Asking } from './asking.js';
import { isNumeralSkill } from '../skills/map.js';
import { fetchModel, thresholdModel, trackingModel } from './models.js';
import { speaksOf } from '../estimates/numerals.js';
import { numeralModel } from './numeralModel.js';
import type { AskingModel } from './model.js';
import type { NumberSkill } from '../skills/map.js';

/** What the child's tries say of the skill in this arrangement, for choosing a question. */
export function modelOf(skill: NumberSkill, asking: Asking, arrangement: Arrangement): AskingModel {
  const { day, pile = asking.largest } = asking;
  const tries = recentOf(asking);
  switch (skill) {
    case 'order':
      return orderModel(tries, asking);
    case 'one-to-one': {
      const prior = priorFromOthers(tries, arrangement, day);
      const shapes = shapesOf(arrangement);
      return trackingModel(trackingTriesOf(tries, arrangement), { day, shapes, ...(prior && { prior }) });
    }
    case 'fetch':
      return fetchModel(
        tries.flatMap((trace) => observationsOf(trace).fetch ?? []),
        pile,
        day,
      );
    default:
      if (isNumeralSkill(skill))
        return numeralModel(
          tries.flatMap((trace) => observationsOf(trace).numerals).filter(speaksOf(skill)),
          day,
        );
      return thresholdModel(
        tries.flatMap((trace) => observationsOf(trace).thresholds[skill] ?? []),
        {
          priorMean: thresholdReaders[skill].priorMean(asking.months),
          ...thresholdReaders[skill].varies,
          day,
        },
      );
  }
}

/** The words of each language are learnt for themselves; how sharply they give way is the child's own. */
function orderModel(tries: readonly Trace[], { day, months, language }: Asking): AskingModel {
  const runsOf = (traces: readonly Trace[]): readonly ThresholdTry[] =>
    traces.flatMap((trace) => observationsOf(trace).order?.tries ?? []);
  const options = { priorMean: null, prior: orderPrior(months), day };
  const others = runsOf(tries.filter((trace) => trace.language !== language));
  return thresholdModel(runsOf(tries.filter((trace) => trace.language === language)), {
    ...options,
    ...(others.length > 0 && {
      slopeWeights: threshold(others, options).bySlope.map((one) => one.weight),
    }),
  });
}

/** Recent enough, on a day, for the choice of a question. */
export function isRecent(trace: Trace, day: string): boolean {
  return daysBetween(dayOf(trace), day) <= 7 * figure.askingWeeks;
}

/** What is older says little of today; it is used where there is nothing newer. */
function recentOf({ tries, day }: Asking): readonly Trace[] {
  const recent = tries.filter((trace) => isRecent(trace, day));
  return recent.length > 0 ? recent : tries;
}

/**
 * What another arrangement has told, as a prior: the nearest easier one with tries, to which each easier one
 * in turn lends; where there is none, the nearest harder one.
 */
function priorFromOthers(
  tries: readonly Trace[],
  arrangement: Arrangement,
  day: string,
): Float64Array | undefined {
  const place = fromTheEasiest.indexOf(arrangement);
  const isAsked = (one: Arrangement): boolean => trackingTriesOf(tries, one).length > 0;
  const easier = fromTheEasiest.slice(0, place).findLast(isAsked);
  const from = easier ?? fromTheEasiest.slice(place + 1).find(isAsked);
  if (from === undefined) return undefined;
  const lent = easier && priorFromOthers(tries.filter(isBelow(place)), from, day);
  const { posterior } = tracking(trackingTriesOf(tries, from), {
    day,
    prior: lent ?? trackingPrior(shapesOf(from)),
  });
  return borrowedTracking(posterior, from, arrangement, trackingPrior(shapesOf(arrangement)));
}

/** Tries in an arrangement that is easier than the one at this place. */
const isBelow =
  (place: number) =>
  ({ set }: Trace): boolean =>
    fromTheEasiest.indexOf(set.arrangement) < place;

const trackingTriesOf = (tries: readonly Trace[], arrangement: Arrangement) =>
  tries.flatMap((trace) =>
    trace.set.arrangement === arrangement ? (observationsOf(trace).tracking ?? []) : [],
  );
