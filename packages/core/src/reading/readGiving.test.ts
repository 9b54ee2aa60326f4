import { counted, placed } from '../testing/traces.js';
import type { Happening, TraySet } from '../trace/trace.js';
import { gaveAll, readGiving } from './readGiving.js';

const ask: Happening = { kind: 'ask', question: 'give' };
const given = (value: number): Happening => ({ kind: 'given', value });
const pile: TraySet = { size: 4, things: 'cork', arrangement: 'movable', pile: 15 };
const recipe: TraySet = {
  size: 3,
  things: 'cork',
  arrangement: 'movable',
  layout: {
    bowls: [
      { things: 'cork', n: 2 },
      { things: 'shell', n: 3 },
    ],
  },
};
const of = (set: TraySet, ...happenings: Happening[]) => ({
  set,
  target: set.size,
  events: placed(happenings),
});

describe(readGiving, () => {
  test('one request, what was put, and what it was made into', () => {
    expect(readGiving(of(pile, ask, given(6), { kind: 'restart' }, given(4)))).toEqual([
      { things: 'cork', asked: 4, given: [6, 4], afresh: 1, stops: [], words: null },
    ]);
  });

  describe('a number on the way to', () => {
    const stop: Happening = { kind: 'ask', question: 'which' };
    const no: Happening = { kind: 'answer', value: 'no' };
    const cup = (...happenings: Happening[]) => ({
      ...of({ ...pile, size: 12 }, ...happenings),
      version: 2 as const,
    });
    const [, ...fromTwo] = counted(1, 2, 3, 4, 5);

    test('a stop keeps the amount and the answer, and the child goes on from there', () => {
      const [request] = readGiving(cup(ask, ...counted(1, 2), stop, no, ...counted(3, 4), given(12)));
      expect(request!.stops).toEqual([{ amount: 2, said: 'no', then: 'went-on' }]);
      expect(request!.words).toMatchObject({ upTo: 4, slips: [] });
    });

    test('or begins again, told by a tap or by the words alone', () => {
      const again = cup(ask, ...counted(1, 2), stop, no, { kind: 'restart' }, ...counted(1, 2, 3), given(3));
      expect(readGiving(again)[0]).toMatchObject({
        stops: [{ then: 'began-again' }],
        words: { upTo: 3, slips: [] },
      });
      const fromOne = cup(ask, ...counted(1, 2), stop, no, ...counted(1, 2), given(4));
      expect(readGiving(fromOne)[0]).toMatchObject({ stops: [{ then: 'began-again' }] });
    });

    test('an amount told at a stop is not what was handed over', () => {
      const [request] = readGiving(cup(ask, given(5), stop, no, given(12)));
      expect(request).toMatchObject({ given: [12], stops: [{ amount: 5, then: null }], words: null });
      // Before there were stops it was read as put and then made more.
      expect(readGiving(of(pile, ask, given(5), stop, no, given(12)))[0]!.given).toEqual([5, 12]);
    });

    test('the words explain a wrong number', () => {
      const told = readGiving(cup(ask, ...fromTwo, given(12)))[0]!;
      expect(told.words!.slips).toMatchObject([{ kind: 'skipped', words: [1] }]);
    });
  });

  test('the last thing given decides: mending is fully right', () => {
    expect(gaveAll(of(pile, ask, given(6), given(4)))).toBe(true);
    expect(gaveAll(of(pile, ask, given(4), given(6)))).toBe(false);
    expect(gaveAll(of(pile, ask))).toBeNull();
  });

  test('a recipe is met when every bowl is, and says nothing while one waits', () => {
    expect(gaveAll(of(recipe, ask, given(2), ask, given(3)))).toBe(true);
    expect(gaveAll(of(recipe, ask, given(2), ask, given(2)))).toBe(false);
    expect(gaveAll(of(recipe, ask, given(2)))).toBeNull();
    expect(
      readGiving(of(recipe, ask, given(2), ask, given(1))).map(({ things, asked }) => [things, asked]),
    ).toEqual([
      ['cork', 2],
      ['shell', 3],
    ]);
  });
});
