import { figure } from '../common/parameters.js';
import { counted, traceOf } from '../testing/traces.js';
import type { TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import { principleStatement } from './principles.js';

const today = '2026-03-10';
const words = (n: number): readonly number[] => Array.from({ length: n }, (_, i) => i + 1);

/** Asked how many after a count of n, and answered so. */
const howMany = (i: number, n: number, answer: number | null, facts: Partial<Trace> = {}): Trace =>
  traceOf({
    id: `asked-${i}` as TraceId,
    task: 'how-many',
    set: { size: n, things: i % 2 ? 'cork' : 'shell', arrangement: 'row' },
    target: n,
    startedAt: `2026-03-0${i % 2 ? 2 : 9}T09:${10 + i}:00.000+00:00`,
    happenings: [
      ...counted(...words(n)),
      { kind: 'ask', question: 'how-many' },
      { kind: 'answer', value: answer },
    ],
    ...facts,
  });
const times = (count: number, of: (i: number) => Trace): readonly Trace[] =>
  Array.from({ length: count }, (_, i) => of(i));
const said = (tries: readonly Trace[]) => principleStatement('last-word', tries, today)[0];

describe(principleStatement, () => {
  test('nothing is said of a principle that nobody asked about', () => {
    expect(principleStatement('last-word', [traceOf({ happenings: counted(1, 2, 3) })], today)).toEqual([]);
  });

  test('it is sure from enough tries, on two days, beyond small sets, half of them unaided', () => {
    const well = times(12, (i) => howMany(i, 5, 5));
    expect(said(well)).toMatchObject({ certainty: 'sure', weakenedBy: [], cardinalityBy: null });
    expect(said(well)!.tries).toEqual(well.map(({ id }) => id));

    const small = times(12, (i) => howMany(i, figure.smallSets, figure.smallSets));
    expect(said(small)!.certainty).toBe('likely');
    expect(said([...small.slice(1), howMany(0, figure.smallSets + 1, figure.smallSets + 1)])!.certainty).toBe(
      'sure',
    );

    const oneDay = { startedAt: '2026-03-09T09:00:00.000+00:00' };
    expect(said(times(12, (i) => howMany(i, 5, 5, oneDay)))).toMatchObject({
      certainty: 'likely',
      weakenedBy: ['one-day'],
    });

    const helped = (share: number) =>
      times(12, (i) => howMany(i, 5, 5, i < share ? { help: 'prompted' } : {}));
    expect(said(helped(6))!.certainty).toBe('sure');
    expect(said(helped(7))!.certainty).toBe('likely');
  });

  test('few tries are likely at most, and one alone is not clear', () => {
    const well = (count: number) => said(times(count, (i) => howMany(i, 5, 5)))!.certainty;
    expect(well(figure.principleTries - 1)).toBe('likely');
    expect(well(figure.principleLikelyTries)).toBe('likely');
    expect(well(figure.principleLikelyTries - 1)).toBe('unclear');
  });

  test('a child who gives another number is not said to have it, and one who does half the time is not clear', () => {
    const never = said(times(8, (i) => howMany(i, 5, 7)))!;
    const half = said(times(8, (i) => howMany(i, 5, i < 4 ? 5 : 7)))!;
    const always = said(times(8, (i) => howMany(i, 5, 5)))!;
    expect([never.certainty, half.certainty]).toEqual(['unclear', 'unclear']);
    expect(never.mean).toBeLessThan(half.mean);
    expect(half.mean).toBeLessThan(always.mean);
  });
});
