import { figure } from '../common/parameters.js';
import { observationsOf } from '../evidence/observations.js';
import { skillOfPrinciple, type Principle } from '../skills/map.js';
import type { Task } from '../shelf/tasks.js';
import type { Trace } from '../trace/trace.js';
import type { Asking, NextTry, Purpose } from './asking.js';
import { numbersOf } from './chanceOfTask.js';
import { modelOf } from './modelOf.js';

/**
 * The next try of a task that looks at a principle: a number that the child counts well, another one
 * each time, so that it is the principle that shows; three to a sitting, and an easy one after two misses.
 */
export function nextOfPrinciple(task: Task, principle: Principle, asking: Asking): NextTry {
  const looks = asking.tries.filter((trace) => observationsOf(trace).principles[principle] !== undefined);
  const sitting = looks.filter((trace) => trace.sittingId === asking.sittingId && trace.task === task.id);
  const went = sitting.map((trace) => observationsOf(trace).principles[principle]!.success);
  const missesRunning = went.length - 1 - went.lastIndexOf(true);
  const seconds = figure.secondsToKeep + figure.secondsToAnswer;
  // By which rule a child compares takes several pairs to tell.
  const most = task.compares ? figure.comparingInSitting : figure.principleTriesInSitting;
  if (missesRunning > 2) return { kind: 'stop', because: 'enough' };
  if (missesRunning < 2 && sitting.length >= most) return { kind: 'stop', because: 'known' };
  if (missesRunning === 0 && asking.secondsLeft < seconds) return { kind: 'stop', because: 'time' };

  const isTired = missesRunning === 2 || asking.secondsLeft < seconds;
  const { n, chance } = isTired
    ? easiest(task, principle, asking)
    : comfortable(task, principle, asking, sitting);
  const purpose: Purpose =
    missesRunning === 2
      ? 'after-two-misses'
      : isTired
        ? 'end-well'
        : sitting.length === 0
          ? 'begin-well'
          : 'other-number';
  return {
    kind: 'ask',
    n,
    arrangement: task.arrangement,
    things: asking.things[0]!,
    purpose,
    chance,
    tries: looks.map((trace) => trace.id),
  };
}

interface Rung {
  readonly n: number;
  /** That the counting itself goes well. */
  readonly chance: number;
}

function rungs(task: Task, principle: Principle, asking: Asking): readonly Rung[] {
  const model = modelOf(
    skillOfPrinciple(principle).read.restsOn,
    { ...asking, pile: task.pile ?? asking.largest },
    'row',
  );
  // A pile smaller than what is asked tells nothing of fetching it.
  return numbersOf(task, asking).map((n) => ({ n, chance: model.chanceAt(n) }));
}

const easiest = (task: Task, principle: Principle, asking: Asking): Rung =>
  rungs(task, principle, asking)[0]!;

/** The largest rung that is counted well and was asked less often than the others; else the easiest. */
function comfortable(task: Task, principle: Principle, asking: Asking, sitting: readonly Trace[]): Rung {
  const all = rungs(task, principle, asking);
  const counted = all.filter(({ chance }) => chance >= figure.goesWell);
  const open = counted.length > 0 ? counted : all.slice(0, 2);
  const asked = ({ n }: Rung): number =>
    sitting.filter((trace) => (trace.target ?? trace.set.size) === n).length;
  return open.reduce((one, other) => (asked(other) <= asked(one) ? other : one));
}
