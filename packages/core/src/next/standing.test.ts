import { skillOf, type SkillId } from '../skills/map.js';
import { days, looked } from '../testing/looked.js';
import { Standing } from './standing.js';

const known = { birthDate: '2022-03-01' };
const standing = (ability: Parameters<typeof looked>[0], date = '2026-03-20') => {
  const child = new Standing(looked({ orderTo: 25, orderSlope: 0.3, ...ability }), date, known);
  return {
    child,
    isBlocked: (skill: SkillId) => child.isBlockedBelow(skillOf(skill)),
    obstacles: (skill: SkillId) => child.obstaclesOf(skillOf(skill)).map(({ slip }) => slip),
  };
};

describe(Standing, () => {
  test('what leans on a skill with an obstacle waits for it, however far up; what does not lean on it does not', () => {
    const { obstacles, isBlocked } = standing({ slipPerThing: 0.16, racing: 3 });
    expect(obstacles('row')).toContain('word-without-touch');
    expect((['ring', 'last-word', 'conservation'] as const).map(isBlocked)).toEqual([true, true, true]);
    expect((['order', 'teens', 'matching'] as const).map(isBlocked)).toEqual([false, false, false]);
  });

  test('without an obstacle nothing waits', () => {
    const { obstacles, isBlocked } = standing({ slipPerThing: 0, lastWord: 1, fetches: 5 });
    expect((['order', 'aside', 'row', 'last-word', 'fetch'] as const).flatMap(obstacles)).toEqual([]);
    expect((['ring', 'last-word', 'conservation', 'equal-set'] as const).some(isBlocked)).toBe(false);
  });

  test('tries of a later day are not known yet', () => {
    const looks = (date: string) => standing({}, date).child.looksOf(skillOf('row')).length;
    expect(looks(days[0]!)).toBeGreaterThan(0);
    expect(looks(days[1]!)).toBe(2 * looks(days[0]!));
    expect(looks('2026-03-01')).toBe(0);
  });

  test('weeks are counted from the last look; never looked at is for ever', () => {
    const { child } = standing({}, '2026-03-30');
    expect(child.weeksSince(skillOf('row'))).toBe(2);
    expect(child.weeksSince(skillOf('ring'))).toBe(Infinity);
  });

  test('the ground of a skill is the least of what it leans on, at the number that it needs', () => {
    const { child } = standing({ slipPerThing: 0.1 });
    const at = (skill: SkillId, n: number) => child.chanceAt(skillOf(skill), n);
    expect(child.groundAt(skillOf('row'), 5)).toBe(Math.min(at('order', 5), at('aside', 5)));
    // Counting scattered things wants a row of two more.
    expect(child.groundAt(skillOf('scattered'), 5)).toBe(at('row', 7));
    // Ordering from one: nothing below it.
    expect(child.groundAt(skillOf('order'), 5)).toBe(1);
  });

  test('what leans on a skill that nobody has looked at waits for that one', () => {
    const { child } = standing({});
    const waits = (skill: SkillId) => child.isGroundUnseen(skillOf(skill));
    expect(child.weeksSince(skillOf('count-on'))).toBe(Infinity);
    expect((['count-back', 'hidden'] as const).map(waits)).toEqual([true, true]);
    expect((['count-on', 'last-word'] as const).map(waits)).toEqual([false, false]);
  });

  test('after a child that counts to fetch no level comes; after one that fetches three the fourth', () => {
    expect(standing({ fetches: 5, slipPerThing: 0 }).child.nextLevel).toBe(0);
    expect(standing({ fetches: 3, slipPerThing: 0 }).child.nextLevel).toBe(4);
  });

  test('each arrangement has a chance of its own', () => {
    const { child } = standing({ slipPerThing: 0.05 });
    const at = (skill: SkillId) => child.chanceAt(skillOf(skill), 8);
    expect(at('row')).not.toBe(at('ring'));
    expect(at('aside')).not.toBe(at('row'));
  });

  test('whoever counts one to one gives each its own, though nobody has looked', () => {
    const { child } = standing({ slipPerThing: 0 });
    expect(child.chanceAt(skillOf('matching'), 3)).toBeGreaterThan(0.8);
    const unknown = new Standing([], '2026-03-20', known);
    expect(unknown.chanceAt(skillOf('matching'), 3)).toBeLessThan(0.8);
  });
});
