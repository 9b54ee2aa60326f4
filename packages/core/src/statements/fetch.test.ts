import { setOf, taskOf } from '../shelf/tasks.js';
import { row, traceOf } from '../testing/traces.js';
import type { TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import { fetchStatement } from './fetch.js';

const today = '2026-03-10';

let asked = 0;

/** Asked for n from the pile, so many were handed over; by turns on two days, with two kinds of things. */
function give(n: number, given: number): Trace {
  const i = asked++;
  return traceOf({
    id: `asked-${i}` as TraceId,
    task: 'give-n',
    set: setOf(taskOf('give-n'), n, i % 2 ? 'cork' : 'shell'),
    target: n,
    startedAt: `2026-03-0${i % 2 ? 2 : 9}T09:30:00.000+00:00`,
    happenings: [
      { kind: 'ask', question: 'give' },
      { kind: 'given', value: given },
    ],
  });
}
const times = (count: number, n: number, given = n): readonly Trace[] =>
  Array.from({ length: count }, () => give(n, given));
const said = (...tries: readonly (readonly Trace[])[]) => fetchStatement(tries.flat(), today)[0];

describe(fetchStatement, () => {
  test('nothing is said where nothing was asked for', () => {
    expect(fetchStatement([row(5)], today)).toEqual([]);
  });

  test('a level is what was fetched, and what was missed above it is told', () => {
    const three = said(times(4, 1), times(4, 2), times(6, 3), times(4, 4, 7), times(3, 5, 8))!;
    expect(three).toMatchObject({
      certainty: 'sure',
      level: '3',
      likelyTo: 3,
      triedTo: 5,
      missedAbove: true,
    });
    const shares = Object.values(three.levels);
    expect(shares.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9);
    expect(Math.max(...shares)).toBe(three.levels['3']);
  });

  test('where more was never asked, nothing is missed above; nor is a slip within the level', () => {
    const two = said(times(4, 1), times(8, 2));
    expect(two).toMatchObject({ likelyTo: 2, triedTo: 2, missedAbove: false });
    const slipped = said(times(4, 1), times(14, 2), times(1, 2, 3));
    expect(slipped).toMatchObject({ likelyTo: 2, triedTo: 2, missedAbove: false });
  });

  test('whoever fetches any number counts to fetch, as far as it was asked', () => {
    const counts = said(times(3, 3), times(4, 5), times(4, 6), times(4, 8));
    expect(counts).toMatchObject({ level: 'CP', likelyTo: 8, passedTo: 8, missedAbove: false });
  });

  test('who grabs has no level', () => {
    expect(said(times(3, 1, 4), times(4, 2, 6), times(4, 3, 7))).toMatchObject({
      certainty: 'unclear',
      level: null,
      likelyTo: 0,
      passedTo: 0,
      missedAbove: true,
    });
  });
});
