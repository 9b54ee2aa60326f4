import { layoutFor } from './layout.js';
import { thingsFor, addedUp } from './thingsFor.js';
import { setOf, taskOf, tasks, type TaskId } from './tasks.js';

const laid = (id: TaskId, n: number, things: string) =>
  setOf(taskOf(id), n, things, layoutFor(taskOf(id), n, things, 7));

describe('what is fetched for a tray', () => {
  test('a row takes its things, giving takes the pile; saying, pictures and drops take nothing', () => {
    expect(thingsFor(laid('count-row', 5, 'boat'))).toEqual([{ things: 'boat', n: 5 }]);
    const pile = laid('give-n', 4, 'shell');
    expect(thingsFor(pile)).toEqual([{ things: 'shell', n: pile.pile }]);
    for (const task of ['say-far', 'count-pictures', 'count-heard'] as const)
      expect(thingsFor(laid(task, 5, 'cork'))).toEqual([]);
  });

  test('a set to be matched is fetched too, and bowls by what goes into them', () => {
    for (const task of tasks.filter(({ makes }) => makes === 'model' || makes === 'bowls')) {
      const set = laid(task.id, task.ladder[1]!, 'cork');
      const needs = thingsFor(set);
      expect(needs.length).toBeGreaterThan(1);
      const { bowls, model } = set.layout!;
      if (model) expect(needs).toContainEqual({ things: model, n: set.size });
      if (bowls)
        expect(needs.reduce((sum, { n }) => sum + n, 0)).toBe(bowls.reduce((sum, { n }) => sum + n, 0));
    }
  });

  test('every task of the shelf says what it takes, each kind once and none of nothing', () => {
    for (const task of tasks)
      for (const n of task.ladder) {
        const needs = thingsFor(laid(task.id, n, task.only ?? 'lid'));
        expect(new Set(needs.map(({ things }) => things)).size).toBe(needs.length);
        for (const need of needs) expect(need.n).toBeGreaterThan(0);
      }
  });

  test('a morning is added up by kind', () => {
    const morning = [
      laid('count-row', 5, 'boat'),
      laid('count-row', 3, 'cork'),
      laid('count-row', 4, 'boat'),
    ];
    expect(addedUp(morning.flatMap(thingsFor))).toEqual([
      { things: 'boat', n: 9 },
      { things: 'cork', n: 3 },
    ]);
  });
});
