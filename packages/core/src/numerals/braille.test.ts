import fc from 'fast-check';
import { brailleOf, cellOf, dotsIn, inOtherCode, mirroredCell, numberSign } from './braille.js';

/** As the public tables have them: the literary numbers (letters a to j) and the lowered cells of the maths code. */
const literary = '⠼⠚ ⠼⠁ ⠼⠃ ⠼⠉ ⠼⠙ ⠼⠑ ⠼⠋ ⠼⠛ ⠼⠓ ⠼⠊ ⠼⠁⠚ ⠼⠁⠁ ⠼⠁⠃ ⠼⠁⠉ ⠼⠁⠙ ⠼⠁⠑ ⠼⠁⠋ ⠼⠁⠛ ⠼⠁⠓ ⠼⠁⠊ ⠼⠃⠚'.split(' ');
const maths = '⠼⠴ ⠼⠂ ⠼⠆ ⠼⠒ ⠼⠲ ⠼⠢ ⠼⠖ ⠼⠶ ⠼⠦ ⠼⠔ ⠼⠂⠴ ⠼⠂⠂ ⠼⠂⠆ ⠼⠂⠒ ⠼⠂⠲ ⠼⠂⠢ ⠼⠂⠖ ⠼⠂⠶ ⠼⠂⠦ ⠼⠂⠔ ⠼⠆⠴'.split(' ');

test.each(Array.from({ length: 21 }, (_, n) => n))('%i in both codes, as in the public tables', (n) => {
  expect(brailleOf(n, 'literary')).toBe(literary[n]);
  expect(brailleOf(n, 'maths')).toBe(maths[n]);
});

test('a cell is its dots, whatever they are; turned over twice it is itself', () => {
  fc.assert(
    fc.property(fc.subarray([1, 2, 3, 4, 5, 6]), (dots) => {
      expect(dotsIn(cellOf(dots))).toEqual(dots);
      expect(mirroredCell(mirroredCell(cellOf(dots)))).toBe(cellOf(dots));
    }),
  );
  expect(dotsIn(numberSign)).toEqual([3, 4, 5, 6]);
  expect(() => dotsIn('a')).toThrow(RangeError);
  expect(() => dotsIn('')).toThrow(RangeError);
});

test('the same digit a row lower, and back', () => {
  expect(inOtherCode('⠑', 'literary')).toBe('⠢');
  expect(inOtherCode('⠢', 'maths')).toBe('⠑');
  expect(inOtherCode('⠼', 'literary')).toBeNull();
});
