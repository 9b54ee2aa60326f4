import { counted, traceOf } from '../testing/traces.js';
import type { SittingId, TraceId } from '../trace/ids.js';
import type { Happening, Trace } from '../trace/trace.js';
import { nextInSitting } from './nextInSitting.js';

const at = (minute: number): string => `2026-03-02T09:${String(30 + minute).padStart(2, '0')}:00.000+00:00`;
let made = 0;
const tried = (facts: Partial<Trace> & { readonly happenings?: readonly Happening[] }): Trace =>
  traceOf({ id: `try-${made++}` as TraceId, startedAt: at(0), ...facts });
const clean = (n: number, facts: Partial<Trace> = {}): Trace =>
  tried({
    happenings: counted(...Array.from({ length: n }, (_, i) => i + 1)),
    set: { size: n, things: 'shell', arrangement: 'row' },
    target: n,
    ...facts,
  });
const slipped = (n: number): Trace =>
  tried({
    happenings: [...counted(...Array.from({ length: n - 1 }, (_, i) => i + 1)), { kind: 'touch' }],
    set: { size: n, things: 'shell', arrangement: 'row' },
    target: n,
  });
const next = (earlier: readonly Trace[], sitting: readonly Trace[], minute = 1) =>
  nextInSitting(earlier, sitting, '2022-03-01', at(minute));

describe(nextInSitting, () => {
  test('goes on with the task and the things that lie there, to a number that tells more', () => {
    const { task, things, n, why, isOver } = next([], [clean(4)]);
    expect([task, things, isOver]).toEqual(['count-row', 'shell', false]);
    expect(n).toBeGreaterThan(4);
    expect(why).toMatch(new RegExp(`^${n} tells most`));
  });

  test('what was seen on earlier days counts: a child known to ten is not asked four', () => {
    const earlier = Array.from({ length: 8 }, () =>
      clean(10, { startedAt: '2026-02-20T09:30:00.000+00:00', sittingId: 'before' as SittingId }),
    );
    expect(next(earlier, [clean(10)]).n).toBeGreaterThan(next([], [clean(4)]).n);
  });

  test('after two slips an easier one, and its reason says so', () => {
    const { n, why } = next([], [clean(9), slipped(15), slipped(14)]);
    expect(n).toBeLessThan(14);
    expect(why).toBe('Two slips running: an easier one.');
  });

  test('when the minutes are over and it ended well, it says so and leaves the choice', () => {
    const over = next([], [clean(4), clean(6)], 6);
    expect(over).toMatchObject({ isOver: true, n: 6, why: expect.stringMatching(/^Four minutes are over/) });
    expect(over.things).not.toBe('shell');
  });

  test('when the minutes are over on a slip, an easy one ends it well', () => {
    expect(next([], [clean(4), slipped(7)], 6)).toMatchObject({
      isOver: false,
      why: 'An easy one, to end well.',
    });
  });

  test('chooses words by words, and requests by requests', () => {
    const said = tried({
      task: 'say-far',
      target: 10,
      set: { size: 0, things: 'cork', arrangement: 'none' },
      happenings: Array.from({ length: 10 }, (_, i) => ({ kind: 'say', word: i + 1 })),
    });
    expect(next([], [said])).toMatchObject({ task: 'say-far' });
    expect(next([], [said]).n).toBeGreaterThan(10);
    const gave = tried({
      task: 'give-n',
      target: 3,
      set: { size: 3, things: 'cork', arrangement: 'movable', pile: 15 },
      happenings: [
        { kind: 'ask', question: 'give' },
        { kind: 'given', value: 3 },
      ],
    });
    const request = next([], [gave]);
    expect(request.task).toBe('give-n');
    expect(request.n).toBeLessThanOrEqual(10);
  });

  test('has nothing to go on from before the first try', () => {
    expect(() => next([], [])).toThrow(RangeError);
  });
});
