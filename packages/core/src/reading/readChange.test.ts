import { observationsOf } from '../evidence/observations.js';
import { thresholdReaders } from '../evidence/thresholdReaders.js';
import { layoutFor } from '../shelf/layout.js';
import { runOf, setOf, taskOf, type TaskId } from '../shelf/tasks.js';
import { traceOf } from '../testing/traces.js';
import type { Change, Happening, Question, Trace, Word } from '../trace/trace.js';
import { readChange } from './readChange.js';

const asked = (
  id: TaskId,
  n: number,
  change: Change | undefined,
  ...values: readonly (Word | null)[]
): Trace => {
  const task = taskOf(id);
  const question: Question = task.asks ?? 'how-many';
  const answers = values.map((value): Happening => ({ kind: 'answer', value }));
  return traceOf({
    version: 2,
    task: id,
    ...runOf(task, n),
    set: { ...setOf(task, n, 'cork'), ...(change && { layout: { change } }) },
    happenings: [{ kind: 'ask', question }, ...answers],
  });
};
const sixAndTwo = { from: 6, by: 2 };

describe(readChange, () => {
  test('the first answer decides; not knowing is not right, and no answer says nothing', () => {
    expect(readChange(asked('drop-in', 8, sixAndTwo, 8))).toEqual({ from: 6, by: 2, said: 8, right: true });
    expect(readChange(asked('drop-in', 8, sixAndTwo, 7, 8))!.right).toBe(false);
    expect(readChange(asked('drop-in', 8, sixAndTwo, 'did-not-know'))!.right).toBe(false);
    expect(readChange(asked('drop-in', 8, sixAndTwo, null))!.right).toBeNull();
    expect(readChange(asked('drop-in', 8, sixAndTwo))!.right).toBeNull();
  });

  test('what was not asked of a number is no reading', () => {
    expect(readChange(traceOf({ happenings: [{ kind: 'ask', question: 'how-many' }] }))).toBeNull();
    expect(readChange(asked('drop-in', 8, undefined, 8))).toBeNull();
  });

  test('what comes next needs no layout: it comes after the one before the start', () => {
    const next = traceOf({
      start: 6,
      happenings: [
        { kind: 'ask', question: 'next' },
        { kind: 'answer', value: 6 },
      ],
    });
    expect(readChange(next)).toEqual({ from: 5, by: 1, said: 6, right: true });
  });
});

describe('what it tells', () => {
  const look = (trace: Trace) => observationsOf(trace).thresholds;

  test('next and before are looks at the number, sums at the whole', () => {
    expect(look(asked('next-one', 5, { from: 5, by: 1 }, 6))).toMatchObject({
      'one-more': { n: 5, success: true },
    });
    expect(look(asked('one-before', 5, { from: 5, by: -1 }, 6))).toMatchObject({
      'one-fewer': { n: 5, success: false },
    });
    expect(look(asked('drop-in', 8, sixAndTwo, 8))).toMatchObject({ hidden: { n: 8, success: true } });
    expect(look(asked('put-together', 8, sixAndTwo, 8))).toMatchObject({ together: { n: 8, success: true } });
  });

  test('one short, where more than one was put to it: the number itself was counted as the first', () => {
    const slips = (change: Change, said: number) =>
      thresholdReaders.hidden.slips(asked('drop-in', 8, change, said));
    expect(slips(sixAndTwo, 7)).toEqual([{ slip: 'counted-the-start', at: 8 }]);
    expect(slips(sixAndTwo, 9)).toEqual([{ slip: 'answered-another', at: 8 }]);
    // Nothing but the number itself: it was not counted on from.
    expect(slips({ from: 7, by: 1 }, 7)).toEqual([{ slip: 'answered-another', at: 8 }]);
    expect(slips(sixAndTwo, 8)).toEqual([]);
  });

  test('the square it stood on, counted as the first', () => {
    const moved = (value: number) =>
      traceOf({
        task: 'path-game',
        target: 4,
        set: { size: 0, things: 'cork', arrangement: 'none', layout: { doing: 'squares' } },
        happenings: [
          { kind: 'ask', question: 'give' },
          { kind: 'given', value },
        ],
      });
    expect(thresholdReaders.path.slips(moved(3))).toEqual([{ slip: 'counted-the-start', at: 4 }]);
    expect(thresholdReaders.path.slips(moved(5))).toEqual([{ slip: 'gave-another-number', at: 4 }]);
    expect(look(moved(4))).toMatchObject({ path: { n: 4, success: true } });
  });
});

test('what is laid comes to a number that can be asked: the whole is the number, and something is done to it', () => {
  for (const id of ['drop-in', 'take-out', 'cover-some', 'put-together', 'change-a-into-b'] as const)
    for (const n of taskOf(id).ladder)
      for (let seed = 0; seed < 20; seed++) {
        const { from, by } = layoutFor(taskOf(id), n, 'cork', seed)!.change!;
        expect(by).not.toBe(0);
        expect(Math.min(from, from + by)).toBeGreaterThanOrEqual(id === 'take-out' ? 0 : 1);
        if (id === 'change-a-into-b') expect(from + by).toBe(n);
        else expect(Math.max(from, from + by)).toBe(n);
      }
});

test('what falls into the tin is heard: as many drops as there are in the end, with a pause between', () => {
  const { change, drops } = layoutFor(taskOf('drop-in'), 8, 'cork', 4)!;
  expect(drops).toHaveLength(8);
  expect(drops![change!.from]! - drops![change!.from - 1]!).toBeGreaterThanOrEqual(3000);
});
