import {
  boxOf,
  layoutFor,
  runOf,
  seededRandom,
  setOf,
  taskOf,
  usualSchools,
  type TaskId,
  type Trace,
} from '@dotting/core';
import { simulateDigit, simulatePair } from '@dotting/core/workings';
import { english } from '../all.js';
import { formationWords } from './formation.js';
import { describeSet } from './things.js';
import { tellTry } from './tries.js';

type Strokes = ReturnType<typeof simulateDigit>['strokes'];

/** As high as the space between the lines, on the lower one. */
function betweenLines(strokes: Strokes): Strokes {
  const { top, height } = boxOf(strokes.flat());
  const scale = 1000 / height;
  return strokes.map((stroke) =>
    stroke.map((one) => ({ ...one, x: one.x * scale, y: (one.y - top) * scale })),
  );
}

const told = (id: TaskId, n: number, strokes: Strokes, put: readonly string[] = []): string => {
  const task = taskOf(id);
  const happened = [
    ...put.map((place) => ({ kind: 'put', place }) as const),
    ...strokes.map((points) => ({ kind: 'stroke', points }) as const),
  ];
  return tellTry(english, {
    set: setOf(task, n, 'cork', layoutFor(task, n, 'cork', 1, task.ways?.[0])),
    ...runOf(task, n),
    version: 2,
    events: happened.map((one, seq) => ({ ...one, seq, t: seq })) as Trace['events'],
  });
};
const drawn = (digit: string, fault: Parameters<typeof simulateDigit>[1], seed = 3): Strokes =>
  betweenLines(simulateDigit(digit, fault, seededRandom(seed)).strokes);

test('what was written is told first, then how the hand got there; a numeral that faces round never as an alarm', () => {
  expect(told('write-it', 5, drawn('5', 'none'))).toBe(
    'Wrote 5, easy to read, begun and led as it should be.',
  );
  expect(told('write-it', 3, drawn('3', 'mirrored'))).toMatch(
    /^Wrote 3, easy to read, facing the other way, as most children write it now and then at this age/,
  );
  expect(told('write-it', 6, drawn('6', 'turned', 5))).toMatch(/wrote what reads as 9, standing on its head/);
  expect(told('trace-it', 2, drawn('2', 'backwards'))).toMatch(/^Went over 2, .*led the other way/);
  const small = drawn('5', 'none').map((stroke) =>
    stroke.map((one) => ({ ...one, x: one.x / 3, y: one.y / 3 })),
  );
  expect(told('write-it', 5, small)).toMatch(/as it should be, small between the lines, above the line\.$/);
  expect(told('write-it', 5, [])).toBe('Wrote nothing.');
});

test('of two digits it is told in which order they stand', () => {
  const seventeen = (fault: Parameters<typeof simulatePair>[1]): string =>
    told('teen-write', 17, betweenLines(simulatePair('17', fault, seededRandom(5)).strokes));
  expect(seventeen('reversed')).toMatch(
    /^Asked for 17, wrote what reads as 71, the two digits the other way round/,
  );
  expect(seventeen('expanded')).toMatch(
    /^Asked for 17, wrote what reads as 107, the ten in full, as it is said/,
  );
  expect(seventeen('right-first')).toMatch(
    /^Wrote 17, easy to read, the right digit first, each in its place/,
  );
});

test('what was seen by eye is told in the same words', () => {
  const seen = ['written=legible', 'start=elsewhere', 'direction=right-way', 'facing=right-way-round'];
  expect(told('write-it', 2, [], seen)).toBe('Wrote 2, easy to read, begun somewhere else.');
  expect(told('air-write', 2, [], ['start=at-its-start', 'direction=right-way'])).toBe(
    'Wrote 2 in the air, begun and led as it should be.',
  );
  expect(told('write-how-many', 6, drawn('5', 'none'), ['counted=5'])).toMatch(
    /^Counted to 5, wrote 5, easy to read/,
  );
});

test('what is to be written is named, and the room’s own words for its strokes go before the usual ones', () => {
  const set = (id: TaskId, n: number) => {
    const task = taskOf(id);
    return setOf(task, n, 'cork', layoutFor(task, n, 'cork', 1, task.ways?.[0]));
  };
  expect(describeSet(english, set('copy-it', 4))).toBe('4 beside a model');
  expect(describeSet(english, set('write-how-many', 3))).toBe('3 corks to count and write');
  expect(formationWords(english, 4, usualSchools)).toEqual(['Down, and along.', 'Lift, and a line down.']);
  const own = { ...usualSchools, strokeWords: { '4-open': 'Down the lock|and the gate' } };
  expect(formationWords(english, 14, own)).toEqual([
    'From the top, straight down.',
    'Down the lock',
    'and the gate',
  ]);
});
