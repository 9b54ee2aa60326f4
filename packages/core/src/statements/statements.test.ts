import fc from 'fast-check';
import { usualChild } from '../simulate/child.js';
import { simulateMonths } from '../simulate/history.js';
import { seededRandom } from '../common/random.js';
import { counted, traceOf } from '../testing/traces.js';
import type { ChildId, StaffId, TraceId } from '../trace/ids.js';
import type { Happening, Trace } from '../trace/trace.js';
import type { Principle } from '../skills/map.js';
import { isOfNumbers, type NumberStatement, type PrincipleStatement, type Statement } from './statement.js';
import { claimedTo, surelyTo } from './claimedTo.js';
import { saidFor } from './saidFor.js';

const monday = '2026-03-02T09:30:00.000+00:00';
const tuesday = '2026-03-03T09:30:00.000+00:00';
const date = '2026-03-04';
const corks = { things: 'cork', arrangement: 'row' } as const;
const shells = { things: 'shell', arrangement: 'row' } as const;

let made = 0;
type Facts = Partial<Trace> & { readonly happenings?: readonly Happening[] };
const tried = (facts: Facts): Trace => traceOf({ id: `try-${made++}` as TraceId, ...facts });
const clean = (n: number, facts: Facts = {}): Trace =>
  tried({
    happenings: counted(...Array.from({ length: n }, (_, i) => i + 1)),
    set: { size: n, ...corks },
    ...facts,
  });
const said = (words: readonly (number | string)[], facts: Facts = {}): Trace =>
  tried({
    task: 'say-far',
    set: { size: 0, things: 'cork', arrangement: 'none' },
    happenings: words.map((word) => ({ kind: 'say', word })),
    ...facts,
  });
const gave = (asked: number, given: number, facts: Facts = {}): Trace =>
  tried({
    task: 'give-n',
    target: asked,
    set: { size: asked, things: 'cork', arrangement: 'movable', pile: 15 },
    happenings: [
      { kind: 'ask', question: 'give' },
      { kind: 'given', value: given },
    ],
    ...facts,
  });

const find = <By extends NumberStatement['by']>(tries: readonly Trace[], by: By, on = date) =>
  saidFor(tries, on).find((one): one is Extract<NumberStatement, { by: By }> => one.by === by);

const principle = (tries: readonly Trace[], by: Principle, on = date) =>
  saidFor(tries, on).find((one): one is PrincipleStatement => one.by === by);

/** Over two days and with two kinds of things. */
const both = (n: number, times: number): Trace[] =>
  Array.from({ length: times }, (_, i) =>
    clean(n, i % 2 === 0 ? { startedAt: monday } : { startedAt: tuesday, set: { size: n, ...shells } }),
  );

describe('one-to-one', () => {
  test('is sure as far as it often went well, in this arrangement, and rests on its tries', () => {
    const tries = both(6, 12);
    const statement = find(tries, 'one-to-one')!;
    expect(statement).toMatchObject({
      skill: 'row',
      certainty: 'sure',
      sureTo: 6,
      likelyTo: 6,
      triedTo: 6,
      weakenedBy: [],
    });
    expect(statement.tries).toEqual(tries.map((one) => one.id));
  });

  test('one day, or one kind of thing, is likely and never sure', () => {
    const oneDay = find(
      Array.from({ length: 12 }, () => clean(5)),
      'one-to-one',
    )!;
    expect(oneDay).toMatchObject({ certainty: 'likely', sureTo: 0, likelyTo: 5 });
    expect(oneDay.weakenedBy).toEqual(['one-kind-of-thing', 'one-day']);
    const oneKind = both(5, 12).map((one) => ({ ...one, set: { size: 5, ...corks } }));
    expect(find(oneKind, 'one-to-one')).toMatchObject({ sureTo: 0, likelyTo: 5 });
  });

  test('from helped tries alone it is at most likely, and says with what', () => {
    const helped = both(5, 40).map((one) => ({ ...one, help: 'prompted' as const }));
    const statement = find(helped, 'one-to-one')!;
    expect([statement.sureTo, statement.likelyTo]).toEqual([0, 5]);
    expect(statement.weakenedBy).toEqual(['help']);
    const shown = both(5, 40).map((one) => ({
      ...one,
      help: 'shown' as const,
      answeredBy: 'with-others' as const,
    }));
    expect(find(shown, 'one-to-one')!.sureTo).toBe(0);
    // With at least half of what carries it unaided, and enough of that, it is sure again.
    expect(find([...helped.slice(0, 12), ...both(5, 12)], 'one-to-one')!.sureTo).toBe(5);
    expect(find([...helped, ...both(5, 12)], 'one-to-one')!.sureTo).toBe(0);
  });

  test('two tries free of help stand by themselves, one does not', () => {
    const helped = Array.from({ length: 4 }, () => clean(4, { help: 'prompted' }));
    const weaknesses = (free: number) =>
      find([...helped, ...both(4, free)], 'one-to-one')!.weakenedBy.filter((one) => one === 'help');
    expect(weaknesses(0)).toEqual(['help']);
    expect(weaknesses(1)).toEqual(['help']);
    expect(weaknesses(2)).toEqual([]);
  });

  test('half of what carries it unaided is enough to be sure, less is not', () => {
    const many = both(4, 16);
    const withHelp = (helped: number) =>
      find(
        many.map((trace, i) => (i < helped ? { ...trace, help: 'prompted' as const } : trace)),
        'one-to-one',
      )!;
    expect(withHelp(8).sureTo).toBeGreaterThan(0);
    expect(withHelp(9).certainty).not.toBe('sure');
  });

  test('drops are sure with two beats, whatever falls', () => {
    const heard = (way: string, day: string): Trace =>
      clean(5, {
        task: 'count-heard',
        startedAt: day,
        set: { size: 5, things: 'cork', arrangement: 'heard', layout: { way } },
      });
    const even = Array.from({ length: 12 }, (_, i) => heard('even', i % 2 ? monday : tuesday));
    expect(find(even, 'one-to-one')).toMatchObject({ sureTo: 0, weakenedBy: ['one-beat'] });
    const two = even.map((trace, i) => (i % 3 ? trace : heard('uneven', trace.startedAt)));
    expect(find(two, 'one-to-one')!.sureTo).toBeGreaterThan(0);
  });

  test('twelve of twelve at six and none of twelve at twelve: six, and more only as it may be', () => {
    const slip = (i: number): Trace =>
      clean(12, {
        startedAt: i % 2 ? monday : tuesday,
        set: { size: 12, ...(i % 2 ? corks : shells) },
        happenings: [
          ...counted(...Array.from({ length: 9 }, (_, k) => k + 1)),
          { kind: 'touch' },
          ...counted(10, 11),
        ],
      });
    const statement = find([...both(6, 12), ...Array.from({ length: 12 }, (_, i) => slip(i))], 'one-to-one')!;
    expect(statement.sureTo).toBeGreaterThanOrEqual(5);
    expect(statement.likelyTo).toBe(6);
    expect(statement.reachingFor).toBeGreaterThan(6);
  });

  test('where track is lost only at the close that is told, once it is plain', () => {
    const ring = { things: 'cork', arrangement: 'ring' } as const;
    const twice = (n: number): Trace =>
      clean(n, {
        set: { size: n, ...ring },
        happenings: [
          ...counted(...Array.from({ length: n - 1 }, (_, i) => i + 1)),
          { kind: 'count', word: n, item: 'again' },
        ],
      });
    const tries = [4, 5, 6, 7, 8, 9, 6, 7].flatMap((n) => [
      twice(n),
      clean(n, { set: { size: n, ...ring } }),
    ]);
    const statement = saidFor(tries, date).find((one) => one.skill === 'ring')!;
    expect(statement).toMatchObject({ shape: 'closing' });
    expect(find([clean(5)], 'one-to-one')!.shape).toBeNull();
  });

  test('reaches for the next number that is not likely, never far beyond what was tried', () => {
    const slips = [
      ...both(4, 8),
      clean(9, { happenings: [...counted(1, 2, 3), { kind: 'touch' }, ...counted(4)] }),
    ];
    const { likelyTo, reachingFor, triedTo } = find(slips, 'one-to-one')!;
    expect(reachingFor).toBeGreaterThan(likelyTo);
    expect(reachingFor).toBeLessThanOrEqual(triedTo + 2);
    expect(find(both(3, 60), 'one-to-one')!).toMatchObject({ sureTo: 3, reachingFor: null });
  });

  test('arrangements are kept apart', () => {
    const scattered = clean(8, { set: { size: 8, things: 'cork', arrangement: 'scattered' } });
    const sure = new Map(
      saidFor([...both(6, 12), scattered], date).flatMap((one) =>
        isOfNumbers(one) ? [[one.skill as string, one.sureTo] as const] : [],
      ),
    );
    expect([sure.get('row'), sure.get('scattered')]).toEqual([6, 0]);
  });
});

describe('order', () => {
  const to = (n: number) => Array.from({ length: n }, (_, i) => i + 1);

  test('tells how far, and the child’s own words after it', () => {
    const own = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 14, 16];
    const statement = find(
      [said(own), said(own), said(own, { startedAt: tuesday }), said(own, { startedAt: tuesday })],
      'order',
    )!;
    expect(statement).toMatchObject({ passedTo: 12, privateOrder: [14, 16], language: 'en' });
    expect(statement.likelyTo).toBeGreaterThanOrEqual(10);
  });

  test('two days are enough to be sure of words, whatever lay there', () => {
    const runs = [monday, monday, tuesday, tuesday].map((startedAt) =>
      clean(10, { startedAt, set: { size: 10, ...corks } }),
    );
    expect(find(runs, 'order')!.sureTo).toBeGreaterThan(4);
    expect(find(runs, 'order')!.weakenedBy).toEqual([]);
  });

  test('few good days leave room for bad ones: more of them say more, and what is likely does not wait', () => {
    const over = (days: number) =>
      find(
        Array.from({ length: 6 }, (_, i) =>
          clean(18, { startedAt: `2026-02-0${1 + (i % days)}T09:30:00.000+00:00` }),
        ),
        'order',
        '2026-02-07',
      )!;
    expect(over(2).sureTo).toBeGreaterThan(0);
    expect(over(6).sureTo).toBeGreaterThan(over(2).sureTo);
    expect(over(2).likelyTo).toBe(18);
  });

  test('what comes after is the child’s own once two counts in three go so far', () => {
    const own = (n: number) => said([...Array.from({ length: n }, (_, i) => i + 1), 14, 16, 19]);
    const ownAfter = (...runs: readonly number[]) => find(runs.map(own), 'order')!.ownAfter;
    expect(ownAfter(8, 8, 5)).toBe(8);
    expect(ownAfter(8, 5, 5)).toBe(5);
  });

  test('one slip does not undo four runs', () => {
    const four = [monday, monday, tuesday, tuesday].map((startedAt) => said(to(20), { startedAt }));
    const slipped = said([...to(9), 11, 12], { startedAt: '2026-05-11T09:30:00.000+00:00' });
    const statement = find([...four, slipped], 'order', '2026-05-11')!;
    expect(statement.likelyTo).toBeGreaterThan(9);
  });

  test('two runs two years ago are no claim', () => {
    const old = [
      said(to(20), { startedAt: '2024-03-04T09:30:00.000+00:00' }),
      said(to(20), { startedAt: '2024-03-05T09:30:00.000+00:00' }),
    ];
    const then = find(old, 'order', '2024-03-06')!;
    const now = find(old, 'order', date)!;
    expect(then.likelyTo).toBeGreaterThan(10);
    expect(now.likelyTo).toBeLessThan(then.likelyTo);
    expect(now.sureTo).toBe(0);
  });

  test('the same evidence says the same on one day and on the next', () => {
    const runs = [...[1, 2, 3, 4].map(() => said(to(11))), ...[1, 2].map(() => said([...to(9), 11]))];
    const on = ['2026-03-02', '2026-03-03', '2026-03-04'].map((day) => find(runs, 'order', day)!.likelyTo);
    expect(on).toEqual(on.toSorted((a, b) => b - a));
  });

  test('a small set counted to its end says nothing against larger numbers', () => {
    const far = [said(to(14)), said(to(14)), said(to(14))];
    const small = [clean(4), clean(4), clean(4), clean(4)];
    expect(find([...far, ...small], 'order')!.likelyTo).toBe(find(far, 'order')!.likelyTo);
  });

  test('every try shown how is at most likely, and says so', () => {
    const shown = [monday, monday, tuesday, tuesday, tuesday].map((startedAt) =>
      said(to(15), { startedAt, help: 'shown' }),
    );
    const statement = find(shown, 'order')!;
    expect(statement.sureTo).toBe(0);
    expect(statement.weakenedBy).toContain('help');
  });

  test('languages are kept apart, and one try is not known to be all', () => {
    const byLanguage = saidFor([said([1, 2, 3]), said([1, 2, 3, 4, 5], { language: 'cy' })], date).flatMap(
      (one) => (one.by === 'order' ? [[one.language, one.triedTo, one.privateOrder]] : []),
    );
    expect(byLanguage).toEqual([
      ['en', 3, null],
      ['cy', 5, null],
    ]);
  });
});

describe('fetching and the last word', () => {
  const asked = (value: number | string, facts: Facts = {}): Trace =>
    tried({
      happenings: [...counted(1, 2, 3, 4), { kind: 'ask', question: 'how-many' }, { kind: 'answer', value }],
      set: { size: 4, ...corks },
      ...facts,
    });
  const lastWord = [
    asked(4),
    asked(4),
    asked(4),
    asked(4, { startedAt: tuesday }),
    asked(4, { startedAt: tuesday }),
  ];

  test('three and no more yet: gives three, a handful for four', () => {
    const tries = [
      gave(3, 3),
      gave(4, 7),
      gave(3, 3),
      gave(2, 2),
      gave(4, 9),
      gave(3, 3, { startedAt: tuesday }),
    ];
    const { level, levels, triedTo, missedAbove } = find(tries, 'fetch')!;
    expect([level, triedTo, missedAbove]).toEqual(['3', 4, true]);
    expect(levels['3']).toBeGreaterThan(0.8);
  });

  test('two asked twice and given: two, and nothing of more, which nobody asked', () => {
    const statement = find([gave(2, 2), gave(2, 2, { startedAt: tuesday })], 'fetch')!;
    expect(statement).toMatchObject({ likelyTo: 2, missedAbove: false });
  });

  test('a miss at a number that is likely all the same is none above it', () => {
    const threes = Array.from({ length: 8 }, (_, i) => gave(3, 3, { startedAt: i % 2 ? monday : tuesday }));
    const statement = find([...threes, gave(3, 4)], 'fetch')!;
    expect([statement.likelyTo, statement.missedAbove]).toEqual([3, false]);
    expect(find([...threes, gave(4, 7)], 'fetch')!.missedAbove).toBe(true);
  });

  test('five is the first number that is counted out: what is given at it speaks of the counting too', () => {
    const fives = (given: number) =>
      Array.from({ length: 6 }, (_, i) => gave(5, given, { startedAt: i % 2 ? monday : tuesday }));
    expect(find(fives(5), 'fetch')!.likelyTo).toBe(5);
    const sixes = Array.from({ length: 6 }, (_, i) => gave(6, 6, { startedAt: i % 2 ? monday : tuesday }));
    expect(find([...sixes, ...fives(4)], 'fetch')!.likelyTo).toBeLessThan(5);
  });

  test('any number goes as far as was rightly given, not as far as was asked', () => {
    const fives = [5, 6, 5, 7, 6, 5].map((n, i) => gave(n, n, { startedAt: i % 2 ? monday : tuesday }));
    const statement = find([...fives, gave(10, 8)], 'fetch')!;
    expect([statement.level, statement.likelyTo <= 7, statement.triedTo]).toEqual(['CP', true, 10]);
  });

  test('the last-word rule is not yet cardinality; with fetching it is', () => {
    expect(principle(lastWord, 'last-word')).toMatchObject({ certainty: 'sure', cardinalityBy: null });
    const fetches = [4, 5, 6, 5, 6].map((n) => gave(n, n));
    expect(principle([...lastWord, ...fetches], 'last-word')).toMatchObject({ cardinalityBy: 'fetching' });
  });

  test('three of three over two days is likely, five sure; not from sets of three alone', () => {
    expect(principle(lastWord.slice(1, 4), 'last-word')!.certainty).toBe('likely');
    const tiny = lastWord.map((one) => ({
      ...one,
      set: { size: 3, ...corks },
      events: [...counted(1, 2, 3), { kind: 'ask', question: 'how-many' }, { kind: 'answer', value: 3 }].map(
        (event, seq) => ({ ...event, seq, t: seq }),
      ) as Trace['events'],
    }));
    expect(principle(tiny, 'last-word')!.certainty).toBe('likely');
  });

  test('of a principle too half unaided is enough to be sure, less is not', () => {
    const many = (helped: number) =>
      Array.from({ length: 12 }, (_, i) =>
        asked(4, {
          startedAt: i % 2 === 0 ? monday : tuesday,
          help: i < helped ? 'prompted' : 'none',
        }),
      );
    expect(principle(many(6), 'last-word')!.certainty).toBe('sure');
    expect(principle(many(7), 'last-word')!.certainty).toBe('likely');
  });

  test('a count that the question asked for hardly speaks of the last word', () => {
    const afterAsking = tried({
      happenings: [
        { kind: 'ask', question: 'how-many' },
        ...counted(1, 2, 3, 4),
        { kind: 'answer', value: 4 },
      ],
      set: { size: 4, ...corks },
    });
    const recounts = asked(4, {
      happenings: [
        ...counted(1, 2, 3, 4),
        { kind: 'ask', question: 'how-many' },
        ...counted(1, 2, 3, 4),
        { kind: 'answer', value: 4 },
      ],
    });
    const tries = [afterAsking, afterAsking, afterAsking, recounts].map((one, i) => ({
      ...one,
      id: `asked-${i}` as TraceId,
    }));
    expect(principle(tries, 'last-word')!.certainty).toBe('unclear');
  });

  test('the number kept when the things are spread makes it cardinality too', () => {
    const kept = (value: number, startedAt: string): Trace =>
      tried({
        task: 'still-n',
        startedAt,
        set: { size: 4, ...corks },
        happenings: [
          ...counted(1, 2, 3, 4),
          { kind: 'ask', question: 'how-many' },
          { kind: 'answer', value: 4 },
          { kind: 'ask', question: 'how-many' },
          { kind: 'answer', value },
        ],
      });
    const keeps = [kept(4, monday), kept(4, monday), kept(4, monday), kept(4, tuesday), kept(4, tuesday)];
    expect(principle(keeps, 'conservation')).toMatchObject({ certainty: 'sure' });
    expect(principle([...lastWord, ...keeps], 'last-word')!.cardinalityBy).toBe('keeping');
    expect(principle([kept(7, monday)], 'conservation')!.certainty).toBe('unclear');
  });
});

/** How much a statement says: how far it is sure, and how far likely. */
const amountsOf = (statement: Statement): readonly [sure: number, likely: number] => [
  surelyTo(statement),
  claimedTo(statement),
];
const keyOf = (one: Statement): string => `${one.skill} ${'language' in one ? one.language : ''}`;
const amounts = (tries: readonly Trace[], on: string): Map<string, readonly [number, number]> =>
  new Map(saidFor(tries, on).map((one) => [keyOf(one), amountsOf(one)]));

const months = (seed: number): Trace[] =>
  simulateMonths(
    {
      childId: 'child-1' as ChildId,
      adults: ['adult-1' as StaffId],
      language: 'en',
      ability: { ...usualChild, orderTo: 3 + (seed % 15), slipPerThing: 0.02 * (seed % 9) },
      growth: { orderTo: 0.2, slipPerThing: 0.97, fetches: 0, lastWord: 0.01, keeps: 0 },
      firstDay: '2026-01-05',
      weeks: 12,
      weeksBetween: 1.5,
    },
    seededRandom(seed),
  );

describe('whatever a child has done', () => {
  const seeds = fc.nat({ max: 5000 });

  test('a try set aside changes nothing, nor does the order in which tries are given', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const tries = months(seed);
        const known = amounts(tries, '2026-05-01');
        const aside = tries.map((one) => ({ ...one, id: `${one.id}-2` as TraceId, setAside: 'tired' }));
        expect(amounts([...tries, ...aside], '2026-05-01')).toEqual(known);
        const shuffled = [...tries].reverse();
        expect(amounts(shuffled, '2026-05-01')).toEqual(known);
      }),
      { numRuns: 20 },
    );
  });

  test('time lifts nothing, a day of slips lifts no count, and nothing goes beyond what went well', () => {
    const slipped = (n: number): Trace =>
      clean(n, {
        startedAt: '2026-04-30T09:30:00.000+00:00',
        happenings: [...counted(2), { kind: 'touch' }],
      });
    fc.assert(
      fc.property(seeds, fc.integer({ min: 1, max: 12 }), (seed, n) => {
        const tries = months(seed);
        const known = amounts(tries, '2026-05-01');
        for (const later of [amounts(tries, '2026-09-01'), amounts([...tries, slipped(n)], '2026-05-01')]) {
          for (const [key, [sure, likely]] of known) {
            const [sureLater, likelyLater] = later.get(key)!;
            expect([key, sureLater <= sure, likelyLater <= likely]).toEqual([key, true, true]);
          }
        }
        for (const statement of saidFor(tries, '2026-05-01')) {
          if (isOfNumbers(statement)) {
            expect(statement.sureTo).toBeLessThanOrEqual(statement.likelyTo);
            expect(statement.likelyTo).toBeLessThanOrEqual(statement.passedTo);
            expect(statement.passedTo).toBeLessThanOrEqual(statement.triedTo);
          }
          for (const id of statement.tries) expect(tries.some((one) => one.id === id)).toBe(true);
        }
      }),
      { numRuns: 20 },
    );
  });

  test('nothing is said before the first try, nor of tries still to come', () => {
    expect(saidFor([], date)).toEqual([]);
    expect(saidFor(both(5, 4), '2026-03-01')).toEqual([]);
  });
});

test('a list that is added to says what the longer one says', () => {
  const tries = [clean(3)];
  const before = saidFor(tries, date);
  tries.push(clean(6, { startedAt: tuesday }), clean(6, { startedAt: tuesday }));
  expect(saidFor(tries, date)).toEqual(saidFor([...tries], date));
  expect(saidFor(tries, date)).not.toEqual(before);
});
