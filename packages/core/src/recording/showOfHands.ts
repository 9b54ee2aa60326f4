import { setOf, taskOf } from '../shelf/tasks.js';
import type { Happening, Trace, TraceEvent } from '../trace/trace.js';

/** How a whole group was asked how many it had heard. */
export interface Vote {
  /** How many there were, once the tin was opened. */
  readonly were: number;
  /** Numbers to put a hand up for. */
  readonly offered: readonly number[];
  /** With eyes shut every child decides alone. */
  readonly eyesShut: boolean;
}

type VoteFacts = Pick<
  Trace,
  'task' | 'version' | 'set' | 'start' | 'direction' | 'target' | 'choices' | 'answeredBy' | 'events'
>;

/**
 * One child's hand, as a try of its own.
 *
 * @throws RangeError for a number that was not offered, for one number alone, or where there was nothing
 */
export function votedFor(number: number, { were, offered, eyesShut }: Vote): VoteFacts {
  if (!offered.includes(number)) throw new RangeError(`votedFor: ${number} was not offered`);
  if (offered.length < 2) throw new RangeError('votedFor: one number alone is no choice');
  if (!Number.isInteger(were) || were < 1) throw new RangeError(`votedFor: ${were} is no number from 1 on`);
  const happenings: readonly Happening[] = [
    { kind: 'ask', question: 'which' },
    { kind: 'answer', value: number },
  ];
  return {
    task: 'show-of-hands',
    version: 2,
    set: setOf(taskOf('show-of-hands'), were, 'anything'),
    start: 1,
    direction: 1,
    target: were,
    choices: offered.length,
    answeredBy: eyesShut ? 'alone' : 'with-others',
    events: happenings.map((happening, seq): TraceEvent => ({ ...happening, seq, t: 0 })),
  };
}
