import { observationsOf } from '../evidence/observations.js';
import { layoutFor } from '../shelf/layout.js';
import { setOf, taskOf, type TaskId } from '../shelf/tasks.js';
import { traceOf } from '../testing/traces.js';
import type { Happening, Trace } from '../trace/trace.js';
import { readBeside } from './readBeside.js';
import { readChoice } from './readChoice.js';
import { readDifference } from './readDifference.js';

const put = (id: TaskId, n: number, way: string | undefined, ...happenings: readonly Happening[]): Trace => {
  const task = taskOf(id);
  return traceOf({
    version: 2,
    task: id,
    target: n,
    set: setOf(task, n, 'cork', layoutFor(task, n, 'cork', 3, way)),
    happenings,
  });
};
const made = (way: 'more' | 'one-more' | 'fewer', value: number): Trace =>
  put(
    way === 'fewer' ? 'make-fewer' : 'make-more',
    5,
    way,
    { kind: 'ask', question: 'give' },
    { kind: 'given', value },
  );

describe(readBeside, () => {
  test.each([
    ['more', 6, true],
    ['more', 9, true],
    ['more', 5, false],
    ['one-more', 6, true],
    ['one-more', 7, false],
    ['fewer', 4, true],
    ['fewer', 0, true],
    ['fewer', 5, false],
  ] as const)('%s than five, made as %i: %s', (way, value, right) => {
    expect(readBeside(made(way, value))).toMatchObject({ size: 5, made: value, right });
  });

  test('fewer is a skill apart from more, and a slip of either is a set that does not fit', () => {
    expect(observationsOf(made('more', 7)).principles.more!.success).toBe(true);
    expect(observationsOf(made('fewer', 7)).principles).toMatchObject({ fewer: { success: false } });
    expect(observationsOf(made('fewer', 7)).principles.more).toBeUndefined();
  });

  test('nothing put is nothing read', () => {
    expect(readBeside(put('make-more', 5, 'more', { kind: 'ask', question: 'give' }))!.right).toBeNull();
    expect(readBeside(traceOf({}))).toBeNull();
  });
});

describe('two turns of a game', () => {
  const said = (last: number, now: number, value: string): Trace => {
    const trace = put('beat-it', 5, undefined, { kind: 'ask', question: 'which' }, { kind: 'answer', value });
    return { ...trace, set: { ...trace.set, layout: { turns: { last, now } } } };
  };
  test.each([
    [3, 5, 'more-now', true],
    [3, 5, 'fewer-now', false],
    [4, 0, 'fewer-now', true],
    [0, 0, 'as-many', true],
    [0, 2, 'as-many', false],
  ])('%i last time and %i now, “%s”: %s', (last, now, value, right) => {
    const trace = said(last, now, value);
    expect(readChoice(trace)!.right).toBe(right);
    expect(observationsOf(trace).principles.more!.success).toBe(right);
  });
});

describe(readDifference, () => {
  const asked = (...values: readonly (number | string | null)[]): Trace =>
    put(
      'how-many-more',
      7,
      undefined,
      { kind: 'ask', question: 'hidden' },
      ...values.map((value): Happening => ({ kind: 'answer', value })),
    );

  test('by how many, as first said', () => {
    const { difference } = readDifference(asked())!;
    expect(difference).toBeGreaterThan(0);
    expect(readDifference(asked(difference, 1))!.right).toBe(true);
    expect(readDifference(asked(difference + 1))!.right).toBe(false);
    expect(readDifference(asked('did-not-know'))!.right).toBe(false);
    expect(readDifference(asked(null))!.right).toBeNull();
    expect(observationsOf(asked(difference)).principles.same!.success).toBe(true);
  });
});
