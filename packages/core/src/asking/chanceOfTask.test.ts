import { tasks, taskOf } from '../shelf/tasks.js';
import { isPrinciple } from '../skills/map.js';
import type { SittingId } from '../trace/ids.js';
import { row } from '../testing/traces.js';
import { chanceOfTask, numbersOf } from './chanceOfTask.js';
import { isRecent } from './modelOf.js';

describe(numbersOf, () => {
  test('of a principle the rungs that may be asked; where there is none, the easiest', () => {
    const task = tasks.find(({ looksAt, ladder }) => isPrinciple(looksAt) && ladder[0]! > 1)!;
    expect(numbersOf(task, { largest: 100 })).toEqual(task.ladder);
    expect(numbersOf(task, { largest: task.ladder[1]! })).toEqual(task.ladder.slice(0, 2));
    expect(numbersOf(task, { smallest: task.ladder[1]!, largest: 100 })).toEqual(task.ladder.slice(1));
    expect(numbersOf(task, { largest: task.ladder[0]! - 1 })).toEqual([task.ladder[0]]);
  });

  test('along the numbers all that may be asked, one at least', () => {
    expect(numbersOf(taskOf('count-row'), { smallest: 3, largest: 5 })).toEqual([3, 4, 5]);
    expect(numbersOf(taskOf('count-row'), { smallest: 6, largest: 5 })).toEqual([6]);
  });
});

test('a principle goes well no more often than the counting under it', () => {
  const asking = {
    tries: Array.from({ length: 8 }, () => row(8, false)),
    sittingId: 'now' as SittingId,
    day: '2026-03-02',
    language: 'en',
    months: 48,
    arrangements: ['row'] as const,
    things: ['cork'],
    largest: 20,
    secondsLeft: 240,
  };
  const counting = chanceOfTask(taskOf('count-row'), asking);
  const asked = chanceOfTask(taskOf('how-many'), asking);
  for (const n of [3, 8, 12]) expect(asked(n)).toBeLessThanOrEqual(counting(n));
});

test('a try is recent for twelve weeks to the day', () => {
  const tried = row(5, true, { startedAt: '2026-03-02T09:30:00.000+00:00' });
  expect(isRecent(tried, '2026-05-25')).toBe(true);
  expect(isRecent(tried, '2026-05-26')).toBe(false);
});
