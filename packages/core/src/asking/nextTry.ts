import { daysBetween, type Density } from '../estimates/axis.js';
import { figure } from '../estimates/parameters.js';
import { borrowed, firstQuestion, fromTheEasiest, orderPriorMean } from '../estimates/priors.js';
import { trackingLimit } from '../estimates/trackingLimit.js';
import { observationsOf, thresholdTriesOf } from '../evidence/observations.js';
import type { SittingId, TraceId } from '../trace/ids.js';
import { dayOf, type Arrangement, type Trace } from '../trace/trace.js';
import { fetchModel, thresholdModel, trackingModel } from './models.js';
import type { AskingModel } from './model.js';
import { wentWell, type AskedSkill } from './went.js';

export interface Asking {
  /** All tries of the child so far, those of this sitting among them. */
  readonly tries: readonly Trace[];
  readonly sittingId: SittingId;
  /** YYYY-MM-DD. */
  readonly day: string;
  /** Age in months, where known. */
  readonly months: number | null;
  /** Where the things may lie; the first is taken where none tells more. */
  readonly arrangements: readonly Arrangement[];
  /** Kinds of counters there are. */
  readonly things: readonly string[];
  /** The largest number that may be asked. */
  readonly largest: number;
  /** Seconds of the sitting that are left. */
  readonly secondsLeft: number;
  /** Goes on while there is time, also where enough is known. */
  readonly goOn?: boolean;
  /** For fetching: how many there are to take from. */
  readonly pile?: number;
}

/** Why this number: each has a sentence of its own on the screen. */
export type Purpose = 'begin-well' | 'learn-most' | 'after-two-misses' | 'end-well';

export type NextTry =
  | {
      readonly kind: 'ask';
      readonly n: number;
      readonly arrangement: Arrangement;
      readonly things: string;
      readonly purpose: Purpose;
      /** Chance that it goes well, as far as is known. */
      readonly chance: number;
      /** The tries the choice rests on. */
      readonly tries: readonly TraceId[];
    }
  | { readonly kind: 'stop'; readonly because: 'known' | 'time' | 'enough' };

/** So many misses running, two or more of them of easy ones: the child has had enough. */
const MOST_MISSES_RUNNING = 4;
/** A sitting that has begun goes on at least so far, unless time is up. */
const FEWEST_TRIES = 2;

interface Candidate {
  readonly n: number;
  readonly arrangement: Arrangement;
  readonly model: AskingModel;
  readonly seconds: number;
}

/**
 * The next try of the skill in hand: most expected information for each second of the child's time,
 * under the rules of kindness. It begins with one that will go well, puts an easy one after two
 * misses running, asks no number three times, ends on a success, and stops when enough is known or
 * time is up.
 *
 * @throws RangeError where there is nothing to ask with: no arrangement, no things, no number
 */
export function nextTry(skill: AskedSkill, asking: Asking): NextTry {
  if (asking.arrangements.length === 0 || asking.things.length === 0 || asking.largest < 1) {
    throw new RangeError('nextTry: it needs an arrangement, a kind of things and a number to ask');
  }
  const sitting = asking.tries.filter(
    (trace) => trace.sittingId === asking.sittingId && wentWell(skill, trace) !== null,
  );
  const went = sitting.map((trace) => wentWell(skill, trace)!);
  const things = thingsFor(asking, sitting);
  const candidates = candidatesFor(skill, asking, sitting, things);
  const ask = (candidate: Candidate, purpose: Purpose): NextTry => ({
    kind: 'ask',
    n: candidate.n,
    arrangement: candidate.arrangement,
    things,
    purpose,
    chance: candidate.model.chanceAt(candidate.n),
    tries: asking.tries.filter((trace) => wentWell(skill, trace) !== null).map((trace) => trace.id),
  });

  if (went.length === 0) return ask(easy(candidates, asking), 'begin-well');
  const missesRunning = went.length - 1 - went.lastIndexOf(true);
  const isKnown =
    asking.goOn !== true && went.length >= FEWEST_TRIES && candidates.every(({ model }) => model.isKnown);
  const open = candidates.filter((one) => one.seconds <= asking.secondsLeft);
  const isOver = isKnown || open.length === 0;
  if (isOver && missesRunning === 0) return { kind: 'stop', because: isKnown ? 'known' : 'time' };
  if (missesRunning >= MOST_MISSES_RUNNING || candidates.length === 0)
    return { kind: 'stop', because: 'enough' };
  if (isOver) return ask(easy(candidates, asking), 'end-well');
  if (missesRunning >= 2) return ask(easy(open, asking), 'after-two-misses');
  return ask(mostTelling(open), 'learn-most');
}

/** The kind laid already; at the beginning the kind the child has met least. */
function thingsFor({ tries, things }: Asking, sitting: readonly Trace[]): string {
  const laid = sitting.at(-1)?.set.things;
  if (laid !== undefined && things.includes(laid)) return laid;
  const met = (kind: string): number => tries.filter((trace) => trace.set.things === kind).length;
  return things.reduce((one, other) => (met(other) < met(one) ? other : one));
}

function candidatesFor(
  skill: AskedSkill,
  asking: Asking,
  sitting: readonly Trace[],
  things: string,
): readonly Candidate[] {
  const laid = sitting.at(-1)?.set;
  return asking.arrangements.flatMap((arrangement) => {
    const model = modelOf(skill, asking, arrangement);
    const isLaid = laid?.arrangement === arrangement && laid.things === things;
    const lay = isLaid ? figure.secondsToKeep : figure.secondsToLay;
    return Array.from({ length: asking.largest }, (_, i) => i + 1)
      .filter((n) => timesAsked(skill, sitting, n, arrangement) < figure.sameNumber)
      .map((n) => ({
        n,
        arrangement,
        model,
        seconds: lay + figure.secondsPerThing * n + figure.secondsToAnswer,
      }));
  });
}

function timesAsked(
  skill: AskedSkill,
  sitting: readonly Trace[],
  n: number,
  arrangement: Arrangement,
): number {
  return sitting.filter((trace) => {
    const asked = skill === 'one-to-one' ? trace.set.size : trace.target;
    return asked === n && (skill !== 'one-to-one' || trace.set.arrangement === arrangement);
  }).length;
}

/**
 * Of those that will go well the one that tells most, at first sight no larger than where to begin
 * asking; where none will go well, the likeliest.
 */
function easy(candidates: readonly Candidate[], { tries, months }: Asking): Candidate {
  const largest = tries.length === 0 ? firstQuestion(orderPriorMean(months)) : Infinity;
  const goesWell = candidates.filter(({ n, model }) => n <= largest && model.chanceAt(n) >= figure.goesWell);
  if (goesWell.length > 0) return mostTelling(goesWell);
  return candidates.reduce((one, other) =>
    other.model.chanceAt(other.n) > one.model.chanceAt(one.n) ? other : one,
  );
}

function mostTelling(candidates: readonly Candidate[]): Candidate {
  const worth = ({ n, model, seconds }: Candidate): number => model.informationAt(n) / seconds;
  return candidates.reduce((one, other) => (worth(other) > worth(one) ? other : one));
}

function modelOf(skill: AskedSkill, asking: Asking, arrangement: Arrangement): AskingModel {
  const { day, months, pile = asking.largest } = asking;
  const tries = recentOf(asking);
  switch (skill) {
    case 'order': {
      const runs = tries.flatMap((trace) => {
        const order = observationsOf(trace).order;
        return order ? thresholdTriesOf(order, dayOf(trace)) : [];
      });
      return thresholdModel(runs, { priorMean: orderPriorMean(months), day });
    }
    case 'one-to-one': {
      const prior = priorFromEasier(tries, arrangement, day);
      return trackingModel(trackingTriesOf(tries, arrangement), { day, ...(prior && { prior }) });
    }
    case 'fetch':
      return fetchModel(
        tries.flatMap((trace) => observationsOf(trace).fetch ?? []),
        pile,
        day,
      );
  }
}

/** What is older says little of today; it is used where there is nothing newer. */
function recentOf({ tries, day }: Asking): readonly Trace[] {
  const recent = tries.filter((trace) => daysBetween(dayOf(trace), day) <= 7 * figure.askingWeeks);
  return recent.length > 0 ? recent : tries;
}

/** The nearest easier arrangement with tries, as a prior; each easier one in turn lends to it. */
function priorFromEasier(
  tries: readonly Trace[],
  arrangement: Arrangement,
  day: string,
): Density | undefined {
  const easier = fromTheEasiest.slice(0, fromTheEasiest.indexOf(arrangement));
  const from = easier.findLast((one) => trackingTriesOf(tries, one).length > 0);
  if (from === undefined) return undefined;
  const prior = priorFromEasier(tries, from, day);
  const known = trackingLimit(trackingTriesOf(tries, from), { day, growing: true, ...(prior && { prior }) });
  return borrowed(known.posterior, from, arrangement);
}

const trackingTriesOf = (tries: readonly Trace[], arrangement: Arrangement) =>
  tries.flatMap((trace) =>
    trace.set.arrangement === arrangement ? (observationsOf(trace).tracking ?? []) : [],
  );
