import fc from 'fast-check';
import { leanOf, settlesIn, swingAt } from './balance.js';

const pan = fc.integer({ min: 0, max: 20 });

test('level only where both sides are the same, and never beyond the stops', () => {
  fc.assert(
    fc.property(pan, pan, (left, right) => {
      const lean = leanOf(left, right);
      expect(Math.sign(lean)).toBe(Math.sign(right - left));
      expect(Math.abs(lean)).toBeLessThanOrEqual(16);
    }),
  );
});

test('a moved beam begins where it was, swings past its rest, and is still there when it has settled', () => {
  fc.assert(
    fc.property(pan, pan, pan, (left, right, now) => {
      const [from, to] = [leanOf(left, right), leanOf(left, now)];
      expect(swingAt(from, to, 0)).toBeCloseTo(from);
      for (const later of [0, 200, 900])
        expect(Math.abs(swingAt(from, to, settlesIn(from, to) + later) - to)).toBeLessThanOrEqual(0.4 + 1e-9);
    }),
  );
  // One more moves it at once, the wrong way past level and back: who stops then stops too soon.
  const past = Array.from({ length: 50 }, (_, i) => swingAt(leanOf(5, 3), leanOf(5, 4), 20 * i));
  expect(Math.max(...past)).toBeGreaterThan(leanOf(5, 4));
});
