import promised from './promised.json' with { type: 'json' };
import { tasks } from './tasks.js';

test('the shelf has every task that was promised; those that are written by hand come later', () => {
  const ids = tasks.map(({ id }): string => id);
  expect(promised.shelf.length).toBeGreaterThan(50);
  expect(promised.shelf.filter((id) => !ids.includes(id))).toEqual([]);
  expect(ids.filter((id) => promised.ink.includes(id))).toEqual([]);
});
