import { figure } from '../common/parameters.js';
import { firstQuestion, orderPriorMean } from '../estimates/priors.js';
import { laysThings, taskOf, type Task, type TaskId } from '../shelf/tasks.js';
import type { Asking } from './asking.js';
import { chanceOfTask, numbersOf } from './chanceOfTask.js';

/** A task at a number, with the chance that it goes well. */
export interface EasyTry {
  readonly task: TaskId;
  readonly n: number;
  readonly chance: number;
}

/** What goes well for most children, on things that lie there and without any. */
const plainest = (task: Task): readonly TaskId[] =>
  laysThings(task) ? ['count-aside', 'count-row', 'give-n'] : ['say-far'];

/** One thing is no count, and two words are no row of numbers; one may be fetched. */
const fewest = ({ looksAt }: Task): number => (looksAt === 'fetch' ? 1 : looksAt === 'order' ? 3 : 2);

/**
 * A try that will go well, to begin or to end a sitting with: of the task in hand where one of its numbers
 * will go well, the largest that does; else of the plainest tasks on the same things; where none will, the
 * likeliest of them all. At first sight no larger than where to begin asking.
 *
 * @param most never larger than this
 */
export function easyTry(task: Task, asking: Asking, most: number): EasyTry {
  const isFirst = asking.tries.length === 0;
  const largest = isFirst ? Math.min(most, firstQuestion(orderPriorMean(asking.months))) : most;
  const known: EasyTry[] = [];
  for (const one of [task, ...plainest(task).map(taskOf)]) {
    const chanceAt = chanceOfTask(one, asking);
    const numbers = numbersOf(one, asking).filter((n, i, { length }) => n >= fewest(one) || i === length - 1);
    const tries = numbers.map((n) => ({ task: one.id, n, chance: chanceAt(n) }));
    const easy = tries.findLast(({ n, chance }) => n <= largest && chance >= figure.beginsWell);
    if (easy) return easy;
    known.push(...tries.filter(({ n }, i) => n <= largest || i === 0));
  }
  return known.reduce((one, other) => (other.chance > one.chance ? other : one));
}
