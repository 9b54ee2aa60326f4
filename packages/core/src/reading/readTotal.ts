import { splitPasses, wordsOf, type Pass } from '../trace/passes.js';
import { settledEvents } from '../trace/settled.js';
import type { HappeningEvent, Trace } from '../trace/trace.js';
import { isSaid } from './readCheck.js';
import { withoutZeroBefore } from './readStart.js';

export type TotalReading =
  | { readonly kind: 'last-word'; readonly shown: true }
  | { readonly kind: 'recounted' | 'other'; readonly shown: false }
  | { readonly kind: 'none' | 'seen' | 'guessed' | 'true-size'; readonly shown: null };

/**
 * Reads the last-word rule from the first "how many?": was the last word of the count the answer,
 * whatever the size? It is not yet cardinality. Null when nobody asked.
 */
export function readTotal(trace: {
  readonly set: Pick<Trace['set'], 'size'>;
  readonly version?: 2;
  readonly start?: number;
  readonly direction?: 1 | -1;
  readonly events: Trace['events'];
}): TotalReading | null {
  const knowsChecks = trace.version === 2;
  const events = settledEvents(trace.events);
  const asked = events.findIndex((event) => event.kind === 'ask' && event.question === 'how-many');
  if (asked < 0) return null;
  const nextAsk = events.findIndex((event, i) => i > asked && event.kind === 'ask');
  const following = events.slice(asked + 1, nextAsk < 0 ? events.length : nextAsk);
  // The first answer decides where a count after it is a check; before there were checks, the last.
  const answeredAt = knowsChecks
    ? following.findIndex(isSaid)
    : following.findLastIndex((event) => event.kind === 'answer');
  const answer = following[answeredAt];
  if (!isSaid(answer)) return { kind: 'none', shown: null };

  const { start = 1, direction = 1 } = trace;
  const passesOf = (some: readonly HappeningEvent[]): readonly Pass[] =>
    splitPasses(some).map((pass) => (knowsChecks ? withoutZeroBefore(pass, { start, direction }) : pass));
  const passBefore = withWords(passesOf(events.slice(0, asked)).at(-1));
  const between = following.slice(0, answeredAt);
  const passAfter = passesOf(between).findLast(withWords);
  if (!passBefore && !passAfter) {
    return { kind: answer.value === trace.set.size ? 'seen' : 'guessed', shown: null };
  }
  if (passBefore && between.some(isCountingAgain)) return { kind: 'recounted', shown: false };
  if (answer.value === wordsOf((passBefore ?? passAfter)!).at(-1)) return { kind: 'last-word', shown: true };
  if (answer.value === trace.set.size) return { kind: 'true-size', shown: null };
  return { kind: 'other', shown: false };
}

/** A pass without words is no count that could have a last word. */
function withWords(pass: Pass | undefined): Pass | undefined {
  return pass && wordsOf(pass).length > 0 ? pass : undefined;
}

function isCountingAgain(event: HappeningEvent): boolean {
  return ['count', 'say', 'touch', 'restart'].includes(event.kind);
}
