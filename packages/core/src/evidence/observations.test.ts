import { counted, traceOf } from '../testing/traces.js';
import type { Happening, Ruling, Trace } from '../trace/trace.js';
import type { TraceId } from '../trace/ids.js';
import { layoutFor } from '../shelf/layout.js';
import { runOf, setOf, taskOf, type TaskId } from '../shelf/tasks.js';
import { saidFor } from '../statements/saidFor.js';
import { observationsOf } from './observations.js';
import { tryWeight } from './tryWeight.js';

const say = (...words: number[]): Happening[] => words.map((word) => ({ kind: 'say', word }));
const ask = (question: 'give' | 'which' | 'how-many'): Happening => ({ kind: 'ask', question });
const given = (value: number): Happening => ({ kind: 'given', value });
const answer = (value: number | string): Happening => ({ kind: 'answer', value });

const tried = (
  id: TaskId,
  n: number,
  happenings: readonly Happening[],
  facts: Partial<Trace> = {},
): Trace => {
  const task = taskOf(id);
  return traceOf({
    task: id,
    set: setOf(task, n, 'cork', layoutFor(task, n, 'cork', 2)),
    ...runOf(task, n),
    happenings,
    ...(task.choosing && { choices: task.choosing.length }),
    ...facts,
  });
};
const shown = (trace: Trace) =>
  Object.entries(observationsOf(trace).principles).flatMap(([principle, look]) =>
    look ? [[principle, look.success, look.weight]] : [],
  );

describe('what a try of each kind speaks of', () => {
  test('teens: in order as far as asked; a stop before says nothing', () => {
    expect(shown(tried('say-teens-two-ways', 13, say(11, 12, 13)))).toEqual([['teens', true, 1]]);
    expect(shown(tried('say-teens-two-ways', 13, say(11, 13)))).toEqual([['teens', false, 1]]);
    expect(shown(tried('say-teens-two-ways', 13, say(11, 12)))).toEqual([]);
    // Begun at eleven, it says nothing of the order from one.
    expect(observationsOf(tried('say-teens-two-ways', 13, say(11, 12, 13))).order).toBeNull();
  });

  test('a child that said it didn’t know has answered, however the try ended', () => {
    const counts = (...after: Happening[]) =>
      tryWeight(tried('how-many', 3, [...counted(1, 2, 3), ...after], { ended: 'interrupted' })).miss;
    expect(counts(ask('how-many'), answer('did-not-know'))).toBe(1);
    expect(counts(ask('how-many'))).toBe(0);
    expect(counts()).toBe(0);
  });

  test('things shown for a second are shown briefly, for longer a success counts less', () => {
    const weight = (shownMs: number) =>
      observationsOf(tried('count-row', 5, counted(1, 2, 3, 4, 5), { shownMs })).tracking!.weight;
    expect(weight(1001)).toBeLessThan(weight(1000));
    expect(weight(1000)).toBe(weight(0));
  });

  test('sharing of which nothing came yet says nothing', () => {
    expect(shown(tried('match-lids', 3, []))).toEqual([]);
  });

  test('a puppet judged: a right choice out of two may be luck, another choice is none', () => {
    const trial = tried('say-spot', 8, []);
    const right = trial.set.layout!.puppet!.slip === 'none' ? 'right' : 'not-right';
    const other = right === 'right' ? 'not-right' : 'right';
    expect(shown(tried('say-spot', 8, [ask('which'), answer(right)]))).toEqual([['order-judged', true, 0.5]]);
    expect(shown(tried('say-spot', 8, [ask('which'), answer(other)]))).toEqual([['order-judged', false, 1]]);
    // The puppet's words are not the child's.
    expect(observationsOf(tried('say-spot', 8, [ask('which'), answer(right)])).order).toBeNull();
  });

  test('lids matched one to one, whatever is then said of them', () => {
    const put = (...places: string[]): Happening[] => places.map((place) => ({ kind: 'put', place }));
    const jars = tried('match-lids', 4, []).set.layout!.places!;
    const all = Array.from({ length: Math.min(4, jars) }, (_, i) => String(i + 1));
    expect(shown(tried('match-lids', 4, put(...all)))[0]!.slice(0, 2)).toEqual(['matching', true]);
    expect(shown(tried('match-lids', 4, put('1', '1', '2')))[0]!.slice(0, 2)).toEqual(['matching', false]);
  });

  test('sets made: met in the end is met; fetching a small number and counting out a large one are apart', () => {
    expect(shown(tried('same-many', 4, [ask('give'), given(3), given(4)]))).toEqual([['equal-set', true, 1]]);
    expect(shown(tried('card-and-put', 3, [ask('give'), given(5)]))).toEqual([['numeral-to-set', false, 1]]);
    const large = observationsOf(tried('fill-to', 12, [ask('give'), given(12)]));
    expect(large.thresholds['count-out']).toMatchObject({ n: 12, success: true });
    expect(large.fetch).toBeNull();
    const countedOut = (...happenings: Happening[]) =>
      observationsOf(tried('fill-to', 12, [ask('give'), ...happenings])).thresholds['count-out'];
    expect(countedOut(given(11))).toMatchObject({ n: 12, success: false });
    // Nothing handed over, or nothing taken down, says nothing of counting out.
    expect([countedOut(given(0)), countedOut()]).toEqual([undefined, undefined]);
    expect(observationsOf(tried('give-n', 3, [ask('give'), given(3)])).fetch).toMatchObject({
      asked: 3,
      given: 3,
    });
  });

  test('one in each cell: the count is one-to-one in a frame', () => {
    const trace = tried('count-cells', 3, [{ kind: 'put', place: '1' }, ...counted(1, 2, 3)]);
    expect(observationsOf(trace).tracking).toMatchObject({ n: 3, success: true });
  });

  test('a count that stopped of itself gave way at the next thing; one cut short by the adult says nothing', () => {
    const stopped = (ended: Trace['ended']) =>
      observationsOf(
        traceOf({
          ended,
          happenings: counted(1, 2, 3),
          set: { size: 8, things: 'cork', arrangement: 'row' },
        }),
      ).tracking;
    expect(stopped('stopped-itself')).toMatchObject({ success: false, firstSlip: 4 });
    expect(stopped('stopped-by-adult')).toBeNull();
    expect(stopped('finished')).toMatchObject({ success: false, firstSlip: null });
  });

  test('the number kept without counting, though it was first seen rather than counted', () => {
    const kept = tried('still-n', 4, [ask('how-many'), answer(4), ask('how-many'), answer(4)]);
    expect(shown(kept)).toEqual([['conservation', true, 1]]);
    expect(observationsOf(kept).tracking).toBeNull();
  });
});

describe('what counts for nothing, or otherwise than it was read', () => {
  const clean = counted(1, 2, 3, 4, 5, 6, 7, 8);
  const slipped: Happening[] = [...counted(1, 2, 3, 4, 5, 6, 7), { kind: 'touch' }];
  const ruling = (facts: Partial<Ruling>): Ruling => ({
    on: 'one-to-one',
    holds: true,
    reason: 'seen otherwise',
    by: 'Orla',
    at: '2026-03-02T12:00:00.000Z',
    ...facts,
  });

  test('a mixed count is left out of order, and its touches are read all the same', () => {
    const mixed = observationsOf(traceOf({ happenings: clean, mixedWith: 'cy' }));
    expect(mixed.order).toBeNull();
    expect(mixed.tracking).toMatchObject({ success: true });
  });

  test('the same try at another device counts once', () => {
    const double = observationsOf(traceOf({ happenings: clean, sameAs: 'the other' as TraceId }));
    expect([double.order, double.tracking]).toEqual([null, null]);
  });

  test('a reading overruled is used as the adult ruled, the last word standing', () => {
    const tracking = (...rulings: Ruling[]) =>
      observationsOf(traceOf({ happenings: slipped, rulings })).tracking!.success;
    expect(tracking()).toBe(false);
    expect(tracking(ruling({}))).toBe(true);
    expect(tracking(ruling({}), ruling({ holds: false }))).toBe(false);
    expect(tracking(ruling({}), ruling({ holds: null }))).toBe(false);
    expect(
      observationsOf(traceOf({ happenings: clean, rulings: [ruling({ holds: false })] })).tracking,
    ).toMatchObject({
      success: false,
      firstSlip: null,
    });
  });

  test('of fetching: with help a success tells less and a miss as much, and a ruling says what was given', () => {
    const fetched = (n: number, facts: Partial<Trace> = {}) =>
      observationsOf(tried('give-n', 3, [ask('give'), given(n)], facts)).fetch;
    expect([fetched(3)?.weight, fetched(5)?.weight]).toEqual([1, 1]);
    expect(fetched(3, { help: 'prompted' })?.weight).toBeLessThan(1);
    expect(fetched(5, { help: 'prompted' })?.weight).toBe(1);
    const ruled = (holds: boolean) => ({ rulings: [ruling({ on: 'task', holds })] });
    expect(fetched(5, ruled(true))).toMatchObject({ asked: 3, given: 3 });
    expect(fetched(5, ruled(false))).toMatchObject({ asked: 3, given: 5 });
    // Ruled against, nobody knows what was given instead.
    expect(fetched(3, ruled(false))).toBeNull();
    expect(observationsOf(tried('give-n', 3, [ask('give')])).fetch).toBeNull();
    // Nothing, or more than there were, says nothing; all that there were is an answer.
    expect([fetched(0), fetched(16)]).toEqual([null, null]);
    expect(fetched(15)).toMatchObject({ asked: 3, given: 15 });
    // As does a try of which nobody wrote down the pile, or that was a count.
    const bare = { size: 3, things: 'cork', arrangement: 'movable' } as const;
    expect(fetched(3, { set: bare })).toBeNull();
    expect(observationsOf(tried('count-row', 3, [given(3), ...counted(1, 2, 3)])).fetch).toBeNull();
  });

  test('a request tells from one to the whole pile; what cannot have been, or is ruled against unseen, tells nothing', () => {
    const { pile } = taskOf('give-n');
    const fetched = (asked: number, got: number, facts: Partial<Trace> = {}) =>
      observationsOf(tried('give-n', 3, [ask('give'), given(got)], { target: asked, ...facts })).fetch;
    expect(fetched(1, 1)).toMatchObject({ asked: 1, given: 1, weight: 1, pile });
    expect(fetched(pile!, pile!)).toMatchObject({ asked: pile, given: pile });
    expect(fetched(3, pile!)).toMatchObject({ asked: 3, given: pile, weight: 1 });
    for (const none of [fetched(3, 0), fetched(3, pile! + 1), fetched(0, 1), fetched(pile! + 1, 3)])
      expect(none).toBeNull();
    const ruled = (holds: boolean): Partial<Trace> => ({
      rulings: [{ on: 'task', holds, reason: 'seen', by: 'Orla', at: '2026-03-02T10:00:00.000+00:00' }],
    });
    expect(fetched(3, 4, ruled(true))).toMatchObject({ given: 3 });
    expect(fetched(3, 4, ruled(false))).toMatchObject({ given: 4 });
    expect(fetched(3, 3, ruled(false))).toBeNull();
    expect(fetched(3, 4, { help: 'guided' })).toMatchObject({ given: 4, weight: 1 });
    expect(fetched(3, 3, { help: 'guided' })).toBeNull();
  });

  test('of one-to-one nothing is told without a thing or a touch, and the largest set counts as a hundred', () => {
    const counts = (size: number, words: readonly number[]) =>
      observationsOf(
        traceOf({
          set: { size, things: 'cork', arrangement: 'row' },
          target: size,
          happenings: counted(...words),
        }),
      ).tracking;
    expect(counts(0, [1])).toBeNull();
    expect(counts(4, [])).toBeNull();
    expect(counts(4, [1, 2, 3, 4])).toMatchObject({ n: 4, success: true, firstSlip: null });
    expect(counts(4, [1, 2, 3, 4, 5])).toMatchObject({ n: 4, success: false });
    expect(counts(120, [1, 2, 3])).toMatchObject({ n: 100, success: false });
  });

  test('a miss of a child that stopped short of what was asked tells less; one that came that far stopped for nothing', () => {
    const stopped = (...words: number[]) =>
      observationsOf(
        traceOf({
          target: 8,
          ended: 'stopped-itself',
          happenings: [...counted(...words), { kind: 'touch' }],
        }),
      ).tracking!;
    expect(stopped(1, 2, 3, 4)).toMatchObject({ success: false, weight: 0.5 });
    expect(stopped(1, 2, 3, 4, 5, 6, 7, 8)).toMatchObject({ success: false, weight: 1 });
  });

  test('order overruled either way', () => {
    const order = (happenings: readonly Happening[], holds: boolean) =>
      observationsOf(traceOf({ happenings, rulings: [ruling({ on: 'order', holds })] })).order!;
    expect(order(counted(1, 2, 4, 5), true)).toMatchObject({ upTo: 5, brokeOff: false });
    expect(order(counted(1, 2, 3, 4), false)).toMatchObject({ upTo: 3, brokeOff: true });
  });

  test('statements follow the ruling', () => {
    const tries = (rulings: readonly Ruling[]) =>
      ['2026-03-02', '2026-03-03', '2026-03-04', '2026-03-05', '2026-03-06', '2026-03-07'].map((day, i) =>
        traceOf({
          id: `try-${i}` as TraceId,
          startedAt: `${day}T09:30:00.000+00:00`,
          set: { size: 8, things: i % 2 ? 'cork' : 'shell', arrangement: 'row' },
          happenings: slipped,
          rulings,
        }),
      );
    const steadyTo = (rulings: readonly Ruling[]): number => {
      const row = saidFor(tries(rulings), '2026-03-08').find((one) => one.skill === 'row');
      return row?.by === 'one-to-one' ? row.likelyTo : 0;
    };
    expect(steadyTo([ruling({})])).toBeGreaterThan(steadyTo([]));
  });
});
