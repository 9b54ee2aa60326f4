import { settledEvents } from '../trace/settled.js';
import type { Trace } from '../trace/trace.js';

/** One request, and what was put for it: at first, and what it was made into. */
export interface Request {
  readonly things: string;
  readonly asked: number;
  /** Empty where nothing was put. */
  readonly given: readonly number[];
  /** How often the child put all back and began afresh. */
  readonly afresh: number;
}

/** The requests of a try, in their order: one, or one for each bowl of a recipe. */
export function readGiving({
  set,
  target,
  events,
}: Pick<Trace, 'set' | 'target' | 'events'>): readonly Request[] {
  const requests: { given: number[]; afresh: number }[] = [];
  for (const event of settledEvents(events)) {
    const request = requests.at(-1);
    if (event.kind === 'ask' && event.question === 'give') requests.push({ given: [], afresh: 0 });
    else if (event.kind === 'given') request?.given.push(event.value);
    else if (event.kind === 'restart' && request) request.afresh++;
  }
  return requests.map((request, i) => {
    const bowl = set.layout?.bowls?.[i];
    return { things: bowl?.things ?? set.things, asked: bowl?.n ?? target ?? set.size, ...request };
  });
}

/** Whether every request was met in the end; null where one was not answered at all. */
export function gaveAll(trace: Pick<Trace, 'set' | 'target' | 'events'>): boolean | null {
  const requests = readGiving(trace);
  const expected = trace.set.layout?.bowls?.length ?? 1;
  if (requests.length < expected || requests.some((request) => request.given.length === 0)) return null;
  return requests.every((request) => request.given.at(-1) === request.asked);
}

/** What was handed over in the end; null where nothing was. */
export function lastGiven(trace: Trace): number | null {
  const given = settledEvents(trace.events).findLast((event) => event.kind === 'given');
  return given?.kind === 'given' ? given.value : null;
}
