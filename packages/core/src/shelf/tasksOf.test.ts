import { tasks } from './tasks.js';
import { leaningOn, skillMap, skillOf } from '../skills/map.js';

describe('the map of skills', () => {
  test('everything leaned on is on the map, and nothing leans on itself by whatever way', () => {
    const below = (id: string, path: readonly string[]): void => {
      expect(path).not.toContain(id);
      for (const { on } of skillOf(id).leansOn) below(on, [...path, id]);
    };
    for (const { id } of skillMap) below(id, []);
  });

  test('every task of the shelf looks at a skill of the map', () => {
    for (const { looksAt, arrangement } of tasks) {
      const found = skillMap.filter(
        ({ read }) => read?.by === looksAt && (read.as !== 'tracking' || read.arrangement === arrangement),
      );
      expect(found).toHaveLength(1);
    }
  });

  test('counting on from n leans on the words to n + 3', () => {
    expect(skillOf('count-on').leansOn).toContainEqual({ on: 'order', offset: 3 });
    expect(leaningOn('order').map((one) => one.id)).toContain('count-on');
  });

  test('names every skill once, and nothing that is not there', () => {
    expect(new Set(skillMap.map((one) => one.id)).size).toBe(skillMap.length);
    expect(() => skillOf('juggling')).toThrow(/no skill/);
  });
});
