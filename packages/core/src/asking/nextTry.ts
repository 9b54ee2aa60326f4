import { figure } from '../common/parameters.js';
import { firstQuestion, orderPriorMean } from '../estimates/priors.js';
import type { Arrangement, Trace } from '../trace/trace.js';
import type { Asking, NextTry, Purpose } from './asking.js';
import type { AskingModel } from './model.js';
import { modelOf } from './modelOf.js';
import type { NumberSkill } from '../skills/map.js';
import { wentWell } from '../evidence/went.js';

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
export function nextTry(skill: NumberSkill, asking: Asking): NextTry {
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

  if (went.length === 0) {
    const hasBegun = asking.tries.some((trace) => trace.sittingId === asking.sittingId);
    return hasBegun
      ? ask(hopeful(candidates, asking), 'learn-most')
      : ask(easy(candidates, asking), 'begin-well');
  }
  const missesRunning = went.length - 1 - went.lastIndexOf(true);
  const isKnown =
    asking.goOn !== true &&
    went.length >= figure.fewestTries &&
    candidates.every(({ model }) => model.isKnown);
  // Far below what has just gone well it would only be long.
  const passed = Math.max(0, ...sitting.flatMap((trace, i) => (went[i] ? askedIn(skill, trace) : [])));
  const open = withinTime(
    candidates.filter(({ n }) => 2 * n >= passed),
    asking.secondsLeft,
  );
  // Whatever the model thinks of a number, an easy one is smaller than what has just gone wrong.
  const missed = sitting.slice(went.length - missesRunning).map((trace) => askedIn(skill, trace));
  const easier = candidates.filter(({ n }) => n === (asking.smallest ?? 1) || n < Math.min(...missed));
  const isOver = isKnown || open.length === 0;
  if (isOver && missesRunning === 0) return { kind: 'stop', because: isKnown ? 'known' : 'time' };
  if (missesRunning >= figure.mostMisses || candidates.length === 0)
    return { kind: 'stop', because: 'enough' };
  if (isOver || missesRunning >= 2) {
    if (easier.length === 0) return { kind: 'stop', because: 'enough' };
    return ask(easy(easier, asking), isOver ? 'end-well' : 'after-two-misses');
  }
  return ask(mostTelling(open), 'learn-most');
}

/** Those there is time for; none, where what tells most would take longer and the rest tell next to nothing. */
function withinTime(candidates: readonly Candidate[], secondsLeft: number): readonly Candidate[] {
  const fitting = candidates.filter(({ seconds }) => seconds <= secondsLeft);
  const isCut = fitting.length < candidates.length;
  const tells = ({ n, model }: Candidate): boolean => model.informationAt(n) >= figure.worthAsking;
  return isCut && !fitting.some(tells) ? [] : fitting;
}

/** The kind laid already; at the beginning the kind the child has met least. */
function thingsFor({ tries, things }: Asking, sitting: readonly Trace[]): string {
  const laid = sitting.at(-1)?.set.things;
  if (laid !== undefined && things.includes(laid)) return laid;
  const met = (kind: string): number => tries.filter((trace) => trace.set.things === kind).length;
  return things.reduce((one, other) => (met(other) < met(one) ? other : one));
}

function candidatesFor(
  skill: NumberSkill,
  asking: Asking,
  sitting: readonly Trace[],
  things: string,
): readonly Candidate[] {
  const laid = sitting.at(-1)?.set;
  return asking.arrangements.flatMap((arrangement) => {
    const model = modelOf(skill, asking, arrangement);
    const isLaid = laid?.arrangement === arrangement && laid.things === things;
    const lay = isLaid ? figure.secondsToKeep : figure.secondsToLay;
    const { smallest = 1, largest } = asking;
    return Array.from({ length: largest - smallest + 1 }, (_, i) => smallest + i)
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
  skill: NumberSkill,
  sitting: readonly Trace[],
  n: number,
  arrangement: Arrangement,
): number {
  return sitting.filter(
    (trace) =>
      askedIn(skill, trace) === n && (skill !== 'one-to-one' || trace.set.arrangement === arrangement),
  ).length;
}

/** The number the child was asked to say, count or fetch. */
function askedIn(skill: NumberSkill, trace: Trace): number {
  return skill === 'one-to-one' ? trace.set.size : (trace.target ?? trace.set.size);
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

/** The first of a skill in a sitting that has begun: the one that tells most of those likelier to go well than not. */
function hopeful(candidates: readonly Candidate[], asking: Asking): Candidate {
  const inReach = candidates.filter(({ n, model }) => model.chanceAt(n) >= figure.inReach);
  return inReach.length > 0 ? mostTelling(inReach) : easy(candidates, asking);
}

function mostTelling(candidates: readonly Candidate[]): Candidate {
  const worth = ({ n, model, seconds }: Candidate): number => model.informationAt(n) / seconds;
  return candidates.reduce((one, other) => (worth(other) > worth(one) ? other : one));
}
