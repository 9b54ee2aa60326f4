import { placed } from '../testing/traces.js';
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
      { things: 'cork', asked: 4, given: [6, 4], afresh: 1 },
    ]);
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
