import fc from 'fast-check';
import { inkMlOf, pointsOfTrace } from './inkMl.js';

const channelsOf = (file: string): readonly string[] =>
  [...file.matchAll(/<channel name="(\w)"/g)].map(([, name]) => name!);
const tracesOf = (file: string): readonly string[] =>
  [...file.matchAll(/<trace [^>]*>([^<]*)<\/trace>/g)].map(([, text]) => text!);

const anyStroke = fc
  .array(
    fc.record({
      x: fc.integer({ min: -2000, max: 3000 }),
      y: fc.integer({ min: -500, max: 1500 }),
      step: fc.nat(40),
      p: fc.integer({ min: 0, max: 100 }).map((share) => share / 100),
    }),
    { minLength: 1, maxLength: 30 },
  )
  .map((points) => {
    let t = 0;
    return points.map(({ x, y, step, p }) => ({ x, y, t: (t += step), p }));
  });

test('what is written to a file is read from it as it was, with its pressure or without', () => {
  fc.assert(
    fc.property(fc.array(anyStroke, { minLength: 1, maxLength: 4 }), fc.boolean(), (drawn, hasForce) => {
      const strokes = hasForce ? drawn : drawn.map((stroke) => stroke.map(({ p: _, ...rest }) => rest));
      const file = inkMlOf({ numeral: '5', writtenAt: null, id: null, strokes });
      expect(channelsOf(file)).toEqual(['X', 'Y', 'T', ...(hasForce ? ['F'] : [])]);
      const read = tracesOf(file).map((text) => pointsOfTrace(text, channelsOf(file), 0));
      expect(read).toEqual(strokes.map((points) => ({ points })));
    }),
  );
});

test('differences are added up, as the recommendation has its example', () => {
  // W3C InkML, section 3.2.1, without its third channel’s state.
  const read = pointsOfTrace(`1125 18432, '23 '43, "7 "-8, 3 -5, 7 -3`, ['X', 'Y'], 0);
  expect(read).toMatchObject({
    points: [
      { x: 1125, y: 18432 },
      { x: 1148, y: 18475 },
      { x: 1178, y: 18510 },
      { x: 1211, y: 18540 },
      { x: 1251, y: 18567 },
    ],
  });
});

test.each([
  ['10 20, 30', ['X', 'Y'], { kind: 'values', point: 2 }],
  ['10 20, x 30', ['X', 'Y'], { kind: 'not-a-number', point: 2 }],
  ['', ['X', 'Y'], { kind: 'no-points', point: 1 }],
  ['10 20', ['X', 'T'], { kind: 'no-channel', point: 1 }],
  ['1 1 50, 2 2 40', ['X', 'Y', 'T'], { kind: 'time', point: 2 }],
])('%s of %j: what is wrong is said with its point', (text, channels, flaw) => {
  expect(pointsOfTrace(text, channels, 0)).toEqual({ flaw });
});

test('without a time its points come evenly, from where the stroke before it ended', () => {
  expect(pointsOfTrace('1 1, 2 2', ['X', 'Y'], 500)).toEqual({
    points: [
      { x: 1, y: 1, t: 500 },
      { x: 2, y: 2, t: 510 },
    ],
  });
});
