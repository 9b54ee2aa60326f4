import { settledEvents } from './settled.js';
import type { HappeningEvent, TraceEvent, Word } from './trace.js';

export type PassEvent = Extract<HappeningEvent, { kind: 'count' | 'say' | 'touch' | 'passed-over' }>;

/** A word that was said, with a touch or without. */
export type WordEvent = Extract<PassEvent, { kind: 'count' | 'say' }>;

/** An event of a pass wherever it stands in the try, as a reading is handed it. */
export type Unplaced<Event = PassEvent> = Event extends unknown ? Omit<Event, 'seq' | 't'> : never;

/** A run of count, say, touch and passed-over events, with what the child took back left out. */
export type Pass = readonly PassEvent[];

/** Splits settled events into passes at every restart and ask; empty runs are kept. */
export function splitPasses(events: readonly HappeningEvent[]): readonly Pass[] {
  const passes: PassEvent[][] = [[]];
  for (const event of events) {
    const current = passes[passes.length - 1]!;
    switch (event.kind) {
      case 'count':
      case 'say':
      case 'touch':
      case 'passed-over':
        current.push(event);
        break;
      case 'take-back': {
        const last = current.findLastIndex((earlier) => earlier.kind !== 'passed-over');
        if (last >= 0) current.splice(last, 1);
        break;
      }
      case 'restart':
      case 'ask':
        passes.push([]);
        break;
      case 'answer':
      case 'given':
      case 'put':
      case 'stroke':
        break;
    }
  }
  return passes;
}

export interface ReadPasses {
  /** The pass from which the principles are read; empty when nothing was counted. */
  readonly read: Pass;
  /** Passes the child itself broke off before it: self-corrections, never slips. */
  readonly brokenOff: readonly Pass[];
}

/**
 * Finds the pass from which the principles are read: the last before the first question, or, when
 * nothing came before it, the last before the answer or the last things given.
 */
export function readPasses(trace: { readonly events: readonly TraceEvent[] }): ReadPasses {
  const events = settledEvents(trace.events);
  const firstAsk = events.findIndex((event) => event.kind === 'ask');
  const before = filledPasses(firstAsk < 0 ? events : events.slice(0, firstAsk));
  if (before.length > 0) return { read: before.at(-1)!, brokenOff: before.slice(0, -1) };
  const answered = events.findLastIndex((event) => event.kind === 'answer' || event.kind === 'given');
  const after = filledPasses(answered < 0 ? events : events.slice(0, answered));
  return { read: after.at(-1) ?? [], brokenOff: after.slice(0, -1) };
}

function filledPasses(events: readonly HappeningEvent[]): readonly Pass[] {
  return splitPasses(events).filter((pass) => pass.length > 0);
}

export function readPass(trace: { readonly events: readonly TraceEvent[] }): Pass {
  return readPasses(trace).read;
}

/** The words of a pass, in order. */
export function wordsOf(pass: Pass): readonly Word[] {
  return pass.flatMap((event) => (event.kind === 'count' || event.kind === 'say' ? [event.word] : []));
}
