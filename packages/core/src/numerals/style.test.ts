import { formsOfDigits, strokesOf, usualStyle, digitsOf } from './style.js';
import { digitForms, digitWidth, pathOf, type Digit } from './templates.js';

const forms = Object.entries(digitForms).flatMap(([digit, of]) =>
  Object.entries(of).map(([name, strokes]) => ({ digit: Number(digit) as Digit, name, strokes })),
);

test('every form lies in its box, begins at the top or as its school has it, and is as high as the others', () => {
  for (const { strokes } of forms) {
    const points = strokes.flatMap(({ from, to }) => [
      from,
      ...to.map((one) => one.slice(-2) as unknown as [number, number]),
    ]);
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
    expect(Math.min(...xs)).toBeGreaterThanOrEqual(-0.01);
    expect(Math.max(...xs)).toBeLessThanOrEqual(digitWidth);
    expect(Math.min(...ys)).toBeCloseTo(0, 1);
    expect(Math.max(...ys)).toBeCloseTo(1, 1);
  }
});

test('where practitioners differ a digit has its forms, and a style is drawn by them', () => {
  expect(formsOfDigits.map(({ digit }) => digit)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9]);
  expect(strokesOf(7, { ...usualStyle, 7: 'crossed' }).digits[0]!.strokes).toHaveLength(2);
  expect(strokesOf(7).digits[0]!.strokes).toHaveLength(1);
  // One that was stored by a name nobody knows is drawn as the usual one.
  expect(strokesOf(7, { ...usualStyle, 7: 'wavy' as 'plain' })).toEqual(strokesOf(7));
});

test('two digits side by side, the second further right; below nought there is no numeral', () => {
  const { digits, width } = strokesOf(20);
  expect(digits.map(({ left }) => left)[0]).toBe(0);
  expect(digits[1]!.left).toBeGreaterThan(digitWidth);
  expect(width).toBeCloseTo(digits[1]!.left + digitWidth);
  expect(() => digitsOf(-1)).toThrow(RangeError);
  expect(() => digitsOf(1.5)).toThrow(/1.5/);
});

test('a path begins where the hand does, at whatever height and place', () => {
  const [down] = strokesOf(1).digits[0]!.strokes;
  expect(pathOf(down!)).toBe('M0.3 0L0.3 1');
  expect(pathOf(down!, 100, 10)).toBe('M40 0L40 100');
});
