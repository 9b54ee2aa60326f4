import { settledEvents } from '../trace/settled.js';
import type { Change, HappeningEvent, Question, Trace, Word } from '../trace/trace.js';

export interface ChangeReading extends Change {
  /** Null where nothing was said. */
  readonly said: Word | null;
  /** Null where nothing was said; not knowing is not right. */
  readonly right: boolean | null;
}

const asksForIt: ReadonlySet<Question> = new Set(['next', 'before', 'hidden']);
const isAsked = (event: HappeningEvent): boolean => event.kind === 'ask' && asksForIt.has(event.question);

/**
 * Reads what was said of a number that had so many put to it or taken from it: what comes next or before, how many
 * there are now, how many are hidden. The first answer decides.
 *
 * @returns null where nothing of the kind was asked
 */
export function readChange({
  set,
  start,
  events,
}: Pick<Trace, 'set' | 'start' | 'events'>): ChangeReading | null {
  const settled = settledEvents(events);
  const asked = settled.findIndex(isAsked);
  const change = changeOf(settled[asked], set.layout?.change, start);
  if (!change) return null;
  const answer = settled.slice(asked).find((event) => event.kind === 'answer' && event.value !== null);
  const said = answer?.kind === 'answer' ? answer.value : null;
  return { ...change, said, right: said === null ? null : said === change.from + change.by };
}

/** What was done to the number; of a try that does not say so, what comes after the one before its start. */
function changeOf(asked: HappeningEvent | undefined, laid: Change | undefined, start: number): Change | null {
  if (asked?.kind !== 'ask') return null;
  return laid ?? (asked.question === 'next' ? { from: start - 1, by: 1 } : null);
}
