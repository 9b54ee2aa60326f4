import { comparedPairs } from '../comparing/comparedPairs.js';
import { principleReaders } from '../evidence/principleReaders.js';
import { layoutFor } from '../shelf/layout.js';
import { setOf, taskOf } from '../shelf/tasks.js';
import { traceOf } from '../testing/traces.js';
import type { Happening, Trace } from '../trace/trace.js';
import { choicesOf, rightOf } from './choicesOfSets.js';
import { isTested, readComparing, readTested } from './readComparing.js';

const ask: Happening = { kind: 'ask', question: 'which' };
const answer = (value: string | null): Happening => ({ kind: 'answer', value });

const tryOf = (id: string, happenings: readonly Happening[]): Trace => {
  const task = taskOf(id);
  const set = setOf(task, 7, 'cork', layoutFor(task, 7, 'cork', 4));
  return traceOf({ task: id, set, target: 7, version: 2, happenings });
};
const comparison = tryOf('predict-and-test', []).set.layout!.comparison!;
const right = rightOf(comparison);
const wrong = choicesOf(comparison).find((one) => one !== right)!;

test('what was thought before decides how sets are compared; what was found is read apart', () => {
  const mended = tryOf('predict-and-test', [ask, answer(wrong), ask, answer(right)]);
  expect(readComparing(mended)).toMatchObject({ right: false });
  expect(isTested(mended)).toBe(true);
  expect(choicesOf(comparison)[readTested(mended) as number]).toBe(right);
  expect(principleReaders.more.shown(mended)).toBe(false);
  const untested = tryOf('predict-and-test', [ask, answer(right)]);
  expect(isTested(untested)).toBe(false);
  expect(readTested(untested)).toBeNull();
  expect(principleReaders.more.shown(untested)).toBe(true);
});

test('numerals on cards are no pairs by which it is told what a child goes by', () => {
  const of = tryOf('two-cards', []).set.layout!.comparison!;
  expect(of.lie).toBe('cards');
  const taken = (value: string) => tryOf('two-cards', [ask, answer(value)]);
  expect(principleReaders['compare-numerals'].shown(taken(rightOf(of)))).toBe(true);
  expect(comparedPairs([taken('left-set'), taken('right-set')])).toEqual([]);
  expect(comparedPairs([tryOf('which-more', [ask, answer('left-set')])])).toHaveLength(1);
});
