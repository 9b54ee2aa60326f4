import { rememberInk, strokesOfTry, wantedOf, type Trace } from '@dotting/core';
import type { InkAsked, InkAnswered } from './ink.worker.js';

type Written = Pick<Trace, 'set' | 'events'>;

let worker: Worker | undefined;
let asked = 0;
const waiting = new Map<number, (answered: InkAnswered) => void>();

/** Reads what was written so far in a worker, so that nothing is held up when it is told. */
export function readAhead({ set, events }: Written): void {
  const { writing } = set.layout ?? {};
  const strokes = strokesOfTry(events);
  if (!writing || strokes.length === 0 || typeof Worker === 'undefined') return;
  const wanted = wantedOf({ set, events }) ?? writing.n;
  const id = asked++;
  waiting.set(id, ({ ink }) => rememberInk(strokes, wanted, ink));
  inkWorker().postMessage({ id, strokes, wanted, writing } satisfies InkAsked);
}

function inkWorker(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./ink.worker.ts', import.meta.url), { type: 'module' });
  worker.addEventListener('message', ({ data }: MessageEvent<InkAnswered>) => {
    waiting.get(data.id)?.(data);
    waiting.delete(data.id);
  });
  return worker;
}
