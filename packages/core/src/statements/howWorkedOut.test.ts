import { traceOf } from '../testing/traces.js';
import type { TraceId } from '../trace/ids.js';
import type { Happening, Strategy, Trace } from '../trace/trace.js';
import { howWorkedOut } from './howWorkedOut.js';

const date = '2026-03-20';
let made = 0;
const sum = (
  day: string,
  { strategy, words = [] }: { readonly strategy?: Strategy; readonly words?: readonly number[] } = {},
): Trace => {
  const happenings: readonly Happening[] = [
    { kind: 'ask', question: 'hidden' },
    ...words.map((word) => ({ kind: 'say', word }) as const),
    { kind: 'answer', value: 7 },
  ];
  return traceOf({
    id: `try-${made++}` as TraceId,
    startedAt: `${day}T09:${String(10 + (made % 40)).padStart(2, '0')}:00.000+00:00`,
    task: 'drop-in',
    version: 2,
    target: 7,
    set: { size: 7, things: 'cork', arrangement: 'hidden', layout: { change: { from: 5, by: 2 } } },
    happenings,
    ...(strategy && { strategy }),
  });
};

describe(howWorkedOut, () => {
  test('as the adult saw it, else as the words show it', () => {
    const tries = [
      sum('2026-03-16', { strategy: 'counted-on' }),
      sum('2026-03-17', { words: [6, 7] }),
      sum('2026-03-17', { words: [1, 2, 3, 4, 5, 6, 7] }),
    ];
    expect(howWorkedOut(tries, date)).toEqual({
      seen: [
        { way: 'on', times: 2 },
        { way: 'all', times: 1 },
      ],
      of: 3,
      isUsual: true,
      tries: tries.map(({ id }) => id),
    });
  });

  test('is called usual only where it is so common, and on more than one day', () => {
    const on = (day: string) => sum(day, { strategy: 'counted-on' });
    expect(howWorkedOut([on('2026-03-16'), on('2026-03-16')], date)?.isUsual).toBe(false);
    expect(howWorkedOut([on('2026-03-16'), on('2026-03-17')], date)?.isUsual).toBe(true);
    const mixed = [
      on('2026-03-16'),
      on('2026-03-17'),
      sum('2026-03-17', { strategy: 'fingers' }),
      sum('2026-03-17', { strategy: 'knew' }),
    ];
    expect(howWorkedOut(mixed, date)).toMatchObject({ isUsual: false, of: 4 });
  });

  test('nothing is said of one try, of what nobody saw, of what is long past, to come, or counts for nothing', () => {
    const known = sum('2026-03-16', { strategy: 'knew' });
    const others = [
      sum('2026-03-16'),
      sum('2026-03-16', { strategy: 'guessed' }),
      sum('2025-12-25', { strategy: 'knew' }),
      sum('2026-03-21', { strategy: 'knew' }),
      { ...sum('2026-03-16', { strategy: 'knew' }), setAside: 'bumped' },
      { ...sum('2026-03-16', { strategy: 'knew' }), answeredBy: 'others' as const },
    ];
    expect(howWorkedOut([known, ...others], date)).toBeNull();
    expect(howWorkedOut([], date)).toBeNull();
  });

  test('the latest six count', () => {
    const early = Array.from({ length: 4 }, () => sum('2026-03-02', { strategy: 'counted-all' }));
    const late = Array.from({ length: 6 }, (_, i) => sum(`2026-03-1${i}`, { strategy: 'counted-on' }));
    expect(howWorkedOut([...late, ...early], date)).toMatchObject({ seen: [{ way: 'on', times: 6 }], of: 6 });
  });
});
