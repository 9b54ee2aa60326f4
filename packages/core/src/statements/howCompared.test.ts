import { rightOf } from '../reading/choicesOfSets.js';
import { traceOf } from '../testing/traces.js';
import type { TraceId } from '../trace/ids.js';
import type { Comparison, Relation, Trace } from '../trace/trace.js';
import { howCompared } from './howCompared.js';

const today = '2026-03-20';

/** Two rows of corks: how many, and how long (mm). */
const rows = (relation: Relation, ...sets: readonly (readonly [number, number])[]): Comparison => ({
  relation,
  lie: 'rows',
  sets: sets.map(([n, length]) => ({ n, things: 'cork', length, depth: 24, across: 24 })),
});

const chose = (i: number, comparison: Comparison, value: string, facts: Partial<Trace> = {}): Trace =>
  traceOf({
    id: `pair-${i}` as TraceId,
    task: comparison.relation === 'fewer' ? 'which-fewer' : 'which-more',
    startedAt: `2026-03-${String(2 + i).padStart(2, '0')}T09:30:00.000+00:00`,
    set: { size: 7, things: 'cork', arrangement: 'row', layout: { comparison } },
    choices: 2,
    happenings: [
      { kind: 'ask', question: 'which' },
      { kind: 'answer', value },
    ],
    ...facts,
  });

/** Twelve pairs, the longer row on either side; it is the one with more in every third. */
const pairs = Array.from({ length: 12 }, (_, i): Comparison => {
  const sets =
    i % 3 === 0
      ? ([
          [3, 100],
          [7, 300],
        ] as const)
      : ([
          [7, 200],
          [4, 300],
        ] as const);
  return rows(i % 2 === 0 ? 'more' : 'fewer', ...(i % 4 < 2 ? sets : sets.toReversed()));
});

/** The place of the longest row, or of the shortest. */
const longest = ({ sets, relation }: Comparison): number => {
  const isFirst = sets[0]!.length > sets[1]!.length;
  return isFirst === (relation === 'more') ? 0 : 1;
};
const named = (place: number): string => ['left-set', 'right-set'][place]!;
const byLength = pairs.map((pair, i) => chose(i, pair, named(longest(pair))));

describe(howCompared, () => {
  test('goes by length: counted over the pairs where the longer row was not the right one, each to be opened', () => {
    const how = howCompared(byLength, today)!;
    expect(how).toMatchObject({ rule: 'length', took: 8, of: 8, pairs: 12 });
    expect(how.tries).toHaveLength(8);
    expect(how.tries[0]).toBe('pair-11');
    expect(how.tries).not.toContain('pair-0');
  });

  test('a few pairs are not clear yet, and none are nothing to say', () => {
    expect(howCompared(byLength.slice(0, 4), today)).toMatchObject({
      rule: null,
      pairs: 4,
      tries: { length: 4 },
    });
    expect(howCompared([], today)).toBeNull();
    expect(howCompared([traceOf({})], today)).toBeNull();
  });

  test('what others said, what was prompted, and what lies long back is not read', () => {
    const others = byLength.map((trace) => ({ ...trace, answeredBy: 'others' as const }));
    const helped = byLength.map((trace) => ({ ...trace, help: 'prompted' as const }));
    expect(howCompared(others, today)).toBeNull();
    expect(howCompared(helped, today)).toBeNull();
    expect(howCompared(byLength, '2027-03-20')).toBeNull();
    expect(howCompared(byLength, '2026-03-01')).toBeNull();
  });

  test('always the same side, whatever lies there', () => {
    const last = pairs.map((pair, i) => chose(i, pair, 'right-set'));
    expect(howCompared(last, today)).toMatchObject({ rule: 'side', isLast: true, took: 12, of: 12 });
  });

  test('by number: right where the longer row was the other', () => {
    const right = pairs.map((pair, i) => chose(i, pair, rightOf(pair)));
    expect(howCompared(right, today)).toMatchObject({ rule: 'number', took: 8, of: 8 });
  });
});
