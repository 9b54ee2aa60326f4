import { isOfFirstLanguage } from './readStart.js';
import { readWords, type WordsReading } from './readWords.js';
import { splitPasses, type PassEvent } from '../trace/passes.js';
import { settledEvents } from '../trace/settled.js';
import type { HappeningEvent, Trace, Word } from '../trace/trace.js';

/** Stopped on the way to a large number, and asked whether it was reached. */
export interface Stop {
  /** How many there were by then; null where nobody said. */
  readonly amount: number | null;
  readonly said: Word | null;
  /** Whether the child counted on from there; null where no word came after it. */
  readonly then: 'went-on' | 'began-again' | null;
}

/** One request, and what was put for it: at first, and what it was made into. */
export interface Request {
  readonly things: string;
  readonly asked: number;
  /** Empty where nothing was put. */
  readonly given: readonly number[];
  /** How often the child put all back and began afresh. */
  readonly afresh: number;
  readonly stops: readonly Stop[];
  /** The words said while giving; null where none were taken down. */
  readonly words: WordsReading | null;
}

type Given = Pick<Trace, 'set' | 'target' | 'events' | 'version'>;

/** The requests of a try, in their order: one, or one for each bowl of a recipe. */
export function readGiving({ set, target, events, version }: Given): readonly Request[] {
  return requestsIn(settledEvents(events)).map((during, i) => {
    const bowl = set.layout?.bowls?.[i];
    return {
      things: bowl?.things ?? set.things,
      asked: bowl?.n ?? target ?? set.size,
      given: givenIn(during, version === 2),
      afresh: during.filter(({ kind }) => kind === 'restart').length,
      stops: stopsIn(during),
      words: wordsIn(during),
    };
  });
}

/** What happened for each request, up to the next. */
function requestsIn(events: readonly HappeningEvent[]): readonly (readonly HappeningEvent[])[] {
  const requests: HappeningEvent[][] = [];
  for (const event of events) {
    if (event.kind === 'ask' && event.question === 'give') requests.push([]);
    else requests.at(-1)?.push(event);
  }
  return requests;
}

/** What was put; an amount told at a stop is none, where more was put after it. */
function givenIn(during: readonly HappeningEvent[], knowsStops: boolean): readonly number[] {
  const last = during.findLastIndex(({ kind }) => kind === 'given');
  return during.flatMap((event, i) => {
    const isOfStop = knowsStops && i < last && isStop(during[i + 1]);
    return event.kind === 'given' && !isOfStop ? [event.value] : [];
  });
}

const isStop = (event: HappeningEvent | undefined): boolean =>
  event?.kind === 'ask' && event.question === 'which';

function stopsIn(during: readonly HappeningEvent[]): readonly Stop[] {
  return during.flatMap((event, at) => {
    if (!isStop(event)) return [];
    const before = during[at - 1];
    const counts = during.slice(0, at).filter(({ kind }) => kind === 'count').length;
    const amount = before?.kind === 'given' ? before.value : counts > 0 ? counts : null;
    const answer = during[at + 1];
    return [
      {
        amount,
        said: answer?.kind === 'answer' ? answer.value : null,
        then: afterStop(during.slice(at + 1)),
      },
    ];
  });
}

function afterStop(after: readonly HappeningEvent[]): Stop['then'] {
  const next = after.find(
    (event) => event.kind === 'restart' || event.kind === 'count' || event.kind === 'say',
  );
  if (!next) return null;
  return next.kind === 'restart' || ('word' in next && next.word === 1) ? 'began-again' : 'went-on';
}

/** What was counted for the last request, from where the child last began. */
export const givingRun = ({ events }: Pick<Trace, 'events'>): readonly PassEvent[] =>
  lastRun(requestsIn(settledEvents(events)).at(-1) ?? []);

function wordsIn(during: readonly HappeningEvent[]): WordsReading | null {
  const words = lastRun(during).flatMap((event) => (isOfFirstLanguage(event) ? [event.word] : []));
  return words.length === 0 ? null : readWords(words, 1, 1);
}

/** What was counted since the child last began; after a stop on the way the next word goes on. */
function lastRun(events: readonly HappeningEvent[]): readonly PassEvent[] {
  const whole = events.filter((event) => !isStop(event));
  return splitPasses(whole).findLast((pass) => pass.length > 0) ?? [];
}

/** Whether every request was met in the end; null where one was not answered at all. */
export function gaveAll(trace: Given): boolean | null {
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
