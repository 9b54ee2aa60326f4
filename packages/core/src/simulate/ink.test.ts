import { seededRandom, seedFrom } from '../common/random.js';
import { readNumeral } from '../ink/readNumeral.js';
import { canShow, inkFaults, simulateDigit, simulatePair, type SimulatedInk } from './ink.js';

const random = (what: string) => seededRandom(seedFrom(`simulated ink ${what}`));
const digits = [...'0123456789'];
const wellFormed = digits.flatMap((digit) =>
  Array.from({ length: 12 }, (_, i) => simulateDigit(digit, 'none', random(`${digit} ${i}`))),
);
const read = ({ strokes, truth }: SimulatedInk) => readNumeral(strokes, { intended: truth.intended });

test('a hand draws on: in its own time, never back, and the same for the same lot', () => {
  for (const { strokes } of wellFormed) {
    const times = strokes.flat().map(({ t }) => t);
    expect(times).toEqual(times.toSorted((a, b) => a - b));
    expect(strokes.every((stroke) => stroke.length >= 2)).toBe(true);
  }
  expect(simulateDigit('5', 'none', random('again'))).toEqual(simulateDigit('5', 'none', random('again')));
});

test('nearly all of what is well formed is read right, and next to nothing is found against it', () => {
  const told = wellFormed.map((one) => ({ ...one, told: read(one) }));
  const right = told.filter(({ truth, told: { legibleAs } }) => legibleAs.numeral === truth.written);
  const fine = told.filter(
    ({ told: { startOk, directionOk, orderOk, lifts, mirrored, missing } }) =>
      startOk && directionOk && orderOk && lifts.extra + lifts.missing + missing.length === 0 && !mirrored,
  );
  expect(right.length).toBeGreaterThanOrEqual(0.97 * told.length);
  expect(fine.length).toBeGreaterThanOrEqual(0.95 * told.length);
});

test.each(inkFaults.filter((fault) => fault !== 'none'))(
  'a fault is told on what it happens to: %s',
  (fault) => {
    const able = digits.filter((digit) => canShow(digit, fault));
    expect(able.length).toBeGreaterThan(0);
    const shown = able.flatMap((digit) =>
      Array.from({ length: 4 }, (_, i) => simulateDigit(digit, fault, random(`${digit} ${fault} ${i}`))),
    );
    const found = shown.filter((one) => {
      const { truth } = one;
      const told = read(one);
      switch (fault) {
        case 'backwards':
        case 'stroke-backwards':
          return told.directionOk === false;
        case 'start':
          return told.startOk === false;
        case 'order':
          return told.orderOk === false;
        case 'extra-lift':
          return told.lifts.extra > 0;
        case 'missing-lift':
          return truth.missingLifts === 0 || told.lifts.missing > 0;
        case 'mirrored':
          return told.mirrored;
        case 'unclosed':
          return truth.closedOk === true || told.closedOk === false;
        case 'missing':
          return told.missing.length > 0 || !told.legible;
        case 'turned':
          return told.turned;
        case 'another':
          return told.legibleAs.numeral === truth.written || !told.sure;
        default:
          return !/^\d/.test(told.legibleAs.numeral) || !told.sure || !told.legible;
      }
    });
    expect(found.length / shown.length).toBeGreaterThanOrEqual(0.8);
  },
);

test('two digits are told by their places and their times', () => {
  for (const fault of ['none', 'reversed', 'right-first', 'expanded'] as const) {
    const pairs = ['12', '14', '17', '19'].map((numeral) =>
      simulatePair(numeral, fault, random(`${numeral} ${fault}`)),
    );
    const right = pairs.filter((one) => {
      const { digitOrder, legibleAs } = read(one);
      return digitOrder === one.truth.digitOrder && legibleAs.numeral === one.truth.written;
    });
    expect([fault, right.length]).toEqual([fault, pairs.length]);
  }
});
