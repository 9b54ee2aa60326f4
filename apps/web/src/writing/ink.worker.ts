import { inkOptions, readNumeral, type InkStroke, type NumeralInk, type Writing } from '@dotting/core';

export interface InkAsked {
  readonly id: number;
  readonly strokes: readonly InkStroke[];
  readonly wanted: number;
  readonly writing: Writing;
}

export interface InkAnswered {
  readonly id: number;
  readonly ink: NumeralInk;
}

self.addEventListener('message', ({ data }: MessageEvent<InkAsked>) => {
  const { id, strokes, wanted, writing } = data;
  const ink = readNumeral(strokes, inkOptions(wanted, writing));
  self.postMessage({ id, ink } satisfies InkAnswered);
});
