import promised from './promised.json' with { type: 'json' };
import { tasks } from './tasks.js';

test('the shelf has every task that was promised', () => {
  const ids = tasks.map(({ id }): string => id);
  const all = [...promised.shelf, ...promised.ink];
  expect(all.length).toBeGreaterThan(60);
  expect(all.filter((id) => !ids.includes(id))).toEqual([]);
});
