import { observationsOf } from '../evidence/observations.js';
import { traceOf } from '../testing/traces.js';
import { seenInPassing, seenSkills } from './inPassing.js';

const observed = (skill: (typeof seenSkills)[number], n: number) =>
  observationsOf(traceOf({ ...seenInPassing(skill, n) }));

describe(seenInPassing, () => {
  test('speaks of the skill that was seen, at half the weight of a sitting', () => {
    expect(observed('order', 7).order).toMatchObject({ upTo: 7, weight: { success: 0.5 } });
    expect(observed('one-to-one', 6).tracking).toMatchObject({ n: 6, success: true, weight: 0.5 });
    expect(observed('last-word', 4).principles['last-word']).toEqual({ success: true, weight: 0.5 });
    expect(observed('fetch', 3).fetch).toMatchObject({ asked: 3, given: 3, weight: 0.5 });
  });

  test('what was said only says nothing of touching, and what was fetched nothing of words', () => {
    expect(observed('order', 7).tracking).toBeNull();
    expect(observed('fetch', 3).order).toBeNull();
  });

  test('wants a number', () => {
    expect(() => seenInPassing('order', 0)).toThrow(RangeError);
  });
});
