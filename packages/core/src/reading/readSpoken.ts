import { readPasses, type Pass, type WordEvent } from '../trace/passes.js';
import { isFetching } from '../trace/isFetching.js';
import { readChange } from './readChange.js';
import { givingRun } from './readGiving.js';
import type { Trace } from '../trace/trace.js';
import { beganAtOne } from './readGoingOn.js';
import { readWorking, type Working } from './readWorking.js';
import { readStart, withoutZeroBefore, wordEventsInOrder, type StartReading } from './readStart.js';
import { readWords, type WordsReading } from './readWords.js';

/** What was said of a try, in the way of its version. */
export interface SpokenReading {
  /** The pass that the principles are read from; a zero that is the room's habit is left out. */
  readonly pass: Pass;
  readonly brokenOff: readonly Pass[];
  /** The words that the order is read from. */
  readonly spoken: readonly WordEvent[];
  /** What they come to; `at` of a slip is the index in `spoken`. */
  readonly words: WordsReading;
  /** Where the count began; null in a try of the first version, which does not tell. */
  readonly beganAt: StartReading | null;
  /** How a sum was worked out aloud; null where none was asked, or nothing said. */
  readonly working: Working | null;
}

/** Reads what was said: which words there are, and how they go in order. */
export function readSpoken(
  trace: Pick<Trace, 'set' | 'start' | 'direction' | 'events' | 'version' | 'step'>,
): SpokenReading {
  const { start, direction, step } = trace;
  const { read, brokenOff } = readPasses(trace);
  const isSecond = trace.version === 2;
  const isGiving = isSecond && isFetching(trace);
  const pass = isSecond ? withoutZeroBefore(isGiving ? givingRun(trace) : read, trace) : read;
  const said = isSecond
    ? wordEventsInOrder(pass, trace)
    : pass.filter((event): event is WordEvent => event.kind === 'count' || event.kind === 'say');
  const change = isSecond ? readChange(trace) : null;
  const working =
    change &&
    readWorking(
      said.map(({ word }) => word),
      change,
    );
  const run = isSecond ? runIn(said, trace, working) : { spoken: said, start };
  const { spoken } = run;
  const words = readWords(
    spoken.map(({ word }) => word),
    run.start,
    direction,
    step,
  );
  // What was put back to begin afresh is told with the giving.
  return {
    pass,
    brokenOff: isGiving ? [] : brokenOff,
    spoken,
    words,
    beganAt: isSecond ? readStart(read, start, direction) : null,
    working,
  };
}

/** Said on or back from the number of a sum, the words tell nothing of the order. */
function runIn(
  said: readonly WordEvent[],
  trace: Pick<Trace, 'start' | 'direction' | 'set'>,
  working: Working | null,
): { readonly spoken: readonly WordEvent[]; readonly start: number } {
  if (working !== null) return { spoken: working === 'all' ? said : [], start: trace.start };
  return trace.set.arrangement === 'none' ? fromANumber(said, trace) : { spoken: said, start: trace.start };
}

/** On or back from a number, it may be said again first or not; a child that begins at one again is read from there. */
function fromANumber(
  said: readonly WordEvent[],
  { start, direction }: Pick<Trace, 'start' | 'direction'>,
): { readonly spoken: readonly WordEvent[]; readonly start: number } {
  const [first] = said;
  if (start > 2 && beganAtOne(said.map(({ word }) => word))) return { spoken: said, start: 1 };
  if (direction === 1 && start > 1 && first?.word === start - 1) return { spoken: said.slice(1), start };
  if (direction === -1 && first?.word === start - 1) return { spoken: said, start: start - 1 };
  return { spoken: said, start };
}
