import { counted, placed } from '../testing/traces.js';
import type { Happening } from '../trace/trace.js';
import { readKept } from './readKept.js';

const ask: Happening = { kind: 'ask', question: 'how-many' };
const answer = (value: number | string | null): Happening => ({ kind: 'answer', value });
const kept = (...happenings: Happening[]) => readKept({ events: placed(happenings) });

describe(readKept, () => {
  test('the same number without counting is the number kept, right or wrong', () => {
    expect(kept(...counted(1, 2, 3), ask, answer(3), ask, answer(3))).toEqual({
      shown: true,
      recounted: false,
    });
    expect(kept(...counted(1, 2, 4), ask, answer(4), ask, answer(4))).toEqual({
      shown: true,
      recounted: false,
    });
  });

  test('another number is not, nor the same one found by counting again', () => {
    expect(kept(...counted(1, 2, 3), ask, answer(3), ask, answer(5))!.shown).toBe(false);
    expect(kept(...counted(1, 2, 3), ask, answer(3), ask, ...counted(1, 2, 3), answer(3))).toEqual({
      shown: false,
      recounted: true,
    });
  });

  test('says nothing where nobody asked twice, or was not answered', () => {
    expect(kept(...counted(1, 2, 3), ask, answer(3))).toBeNull();
    expect(kept(...counted(1, 2, 3), ask, answer(3), ask)).toBeNull();
    expect(kept(...counted(1, 2, 3), ask, answer(null), ask, answer(3))).toBeNull();
  });

  test('an answer the adult took back is not read', () => {
    const events = placed([...counted(1, 2, 3), ask, answer(3), ask, answer(7)]);
    const undone = [
      ...events,
      { seq: 7, t: 9000, kind: 'undo' as const, of: 6 },
      { seq: 8, t: 9500, ...answer(3) },
    ];
    expect(readKept({ events: undone })!.shown).toBe(true);
  });
});
