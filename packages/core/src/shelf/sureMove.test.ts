import { sureMove } from './sureMove.js';

/** Whether whoever is to place wins with so many cells left, by trying every way it can go on. */
function wins(left: number, most: number, known = new Map<number, boolean>()): boolean {
  if (left === 0) return false;
  const kept = known.get(left);
  if (kept !== undefined) return kept;
  const some = Array.from({ length: Math.min(most, left) }, (_, i) => i + 1).some(
    (place) => !wins(left - place, most, known),
  );
  known.set(left, some);
  return some;
}

test('the sure move wins, and there is none only where every move loses: any frame, any limit', () => {
  for (let most = 1; most <= 6; most++)
    for (let left = 1; left <= 40; left++) {
      const place = sureMove(left, most);
      expect(place !== null).toBe(wins(left, most));
      if (place === null) continue;
      expect(place).toBeGreaterThan(0);
      expect(place).toBeLessThanOrEqual(Math.min(most, left));
      expect(wins(left - place, most)).toBe(false);
      expect((left - place) % (most + 1)).toBe(0);
    }
});
