import {
  digitByDigit,
  layoutFor,
  saidFor,
  setOf,
  taskOf,
  type Happening,
  type TaskId,
  type Trace,
} from '@dotting/core';
import { english } from '../all.js';
import { runsOf } from './numerals.js';
import { tellStatement } from './statements.js';
import { describeSet } from './things.js';
import { tellTry } from './tries.js';

let made = 0;
const tried = (
  id: TaskId,
  n: number,
  happenings: readonly Happening[],
  way?: string,
  day = '2026-03-02',
): Trace => {
  const task = taskOf(id);
  const set = setOf(task, n, 'cork', layoutFor(task, n, 'cork', 3, way));
  return {
    id: `try-${made++}` as Trace['id'],
    childId: 'child' as Trace['childId'],
    sittingId: 'sitting' as Trace['sittingId'],
    recordedBy: 'adult' as Trace['recordedBy'],
    startedAt: `${day}T09:30:00.000+00:00`,
    task: id,
    language: 'en',
    version: 2,
    set,
    start: 1,
    direction: 1,
    target: n,
    help: 'none',
    answeredBy: 'alone',
    firstTime: false,
    ended: 'finished',
    events: happenings.map((happening, seq) => ({ ...happening, seq, t: 1000 * (seq + 1) })),
  };
};
const told = (...args: Parameters<typeof tried>): string => tellTry(english, tried(...args));
const said = (value: number | string | null, question: 'name' | 'find' | 'which' = 'name'): Happening[] => [
  { kind: 'ask', question },
  { kind: 'answer', value },
];
const put = (...places: readonly string[]): Happening[] => places.map((place) => ({ kind: 'put', place }));

test('a numeral named or found, in the words of what was said', () => {
  expect(told('name-it', 7, said(1))).toBe('Shown 7, said 1.');
  expect(told('name-it', 12, said(21))).toBe('Shown 12, said 21: the digits the other way round.');
  expect(told('name-it', 17, said(digitByDigit))).toBe('Shown 17, said its digits one by one.');
  expect(told('name-it', 7, said('sebben'))).toBe('Shown 7, said “sebben”.');
  expect(told('name-it', 7, said('did-not-know'))).toBe('Asked about 7, didn’t know.');
  expect(told('find-it', 6, said(9, 'find'))).toBe('Asked for 6, took 9.');
});

test('cards in a row, with their sets, at letters; all of a number; the side of ten; over the zero', () => {
  expect(told('in-order', 5, put('1', '2', '4'))).toBe('Right as far as 2, then 4 where 3 comes next.');
  expect(told('in-order', 3, put('2'))).toBe('Began with 2 where 1 comes first.');
  expect(told('in-order', 3, put('1', '2', '3'))).toBe('Put the cards in order to 3.');
  expect(told('card-to-set', 8, put('8=5'))).toBe('5 with the set of 8.');
  expect(told('hunt', 8, put('B=blank'))).toMatch(/^Nothing at B, where there are \d+\.$/);
  expect(told('line-sides', 7, said('after-it', 'which'))).toBe(
    '7 and ten on the line: put it with the larger numbers.',
  );
  expect(told('teen-cards', 14, said('turned-round', 'which'))).toBe(
    '14 from cards: turned the digits round.',
  );
});

test('what was put on record, and the kinds that make the whole or do not', () => {
  expect(told('ring-or-draw', 6, put('counted=6', 'recorded=5', 'checked=not-checked'))).toBe(
    'Counted 6, drew 5, a different number from the one counted, did not check.',
  );
  expect(told('tally-it', 6, put('recorded=6', 'fifth=across', 'checked=agreed'))).toBe(
    'Made 6 strokes for 6 corks, the fifth across, checked, and found it right.',
  );
  const { sorted } = tried('sort-and-chart', 5, []).set.layout!;
  const kinds = sorted!.map(({ things, n }, i) => `${things}=${i === 0 ? n + 1 : n}`);
  expect(told('sort-and-chart', 5, put(...kinds, 'whole=5'))).toMatch(
    /, 5 altogether \(there were 5\), the kinds don’t make the whole\.$/,
  );
});

test('of a child: which numerals are known, which likely, and what is taken for what', () => {
  const days = ['2026-03-02', '2026-03-04'];
  const tries = [
    ...days.flatMap((day) => [1, 2, 3, 5].map((n) => tried('name-it', n, said(n), undefined, day))),
    tried('name-it', 8, said(8)),
    tried('name-it', 6, said(9)),
  ];
  const statement = saidFor(tries, '2026-03-04').find(({ skill }) => skill === 'name-numeral')!;
  expect(tellStatement(english, statement)).toBe('reads 1–3 and 5 – sure. Likely also 8. Takes 6 for 9');
  const unclear = saidFor([tried('name-it', 6, said(9))], '2026-03-04').find(
    ({ skill }) => skill === 'name-numeral',
  )!;
  expect(tellStatement(english, unclear)).toBe('not clear yet. Takes 6 for 9');
});

test('numbers in runs, and cards as they lie', () => {
  expect(runsOf(english, [0, 1, 2, 3, 7, 9, 10])).toBe('0–3, 7, 9 and 10');
  expect(runsOf(english, [4])).toBe('4');
  expect(describeSet(english, tried('in-order', 9, [], 'gaps').set)).toBe('cards 1 to 9, 3 of them missing');
  expect(describeSet(english, tried('name-it', 0, []).set)).toBe('the numeral 0');
});
