import { observationsOf } from '../evidence/observations.js';
import { thresholdReaders } from '../evidence/thresholdReaders.js';
import { layoutFor } from '../shelf/layout.js';
import { setOf, taskOf } from '../shelf/tasks.js';
import { saidFor } from '../statements/saidFor.js';
import { traceOf } from '../testing/traces.js';
import type { TraceId } from '../trace/ids.js';
import type { Happening, Trace } from '../trace/trace.js';
import { readSeeing } from './readSeeing.js';

const ask: Happening = { kind: 'ask', question: 'how-many' };
const answer = (value: number | string | null): Happening => ({ kind: 'answer', value });

/** So many loose dots, flashed, and what was said of them. */
const flash = (n: number, happenings: readonly Happening[], facts: Partial<Trace> = {}): Trace => {
  const task = taskOf(facts.task ?? 'flash-few');
  const set = setOf(task, n, 'cork', layoutFor(task, n, 'cork', 3));
  return traceOf({ task: task.id, set, target: n, shownMs: 700, happenings, ...facts });
};
const look = (trace: Trace) => observationsOf(trace).thresholds['see-few'];

describe(readSeeing, () => {
  test('seen is the right number without counting; counted is known by, and told as, counting', () => {
    expect(readSeeing(flash(4, [ask, answer(4)]))).toMatchObject({ n: 4, said: 4, isSeen: true });
    const counted = flash(4, [ask, answer(4)], { strategy: 'counted-all' });
    expect(readSeeing(counted)).toMatchObject({ isCounted: true, isSeen: false });
    expect(thresholdReaders['see-few'].slips(counted)).toEqual([{ slip: 'counted-the-seen', at: 4 }]);
    expect(readSeeing(flash(4, [ask, answer(5)]))!.isSeen).toBe(false);
    // More than can be seen is nothing to work on.
    expect(thresholdReaders['see-few'].slips(flash(4, [ask, answer(5)]))).toEqual([]);
  });

  test('the first answer decides; none says nothing; of two patterns there is nothing to see at once', () => {
    expect(readSeeing(flash(4, [ask, answer(3), answer(4)]))!.isSeen).toBe(false);
    expect(readSeeing(flash(4, [ask, answer(null)]))).toMatchObject({ said: null, isSeen: null });
    expect(look(flash(4, [ask, answer(null)]))).toBeUndefined();
    expect(readSeeing(flash(4, []))).toBeNull();
    expect(readSeeing(flash(6, [ask, answer(6)], { task: 'two-frames' }))).toBeNull();
  });
});

test('shown for longer than a second, what was right weighs half', () => {
  const weight = (shownMs: number) => look(flash(3, [ask, answer(3)], { shownMs }))!.weight;
  expect(weight(1000)).toBe(1);
  expect(weight(1001)).toBe(0.5);
  expect(look(flash(3, [ask, answer(2)], { shownMs: 1001 }))!.weight).toBe(1);
});

test('seen on two days is sure, whatever else lay there, and never beyond what was seen', () => {
  const days = ['2026-03-02', '2026-03-09'].flatMap((day) =>
    [1, 2, 3, 3, 2, 3].map((n, i) =>
      flash(n, [ask, answer(n)], { id: `${day}-${i}` as TraceId, startedAt: `${day}T09:3${i}:00.000+00:00` }),
    ),
  );
  const said = saidFor(days, '2026-03-09').find(({ skill }) => skill === 'see-few');
  expect(said).toMatchObject({ certainty: 'sure', weakenedBy: [] });
  const { sureTo, likelyTo } = said as { sureTo: number; likelyTo: number };
  expect(sureTo).toBeGreaterThanOrEqual(2);
  expect(likelyTo).toBe(3);
});
