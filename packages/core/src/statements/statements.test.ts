import fc from 'fast-check';
import { usualChild } from '../simulate/child.js';
import { simulateMonths } from '../simulate/history.js';
import { seededRandom } from '../simulate/random.js';
import { counted, traceOf } from '../testing/traces.js';
import type { ChildId, StaffId, TraceId } from '../trace/ids.js';
import { dayOf, type Happening, type Trace } from '../trace/trace.js';
import type { Principle } from '../shelf/task.js';
import type { PrincipleStatement, Statement } from './statement.js';
import { statementsFor } from './statementsFor.js';

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

const find = <Skill extends Statement['skill']>(tries: readonly Trace[], skill: Skill, on = date) =>
  statementsFor(tries, on).find((one): one is Extract<Statement, { skill: Skill }> => one.skill === skill);

const principle = (tries: readonly Trace[], skill: Principle) =>
  statementsFor(tries, date).find((one): one is PrincipleStatement => one.skill === skill);

/** Over two days and with two kinds of things. */
const both = (n: number, times: number): Trace[] =>
  Array.from({ length: times }, (_, i) =>
    clean(n, i % 2 === 0 ? { startedAt: monday } : { startedAt: tuesday, set: { size: n, ...shells } }),
  );

describe('one-to-one', () => {
  test('says steady to what was often passed, in this arrangement, and rests on its tries', () => {
    const tries = both(6, 12);
    const statement = find(tries, 'one-to-one')!;
    expect(statement).toMatchObject({
      arrangement: 'row',
      steadyTo: 6,
      triedTo: 6,
      firm: true,
      weakenedBy: [],
    });
    expect(statement.tries).toEqual(tries.map((one) => one.id));
    expect(statement.sure).toBeGreaterThan(0.95);
    expect([dayOf(tries[0]!), dayOf(tries[1]!)]).toContain(statement.since);
  });

  test('is in doubt after one day, with one kind of thing', () => {
    const { firm, weakenedBy } = find(
      Array.from({ length: 6 }, () => clean(5)),
      'one-to-one',
    )!;
    expect(firm).toBe(false);
    expect(weakenedBy).toEqual(['one-kind-of-thing', 'one-day']);
  });

  test('names what weakens it: help, a cue, company', () => {
    const helped = both(5, 6).map((one) => ({
      ...one,
      help: 'prompted' as const,
      answeredBy: 'with-others' as const,
      set: { ...one.set, cue: 'colour' as const },
    }));
    expect(find(helped, 'one-to-one')!.weakenedBy).toEqual(['cue', 'help', 'with-others']);
  });

  test('reaches for the next number that is not sure, never far beyond what was tried', () => {
    const slips = [
      ...both(4, 8),
      clean(9, { happenings: [...counted(1, 2, 3), { kind: 'touch' }, ...counted(4)] }),
    ];
    const { steadyTo, reachingFor, triedTo } = find(slips, 'one-to-one')!;
    expect(reachingFor).toBeGreaterThan(steadyTo);
    expect(reachingFor).toBeLessThanOrEqual(triedTo + 2);
    expect(find(both(3, 60), 'one-to-one')!).toMatchObject({ steadyTo: 3, reachingFor: null });
  });

  test('arrangements are kept apart', () => {
    const scattered = clean(8, { set: { size: 8, things: 'cork', arrangement: 'scattered' } });
    const statements = statementsFor([...both(6, 12), scattered], date);
    const steady = statements.flatMap((one) =>
      one.skill === 'one-to-one' ? [[one.arrangement, one.steadyTo]] : [],
    );
    expect(steady).toContainEqual(['row', 6]);
    expect(steady.find(([arrangement]) => arrangement === 'scattered')![1]).toBeLessThan(6);
  });
});

describe('order', () => {
  test('tells the conventional part and the child’s own', () => {
    const own = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 14, 16];
    const statement = find([said(own), said(own, { startedAt: tuesday })], 'order')!;
    expect(statement).toMatchObject({ conventionalTo: 12, privateOrder: [14, 16], language: 'en' });
  });

  test('a small set counted to its end says nothing against larger numbers', () => {
    const far = said(Array.from({ length: 14 }, (_, i) => i + 1));
    const small = [clean(4), clean(4), clean(4), clean(4)];
    expect(find([far, ...small], 'order')!.conventionalTo).toBe(14);
  });

  test('languages are kept apart, and one try is not known to be all', () => {
    const statements = statementsFor([said([1, 2, 3]), said([1, 2, 3, 4, 5], { language: 'cy' })], date);
    const byLanguage = statements.flatMap((one) =>
      one.skill === 'order' ? [[one.language, one.conventionalTo, one.privateOrder]] : [],
    );
    expect(byLanguage).toEqual([
      ['en', 3, null],
      ['cy', 5, null],
    ]);
  });

  test('what was said long ago fades against what is said now', () => {
    const before = [1, 2, 3].map(() => said([1, 2, 5], { startedAt: '2025-09-01T09:30:00.000+01:00' }));
    const now = [1, 2].map(() => said([1, 2, 3, 4, 5, 6], { startedAt: monday }));
    expect(find([...before, ...now], 'order')!.conventionalTo).toBe(6);
  });
});

describe('fetching and the last word', () => {
  const asked = (value: number | string, facts: Facts = {}): Trace =>
    tried({
      happenings: [...counted(1, 2, 3, 4), { kind: 'ask', question: 'how-many' }, { kind: 'answer', value }],
      set: { size: 4, ...corks },
      ...facts,
    });
  const lastWord = [asked(4), asked(4), asked(4, { startedAt: tuesday }), asked(4, { startedAt: tuesday })];

  test('three and no more: gives three, a handful for four', () => {
    const tries = [
      gave(3, 3),
      gave(4, 7),
      gave(3, 3),
      gave(2, 2),
      gave(4, 9),
      gave(3, 3, { startedAt: tuesday }),
    ];
    const { level, levels, triedTo } = find(tries, 'fetch')!;
    expect([level, triedTo]).toEqual(['3', 4]);
    expect(levels['3']).toBeGreaterThan(0.8);
  });

  test('the last-word rule is not yet cardinality; with fetching it is', () => {
    expect(principle(lastWord, 'last-word')).toMatchObject({ shown: true, cardinalityBy: null });
    const fetches = [4, 5, 6, 5, 6].map((n) => gave(n, n));
    expect(principle([...lastWord, ...fetches], 'last-word')).toMatchObject({
      shown: true,
      cardinalityBy: 'fetching',
    });
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
    const keeps = [kept(4, monday), kept(4, monday), kept(4, tuesday), kept(4, tuesday)];
    expect(principle(keeps, 'conservation')).toMatchObject({ shown: true });
    expect(principle([...lastWord, ...keeps], 'last-word')!.cardinalityBy).toBe('keeping');
    expect(principle([kept(7, monday)], 'conservation')!.shown).toBe(false);
  });
});

/** How much a statement says. */
function amountOf(statement: Statement): number {
  switch (statement.skill) {
    case 'order':
      return statement.conventionalTo;
    case 'one-to-one':
    case 'count-out':
      return statement.steadyTo;
    case 'fetch':
      return statement.level === 'CP' ? 5 : Number(statement.level ?? 0);
    default:
      return Number(statement.shown);
  }
}
const keyOf = (one: Statement): string =>
  [one.skill, 'arrangement' in one ? one.arrangement : '', 'language' in one ? one.language : ''].join(' ');
const amounts = (tries: readonly Trace[], on: string): Map<string, number> =>
  new Map(statementsFor(tries, on).map((one) => [keyOf(one), amountOf(one)]));

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

  test('neither time nor a slipped count lifts a statement, and none goes beyond what was tried', () => {
    const slipped = (n: number, startedAt: string): Trace =>
      clean(n, { startedAt, happenings: [...counted(2), { kind: 'touch' }] });
    fc.assert(
      fc.property(seeds, fc.integer({ min: 1, max: 12 }), (seed, n) => {
        const tries = months(seed);
        const known = amounts(tries, '2026-05-01');
        for (const later of [
          amounts(tries, '2026-09-01'),
          amounts([...tries, slipped(n, monday)], '2026-05-01'),
        ]) {
          for (const [key, amount] of known) expect([key, later.get(key)! <= amount]).toEqual([key, true]);
        }
        for (const statement of statementsFor(tries, '2026-05-01')) {
          if ('triedTo' in statement && statement.skill !== 'fetch') {
            expect(amountOf(statement)).toBeLessThanOrEqual(statement.triedTo);
          }
          for (const id of statement.tries) expect(tries.some((one) => one.id === id)).toBe(true);
        }
      }),
      { numRuns: 20 },
    );
  });

  test('nothing is said before the first try, nor of tries still to come', () => {
    expect(statementsFor([], date)).toEqual([]);
    expect(statementsFor(both(5, 4), '2026-03-01')).toEqual([]);
  });
});
