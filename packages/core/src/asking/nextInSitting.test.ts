import { counted, traceOf } from '../testing/traces.js';
import type { TaskId } from '../shelf/tasks.js';
import type { SittingId, TraceId } from '../trace/ids.js';
import type { Happening, Trace } from '../trace/trace.js';
import type { SittingPlan } from './beginSitting.js';
import { nextInSitting, type SittingSoFar } from './nextInSitting.js';

const at = (minute: number): string =>
  new Date(Date.parse('2026-03-02T09:30:00.000Z') + minute * 60_000).toISOString().replace('Z', '+00:00');
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
const next = (
  earlier: readonly Trace[],
  tries: readonly Trace[],
  minute = 1,
  plan: Partial<SittingPlan> = {},
  facts: Partial<SittingSoFar> = {},
) =>
  nextInSitting({
    earlier,
    tries,
    birthDate: '2022-03-01',
    plan: { minutes: 4, main: (tries[0]?.task ?? 'count-row') as TaskId, other: null, ...plan },
    pausedMs: 0,
    now: at(minute),
    ...facts,
  });

describe(nextInSitting, () => {
  test('goes on with the task and the things that lie there, to a number that tells more', () => {
    const { task, things, n, why, isOver } = next([], [clean(4)]);
    expect([task, things, isOver]).toEqual(['count-row', 'shell', false]);
    expect(n).toBeGreaterThan(4);
    expect(why).toEqual({ kind: 'learn-most', n });
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
    expect(why).toEqual({ kind: 'after-two-misses', n });
  });

  test('when the minutes are over and it ended well, it says so and leaves the choice', () => {
    const over = next([], [clean(4), clean(6)], 6);
    expect(over).toMatchObject({ isOver: true, n: 6, why: { kind: 'time', minutes: 4 } });
    expect(over.things).not.toBe('shell');
  });

  test('a question that is asked often enough and ended on a slip is followed by an easy one, and by nothing else', () => {
    const answered = (n: number, value: number): Trace =>
      tried({
        task: 'how-many',
        happenings: [
          ...counted(...Array.from({ length: n }, (_, i) => i + 1)),
          { kind: 'ask', question: 'how-many' },
          { kind: 'answer', value },
        ],
        set: { size: n, things: 'shell', arrangement: 'row' },
        target: n,
      });
    const right = [answered(4, 4), answered(5, 5), answered(6, 6)];
    expect(next([], right, 2).isOver).toBe(true);
    const wrong = [...right.slice(0, 2), answered(6, 2)];
    const easy = next([], wrong, 2);
    expect(easy).toMatchObject({ isOver: false, why: { kind: 'end-well' } });
    expect(easy.n).toBeLessThanOrEqual(5);
    expect(next([], [...wrong, clean(easy.n, { task: easy.task })], 2.5).isOver).toBe(true);
    // Another of the adult's own choice is gone on from.
    expect(next([], [...wrong, clean(4)], 2.5).why.kind).not.toBe('enough');
  });

  test('when the minutes are over on a slip, an easy one ends it well', () => {
    expect(next([], [clean(4), slipped(7)], 6)).toMatchObject({
      isOver: false,
      why: expect.objectContaining({ kind: 'end-well' }),
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

  describe('with another question planned', () => {
    const plan = { other: 'how-many' } as const;
    const asked = (n: number, answer: number): Trace =>
      tried({
        task: 'how-many',
        target: n,
        set: { size: n, things: 'shell', arrangement: 'row' },
        happenings: [
          ...counted(...Array.from({ length: n }, (_, i) => i + 1)),
          { kind: 'ask', question: 'how-many' },
          { kind: 'answer', value: answer },
        ],
      });

    test('it comes once the first is known or its time is up, with the things that lie there', () => {
      const first = next([], [clean(4)], 1, plan);
      expect(first.task).toBe('count-row');
      const then = next([], [clean(4), clean(5), clean(6)], 3.2, plan);
      expect(then).toMatchObject({ task: 'how-many', things: 'shell', isOver: false });
      expect(then.why.kind).toBe('other-question');
    });

    test('it asks with other numbers, and after three it is over; it does not come twice', () => {
      const sizes: number[] = [];
      const sat = [clean(4), clean(6)];
      for (let i = 0; i < 3; i++) {
        const { task, n } = next([], sat, 3, plan);
        expect(task).toBe('how-many');
        sizes.push(n);
        sat.push(asked(n, n));
      }
      expect(new Set(sizes).size).toBeGreaterThan(1);
      expect(next([], sat, 3, plan)).toMatchObject({ task: 'how-many', isOver: true });
    });

    test('two that recount bring the smallest, a third an easy count and the end', () => {
      const other = (n: number): Trace => asked(n, n + 1);
      const two = [clean(6), other(5), other(3)];
      expect(next([], two, 2, plan)).toMatchObject({ n: 3, why: { kind: 'after-two-misses', n: 3 } });
      const three = [...two, other(3)];
      const easy = next([], three, 2, plan);
      expect(easy).toMatchObject({
        isOver: false,
        things: 'shell',
        why: expect.objectContaining({ kind: 'end-well' }),
      });
      expect(['count-aside', 'count-row', 'give-n']).toContain(easy.task);
      const ended = [...three, clean(easy.n, { task: easy.task })];
      expect(next([], ended, 2.5, plan)).toMatchObject({
        isOver: true,
        why: { kind: 'enough' },
      });
    });

    test('with no time left to lay anything the other question does not begin', () => {
      const sat = [clean(4), clean(6)];
      expect(next([], sat, 3.6, plan).task).toBe('how-many');
      expect(next([], sat, 4 - 20 / 60, plan)).toMatchObject({ task: 'count-row', isOver: true });
    });

    test('a pause is not the child’s time', () => {
      const sat = [clean(4), clean(6)];
      expect(next([], sat, 9, plan).isOver).toBe(true);
      expect(next([], sat, 9, plan, { pausedMs: 7.5 * 60_000 })).toMatchObject({ isOver: false });
    });

    test('a task of the adult’s own choice is gone on from', () => {
      const own = tried({
        ...clean(5),
        task: 'count-scatter',
        set: { size: 5, things: 'shell', arrangement: 'scattered' },
      });
      expect(next([], [clean(4), own], 1, plan).task).toBe('count-scatter');
    });
  });

  test('a child who needs few things is asked few', () => {
    expect(next([], [clean(2)], 1, { minutes: 2 }, { most: 3 }).n).toBeLessThanOrEqual(3);
  });

  test('has nothing to go on from before the first try', () => {
    expect(() => next([], [])).toThrow(RangeError);
  });
});
