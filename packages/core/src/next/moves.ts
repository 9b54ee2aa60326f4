import type { Task, TaskId } from '../shelf/tasks.js';
import type { Arrangement } from '../trace/trace.js';
import type { TellingSlip } from '../evidence/obstacles.js';

/** What a slip in a count is called, and the one thing to do about it next. */
export interface TeachingMove {
  readonly saw: string;
  readonly move: string;
}

/** From a slip to a teaching move: a room may have its own. */
export type Moves = Readonly<Record<TellingSlip, TeachingMove>>;

/** As shipped. */
export const teachingMoves: Moves = {
  'double-counted': {
    saw: 'counted one twice',
    move: 'moving each one aside as it is counted, so that nothing counted is left in reach',
  },
  missed: {
    saw: 'left one out',
    move: 'moving each one aside, then looking together for any still waiting',
  },
  'word-without-touch': {
    saw: 'said a word with no touch',
    move: 'dropping each one into a cup, one word to one drop',
  },
  'touch-without-word': {
    saw: 'touched one without a word',
    move: 'dropping each one into a cup, waiting for the word before the next',
  },
  'ran-on': {
    saw: 'ran on past the last one',
    move: 'finding the last one together before the count, and stopping there',
  },
  skipped: {
    saw: 'skipped a number word',
    move: 'a step to each number along the towpath, slowing down where the word was skipped',
  },
  repeated: {
    saw: 'said a number word twice running',
    move: 'one clap to each number word, together, then the child alone',
  },
  swapped: {
    saw: 'swapped two number words',
    move: 'taking turns, one number word each, through the place where they swapped',
  },
  replaced: {
    saw: 'put another word in place of a number',
    move: 'saying the numbers together through that place, then the child alone',
  },
  inserted: {
    saw: 'threw in an extra number word',
    move: 'one clap to each number word, together, then the child alone',
  },
  'looped-back': {
    saw: 'went back and round again',
    move: 'walking the numbers up the lock steps, one word to a step and none twice',
  },
  recounted: {
    saw: 'counted all over again when asked how many',
    move: 'covering them with a cloth after the count, before asking how many',
  },
  other: {
    saw: 'gave a number that was not the last word',
    move: 'counting three into a cup, saying the last word slowly, then asking how many are in the cup',
  },
  'two-in-one': {
    saw: 'put two in one place',
    move: 'one place at a time before the child, the next one only when that is filled',
  },
  'left-outside': {
    saw: 'left one outside with a place still free',
    move: 'looking together for the place that still waits',
  },
  'counted-again': {
    saw: 'counted again or said another number when asked once more',
    move: 'two or three only, moved slowly while the child watches, saying “the same ones” before asking',
  },
  'gave-another-number': {
    saw: 'gave another number than was asked for',
    move: 'counting each one aloud into the hand, and stopping together at the number',
  },
  'chose-another': {
    saw: 'did not say of Otter what was so',
    move: 'slowing Otter down, and letting the child count the same set first',
  },
};

export const tellingSlips = Object.keys(teachingMoves) as readonly TellingSlip[];

/** Where the usual move would contradict the task: what to do there instead. */
const instead: Partial<Record<TellingSlip, Partial<Record<Arrangement | TaskId, string>>>> = {
  'double-counted': {
    movable: 'dropping each one into a box with a lid as it is counted, out of sight',
    frame: 'filling the cells first, then going along them with one finger',
    pictures: 'ticking each one as it is counted',
    ring: 'laying a lid beside the first one, so that the round ends where it began',
    heard: 'putting up one finger for each drop',
  },
  missed: {
    movable: 'dropping each one into a box with a lid, then looking together for any still outside',
    frame: 'going along the cells with one finger, then looking together for any without a word',
    pictures: 'ticking each one, then looking together for any without a tick',
    heard: 'letting the drops fall more slowly, one finger up for each',
  },
  'word-without-touch': {
    frame: 'putting one in a cell to each word',
    pictures: 'a tick to each word, and no word without a tick',
    heard: 'waiting for the drop before each word',
  },
  'touch-without-word': {
    frame: 'putting one in a cell, waiting for the word before the next',
    pictures: 'a tick and a word together, waiting for the word before the next',
    heard: 'letting the drops fall more slowly, with time for each word',
  },
  'ran-on': {
    movable: 'handing them over one at a time, stopping when the hand is empty',
    ring: 'laying a lid beside the first one, and stopping when the finger comes back to it',
    heard: 'listening for the silence: when no drop falls, no word',
  },
  'counted-again': {
    'other-end': 'two or three only, the finger going slowly back, saying “the same ones” before asking',
  },
  'gave-another-number': {
    'fill-to': 'counting each one aloud into the cup, and stopping together at the number',
    'same-many': 'putting one beside each of the others, then looking along the row',
  },
  'chose-another': {
    'say-spot': 'slowing Otter down, and saying the same numbers together first',
  },
};

/** Moves that are made with so few things. */
const fewThings: Partial<Record<TellingSlip, number>> = { other: 3, 'counted-again': 3 };

/** The move for a slip in a task: the room's own, or the shipped one that fits the task. */
export function moveFor(slip: TellingSlip, { id, arrangement }: Task, moves: Moves): TeachingMove {
  const own = moves[slip];
  const other = instead[slip]?.[id] ?? instead[slip]?.[arrangement];
  return other === undefined || isChanged(slip, moves) ? own : { ...own, move: other };
}

/** The most things that the move for a slip is made with; null where any number will do. */
export const mostFor = (slip: TellingSlip, moves: Moves): number | null =>
  isChanged(slip, moves) ? null : (fewThings[slip] ?? null);

/** A room that has put its own words in place of a move knows what it fits. */
const isChanged = (slip: TellingSlip, moves: Moves): boolean => moves[slip].move !== teachingMoves[slip].move;
