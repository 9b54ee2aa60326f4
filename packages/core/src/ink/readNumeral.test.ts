import fc from 'fast-check';
import { polylineOf } from '../numerals/polyline.js';
import { usualStyle } from '../numerals/style.js';
import { digitForms } from '../numerals/templates.js';
import { readNumeral } from './readNumeral.js';
import { boxOf, type InkStroke, type Point } from './stroke.js';

type Lines = readonly (readonly Point[])[];

/** As a steady hand would draw it, a point every 15 ms, a third of a second between strokes. */
function inkOf(lines: Lines, { left = 0, size = 100, from = 0 } = {}): readonly InkStroke[] {
  let t = from;
  return lines.map((line, i) => {
    if (i > 0) t += 333;
    return line.map(({ x, y }) => ({ x: left + x * size, y: y * size, t: (t += 15) }));
  });
}

const linesOf = (digit: number, form: string): Lines =>
  (digitForms as unknown as Record<number, Record<string, Parameters<typeof polylineOf>[0][]>>)[digit]![
    form
  ]!.map(polylineOf);

const everyForm = Object.entries(digitForms).flatMap(([digit, forms]) =>
  Object.keys(forms).map((form) => [Number(digit), form] as const),
);
const mirrored = (lines: Lines): Lines => lines.map((line) => line.map(({ x, y }) => ({ x: 0.6 - x, y })));
const backwards = (lines: Lines): Lines => lines.map((line) => line.toReversed());
const upsideDown = (lines: Lines): Lines =>
  lines.map((line) => line.map(({ x, y }) => ({ x: 0.6 - x, y: 1 - y })));

const fine = {
  startOk: true,
  directionOk: true,
  orderOk: true,
  lifts: { extra: 0, missing: 0 },
  mirrored: false,
  turned: false,
  missing: [],
  legible: true,
  sure: true,
};

describe('one digit', () => {
  test.each(everyForm)('%i, %s, is read as it is, and nothing is found against it', (digit, form) => {
    const read = readNumeral(inkOf(linesOf(digit, form)), { intended: String(digit) });
    expect(read.legibleAs.numeral).toBe(String(digit));
    expect(read).toMatchObject(fine);
    expect(read.closedOk).toBe([0, 6, 8, 9].includes(digit) ? true : null);
    expect(read.digitOrder).toBeNull();
  });

  test('is read alike wherever and however large it is written, however often the pen is told', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...everyForm),
        fc.integer({ min: 20, max: 900 }),
        fc.integer({ min: -2000, max: 2000 }),
        fc.integer({ min: 1, max: 3 }),
        ([digit, form], size, left, nth) => {
          const lines = linesOf(digit, form).map((line) =>
            line.filter((_, i) => i % nth === 0 || i === line.length - 1),
          );
          const read = readNumeral(inkOf(lines, { size, left }), { intended: String(digit) });
          expect([digit, form, read.legibleAs.numeral]).toEqual([digit, form, String(digit)]);
          expect(read.mirrored).toBe(false);
          expect(read.size.height).toBeCloseTo(boxOf(lines.flat()).height * size, 3);
        },
      ),
      { numRuns: 150 },
    );
  });

  test.each([2, 3, 4, 5, 6, 7, 9])('%i turned left to right is still itself, and told so', (digit) => {
    const lines = linesOf(digit, Object.keys((digitForms as Record<number, object>)[digit]!)[0]!);
    const read = readNumeral(inkOf(mirrored(lines)), { intended: String(digit) });
    expect(read.legibleAs.numeral).toBe(String(digit));
    expect([read.mirrored, read.legible]).toEqual([true, true]);
  });

  test('a six on its head is a nine, and not a six', () => {
    const read = readNumeral(inkOf(upsideDown(linesOf(6, 'curved'))), { intended: '6' });
    expect(read.legibleAs.numeral).toBe('9');
    expect([read.turned, read.legible]).toEqual([true, false]);
  });

  test('a one from the bottom up, and a two from its end', () => {
    for (const [digit, form] of [
      [1, 'plain'],
      [2, 'round'],
    ] as const) {
      const read = readNumeral(inkOf(backwards(linesOf(digit, form))), { intended: String(digit) });
      expect(read.legible).toBe(true);
      expect([read.startOk, read.directionOk]).toEqual([false, false]);
    }
  });

  test('a five in two strokes is well formed, its bar last or first; the bar may be forgotten', () => {
    const [body, bar] = linesOf(5, 'bar-last') as [readonly Point[], readonly Point[]];
    for (const lines of [
      [body, bar],
      [bar, body],
    ])
      expect(readNumeral(inkOf(lines), { intended: '5' })).toMatchObject(fine);
    const barless = readNumeral(inkOf([body]), { intended: '5' });
    expect([barless.missing, barless.legible]).toEqual([['bar'], false]);
  });

  test('the strokes of a seven in another order, and the stem of a four from below', () => {
    const seven = readNumeral(inkOf(linesOf(7, 'crossed').toReversed()), { intended: '7' });
    expect([seven.legibleAs.numeral, seven.orderOk, seven.startOk]).toEqual(['7', false, null]);
    const [corner, stem] = linesOf(4, 'open') as [readonly Point[], readonly Point[]];
    const four = readNumeral(inkOf([corner, stem.toReversed()]), { intended: '4' });
    expect([four.startOk, four.directionOk, four.orderOk]).toEqual([true, false, true]);
    expect(four.digits[0]!.strokes.map((one) => one.directionOk)).toEqual([true, false]);
  });

  test('a lift in the middle is told, a hand that hesitates is not', () => {
    const [line] = linesOf(3, 'round') as [readonly Point[]];
    const half = Math.round(line.length / 2);
    const moved = line.slice(half).map(({ x, y }) => ({ x: x + 0.08, y }));
    expect(readNumeral(inkOf([line.slice(0, half + 1), moved]), { intended: '3' }).lifts.extra).toBe(1);
    const [first, second] = inkOf([line.slice(0, half + 1), line.slice(half)]) as [InkStroke, InkStroke];
    const soon = second.map((point) => ({ ...point, t: point.t - 250 }));
    expect(readNumeral([first, soon], { intended: '3' })).toMatchObject(fine);
  });

  test('a nought that is left open, and one that is begun at the bottom', () => {
    const [ring] = linesOf(0, 'oval') as [readonly Point[]];
    const open = readNumeral(inkOf([ring.slice(0, -6)]), { intended: '0' });
    expect([open.legibleAs.numeral, open.closedOk]).toEqual(['0', false]);
    const half = Math.round(ring.length / 2);
    const low = readNumeral(inkOf([[...ring.slice(half), ...ring.slice(1, half + 1)]]), { intended: '0' });
    expect([low.legibleAs.numeral, low.startOk]).toEqual(['0', false]);
  });

  test('clockwise a nought is accepted of a left hand only where the room says so', () => {
    const lines = backwards(linesOf(0, 'oval'));
    const read = (options: object) => readNumeral(inkOf(lines), { intended: '0', ...options }).directionOk;
    expect(read({})).toBe(false);
    expect(read({ hand: 'left' })).toBe(false);
    expect(read({ hand: 'left', house: { clockwiseNought: true } })).toBe(true);
    expect(read({ hand: 'right', house: { clockwiseNought: true } })).toBe(false);
  });

  test('a scribble is called so, and so is nothing at all', () => {
    const scribble = Array.from({ length: 70 }, (_, i) => ({
      x: 0.5 + 0.5 * Math.sin(i * 1.1),
      y: 0.5 + 0.5 * Math.cos(i * 0.83),
    }));
    expect(readNumeral(inkOf([scribble]), { intended: '8' }).legibleAs.numeral).toBe('scribble');
    expect(readNumeral([], { intended: '8' })).toMatchObject({ legible: false, sure: false });
    expect(readNumeral([[{ x: 1, y: 1, t: 0 }]], { intended: '8' }).legible).toBe(false);
  });
});

describe('two digits', () => {
  const pair = (left: Lines, right: Lines, isRightFirst = false): readonly InkStroke[] => {
    const [one, other] = [
      inkOf(left, { from: isRightFirst ? 3000 : 0 }),
      inkOf(right, { left: 95, from: isRightFirst ? 0 : 3000 }),
    ];
    return isRightFirst ? [...other, ...one] : [...one, ...other];
  };
  const [one, seven] = [linesOf(1, 'plain'), linesOf(7, 'plain')];

  test('are told by their place and their time', () => {
    const read = (ink: readonly InkStroke[]) => {
      const { legibleAs, digitOrder, legible } = readNumeral(ink, { intended: '17' });
      return [legibleAs.numeral, digitOrder, legible];
    };
    expect(read(pair(one, seven))).toEqual(['17', 'right', true]);
    expect(read(pair(one, seven, true))).toEqual(['17', 'right-first', true]);
    expect(read(pair(seven, one))).toEqual(['71', 'reversed', false]);
    const expanded = [
      ...inkOf(one),
      ...inkOf(linesOf(0, 'oval'), { left: 95, from: 2000 }),
      ...inkOf(seven, { left: 190, from: 4000 }),
    ];
    expect(read(expanded)).toEqual(['107', 'expanded', false]);
  });

  test('each is judged, and what is found of either is found of the numeral', () => {
    const { mirrored: isMirrored, digits } = readNumeral(pair(one, mirrored(seven)), { intended: '17' });
    expect(isMirrored).toBe(true);
    expect(digits.map((digit) => digit.isMirrored)).toEqual([false, true]);
  });
});

test('what is intended is a numeral from 0 to 99', () => {
  expect(() => readNumeral([], { intended: '100' })).toThrow(/100/);
  expect(() => readNumeral([], { intended: 'x' })).toThrow(RangeError);
  expect(readNumeral(inkOf(linesOf(4, 'closed'))).legibleAs.numeral).toBe('4');
});

test('a form that the room has drawn itself is accepted beside the others, and begun where it was drawn from', () => {
  const shape = [
    { from: [0.02, 0], to: [[0.02, 0.28]] },
    { from: [0.02, 0], to: [[0.6, 0]] },
    { from: [0.6, 0], to: [[0.2, 1]] },
  ] as const;
  const ink = inkOf(shape.map(polylineOf));
  const house = { ...usualStyle, drawn: { 7: shape } };
  expect(readNumeral(ink, { intended: '7', house })).toMatchObject({
    legible: true,
    family: ['own'],
    startOk: true,
    directionOk: true,
    orderOk: true,
    lifts: { extra: 0, missing: 0 },
  });
  expect(readNumeral(ink, { intended: '7' }).family).not.toEqual(['own']);
  // What is formed in a usual way is still that.
  expect(readNumeral(inkOf(digitForms[7].plain.map(polylineOf)), { intended: '7', house }).family).toEqual([
    'plain',
  ]);
});
