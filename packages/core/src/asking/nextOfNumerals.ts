import { figure } from '../common/parameters.js';
import { observationsOf } from '../evidence/observations.js';
import { wentWell } from '../evidence/went.js';
import { numerals } from '../numerals/lookAlikes.js';
import { smallestOf, type Task } from '../shelf/tasks.js';
import type { NumeralSkill } from '../skills/map.js';
import { mixedUpWith } from '../evidence/mixedUp.js';
import type { Trace } from '../trace/trace.js';
import type { Asking, NextTry, Purpose } from './asking.js';
import { speaksOf } from '../estimates/numerals.js';
import { numeralModel, numeralsInReach } from './numeralModel.js';

/**
 * The next numeral to ask for: first one that is known; then those of which it is least sure whether they are learned, and
 * after one was taken for another that other; never the same twice; an easy one after two misses, and at the end.
 */
export function nextOfNumerals(task: Task, skill: NumeralSkill, asking: Asking): NextTry {
  const told = asking.tries.flatMap((trace) => observationsOf(trace).numerals).filter(speaksOf(skill));
  const model = numeralModel(told, asking.day);
  const looks = asking.tries.filter((trace) => wentWell(skill, trace) !== null);
  const sitting = looks.filter((trace) => trace.sittingId === asking.sittingId && trace.task === task.id);
  const went = sitting.map((trace) => wentWell(skill, trace)!);
  const missesRunning = went.length - 1 - went.lastIndexOf(true);
  const seconds = figure.secondsToKeep + figure.secondsToAnswer;
  const isOut = sitting.length >= figure.numeralsInSitting || asking.secondsLeft < seconds;
  if (missesRunning > 2) return { kind: 'stop', because: 'enough' };
  if (missesRunning === 0 && isOut)
    return { kind: 'stop', because: asking.secondsLeft < seconds ? 'time' : 'known' };
  const open = fresh(task, asking, sitting, numeralsInReach(told, asking.day));
  const others = fresh(task, asking, sitting, numerals);
  if (open.length === 0) return { kind: 'stop', because: 'known' };

  const isEasy = missesRunning >= 2 || isOut;
  const begins = sitting.length === 0;
  const n =
    isEasy || begins
      ? best(open, (one) => model.chanceAt(one))
      : (mixedUpNow(sitting.at(-1)!, others) ?? best(open, (one) => model.informationAt(one)));
  const purpose: Purpose = begins
    ? 'begin-well'
    : missesRunning >= 2
      ? 'after-two-misses'
      : isEasy
        ? 'end-well'
        : 'learn-most';
  return {
    kind: 'ask',
    n,
    arrangement: task.arrangement,
    things: asking.things[0]!,
    purpose,
    chance: model.chanceAt(n),
    tries: looks.map((trace) => trace.id),
  };
}

/** Of these, what the task can ask for and has not in this sitting. */
function fresh(
  task: Task,
  { largest }: Asking,
  sitting: readonly Trace[],
  of: readonly number[],
): readonly number[] {
  const asked = new Set(sitting.map((trace) => trace.target));
  return of.filter((n) => n >= smallestOf(task) && n <= largest && !asked.has(n));
}

/** What the last numeral was just taken for: whether that one is known tells the two apart. */
function mixedUpNow(last: Trace, open: readonly number[]): number | undefined {
  const isMissed = observationsOf(last).numerals.some(({ by, success }) => by !== 'by-the-way' && !success);
  return isMissed ? mixedUpWith(last.target ?? 0, [last]).find((n) => open.includes(n)) : undefined;
}

/** Of equals the smallest. */
const best = (numbers: readonly number[], worth: (n: number) => number): number =>
  numbers.reduce((one, other) => (worth(other) > worth(one) ? other : one));
