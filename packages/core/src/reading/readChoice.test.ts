import { placed } from '../testing/traces.js';
import type { Happening, TraySet } from '../trace/trace.js';
import { readChoice } from './readChoice.js';

const puppet = (slip: 'none' | 'skipped'): TraySet => ({
  size: 0,
  things: 'cork',
  arrangement: 'none',
  layout: { puppet: { words: [1, 2, 4], touches: [], slip } },
});
const jars = (lids: number, places: number): TraySet => ({
  size: lids,
  things: 'lid',
  arrangement: 'movable',
  layout: { places },
});
const ask: Happening = { kind: 'ask', question: 'which' };
const answer = (value: string | null): Happening => ({ kind: 'answer', value });
const read = (set: TraySet, ...happenings: Happening[]) => readChoice({ set, events: placed(happenings) });

describe(readChoice, () => {
  test('a slip of the puppet is to be spotted, a faultless count to be let pass', () => {
    expect(read(puppet('skipped'), ask, answer('not-right'))).toEqual({ chosen: 'not-right', right: true });
    expect(read(puppet('skipped'), ask, answer('right'))!.right).toBe(false);
    expect(read(puppet('none'), ask, answer('right'))!.right).toBe(true);
    expect(read(puppet('none'), ask, answer('not-right'))!.right).toBe(false);
  });

  test('enough lids, too many or too few', () => {
    expect(read(jars(4, 4), ask, answer('enough'))!.right).toBe(true);
    expect(read(jars(5, 4), ask, answer('too-many'))!.right).toBe(true);
    expect(read(jars(3, 4), ask, answer('enough'))!.right).toBe(false);
  });

  test('the last answer counts; none, or not knowing, is no choice', () => {
    expect(read(puppet('none'), ask, answer('not-right'), answer('right'))!.right).toBe(true);
    for (const value of [null, 'did-not-know']) {
      expect(read(puppet('none'), ask, answer(value))).toEqual({ chosen: null, right: null });
    }
    expect(read(puppet('none'), ask)).toEqual({ chosen: null, right: null });
    expect(read(puppet('none'), { kind: 'say', word: 1 })).toBeNull();
  });

  test('where neither is right or wrong, it is only told', () => {
    const cup: TraySet = { size: 12, things: 'cork', arrangement: 'movable', pile: 24 };
    expect(read(cup, ask, answer('yes'))).toEqual({ chosen: 'yes', right: null });
  });
});
