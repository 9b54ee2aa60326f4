import { nextSteps } from '../next/nextSteps.js';
import { isHeldBack, lessons, openWays, waitingFor } from './lessons.js';
import { taskOf, tasks } from './tasks.js';

test('each lesson has a task that waits for it, and no task of the shelf waits for another', () => {
  for (const lesson of lessons) expect(waitingFor(lesson).length).toBeGreaterThan(0);
  for (const task of tasks)
    for (const way of Object.keys(task.lessonOfWay ?? {})) expect(task.ways).toContain(way);
});

test('a task waits only for the lesson it needs; of one with ways only that way', () => {
  const path = taskOf('path-game');
  expect(isHeldBack(path, ['die'])).toBe(true);
  expect(isHeldBack(path, ['cup', 'envelope'])).toBe(false);
  const card = taskOf('card-and-put');
  expect(isHeldBack(card, ['envelope'])).toBe(false);
  expect(openWays(card, ['envelope'])).toEqual(['card', 'plate']);
  expect(openWays(card, [])).toEqual(card.ways);
  expect(openWays(path, [])).toBeUndefined();
});

test('what waits is no next step, whatever else is', () => {
  const stepsWith = (notYet: readonly (typeof lessons)[number][]) =>
    [...nextSteps([], '2026-03-20', { notYet }).bySkill.values()].map((step) => step.task);
  expect(stepsWith([])).toContain('path-game');
  const held = stepsWith(['die', 'cup']);
  expect(held).not.toContain('path-game');
  expect(held).not.toContain('fill-to');
  expect(held).toContain('count-row');
});
