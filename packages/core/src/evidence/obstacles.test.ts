import { skillOf } from '../skills/map.js';
import { layoutFor } from '../shelf/layout.js';
import { setOf, taskOf } from '../shelf/tasks.js';
import { counted, traceOf } from '../testing/traces.js';
import type { TraceId } from '../trace/ids.js';
import type { Happening, Trace } from '../trace/trace.js';
import { obstaclesIn, slippedIn } from './obstacles.js';

const date = '2026-03-20';
let made = 0;
const tried = (facts: Partial<Trace> & { readonly happenings?: readonly Happening[] }): Trace => {
  made++;
  return traceOf({
    id: `try-${made}` as TraceId,
    startedAt: `2026-03-${String(2 + (made % 15)).padStart(2, '0')}T09:30:00.000+00:00`,
    ...facts,
  });
};
const upTo = (n: number, without: readonly number[] = []): readonly number[] =>
  Array.from({ length: n }, (_, i) => i + 1).filter((word) => !without.includes(word));
const said = (n: number, without: readonly number[] = []): Trace =>
  tried({
    task: 'say-far',
    target: n,
    set: { size: 0, things: 'cork', arrangement: 'none' },
    happenings: upTo(n, without).map((word) => ({ kind: 'say', word })),
  });
const inARow = (n: number, happenings: readonly Happening[]): Trace =>
  tried({ set: { size: n, things: 'cork', arrangement: 'row' }, target: n, happenings });
const clean = (n: number): Trace => inARow(n, counted(...upTo(n)));
/** One word more than touches, at one place. */
const ranAhead = (n: number, at: number): Trace =>
  inARow(n, [...counted(...upTo(at - 1)), { kind: 'say', word: at }, ...counted(...upTo(n + 1).slice(at))]);

const order = skillOf('order');
const row = skillOf('row');

describe(obstaclesIn, () => {
  test('twelve weeks on a slip still speaks of today, a day later no more', () => {
    const tries = [0, 1, 2].map(
      () => ({ ...ranAhead(6, 4), startedAt: '2026-03-02T09:30:00.000+00:00' }) as Trace,
    );
    expect(obstaclesIn(row, tries, '2026-05-25')).toHaveLength(1);
    expect(obstaclesIn(row, tries, '2026-05-26')).toEqual([]);
  });

  test('a place is told only where it was seen of every slip, and not of one that comes at once', () => {
    const placed = [ranAhead(8, 5), ranAhead(8, 5), ranAhead(8, 5)];
    expect(obstaclesIn(row, placed, date)).toMatchObject([{ place: { kind: 'after' } }]);
    const early = [ranAhead(8, 2), ranAhead(8, 2), ranAhead(8, 2)];
    expect(obstaclesIn(row, early, date)).toMatchObject([{ place: null }]);
  });

  test('a word of the teens that is always skipped is named by that number, in the runs that went so far', () => {
    const teens = (words: readonly number[]): Trace =>
      tried({
        task: 'say-teens-two-ways',
        start: 11,
        target: 20,
        set: { size: 0, things: 'cork', arrangement: 'none', layout: { way: 'usual' } },
        happenings: words.map((word) => ({ kind: 'say', word })),
      });
    const far = [11, 12, 13, 14, 16, 17, 18, 19, 20];
    const short = [11, 12, 13];
    const tries = [teens(far), teens(far), teens(short), teens(short), teens(short)];
    expect(obstaclesIn(skillOf('teens'), tries, date)).toMatchObject([
      { slip: 'skipped', place: { kind: 'number', n: 15 }, of: 2 },
    ]);
  });

  test('a number that is always skipped is named by that number, in the counts that went so far', () => {
    const tries = [said(20, [13]), said(15, [13]), ...Array.from({ length: 6 }, () => said(8))];
    expect(obstaclesIn(order, tries, date)).toMatchObject([
      { slip: 'skipped', place: { kind: 'number', n: 13 }, of: 2 },
    ]);
  });

  test('counts that end with the answer because they were asked for hide no last word that is not meant', () => {
    const answers = (n: number, value: number): Trace =>
      inARow(n, [...counted(...upTo(n)), { kind: 'ask', question: 'how-many' }, { kind: 'answer', value }]);
    const countedWhenAsked = (n: number): Trace =>
      inARow(n, [
        { kind: 'ask', question: 'how-many' },
        ...counted(...upTo(n)),
        { kind: 'answer', value: n },
      ]);
    const tries = [answers(5, 9), answers(6, 9), answers(4, 4)];
    const lastWord = skillOf('last-word');
    expect(obstaclesIn(lastWord, tries, date)).toMatchObject([{ slip: 'other', of: 3 }]);
    const more = [...tries, ...[4, 5, 6].map(countedWhenAsked)];
    expect(obstaclesIn(lastWord, more, date)).toMatchObject([{ slip: 'other', of: 3 }]);
    // Counted first and then asked, they show that it is meant.
    expect(obstaclesIn(lastWord, [...tries, ...[4, 5, 6].map((n) => answers(n, n))], date)).toEqual([]);
  });

  test('who counts the start is named by the tries that could show it, without a place in a set', () => {
    const sum = (from: number, by: number, value: number): Trace =>
      tried({
        task: 'drop-in',
        version: 2,
        target: from + by,
        set: { size: from + by, things: 'cork', arrangement: 'hidden', layout: { change: { from, by } } },
        happenings: [
          { kind: 'ask', question: 'hidden' },
          { kind: 'answer', value },
        ],
      });
    const hidden = skillOf('hidden');
    const short = [sum(4, 3, 6), sum(3, 2, 4)];
    const ofOne = [3, 4, 5, 6].map((from) => sum(from, 1, from + 1));
    expect(obstaclesIn(hidden, [...short, ...ofOne], date)).toMatchObject([
      { slip: 'counted-the-start', of: 2, place: null },
    ]);
    expect(obstaclesIn(hidden, [...short, sum(4, 2, 6), sum(5, 3, 8), sum(6, 2, 8)], date)).toEqual([]);
  });

  test('once is not enough, nor twice in many', () => {
    expect(obstaclesIn(row, [ranAhead(6, 3), clean(6)], date)).toEqual([]);
    const seldom = [ranAhead(6, 3), ranAhead(6, 3), clean(6), clean(6), clean(6), clean(6)];
    expect(obstaclesIn(row, seldom, date)).toEqual([]);
    expect(obstaclesIn(row, seldom.slice(0, 4), date)).toHaveLength(1);
  });

  test('an adult’s word goes before the reading: what she says went well stands in nobody’s way', () => {
    const asked: readonly Happening[] = [
      ...counted(...upTo(5)),
      { kind: 'ask', question: 'how-many' },
      { kind: 'answer', value: 3 },
    ];
    const ruling = { on: 'how-many', holds: true, reason: 'misheard', by: 'Orla', at: date } as const;
    const lastWord = skillOf('last-word');
    const tries = [inARow(5, asked), inARow(5, asked), inARow(5, asked)];
    expect(obstaclesIn(lastWord, tries, date)).toHaveLength(1);
    const overruled = tries.map((trace) => ({ ...trace, rulings: [ruling] }));
    expect(obstaclesIn(lastWord, overruled, date)).toEqual([]);
  });

  test('two kinds that each come often are both named, the commoner first', () => {
    const both = inARow(5, [
      ...counted(1),
      { kind: 'say', word: 2 },
      { kind: 'passed-over', item: 3 },
      ...counted(3, 4, 5),
    ]);
    const tries = [both, both, ranAhead(5, 2)];
    expect(obstaclesIn(row, tries, date).map((one) => one.slip)).toEqual(['word-without-touch', 'missed']);
  });

  test('where no kind comes often by itself, the two commonest are taken together', () => {
    const leftOut = (): Trace =>
      inARow(5, [...counted(1, 2), { kind: 'passed-over', item: 2 }, ...counted(3, 4)]);
    const tries = [leftOut(), ranAhead(5, 2), leftOut(), clean(5), clean(5)];
    const [first, ...rest] = obstaclesIn(row, tries, date);
    expect(rest).toEqual([]);
    expect(new Set([first!.slip, first!.or])).toEqual(new Set(['missed', 'word-without-touch']));
    expect(first).toMatchObject({ of: 5 });
    expect(first!.traces).toHaveLength(3);
  });

  test('says where it comes: at the very end, after so many things, from a number asked for', () => {
    const ranOn = (n: number): Trace => inARow(n, [...counted(...upTo(n)), ...counted(n + 1)]);
    expect(obstaclesIn(row, [ranOn(4), ranOn(6)], date)[0]!.place).toEqual({ kind: 'close' });
    expect(obstaclesIn(row, [ranAhead(8, 6), ranAhead(9, 5)], date)[0]!.place).toEqual({
      kind: 'after',
      n: 4,
    });
    const gave = (asked: number, given: number): Trace =>
      tried({
        task: 'give-n',
        target: asked,
        set: { size: asked, things: 'cork', arrangement: 'movable', pile: 15 },
        happenings: [
          { kind: 'ask', question: 'give' },
          { kind: 'given', value: given },
        ],
      });
    const gifts = [gave(2, 2), gave(3, 3), gave(2, 2), gave(5, 3), gave(4, 7)];
    expect(obstaclesIn(skillOf('fetch'), gifts, date)).toMatchObject([
      { slip: 'gave-another-number', place: { kind: 'asked', n: 4 } },
    ]);
  });

  test('the latest six that were long enough count, not those before them', () => {
    const then = (trace: Trace, i: number): Trace => ({
      ...trace,
      startedAt: `2026-03-${String(2 + i).padStart(2, '0')}T09:30:00.000+00:00`,
    });
    const better = [ranAhead(6, 3), ranAhead(6, 3), ...Array.from({ length: 6 }, () => clean(6))].map(then);
    expect(obstaclesIn(row, better, date)).toEqual([]);
    expect(slippedIn(row, better, date)).toBe(0);
    const short = [ranAhead(6, 5), ranAhead(6, 5), ...Array.from({ length: 6 }, () => clean(3))].map(then);
    expect(obstaclesIn(row, short.toReversed(), date)).toMatchObject([{ of: 2 }]);
  });

  test('another choice stands in the way of judging a puppet; the right one never does', () => {
    const judged = (isRight: boolean): Trace => {
      const task = taskOf('say-spot');
      const set = setOf(task, 8, 'cork', layoutFor(task, 8, 'cork', 2));
      const right = set.layout!.puppet!.slip === 'none' ? 'right' : 'not-right';
      const wrong = right === 'right' ? 'not-right' : 'right';
      return tried({
        task: task.id,
        set,
        target: 8,
        choices: task.choosing!.length,
        happenings: [
          { kind: 'ask', question: 'which' },
          { kind: 'answer', value: isRight ? right : wrong },
        ],
      });
    };
    const skill = skillOf('order-judged');
    expect(obstaclesIn(skill, [judged(true), judged(true), judged(true)], date)).toEqual([]);
    expect(obstaclesIn(skill, [judged(false), judged(false), judged(false)], date)).toMatchObject([
      { slip: 'chose-another', place: null, of: 3 },
    ]);
  });

  test('what is long past stands in no way', () => {
    const tries = [ranAhead(6, 3), ranAhead(6, 3)];
    expect(obstaclesIn(row, tries, date)).toHaveLength(1);
    expect(obstaclesIn(row, tries, '2026-09-20')).toEqual([]);
    expect(slippedIn(row, tries, '2026-09-20')).toBe(0);
  });

  test('a try that counts for nothing stands in no way, nor does one of another arrangement', () => {
    const others = [ranAhead(6, 3), ranAhead(6, 3)].map((trace) => ({ ...trace, setAside: 'ill' }));
    expect(obstaclesIn(row, others, date)).toEqual([]);
    expect(obstaclesIn(skillOf('ring'), [ranAhead(6, 3), ranAhead(6, 3)], date)).toEqual([]);
    expect(slippedIn(row, [ranAhead(6, 3), clean(6)], date)).toBe(1);
  });
});
