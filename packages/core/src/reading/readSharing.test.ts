import fc from 'fast-check';
import { placed } from '../testing/traces.js';
import type { TraySet } from '../trace/trace.js';
import { outside, readSharing } from './readSharing.js';

const lids = (things: number, jars: number): TraySet => ({
  size: things,
  things: 'lid',
  arrangement: 'movable',
  layout: { places: jars },
});
const read = (set: TraySet, ...places: string[]) =>
  readSharing({ set, events: placed(places.map((place) => ({ kind: 'put', place }))) });

describe(readSharing, () => {
  test('one to each is one to each, in any order', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(['1', '2', '3', '4'], { minLength: 4 }), (places) => {
        expect(read(lids(4, 4), ...places)).toEqual({ holds: true, slips: [], filled: 4 });
      }),
    );
  });

  test('two in one is a slip, placed where it happened', () => {
    expect(read(lids(4, 4), '1', '2', '2', '3')!.slips).toEqual([{ kind: 'two-in-one', at: 2 }]);
  });

  test('a thing left outside while a place is free is a slip; one too many is none', () => {
    expect(read(lids(4, 4), '1', '2', '3', outside)!.slips).toEqual([{ kind: 'left-outside' }]);
    expect(read(lids(5, 4), '1', '2', '3', '4', outside)).toMatchObject({ holds: true, slips: [] });
  });

  test('too few things for the places is no slip of the child’s', () => {
    expect(read(lids(3, 4), '1', '2', '3')!.holds).toBe(true);
  });

  test('what was taken back is not read, and nothing put is nothing shown', () => {
    const events = placed([
      { kind: 'put', place: '1' },
      { kind: 'put', place: '1' },
    ]);
    const undone = [...events, { seq: 2, t: 9000, kind: 'undo' as const, of: 1 }];
    expect(readSharing({ set: lids(1, 1), events: undone })!.slips).toEqual([]);
    expect(read(lids(3, 3))!.holds).toBe(false);
    expect(readSharing({ set: { size: 3, things: 'lid', arrangement: 'row' }, events })).toBeNull();
  });
});
