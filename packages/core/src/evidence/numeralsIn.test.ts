import { answered, put, tryOf } from '../testing/tryOf.js';
import type { Trace } from '../trace/trace.js';
import { mixedUpIn, mixedUpWith } from './mixedUp.js';
import { observationsOf } from './observations.js';
import { obstaclesIn } from './obstacles.js';
import { skillOf } from '../skills/map.js';

const told = (trace: Trace) =>
  observationsOf(trace).numerals.map(({ n, by, success, instead }) => [n, by, success, instead]);

test('named, found and felt are told apart, with what was said instead', () => {
  expect(told(tryOf('name-it', 6, answered(9)))).toEqual([[6, 'named', false, 9]]);
  expect(told(tryOf('find-it', 6, answered(6, 'find')))).toEqual([[6, 'found', true, null]]);
  expect(told(tryOf('read-dots', 6, answered(6)))).toEqual([[6, 'felt', true, null]]);
  expect(told(tryOf('name-it', 6, answered('did-not-know')))).toEqual([[6, 'named', false, null]]);
  expect(told(tryOf('name-it', 6, answered(null)))).toEqual([]);
});

test('an adult’s word goes before the reading; help makes a right name worth less, and a wrong one no less', () => {
  const ruling = {
    on: 'task',
    holds: true,
    reason: 'misheard',
    by: 'Orla',
    at: '2026-03-02T12:00:00.000Z',
  } as const;
  expect(told(tryOf('name-it', 6, answered(9), { rulings: [ruling] }))).toEqual([[6, 'named', true, null]]);
  const weight = (said: number, help: Trace['help']) =>
    observationsOf(tryOf('name-it', 6, answered(said), { help })).numerals[0]?.weight;
  expect([weight(6, 'none'), weight(6, 'prompted'), weight(6, 'guided')]).toEqual([1, 0.5, undefined]);
  expect([weight(9, 'none'), weight(9, 'prompted')]).toEqual([1, 1]);
  expect(told(tryOf('name-it', 6, answered(6), { setAside: 'ill' }))).toEqual([]);
});

test('all of a number found is one find of it; another taken is taken for it', () => {
  const { cards } = tryOf('find-all', 6, []).set.layout!.cards!;
  const places = (of: number) => cards.flatMap((card, i) => (card === of ? [String(i)] : []));
  expect(told(tryOf('find-all', 6, put(...places(6))))).toEqual([[6, 'found', true, null]]);
  expect(told(tryOf('find-all', 6, put(...places(9))))).toEqual([[6, 'found', false, 9]]);
  // Pictures tell nothing of numerals.
  expect(told(tryOf('find-pictures', 4, put('0')))).toEqual([]);
});

test('each set its card tells of every numeral by the way, where all of it is right', () => {
  const { cards } = tryOf('card-to-set', 8, []).set.layout!.cards!;
  const right = cards.map((card) => `${card}=${card}`);
  const read = told(tryOf('card-to-set', 8, put(...right)));
  expect(read.map(([n]) => n)).toEqual([...cards]);
  expect(new Set(read.map(([, by]) => by))).toEqual(new Set(['by-the-way']));
  expect(told(tryOf('card-to-set', 8, put(...right.slice(1))))).toEqual([]);
});

test('what is mixed up is counted, the commonest first, either way round', () => {
  const tries = [
    tryOf('name-it', 6, answered(9)),
    tryOf('find-it', 6, answered(9, 'find')),
    tryOf('name-it', 9, answered(6)),
    tryOf('name-it', 6, answered('sickness')),
    tryOf('name-it', 6, answered(6)),
    tryOf('name-it', 6, answered('did-not-know')),
  ];
  expect(mixedUpIn(tries)).toEqual([
    { shown: 6, said: 9, times: 2 },
    { shown: 6, said: 'sickness', times: 1 },
    { shown: 9, said: 6, times: 1 },
  ]);
  expect(mixedUpWith(6, tries)).toEqual([9]);
  expect(mixedUpWith(9, tries)).toEqual([6]);
  expect(mixedUpWith(4, tries)).toEqual([]);
});

test('a numeral that is named otherwise again and again stands in the way by itself', () => {
  const at = (minute: number) => ({ startedAt: `2026-03-02T09:${10 + minute}:00.000+00:00` });
  const tries = [
    tryOf('name-it', 6, answered(9), at(0)),
    tryOf('name-it', 4, answered(4), at(1)),
    tryOf('name-it', 6, answered(9), at(2)),
    tryOf('name-it', 3, answered(8), at(3)),
    ...[1, 2, 5, 7, 8].map((n, i) => tryOf('name-it', n, answered(n), at(4 + i))),
  ];
  expect(obstaclesIn(skillOf('name-numeral'), tries, '2026-03-02')).toMatchObject([
    { slip: 'named-another', place: { kind: 'numeral', n: 6 }, of: 2 },
  ]);
  // Once is not enough.
  expect(obstaclesIn(skillOf('name-numeral'), tries.slice(2), '2026-03-02')).toEqual([]);
});
