import type { ChildPage, InkView, PresentAdult, PutTry } from '@dotting/contract';
import { layoutFor, runOf, setOf, taskOf, type InkStroke } from '@dotting/core';
import { randomUUID } from 'node:crypto';
import { openWithAdult, putOf, type Nursery, type TestDevice, type TestSite } from './nursery.js';

let nursery: Nursery;
let site: TestSite;
let device: TestDevice;
let adult: PresentAdult;

beforeAll(async () => {
  ({ nursery, site, device, adult } = await openWithAdult('ink'));
});
afterAll(() => nursery.close());

/** A seven as a steady hand draws it. */
const seven: InkStroke = [
  ...Array.from({ length: 10 }, (_, i) => ({ x: 60 * i, y: 0, t: 20 * i, p: 0.4 })),
  ...Array.from({ length: 15 }, (_, i) => ({ x: 600 - 27 * i, y: 70 * i, t: 200 + 20 * i, p: 0.5 })),
];

const written = (points: unknown): Partial<PutTry> => {
  const task = taskOf('write-it');
  const layout = layoutFor(task, 7, 'cork', 1, undefined, { hand: 'left' });
  return {
    task: 'write-it',
    version: 2,
    set: setOf(task, 7, 'cork', layout) as PutTry['set'],
    ...runOf(task, 7),
    ended: 'finished',
    events: [
      { seq: 0, t: 0, kind: 'ask', question: 'write' },
      { seq: 1, t: 900, kind: 'stroke', points },
    ] as PutTry['events'],
  };
};
const put = async (points: unknown) => {
  const id = randomUUID();
  const { status, body } = await device.ask(
    'PUT',
    `tries/${id}`,
    putOf(adult, site.childId, written(points)),
  );
  return { id, status, body };
};
const ink = async (): Promise<InkView['numerals']> =>
  ((await device.ask('GET', `children/${site.childId}/ink`)).body as InkView).numerals;

test('strokes are stored point for point, read, and told of the child', async () => {
  const { id, status } = await put(seven);
  expect(status).toBe(200);
  expect(await ink()).toEqual([expect.objectContaining({ try: id, n: 7, way: 'write', strokes: [seven] })]);
  const page = (await device.ask('GET', `children/${site.childId}`)).body as ChildPage;
  const line = page.lines.find(({ skill }) => skill === 'write-numeral')!;
  expect(line.dots.find(({ n }) => n === 7)).toMatchObject({ tries: [id] });
  expect(page.tries[0]!.told).toBe('Wrote 7, easy to read, begun and led as it should be.');
});

test.each([
  ['nothing', []],
  ['a point without a time', [{ x: 1, y: 1 }]],
  [
    'a time that goes back',
    [
      { x: 1, y: 1, t: 9 },
      { x: 2, y: 2, t: 3 },
    ],
  ],
  ['something else in a point', [{ x: 1, y: 1, t: 0, colour: 'red' }]],
  ['a place beyond the page', [{ x: 1e9, y: 1, t: 0 }]],
])('%s is refused by its field, and nothing of it is kept', async (_, points) => {
  const before = await ink();
  const { status, body } = await put(points);
  expect([status, body.fields.map((one: { field: string }) => one.field)]).toEqual([
    400,
    ['events.1.points'],
  ]);
  expect(await ink()).toEqual(before);
});

test('what a child of another house wrote is nobody’s business', async () => {
  const other = await nursery.addSite('weir');
  expect((await device.ask('GET', `children/${other.childId}/ink`)).status).toBe(404);
});
