import { settledEvents } from './settled.js';
import type { TraceEvent } from './trace.js';

/** Whether the child was asked to hand over so many: then nothing is paired, and no words are read. */
export function isFetching(trace: { readonly events: readonly TraceEvent[] }): boolean {
  return settledEvents(trace.events).some((event) => event.kind === 'ask' && event.question === 'give');
}
