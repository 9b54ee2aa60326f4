import { row, traceOf } from '../testing/traces.js';
import { figure } from '../common/parameters.js';
import type { SittingId } from '../trace/ids.js';
import type { Arrangement, Trace } from '../trace/trace.js';
import type { Asking } from './asking.js';
import { isRecent, modelOf } from './modelOf.js';

const day = '2026-06-01';
const asking = (tries: readonly Trace[], facts: Partial<Asking> = {}): Asking => ({
  tries,
  sittingId: 'now' as SittingId,
  day,
  language: 'en',
  months: 48,
  arrangements: ['row'],
  things: ['cork'],
  largest: 20,
  secondsLeft: 240,
  ...facts,
});
const on = (date: string) => ({ startedAt: `${date}T09:30:00.000+00:00` });
const laid = (n: number, arrangement: Arrangement, isClean = true, date = day): Trace =>
  row(n, isClean, { set: { size: n, things: 'cork', arrangement }, ...on(date) });
const chance = (tries: readonly Trace[], arrangement: Arrangement, n: number): number =>
  modelOf('one-to-one', asking(tries), arrangement).chanceAt(n);
const said = (language: string, ...words: readonly number[]): Trace =>
  traceOf({
    task: 'say-far',
    language,
    set: { size: 0, things: 'cork', arrangement: 'none' },
    target: 20,
    happenings: words.map((word) => ({ kind: 'say', word })),
    ...on(day),
  });

describe('how old a try may be', () => {
  test('twelve weeks to the day', () => {
    expect(isRecent(laid(5, 'row', true, '2026-03-09'), day)).toBe(true);
    expect(isRecent(laid(5, 'row', true, '2026-03-08'), day)).toBe(false);
    expect(figure.askingWeeks).toBe(12);
  });

  test('what is older serves only where nothing is newer', () => {
    const old = Array.from({ length: 6 }, () => laid(12, 'row', true, '2026-01-05'));
    expect(chance(old, 'row', 12)).toBeGreaterThan(chance([], 'row', 12));
    const now = [laid(3, 'row')];
    expect(chance([...old, ...now], 'row', 12)).toBe(chance(now, 'row', 12));
  });
});

describe('one arrangement lends to another', () => {
  const clean = (arrangement: Arrangement) => Array.from({ length: 5 }, () => laid(10, arrangement));

  test('an easier one to a harder, a harder one to an easier where there is none', () => {
    expect(chance(clean('row'), 'scattered', 10)).toBeGreaterThan(chance([], 'scattered', 10));
    expect(chance(clean('scattered'), 'row', 10)).toBeGreaterThan(chance([], 'row', 10));
  });

  test('the easier one comes first, and keeps the harder out', () => {
    const lost = Array.from({ length: 5 }, () => laid(6, 'ring', false));
    expect(chance([...clean('row'), ...lost], 'scattered', 10)).toBe(chance(clean('row'), 'scattered', 10));
  });

  test('each easier one lends in its turn', () => {
    const once = [laid(10, 'row')];
    expect(chance([...clean('movable'), ...once], 'scattered', 10)).toBeGreaterThan(
      chance(once, 'scattered', 10),
    );
  });

  test('its own tries count beside what is lent', () => {
    const lost = Array.from({ length: 4 }, () => laid(6, 'scattered', false));
    expect(chance([...clean('row'), ...lost], 'scattered', 10)).toBeLessThan(
      chance(clean('row'), 'scattered', 10),
    );
  });
});

describe('the words of each language', () => {
  const words = (tries: readonly Trace[], language = 'en') =>
    modelOf('order', asking(tries, { language }), 'none');
  const welsh = Array.from({ length: 6 }, () => said('cy', 1, 2, 3, 4, 5, 6, 7, 8, 9, 12));
  const english = [said('en', 1, 2, 3, 4, 6)];

  test('are known by tries in that language alone', () => {
    expect(words(welsh, 'cy').chanceAt(9)).toBeGreaterThan(words([], 'cy').chanceAt(9));
    // How sharply they give way is shared; how far they go is not.
    expect(Math.abs(words(welsh).chanceAt(9) - words([]).chanceAt(9))).toBeLessThan(0.1);
  });

  test('share how sharply they give way', () => {
    expect(words([...english, ...welsh]).chanceAt(7)).not.toBe(words(english).chanceAt(7));
  });
});

test('fetching is told from a pile, by default as large as what may be asked', () => {
  const fetched = [
    traceOf({
      task: 'give-n',
      set: { size: 5, things: 'cork', arrangement: 'movable', pile: 15 },
      target: 5,
      happenings: [
        { kind: 'ask', question: 'give' },
        { kind: 'given', value: 5 },
      ],
      ...on(day),
    }),
  ];
  const of = (facts: Partial<Asking>) => modelOf('fetch', asking(fetched, facts), 'movable').chanceAt(5);
  expect(of({ pile: 15 })).toBeGreaterThan(modelOf('fetch', asking([], { pile: 15 }), 'movable').chanceAt(5));
  expect(of({ largest: 15 })).toBe(of({ pile: 15 }));
});
