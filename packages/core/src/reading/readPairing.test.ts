import fc from 'fast-check';
import type { PassEvent } from '../trace/passes.js';
import { readPairing } from './readPairing.js';

const size = fc.integer({ min: 0, max: 12 });

/** A set and any pass over it. */
const counting = size.chain((n) => {
  const item =
    n === 0 ? fc.constant(undefined) : fc.option(fc.integer({ min: 0, max: n - 1 }), { nil: undefined });
  const event = fc
    .tuple(fc.constantFrom('count', 'count', 'count', 'say', 'touch', 'passed-over'), item, fc.boolean())
    .map(([kind, named, again]) => ({
      kind,
      ...((kind === 'count' || kind === 'say') && { word: 1 }),
      ...(kind !== 'say' && named !== undefined && { item: named }),
      ...(kind === 'count' && again && named === undefined && { item: 'again' }),
    }));
  return fc.record({
    size: fc.constant(n),
    pass: fc
      .array(event, { maxLength: 20 })
      .map((events) => events.map((one, i) => ({ ...one, seq: i, t: i })) as PassEvent[]),
  });
});

describe(readPairing, () => {
  test('one word and one touch to each thing holds, in any order of things and with any words', () => {
    fc.assert(
      fc.property(
        size.chain((n) =>
          fc.shuffledSubarray(
            Array.from({ length: n }, (_, i) => i),
            { minLength: n },
          ),
        ),
        (items) => {
          const pass = items.map((item, t) => ({ kind: 'count' as const, word: 'umpty', item, t }));
          expect(readPairing(items.length, pass)).toEqual({ holds: true, slips: [] });
        },
      ),
    );
  });

  test('every slip but a missed thing sits at a real event', () => {
    fc.assert(
      fc.property(counting, ({ size: n, pass }) => {
        for (const slip of readPairing(n, pass).slips) {
          if (slip.kind !== 'missed') expect(pass[slip.at]).toBeDefined();
        }
      }),
    );
  });

  test('a missed thing was neither counted nor touched, and only things of the set are missed', () => {
    fc.assert(
      fc.property(counting, ({ size: n, pass }) => {
        const named = new Set(
          pass.flatMap((event) => (event.kind === 'count' || event.kind === 'touch' ? [event.item] : [])),
        );
        for (const slip of readPairing(n, pass).slips) {
          if (slip.kind === 'missed') {
            expect(named.has(slip.item)).toBe(false);
            expect(slip.item).toBeLessThan(n);
          }
        }
      }),
    );
  });

  test('the things counted, touched and missed make up the whole set', () => {
    fc.assert(
      fc.property(size, fc.nat({ max: 20 }), (n, counts) => {
        const pass = Array.from({ length: counts }, (_, t) => ({ kind: 'count' as const, word: t + 1, t }));
        const { slips } = readPairing(n, pass);
        expect(slips.filter((slip) => slip.kind === 'missed')).toHaveLength(Math.max(0, n - counts));
        expect(slips.filter((slip) => slip.kind === 'ran-on')).toHaveLength(Math.max(0, counts - n));
      }),
    );
  });

  test('a thing that was named but is not in the set is refused', () => {
    expect(() => readPairing(3, [{ kind: 'touch', item: 3 }])).toThrow('item 3 is not in a set of 3');
  });
});
