import { seededRandom } from '../common/random.js';
import { observationsOf } from '../evidence/observations.js';
import type { TaskId } from '../shelf/tasks.js';
import { simulateDigit, simulatePair } from '../simulate/ink.js';
import { boxOf } from '../ink/stroke.js';
import { put, tryOf } from '../testing/tryOf.js';
import type { InkStroke, Trace } from '../trace/trace.js';
import { readWritten, strokesOfTry, wantedOf } from './readWritten.js';

/** What was put, then what was drawn. */
const written = (
  id: TaskId,
  n: number,
  what: { readonly strokes?: readonly InkStroke[]; readonly put?: readonly string[] },
  facts: Partial<Trace> = {},
): Trace =>
  tryOf(
    id,
    n,
    [
      { kind: 'ask', question: 'write' },
      ...put(...(what.put ?? [])),
      ...(what.strokes ?? []).map((points) => ({ kind: 'stroke', points }) as const),
    ],
    facts,
  );

const drawn = (digit: string, fault: Parameters<typeof simulateDigit>[1], seed = 3) =>
  simulateDigit(digit, fault, seededRandom(seed)).strokes;
const bys = (trace: Trace) =>
  observationsOf(trace).numerals.map(({ n, by, success }) => [n, by, success] as const);

test('a numeral on the screen tells whether it can be read, how it was formed and which way it faces, each by itself', () => {
  expect(bys(written('write-it', 5, { strokes: drawn('5', 'none') }))).toEqual([
    [5, 'written', true],
    [5, 'formed', true],
    [5, 'faced', true],
  ]);
  const mirrored = written('write-it', 3, { strokes: drawn('3', 'mirrored') });
  expect(readWritten(mirrored)).toMatchObject({ legible: true, mirrored: true, slips: ['faced-round'] });
  expect(bys(mirrored)).toContainEqual([3, 'written', true]);
  expect(bys(mirrored)).toContainEqual([3, 'faced', false]);
  // What looks the same in a mirror cannot face the other way.
  expect(bys(written('write-it', 8, { strokes: drawn('8', 'none') })).map(([, by]) => by)).not.toContain(
    'faced',
  );
});

test('a copy tells less than what was written alone, and over a guide or in the air only the hand is seen', () => {
  const strokes = drawn('5', 'none');
  expect(bys(written('copy-it', 5, { strokes })).map(([, by]) => by)).toEqual(['copied', 'formed', 'faced']);
  expect(bys(written('trace-it', 5, { strokes })).map(([, by]) => by)).toEqual(['formed']);
  const air = written('air-write', 5, { put: ['start=elsewhere', 'direction=right-way'] });
  expect(bys(air)).toEqual([[5, 'formed', false]]);
  expect(readWritten(air)?.slips).toEqual(['began-elsewhere']);
});

test('on paper the adult says what she saw, and what she says goes before the strokes', () => {
  const seen = ['written=legible', 'start=at-its-start', 'direction=other-way', 'facing=mirrored'];
  const paper = written('write-it', 7, { put: seen });
  expect(readWritten(paper)).toMatchObject({
    by: 'eye',
    as: '7',
    legible: true,
    startOk: true,
    directionOk: false,
    mirrored: true,
  });
  const both = written('write-it', 5, { strokes: drawn('5', 'none'), put: ['facing=mirrored'] });
  expect(readWritten(both)).toMatchObject({ by: 'strokes', legible: true, mirrored: true });
  expect(readWritten(written('write-it', 5, {}))).toBeNull();
});

test('between lines it is told where it stands, and on a plain page nothing of it', () => {
  const strokes = drawn('5', 'none');
  const { top, height } = boxOf(strokes.flat());
  /** So high, its foot so far down; the lines are 1000 apart. */
  const standing = (high: number, foot: number) =>
    strokes.map((stroke) =>
      stroke.map((point) => ({ ...point, y: foot - high + ((point.y - top) * high) / height })),
    );
  const faults = (high: number, foot: number) =>
    readWritten(written('write-it', 5, { strokes: standing(high, foot) }))?.onTheLines;
  expect(faults(950, 1010)).toEqual([]);
  expect(faults(700, 1400)).toEqual(['below']);
  expect(faults(700, 600)).toEqual(['above']);
  const small = written('write-it', 5, { strokes: standing(450, 1000) });
  expect(readWritten(small)?.onTheLines).toEqual(['small']);
  const writing = { ...small.set.layout!.writing!, ruled: false };
  const plain = { ...small, set: { ...small.set, layout: { ...small.set.layout, writing } } };
  expect(readWritten(plain)?.onTheLines).toEqual([]);
});

test('two digits the other way round, or the ten in full, are no numeral that was asked for', () => {
  const turned = written('teen-write', 17, {
    strokes: simulatePair('17', 'reversed', seededRandom(5)).strokes,
  });
  expect(readWritten(turned)).toMatchObject({
    as: '71',
    digitOrder: 'reversed',
    slips: ['digits-turned-round'],
  });
  expect(bys(turned)).toContainEqual([17, 'written', false]);
  const said = written('teen-write', 17, { put: ['digits=as-said', 'written=another-numeral'] });
  expect(readWritten(said)?.slips).toEqual(['wrote-it-as-said']);
  const rightFirst = simulatePair('17', 'right-first', seededRandom(5)).strokes;
  expect(bys(written('teen-write', 17, { strokes: rightFirst }))).toContainEqual([17, 'written', true]);
});

test('how many is held against the child’s own count', () => {
  const own = written('write-how-many', 6, { put: ['counted=5'], strokes: drawn('5', 'none') });
  expect(wantedOf(own)).toBe(5);
  expect(readWritten(own)).toMatchObject({ wanted: 5, legible: true });
  for (const counted of ['counted=many', 'counted=500'])
    expect(wantedOf(written('write-how-many', 6, { put: [counted], strokes: drawn('6', 'none') }))).toBe(6);
  // It was written down rightly; that it is no six is for the count to tell.
  expect(observationsOf(own).thresholds['write-how-many']).toBeUndefined();
  const right = written('write-how-many', 6, { strokes: drawn('6', 'none') });
  expect(observationsOf(right).thresholds['write-how-many']).toMatchObject({ n: 6, success: true });
});

test('what the strokes leave open is left open, until an adult says', () => {
  const seeds = Array.from({ length: 40 }, (_, seed) => seed);
  const unsure = seeds.filter((seed) => {
    const reading = readWritten(written('write-it', 4, { strokes: drawn('4', 'letter', seed) }));
    return reading?.ink === null;
  });
  expect(unsure.length).toBeGreaterThan(0);
  for (const seed of unsure) {
    const strokes = drawn('4', 'letter', seed);
    expect(bys(written('write-it', 4, { strokes }))).toEqual([]);
    const rulings = [{ on: 'task', holds: true, reason: 'seen', by: 'adult', at: '2026-03-02' }] as const;
    expect(bys(written('write-it', 4, { strokes }, { rulings }))).toEqual([[4, 'written', true]]);
  }
});

test('a stroke that was taken back is not read', () => {
  const trace = written('write-it', 5, { strokes: [...drawn('5', 'none'), [{ x: 0, y: 0, t: 0 }]] });
  const last = trace.events.at(-1)!;
  const events = [...trace.events, { kind: 'undo', of: last.seq, seq: last.seq + 1, t: last.t }] as const;
  expect(strokesOfTry(events)).toHaveLength(strokesOfTry(trace.events).length - 1);
});
