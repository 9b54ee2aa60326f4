import { dotsFor } from '../lines/skillLine.js';
import { skillOf } from '../skills/map.js';
import { answered, tryOf } from '../testing/tryOf.js';
import type { TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import { saidFor } from './saidFor.js';
import type { NumeralsStatement } from './statement.js';

let made = 0;
const named = (n: number, said: number, day: string, facts: Partial<Trace> = {}): Trace =>
  tryOf('name-it', n, answered(said), {
    id: `n-${made++}` as TraceId,
    startedAt: `${day}T09:30:00.000+00:00`,
    ...facts,
  });
const found = (n: number, said: number, day: string): Trace =>
  tryOf('find-it', n, answered(said, 'find'), {
    id: `f-${made++}` as TraceId,
    startedAt: `${day}T09:30:00.000+00:00`,
  });
const [first, second] = ['2026-03-02', '2026-03-04'] as const;
const said = (tries: readonly Trace[], date: string = second, skill = 'name-numeral') =>
  saidFor(tries, date).find((one) => one.skill === skill) as NumeralsStatement | undefined;

test('known wants two days of naming; one is likely; found alone is never known by name', () => {
  expect(said([named(3, 3, first)])).toMatchObject({ certainty: 'likely', known: [], likely: [3] });
  expect(said([named(3, 3, first), named(3, 3, first)])!.known).toEqual([]);
  expect(said([named(3, 3, first), named(3, 3, second)])).toMatchObject({ certainty: 'sure', known: [3] });
  const twiceFound = [found(3, 3, first), found(3, 3, second)];
  expect(said(twiceFound)).toBeUndefined();
  expect(said([...twiceFound, named(5, 5, first)])).toMatchObject({ known: [], likely: [5] });
  // Who names it finds it.
  expect(
    said([named(3, 3, first), named(3, 3, second), found(5, 5, first)], second, 'find-numeral')!.known,
  ).toEqual([3]);
});

test('help carries no knowing, and a numeral named for another is known no more', () => {
  const helped = [named(3, 3, first, { help: 'prompted' }), named(3, 3, second, { help: 'prompted' })];
  expect(said(helped)!.known).toEqual([]);
  const tries = [named(9, 9, first), named(9, 9, second)];
  expect(said(tries)!.known).toEqual([9]);
  const mixed = [
    ...tries,
    named(6, 9, second),
    named(6, 9, second),
    named(6, 9, second),
    named(9, 6, second),
  ];
  expect(said(mixed)).toMatchObject({
    known: [],
    mixedUp: [
      { shown: 6, said: 9, times: 3 },
      { shown: 9, said: 6, times: 1 },
    ],
  });
});

test('what is known is only likely after months without a look, and never more by time alone', () => {
  const tries = [named(3, 3, first), named(3, 3, second)];
  expect(said(tries, '2026-04-04')!.known).toEqual([3]);
  expect(said(tries, '2026-12-04')!.known).toEqual([]);
});

test('a dot for each numeral from nought, by itself', () => {
  const tries = [named(0, 0, first), named(0, 0, second), named(4, 4, first), named(6, 9, first)];
  const dots = dotsFor(skillOf('name-numeral'), tries, saidFor(tries, second));
  expect(dots.map(({ n }) => n)).toEqual(Array.from({ length: 21 }, (_, n) => n));
  expect([0, 3, 4, 6].map((n) => dots[n]!.form)).toEqual(['full', 'speck', 'bead', 'ring']);
  expect(dots[0]!.tries).toHaveLength(2);
});

test('read by the way, a numeral is found by nobody, but tells of one that was', () => {
  const put = tryOf('card-and-put', 4, [
    { kind: 'ask', question: 'give' },
    { kind: 'given', value: 4 },
  ]);
  expect(said([put], second, 'find-numeral')).toBeUndefined();
  const once = said([found(4, 4, first)], second, 'find-numeral')!;
  expect([once.likely, once.open]).toEqual([[], [4]]);
  const withIt = [found(4, 4, first), { ...put, id: 'p' as TraceId }];
  expect(said(withIt, second, 'find-numeral')!.likely).toEqual([4]);
  // Another number put may have been misread or miscounted: it says nothing of the numeral.
  const other = tryOf('card-and-put', 4, [
    { kind: 'ask', question: 'give' },
    { kind: 'given', value: 5 },
  ]);
  expect(said([found(4, 4, first), { ...other, id: 'q' as TraceId }], second, 'find-numeral')).toMatchObject({
    open: [4],
  });
});
