import type { PairingSlipKind } from '../pairing/readPairing.js';
import type { SharingSlipKind } from '../sharing/readSharing.js';
import type { TotalReading } from '../total/readTotal.js';
import type { WordSlipKind } from '../words/readWords.js';

export type TellingSlip =
  | PairingSlipKind
  | WordSlipKind
  | SharingSlipKind
  | Extract<TotalReading, { shown: false }>['kind']
  | 'counted-again'
  | 'gave-another-number'
  | 'chose-another';

/** What a slip in a count is called, and the one thing to do about it next. */
export interface TeachingMove {
  readonly saw: string;
  readonly move: string;
}

/** From a slip to a teaching move, as shipped; a room may have its own. */
export const teachingMoves: Record<TellingSlip, TeachingMove> = {
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
    move: 'handing them over one at a time, stopping when the hand is empty',
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
    move: 'two or three only, spread slowly, saying “the same ones” before asking',
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
