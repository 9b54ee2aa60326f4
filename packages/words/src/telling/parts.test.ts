import { layoutFor, setOf, taskOf, type ReadableTrace, type TaskId } from '@dotting/core';
import { english } from '../all.js';
import { tellTry } from './tries.js';
import { describeSet } from './things.js';

type Steps = readonly (
  | { readonly kind: 'put'; readonly place: string }
  | { readonly kind: 'given'; readonly value: number }
  | { readonly kind: 'ask'; readonly question: 'which' | 'hidden' | 'give' }
  | { readonly kind: 'answer'; readonly value: number | string | null }
)[];

function tryOf(
  id: TaskId,
  n: number,
  steps: Steps,
  way?: string,
): ReadableTrace & { readonly target: number } {
  const task = taskOf(id);
  return {
    set: setOf(task, n, 'cork', layoutFor(task, n, 'cork', 4, way)),
    start: 1,
    direction: 1,
    version: 2,
    target: n,
    events: steps.map((step, seq) => ({ ...step, seq, t: seq })),
  };
}
const told = (...args: Parameters<typeof tryOf>): string => tellTry(english, tryOf(...args));
const put = (...places: readonly string[]): Steps => places.map((place) => ({ kind: 'put', place }));

test('the ways that were found and those that were not, and how they came', () => {
  expect(told('all-the-ways', 3, put('0+3', '1+2', '2+1', '3+0'))).toBe(
    'Found all 4 ways to make 3, in order, one part rising.',
  );
  expect(told('all-the-ways', 3, put('1+2', '2+1', '1+2', 'other'))).toBe(
    'Found 2 of the 4 ways to make 3, not 0+3 and 3+0, told one again, told one that doesn’t make it.',
  );
});

test('how far a pattern was carried on, and what was put where another comes next', () => {
  const [a, b] = tryOf('carry-on', 3, [], 'ab').set.layout!.carry!.unit as [string, string];
  expect(told('carry-on', 3, put(a, b, a), 'ab')).toMatch(/^Carried corks · .* on\.$/);
  expect(told('carry-on', 3, put(a, a), 'ab')).toMatch(/ on for 1, then put corks where .* comes next\.$/);
});

test('what lies there is told as it is to be laid', () => {
  const described = (id: TaskId, n: number, way?: string) => describeSet(english, tryOf(id, n, [], way).set);
  expect(described('to-ten', 3)).toBe('7 corks in a frame of ten, to be filled');
  expect(described('partners', 5)).toBe('5 corks in pairs');
  expect(described('level-balance', 5, 'picture')).toBe('corks to weigh as much as a picture of 5');
  expect(described('two-cards', 8)).toMatch(/^\d or \d \(which is more\)$/);
});

test('made level with what lay on the other side', () => {
  const steps: Steps = [
    { kind: 'ask', question: 'give' },
    { kind: 'given', value: 4 },
  ];
  expect(told('level-balance', 5, steps, 'numeral')).toBe(
    'Asked to make it level with the numeral 5, gave 4.',
  );
});

test('what was thought before testing, and what was found', () => {
  const which = (value: string): Steps => [
    { kind: 'ask', question: 'which' },
    { kind: 'answer', value },
  ];
  expect(told('predict-and-test', 6, [...which('left-set'), ...which('left-set')])).toMatch(
    /; testing showed the same\.$/,
  );
  expect(told('predict-and-test', 6, [...which('left-set'), ...which('right-set')])).toMatch(
    /; after testing took the /,
  );
});
