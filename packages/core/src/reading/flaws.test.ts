import { observationsOf } from '../evidence/observations.js';
import { saidFor } from '../statements/saidFor.js';
import { counted, placed, traceOf } from '../testing/traces.js';
import type { TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import { flawOf } from './flaws.js';

const four = { size: 4, things: 'cork', arrangement: 'row' } as const;
const count = (facts: Partial<Trace> = {}) =>
  traceOf({ set: four, happenings: counted(1, 2, 3, 4), ...facts });
const bowls = (...numbers: number[]) =>
  count({
    task: 'recipe',
    set: { ...four, layout: { bowls: numbers.map((n) => ({ things: 'cork', n })) } },
  });

describe(flawOf, () => {
  test.each<[string, Trace]>([
    ['startedAt', count({ startedAt: '1970-01-01T00:00:10.000+00:00' })],
    ['startedAt', count({ startedAt: '0000-05-01T00:00:10.000+00:00' })],
    ['startedAt', count({ startedAt: '2036-03-02T00:00:10.000+00:00' })],
    ['target', count({ target: 0 })],
    ['target', count({ target: 2.5 })],
    ['set.layout.bowls.0.n', bowls(100, 3)],
    ['set.layout.bowls.1.n', bowls(3, 0)],
    ['events.1', count({ events: placed([...counted(1), { kind: 'count', word: 2, item: 4 }]) })],
    ['events.0', count({ events: placed([{ kind: 'given', value: 2.5 }]) })],
    ['events.1.t', count({ events: placed(counted(1, 2)).map((event, i) => ({ ...event, t: 9 - i })) })],
    ['events.0.t', count({ events: placed(counted(1)).map((event) => ({ ...event, t: 2 ** 31 })) })],
  ])('names %s', (field, trace) => {
    const flaw = flawOf(trace, '2026-03-04');
    expect(flaw?.field).toBe(field);
  });

  test('a try that can be is left alone: counted back to none, from a clock a day ahead', () => {
    expect(flawOf(count({ direction: -1, start: 4, target: 0 }), '2026-03-02')).toBeNull();
    expect(flawOf(count({ startedAt: '2026-03-03T00:10:00.000+14:00' }), '2026-03-02')).toBeNull();
    expect(flawOf(bowls(4, 2), '2026-03-02')).toBeNull();
  });

  test('what an adult took out again is no flaw', () => {
    const events = placed([{ kind: 'given', value: 2.5 }]);
    expect(flawOf(count({ events: [...events, { kind: 'undo', of: 0, seq: 1, t: 1000 }] }))).toBeNull();
  });
});

test('a try that cannot be read costs that try alone', () => {
  const good = [3, 4, 5, 4].map((size, i) =>
    traceOf({
      id: `try-${i}` as TraceId,
      startedAt: `2026-03-0${1 + i}T09:30:00.000+00:00`,
      set: { ...four, size, things: i % 2 ? 'cork' : 'shell' },
      happenings: counted(...Array.from({ length: size }, (_, word) => word + 1)),
    }),
  );
  const bad = [
    count({
      task: 'fill-to',
      set: { ...four, size: 3 },
      target: 0,
      events: placed([{ kind: 'given', value: 3 }]),
    }),
    count({ events: placed([{ kind: 'touch', item: 99 }]) }),
    count({ startedAt: '1970-01-01T00:00:10.000+00:00' }),
  ];
  const nothing = {
    order: null,
    tracking: null,
    fetch: null,
    thresholds: {},
    principles: {},
    numerals: [],
  };
  for (const trace of bad) expect(observationsOf(trace)).toEqual(nothing);
  expect(saidFor([...bad, ...good], '2026-03-06')).toEqual(saidFor(good, '2026-03-06'));
  expect(saidFor(good, '2026-03-06').length).toBeGreaterThan(0);
});
