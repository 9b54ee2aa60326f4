import { counted, traceOf } from '../testing/traces.js';
import type { SittingId, TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import { beginSitting, type SittingToBegin } from './beginSitting.js';
import { nextInSitting } from './nextInSitting.js';

const day = '2026-03-20';
const begin = (facts: Partial<SittingToBegin> = {}) =>
  beginSitting({
    step: { task: 'count-row', n: 12 },
    earlier: [],
    birthDate: '2022-03-01',
    language: 'en',
    day,
    minutes: 4,
    most: null,
    ...facts,
  });
let made = 0;
const clean = (n: number, facts: Parameters<typeof traceOf>[0] = {}): Trace =>
  traceOf({
    id: `try-${made++}` as TraceId,
    sittingId: 'before' as SittingId,
    startedAt: '2026-03-13T09:30:00.000+00:00',
    set: { size: n, things: 'cork', arrangement: 'row' },
    target: n,
    happenings: counted(...Array.from({ length: n }, (_, i) => i + 1)),
    ...facts,
  });

describe(beginSitting, () => {
  test('a child nobody has seen begins with few', () => {
    const { first, plan } = begin();
    expect(first.n).toBeGreaterThan(1);
    expect(first.n).toBeLessThanOrEqual(3);
    expect(first.isStep).toBe(false);
    expect(plan).toMatchObject({ main: 'count-row', minutes: 4 });
  });

  test('one that counts ten begins with more, and below what the sitting is for', () => {
    const earlier = Array.from({ length: 8 }, () => clean(10));
    const { first } = begin({ earlier });
    expect(first.task).toBe('count-row');
    expect(first.n).toBeGreaterThan(begin().first.n);
    expect(first.n).toBeLessThan(12);
  });

  test('what has no number that goes well is begun with a plain count of the same things', () => {
    const earlier = Array.from({ length: 6 }, () => clean(8));
    const { first, plan } = begin({ earlier, step: { task: 'still-n', n: 5 } });
    expect(['count-aside', 'count-row', 'give-n']).toContain(first.task);
    expect(plan.main).toBe('still-n');
    const words = begin({ step: { task: 'say-spot', n: 6 } });
    expect(words.first.task).toBe('say-far');
  });

  test('then comes what the sitting is for', () => {
    const step = { task: 'still-n', n: 5 } as const;
    const earlier = Array.from({ length: 6 }, () => clean(8));
    const { first, plan } = begin({ earlier, step });
    const now = '2026-03-20T09:30:00.000+00:00';
    const begun = clean(first.n, {
      task: first.task,
      sittingId: 'now' as SittingId,
      startedAt: now,
      set: { size: first.n, things: 'cork', arrangement: 'movable' },
    });
    const next = nextInSitting({
      earlier,
      tries: [begun],
      birthDate: null,
      plan,
      pausedMs: 0,
      now: '2026-03-20T09:31:00.000+00:00',
    });
    expect(next).toMatchObject({
      task: 'still-n',
      why: { kind: 'main' },
      things: 'cork',
      isOver: false,
    });
  });

  test('a child who needs few things gets few, and nothing else is asked', () => {
    const { first, plan } = begin({
      earlier: Array.from({ length: 8 }, () => clean(10)),
      most: 3,
      minutes: 2,
    });
    expect(first.n).toBeLessThanOrEqual(3);
    expect(plan.other).toBeNull();
  });

  test('after slips it begins with less', () => {
    const well = Array.from({ length: 8 }, () => clean(10));
    const lost = Array.from({ length: 6 }, () =>
      clean(4, { happenings: [...counted(1), { kind: 'touch' }, ...counted(2, 3)] }),
    );
    expect(begin({ earlier: [...well, ...lost] }).first.n).toBeLessThan(begin({ earlier: well }).first.n);
  });
});
