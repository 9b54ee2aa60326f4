import type { Comparison, HowCompared, ReadableTrace } from '@dotting/core';
import { english } from '../all.js';
import { layingOf, tellCompared, tellComparing } from './compared.js';
import { describeSet } from './things.js';

const comparison: Comparison = {
  relation: 'more',
  lie: 'rows',
  sets: [
    { n: 7, things: 'cork', length: 210, depth: 24, across: 24 },
    { n: 5, things: 'lid', length: 330, depth: 50, across: 50 },
  ],
};

const chose = (value: string | null, of: Comparison = comparison): ReadableTrace => ({
  set: { size: 7, things: 'cork', arrangement: 'row', layout: { comparison: of } },
  start: 1,
  direction: 1,
  version: 2,
  events: [
    { seq: 0, t: 0, kind: 'ask', question: 'which' },
    { seq: 1, t: 900, kind: 'answer', value },
  ],
});
const told = (value: string | null, of?: Comparison): string | null =>
  tellComparing(english, chose(value, of));

describe(tellComparing, () => {
  test('what was asked and taken; of the one that was not right, what else it had', () => {
    expect(told('left-set')).toBe('asked which is more, 7 corks or 5 jar lids: took the 7 corks');
    expect(told('right-set')).toBe(
      'asked which is more, 7 corks or 5 jar lids: took the 5 jar lids, the longer one and the larger things',
    );
    expect(told(null)).toBe('asked which is more, 7 corks or 5 jar lids: no answer');
  });

  test('said to be the same, and a spread', () => {
    expect(told('as-many', { ...comparison, relation: 'same' })).toBe(
      'asked if they are the same, 7 corks or 5 jar lids: said they are the same',
    );
    const spread = {
      ...comparison,
      lie: 'spread' as const,
      sets: comparison.sets.map((set, i) => ({ ...set, things: 'cork', across: 24, depth: 60 + 60 * i })),
    };
    expect(told('right-set', spread)).toMatch(/took the 5 corks, the longer one and spread wider$/);
  });

  test('other choices are told elsewhere', () => {
    expect(
      tellComparing(english, { ...chose('right'), set: { size: 7, things: 'cork', arrangement: 'row' } }),
    ).toBeNull();
  });
});

test('how each set is laid on a real table, in millimetres', () => {
  expect(layingOf(english, comparison)).toEqual([
    'Left: 7 corks, in a row 210 mm long',
    'Right: 5 jar lids, in a row 330 mm long',
  ]);
  const one = {
    ...comparison,
    sets: [{ n: 1, things: 'cork', length: 24, depth: 24, across: 24 }, comparison.sets[1]!],
  };
  expect(layingOf(english, one)[0]).toBe('Left: 1 cork');
  expect(describeSet(english, chose(null).set)).toBe('7 corks or 5 jar lids (which is more)');
});

test.each<[Partial<HowCompared>, string]>([
  [
    { rule: 'length' },
    'Goes by length: took the set that lay longer, or for fewer the shorter, in 7 of 8 pairs where that was not the right one.',
  ],
  [{ rule: 'side', isLast: true }, 'Takes the one on the right, whatever lies there: 7 of 8 pairs.'],
  [
    { rule: 'mixed', trap: null },
    'Goes now by number, now by something else: not right in 7 of 8 pairs where something pointed the other way.',
  ],
  [{ rule: null, pairs: 1 }, 'What it goes by when it compares sets is not clear yet: 1 pair so far.'],
])('what a child goes by: %j', (how, text) => {
  const whole: HowCompared = {
    rule: null,
    trap: null,
    isLast: false,
    took: 7,
    of: 8,
    pairs: 12,
    tries: [],
    ...how,
  };
  expect(tellCompared(english, whole)).toBe(text);
});
