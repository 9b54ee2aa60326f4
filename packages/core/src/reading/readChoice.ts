import { settledEvents } from '../trace/settled.js';
import type { Cards, HappeningEvent, Trace, TraySet, Turns, Word } from '../trace/trace.js';
import { rightOf } from './choicesOfSets.js';

export interface ChoiceReading {
  /** Null where the child chose nothing. */
  readonly chosen: Word | null;
  /** Null where nothing was chosen, or where neither choice is right or wrong. */
  readonly right: boolean | null;
}

/** What is right to choose, by what was generated for the try; null where nothing was. */
export function rightChoice({ layout, size, arrangement }: TraySet): string | null {
  if (layout?.cards) return rightOfCards(layout.cards);
  if (layout?.puppet) return layout.puppet.slip === 'none' ? 'right' : 'not-right';
  if (layout?.pairs) return size % 2 === 0 ? 'all-paired' : 'one-over';
  if (layout?.turns) return turnOf(layout.turns);
  if (layout?.comparison) return rightOf(layout.comparison);
  const [one, other] = layout?.patterns ?? [];
  if (one && other) return one.n === other.n ? 'as-many' : 'not-as-many';
  if (layout?.most !== undefined) return 'left-sure';
  if (layout?.places === undefined || arrangement === 'frame') return null;
  if (size === layout.places) return 'enough';
  return size > layout.places ? 'too-many' : 'too-few';
}

function rightOfCards({ kind, n, cards }: Cards): string | null {
  if (kind === 'line') return sideOf(n, cards[0]!);
  return kind === 'teen' ? 'made-it' : null;
}

/** A number lies before the middle of a line, or after it. */
const sideOf = (n: number, middle: number): 'before-it' | 'after-it' =>
  n < middle ? 'before-it' : 'after-it';

const turnOf = ({ last, now }: Turns): string =>
  now === last ? 'as-many' : now > last ? 'more-now' : 'fewer-now';

/**
 * Reads the last answer to "which?"; of sets side by side the last to the first time it was asked.
 * @returns null where that was not asked
 */
export function readChoice({ set, events }: Pick<Trace, 'set' | 'events'>): ChoiceReading | null {
  const settled = settledEvents(events);
  const isAsked = (event: HappeningEvent): boolean => event.kind === 'ask' && event.question === 'which';
  // Of sets that are tested afterwards it is what was thought before that tells how they are compared.
  const asked = set.layout?.comparison ? settled.findIndex(isAsked) : settled.findLastIndex(isAsked);
  if (asked < 0) return null;
  const next = settled.findIndex((event, i) => i > asked && isAsked(event));
  const answer = settled.slice(asked, next < 0 ? undefined : next).findLast(({ kind }) => kind === 'answer');
  const chosen =
    answer?.kind === 'answer' && answer.value !== null && answer.value !== 'did-not-know'
      ? answer.value
      : null;
  const right = rightChoice(set);
  return { chosen, right: chosen === null || right === null ? null : chosen === right };
}
