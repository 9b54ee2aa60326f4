import type { PairingSlip, PairingSlipKind } from '../pairing/readPairing.js';
import { amountOf } from '../shelf/counters.js';
import type { TotalReading } from '../total/readTotal.js';
import { readKept } from '../total/readKept.js';
import { isFetching } from '../trace/isFetching.js';
import { settledEvents } from '../trace/settled.js';
import type { Trace, Word } from '../trace/trace.js';
import type { WordSlip } from '../words/readWords.js';
import { readTry, type ReadableTrace, type TryReading } from './readTry.js';

/** What one try showed, in one plain sentence. It scores principles, never the answer. */
export function tellTry(trace: ReadableTrace & Partial<Pick<Trace, 'ended' | 'setAside'>>): string {
  const reading = readTry(trace);
  const clauses = [
    tellPairing(reading, trace),
    tellOrder(reading),
    tellTotal(reading.total, trace),
    tellKept(trace),
    tellGiven(trace),
    reading.selfCorrections > 0 ? 'began again of its own accord' : null,
    trace.ended ? tellEnd[trace.ended] : null,
  ].filter((clause) => clause !== null);
  const sentence = clauses.join('; ');
  const told =
    sentence === '' ? 'Nothing was counted.' : `${sentence.charAt(0).toUpperCase()}${sentence.slice(1)}.`;
  return trace.setAside === undefined ? told : `Set aside (${trace.setAside}). ${told}`;
}

const tellEnd: Record<Trace['ended'], string | null> = {
  finished: null,
  'stopped-itself': 'stopped there of its own accord',
  'stopped-by-adult': 'you stopped it kindly',
  refused: 'did not want to, which counts neither way',
  interrupted: 'was interrupted, which counts neither way',
};

function tellPairing(reading: TryReading, trace: ReadableTrace): string | null {
  if (!reading.pairing || saidNothing(reading, trace)) return null;
  const amount = amountOf(trace.set.size, trace.set.things);
  if (reading.pairing.holds) return `one word and one touch to each of ${amount}`;
  const slips = reading.pairing.slips;
  const kinds = [...new Set(slips.map((slip) => slip.kind))];
  return `of ${amount}, ${list(kinds.map((kind) => pairingPhrase(kind, slips)))}`;
}

const pairingPhrases: Record<PairingSlipKind, (times: number) => string> = {
  'double-counted': (times) => `counted ${times === 1 ? 'one twice' : `a thing again ${times} times`}`,
  'word-without-touch': (times) => `said ${times === 1 ? 'a word' : `${times} words`} with no touch`,
  'touch-without-word': (times) => `touched ${times} with no word`,
  'ran-on': (times) => `ran on ${times === 1 ? 'a word' : `${times} words`} past the last`,
  missed: (times) => `left ${times} out`,
};

function pairingPhrase(kind: PairingSlipKind, slips: readonly PairingSlip[]): string {
  return pairingPhrases[kind](slips.filter((slip) => slip.kind === kind).length);
}

function tellOrder({ order }: TryReading): string | null {
  if (order.slips.length > 0) return `in the words ${list(order.slips.map(tellWordSlip))}`;
  return order.upTo > 0 ? `the words ran in order to ${order.upTo}` : null;
}

/** One slip of the words: "skipped 6", "said “fiveteen” for 15". */
export function tellWordSlip(slip: WordSlip): string {
  const [word] = slip.words;
  switch (slip.kind) {
    case 'skipped':
      return `skipped ${list(slip.words.map(quoted))}`;
    case 'repeated':
      return `said ${quoted(word)} twice running`;
    case 'swapped':
      return `swapped ${list(slip.words.map(quoted))}`;
    case 'replaced':
      return `put ${quoted(word)} where another number belongs, after ${slip.after}`;
    case 'inserted':
      return `threw in ${quoted(word)} after ${slip.after}`;
    case 'looped-back':
      return `went back from ${slip.after} to ${quoted(word)}`;
  }
}

const quoted = (word: Word | undefined): string => (typeof word === 'number' ? String(word) : `“${word}”`);

function tellTotal(total: TotalReading | null, trace: ReadableTrace): string | null {
  if (!total) return null;
  const answer = firstAnswer(trace);
  switch (total.kind) {
    case 'last-word':
      return `asked how many, gave the last word, ${answer}: the last-word rule`;
    case 'recounted':
      return 'asked how many, counted all over again';
    case 'other':
      return `asked how many, said ${answer}, which was not the last word`;
    case 'true-size':
      return `asked how many, said ${answer}: right, though not the last word`;
    case 'seen':
      return `said ${answer} without counting`;
    case 'guessed':
      return `said ${answer} without counting, a guess`;
    case 'none':
      return answer === 'did-not-know' ? 'asked how many, did not know' : 'asked how many, gave no answer';
  }
}

/** What stood last before a second question. */
function firstAnswer(trace: ReadableTrace): Word | null | undefined {
  const events = settledEvents(trace.events);
  const first = events.findIndex((event) => event.kind === 'ask');
  const second = events.findIndex((event, i) => i > first && event.kind === 'ask');
  const answer = (second < 0 ? events : events.slice(0, second)).findLast((event) => event.kind === 'answer');
  return answer?.kind === 'answer' ? answer.value : undefined;
}

function tellKept(trace: ReadableTrace): string | null {
  const kept = readKept(trace);
  if (!kept) return null;
  if (kept.shown) return 'asked once more, said the same without counting';
  return kept.recounted ? 'asked once more, counted again' : 'asked once more, said another number';
}

/** Asked for and given, without a word on which is right. */
function tellGiven(trace: ReadableTrace): string | null {
  if (!isFetching(trace)) return null;
  const given = settledEvents(trace.events).flatMap((event) => (event.kind === 'given' ? [event.value] : []));
  if (given.length === 0) return `asked for ${amountOf(trace.set.size, trace.set.things)}, gave none`;
  const changed = given.length > 1 ? `, then made it ${list(given.slice(1).map(String))}` : '';
  return `asked for ${amountOf(trace.set.size, trace.set.things)}, gave ${given[0]}${changed}`;
}

function saidNothing(reading: TryReading, trace: ReadableTrace): boolean {
  return (
    reading.order.slips.length === 0 &&
    reading.order.upTo === trace.start - trace.direction &&
    reading.pairing!.slips.every((slip) => slip.kind === 'missed')
  );
}

function list(parts: readonly string[]): string {
  return parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;
}
