import fc from 'fast-check';
import { rightChoice } from '../reading/readChoice.js';
import { counters } from './counters.js';
import { layoutFor, spareThings } from './layout.js';
import { largestOf, setOf, sizeFor, smallestOf, taskOf, tasks } from './tasks.js';

const anyTask = fc.constantFrom(...tasks);
const seeds = fc.nat(2 ** 31 - 1);

describe(layoutFor, () => {
  test('is the same for the same seed, for every task and number', () => {
    fc.assert(
      fc.property(anyTask, seeds, fc.integer({ min: 1, max: 30 }), (task, seed, n) => {
        const size = sizeFor(task, n);
        const way = task.ways?.[0];
        expect(layoutFor(task, size, 'cork', seed, way)).toEqual(layoutFor(task, size, 'cork', seed, way));
      }),
    );
  });

  test('a row needs none, a spread its seed', () => {
    expect(layoutFor(taskOf('count-row'), 6, 'cork', 9)).toBeUndefined();
    expect(layoutFor(taskOf('count-scatter'), 6, 'cork', 9)).toEqual({ seed: 9 });
  });

  test('a recipe has four bowls of four kinds, none above the number, one at it', () => {
    fc.assert(
      fc.property(seeds, fc.integer({ min: 2, max: 5 }), (seed, n) => {
        const { bowls } = layoutFor(taskOf('recipe'), n, 'lid', seed)!;
        expect(new Set(bowls!.map((bowl) => bowl.things)).size).toBe(4);
        expect(Math.max(...bowls!.map((bowl) => bowl.n))).toBe(n);
        expect(Math.min(...bowls!.map((bowl) => bowl.n))).toBeGreaterThan(0);
      }),
    );
  });

  test('lids are enough, too many or too few, each now and then', () => {
    const answers = Array.from({ length: 40 }, (_, seed) =>
      rightChoice(setOf(taskOf('match-lids'), 5, 'lid', layoutFor(taskOf('match-lids'), 5, 'lid', seed))),
    );
    expect(new Set(answers)).toEqual(new Set(['enough', 'too-many', 'too-few']));
  });

  test('drops: as many as asked, at an even pace or not, never two at once', () => {
    const gaps = (way: string, seed: number) => {
      const drops = layoutFor(taskOf('count-heard'), 7, 'cork', seed, way)!.drops!;
      expect(drops).toHaveLength(7);
      return drops.slice(1).map((ms, i) => ms - drops[i]!);
    };
    expect(new Set(gaps('even', 1))).toEqual(new Set([1000]));
    for (let seed = 0; seed < 20; seed++)
      expect(Math.min(...gaps('uneven', seed))).toBeGreaterThanOrEqual(550);
  });

  test('what is shown: in the way that is chosen, two frames as often the same as not, and never beyond a full one', () => {
    const shown = (id: string, n: number, seed: number, way?: string) =>
      layoutFor(taskOf(id), n, 'cork', seed, way)!.patterns!;
    expect(shown('flash-frame', 8, 1, 'pairs')).toMatchObject([{ form: 'frame-pairs', n: 8 }]);
    expect(shown('flash-frame', 8, 1, 'rows')).toMatchObject([{ form: 'frame-rows', n: 8 }]);
    const pairs = Array.from({ length: 200 }, (_, seed) => shown('two-frames', 10, seed));
    const same = pairs.filter(([one, other]) => one!.n === other!.n).length;
    expect(same).toBeGreaterThan(70);
    expect(same).toBeLessThan(130);
    for (const pair of pairs) {
      expect(new Set(pair.map(({ form }) => form)).size).toBe(2);
      for (const { n } of pair) expect([9, 10]).toContain(n);
    }
  });

  test('a set to match is of another kind, and a frame has things to spare', () => {
    for (const { id } of counters) {
      expect(layoutFor(taskOf('same-many'), 4, id, 1)!.model).not.toBe(id);
    }
    const set = setOf(taskOf('count-cells'), 5, 'cork', layoutFor(taskOf('count-cells'), 5, 'cork', 1));
    expect(set).toMatchObject({ size: 5, pile: 5 + spareThings, layout: { places: 5 } });
  });
});

describe('the numbers a task can be put with', () => {
  test('every rung of its ladder, and the nearest for every other', () => {
    for (const task of tasks) {
      for (const rung of task.ladder) expect(sizeFor(task, rung)).toBe(rung);
      expect(sizeFor(task, 0)).toBe(smallestOf(task));
      expect(sizeFor(task, 99)).toBe(largestOf(task));
    }
  });
});
