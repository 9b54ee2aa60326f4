import fc from 'fast-check';
import type { ChildId } from '../trace/ids.js';
import { couldSitTogether, type OpenStep } from './together.js';

const step = (childId: string, n: number, task: OpenStep['task'] = 'count-row'): OpenStep => ({
  childId: childId as ChildId,
  n,
  task,
});

describe(couldSitTogether, () => {
  test('the same task with numbers within one of each other', () => {
    const steps = [step('a', 5), step('b', 6), step('c', 9), step('d', 5, 'give-n'), step('e', 9)];
    expect(couldSitTogether(steps)).toEqual([
      { task: 'count-row', from: 5, to: 6, children: ['a', 'b'] },
      { task: 'count-row', from: 9, to: 9, children: ['c', 'e'] },
    ]);
  });

  test('the largest table first, then the task that begins lower, then the smaller number', () => {
    const groups = couldSitTogether([
      ...[step('a', 9), step('b', 9), step('c', 5), step('d', 5)],
      ...[step('e', 2, 'give-n'), step('f', 2, 'give-n')],
      ...[step('g', 12, 'say-far'), step('h', 12, 'say-far'), step('i', 13, 'say-far')],
    ]);
    expect(groups.map(({ task, from, children }) => [task, from, children.length])).toEqual([
      ['say-far', 12, 3],
      ['give-n', 2, 2],
      ['count-row', 5, 2],
      ['count-row', 9, 2],
    ]);
  });

  test('two to six at a table, all within one, nobody twice for a task', () => {
    const anyStep = fc.record({ child: fc.nat(25), n: fc.integer({ min: 1, max: 12 }) });
    fc.assert(
      fc.property(fc.uniqueArray(anyStep, { selector: (one) => one.child }), (drawn) => {
        const groups = couldSitTogether(drawn.map(({ child, n }) => step(`child-${child}`, n)));
        for (const { from, to, children } of groups) {
          expect(children.length).toBeGreaterThanOrEqual(2);
          expect(children.length).toBeLessThanOrEqual(6);
          expect(to - from).toBeLessThanOrEqual(1);
        }
        const seated = groups.flatMap((group) => group.children);
        expect(new Set(seated).size).toBe(seated.length);
      }),
    );
  });
});
