import { counted, traceOf } from '../testing/traces.js';
import { put, tryOf } from '../testing/tryOf.js';
import { nextOfRound, roundOf } from './allRound.js';
import { nextInSitting } from './nextInSitting.js';

const words = (n: number) => Array.from({ length: n }, (_, i) => i + 1);
const said = (n: number, isRight = true) =>
  tryOf(
    'say-far',
    n,
    (isRight ? words(n) : [1, 3]).map((word) => ({ kind: 'say', word })),
  );
const pictures = (n: number, isRight = true) =>
  tryOf('count-pictures', n, counted(...words(isRight ? n : n + 1)));

test('each way once, in its order; beyond ten without fingers', () => {
  const toFind = ['say-far', 'count-pictures', 'fingers', 'count-cells', 'find-it'];
  expect(roundOf(5)).toEqual([...toFind, 'write-it']);
  expect(roundOf(14)).not.toContain('fingers');
  expect(roundOf(14).at(-1)).toBe('teen-write');
  const tasks = roundOf(5);
  expect(nextOfRound(tasks, [])).toBe('say-far');
  expect(nextOfRound(tasks, [said(5)])).toBe('count-pictures');
  expect(nextOfRound(tasks, [said(5), pictures(5)])).toBe('fingers');
  const all = tasks.map((task) => traceOf({ task }));
  expect(nextOfRound(tasks, all)).toBe('known');
});

test('two misses running are enough; one is not', () => {
  expect(nextOfRound(roundOf(5), [said(5, false)])).toBe('count-pictures');
  expect(nextOfRound(roundOf(5), [said(5, false), pictures(5, false)])).toBe('enough');
});

test('in a sitting the number stays, whatever went before', () => {
  const tries = [said(5), pictures(5, false)];
  const plan = { minutes: 4, main: 'say-far', other: null, round: { n: 5, tasks: roundOf(5) } } as const;
  const sitting = {
    earlier: [],
    tries,
    birthDate: null,
    plan,
    pausedMs: 0,
    now: '2026-03-02T09:32:00.000+00:00',
  };
  expect(nextInSitting(sitting)).toMatchObject({
    task: 'fingers',
    n: 5,
    why: { kind: 'round', n: 5 },
    isOver: false,
  });
  // A tray put in between by the adult does not end it.
  const more = [...tries, tryOf('tally-it', 5, put('recorded=5', 'fifth=across'))];
  expect(nextInSitting({ ...sitting, tries: more })).toMatchObject({ task: 'fingers', n: 5 });
});
