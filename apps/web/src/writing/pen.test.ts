/** @jest-environment jsdom */
import type { InkStroke } from '@dotting/core';
import { Pen } from './pen.js';

interface Touch {
  readonly type?: 'pen' | 'touch' | 'mouse';
  readonly id?: number;
  readonly x?: number;
  readonly width?: number;
  readonly pressure?: number;
  /** Where the pen was between this event and the one before. */
  readonly between?: readonly number[];
}

let strokes: InkStroke[];
let surface: HTMLElement;
let pen: Pen;

function happens(kind: 'down' | 'move' | 'up' | 'cancel', at: Touch = {}): void {
  const { type = 'pen', id = 1, x = 0, width = 1, pressure = 0.5, between = [] } = at;
  const one = (clientX: number) =>
    Object.assign(new Event(`pointer${kind}`, { cancelable: true }), {
      button: 0,
      pointerId: id,
      pointerType: type,
      clientX,
      clientY: 10,
      width,
      height: width,
      pressure,
      getCoalescedEvents: () => between.map(one),
    });
  surface.dispatchEvent(one(x));
}

beforeEach(() => {
  strokes = [];
  surface = document.createElement('div');
  surface.setPointerCapture = () => undefined;
  surface.getBoundingClientRect = () => ({ left: 0, top: 0, height: 2000 }) as DOMRect;
  pen = new Pen(surface, { onInk: () => undefined, onStroke: (points) => strokes.push(points) });
});
afterEach(() => pen.leave());

test('every point between two events is taken, with its pressure', () => {
  happens('down', { x: 1 });
  happens('move', { x: 9, between: [3, 5, 9] });
  happens('up', { x: 12 });
  expect(strokes).toHaveLength(1);
  expect(strokes[0]!.map(({ x }) => x)).toEqual([1, 3, 5, 9, 12]);
  expect(strokes[0]!.every(({ p }) => p === 0.5)).toBe(true);
  expect(strokes[0]![0]!.t).toBe(0);
});

test('a mouse and a finger write too, and neither presses', () => {
  for (const type of ['mouse', 'touch'] as const) {
    happens('down', { type });
    happens('up', { type, x: 8 });
  }
  expect(strokes.map((stroke) => stroke.length)).toEqual([2, 2]);
  expect(strokes.flat().some(({ p }) => p !== undefined)).toBe(false);
});

test('a hand that rests is no ink: beside a pen, broad, a second finger, or down before the pen', () => {
  happens('down', { type: 'touch', id: 7, width: 90 });
  happens('up', { type: 'touch', id: 7, width: 90 });
  expect(strokes).toEqual([]);
  happens('down', { type: 'touch', id: 8 });
  happens('down', { type: 'touch', id: 9 });
  happens('up', { type: 'touch', id: 9 });
  expect(strokes).toEqual([]);
  happens('down', { id: 2, x: 4 });
  happens('move', { type: 'touch', id: 8, x: 50 });
  happens('up', { id: 2, x: 6 });
  expect(strokes.map((stroke) => stroke.map(({ x }) => x))).toEqual([[4, 6]]);
  happens('down', { type: 'touch', id: 10 });
  happens('up', { type: 'touch', id: 10, x: 30 });
  expect(strokes).toHaveLength(1);
});

test('a touch that the system takes back is dropped', () => {
  happens('down', { type: 'touch' });
  happens('cancel', { type: 'touch' });
  happens('up', { type: 'touch' });
  expect(strokes).toEqual([]);
});
