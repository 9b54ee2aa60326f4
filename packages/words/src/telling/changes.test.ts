import { sittingChanges, type Happening, type Trace, type TraceId } from '@dotting/core';
import { counted, traceOf } from '../../../core/src/testing/traces.js';
import { english } from '../all.js';
import { tellChanges } from './statements.js';

const clean = (n: number): Happening[] => counted(...Array.from({ length: n }, (_, i) => i + 1));
let made = 0;
const count = (n: number, day: string, things: string, happenings = clean(n)): Trace =>
  traceOf({
    id: `try-${made++}` as TraceId,
    startedAt: `${day}T09:30:00.000+00:00`,
    set: { size: n, things, arrangement: 'row' },
    happenings,
  });
const tell = (earlier: readonly Trace[], sitting: readonly Trace[]) =>
  tellChanges(english, sittingChanges(earlier, sitting, '2026-03-09', { birthDate: '2022-03-01' }), 'Wren');

describe(sittingChanges, () => {
  test('a first sitting says what is likely after it, and what is to be seen yet', () => {
    const { changed, open } = tell(
      [],
      [8, 7, 8, 6, 8].map((n) => count(n, '2026-03-09', 'cork')),
    );
    expect(changed.join(' ')).toMatch(/Wren likely says numbers in order to 8 \(one day\)/);
    expect(open.join(' ')).toMatch(/still needs .*another day/);
  });

  test('what was said before and is said still is no change', () => {
    const earlier = Array.from({ length: 24 }, (_, i) =>
      count(4, `2026-03-0${(i % 6) + 2}`, i % 2 === 0 ? 'cork' : 'shell'),
    );
    const order = tell(earlier, [count(4, '2026-03-09', 'cork')]).changed.filter((one) =>
      /in order/.test(one),
    );
    expect(order).toEqual([]);
  });

  test('more than before is said with what was said before', () => {
    const earlier = [5, 5, 5].map((n, i) => count(n, `2026-03-0${i + 2}`, i % 2 === 0 ? 'cork' : 'shell'));
    const { changed } = tell(
      earlier,
      [8, 8, 8].map((n) => count(n, '2026-03-09', 'lid')),
    );
    expect(changed.find((one) => /numbers in order/.test(one))).toMatch(/Before: .*numbers in order/);
  });

  test('where nothing may be said, nothing is, and it stays open', () => {
    const slipped = [
      { kind: 'count', word: 1 },
      { kind: 'touch' },
      { kind: 'count', word: 4 },
    ] as Happening[];
    const { changed, open } = tell([], [count(3, '2026-03-09', 'cork', slipped)]);
    expect(changed.filter((one) => /in a row/.test(one))).toEqual([]);
    expect(open).toContain('Counts a row: not clear yet');
  });

  test('what was likely and is no longer is told as what it was', () => {
    const asked = (value: number, day: string): Trace =>
      count(4, day, 'cork', [...clean(4), { kind: 'ask', question: 'how-many' }, { kind: 'answer', value }]);
    const { changed } = tell(
      [asked(4, '2026-03-02'), asked(4, '2026-03-03')],
      [7, 6, 9].map((value) => asked(value, '2026-03-09')),
    );
    expect(changed.find((one) => /Last word/.test(one))).toMatch(
      /^“Last word = how many” is not clear any more for Wren\. Before: likely answers/,
    );
  });

  test('no text of it says a word that judges', () => {
    const { changed, open } = tell([count(3, '2026-03-02', 'cork')], [count(9, '2026-03-09', 'cork')]);
    for (const text of [...changed, ...open])
      expect(text).not.toMatch(/fail|behind|delay|normal|rank|poor|weak/i);
  });
});
