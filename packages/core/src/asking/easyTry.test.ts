import { taskOf, type TaskId } from '../shelf/tasks.js';
import { row } from '../testing/traces.js';
import type { SittingId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import type { Asking } from './asking.js';
import { easyTry } from './easyTry.js';

const earlier = { sittingId: 'before' as SittingId, startedAt: '2026-02-23T09:30:00.000+00:00' };
const ask = (task: TaskId, tries: readonly Trace[], most = 20, facts: Partial<Asking> = {}) =>
  easyTry(
    taskOf(task),
    {
      tries,
      sittingId: 'now' as SittingId,
      day: '2026-03-02',
      language: 'en',
      months: 60,
      arrangements: [taskOf(task).arrangement],
      things: ['cork'],
      largest: 20,
      secondsLeft: 240,
      ...facts,
    },
    most,
  );
const counts = (n: number, times: number, isClean = true) =>
  Array.from({ length: times }, () => row(n, isClean, earlier));

describe(easyTry, () => {
  test('at first sight no more than where to begin asking, however old the child', () => {
    const first = ask('count-row', []);
    expect(first.n).toBeLessThanOrEqual(5);
    expect(first.n).toBeGreaterThanOrEqual(2);
  });

  test('once seen, the largest that will go well, and never more than may be asked', () => {
    const known = counts(15, 10);
    const free = ask('count-row', known);
    expect(free).toMatchObject({ task: 'count-row' });
    expect(free.n).toBeGreaterThan(5);
    expect(free.chance).toBeGreaterThanOrEqual(0.85);
    expect(ask('count-row', known, 4).n).toBeLessThanOrEqual(4);
  });

  test('where nothing of the task will go well, a plain count on the same things', () => {
    const easy = ask('still-n', counts(10, 8));
    expect(['count-aside', 'count-row', 'give-n']).toContain(easy.task);
    expect(easy.chance).toBeGreaterThanOrEqual(0.85);
  });

  test('words where nothing is laid, and three of them at least', () => {
    const words = ask('say-far', []);
    expect(words.task).toBe('say-far');
    expect(words.n).toBeGreaterThanOrEqual(3);
  });

  test('where nothing at all will go well, the likeliest there is', () => {
    const lost = ask('count-row', counts(2, 12, false));
    const others = [3, 5, 8].map((n) => ask('count-row', counts(2, 12, false), n).chance);
    expect(lost.chance).toBeLessThan(0.95);
    for (const chance of others) expect(chance).toBeLessThanOrEqual(lost.chance + 1e-9);
  });
});
