import { taskOf } from '../shelf/tasks.js';
import { moveFor, mostFor, tellingSlips } from './moves.js';

describe(moveFor, () => {
  test('a room’s own words go before ours, and know no limit of things', () => {
    const own = { missed: 'Go along with a feather.' };
    expect(moveFor('missed', taskOf('count-row'), own)).toEqual({
      kind: 'own',
      words: 'Go along with a feather.',
    });
    for (const slip of tellingSlips) expect(mostFor(slip, { [slip]: 'Our own way.' })).toBeNull();
  });

  test('some of ours are made with few things only', () => {
    const limits = tellingSlips.flatMap((slip) => mostFor(slip, {}) ?? []);
    expect(limits.length).toBeGreaterThan(0);
    expect(Math.max(...limits)).toBeLessThanOrEqual(10);
  });
});
