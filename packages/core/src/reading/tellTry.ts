import type { PairingSlip, PairingSlipKind } from '../pairing/readPairing.js';
import { amountOf } from '../shelf/counters.js';
import type { TotalReading } from '../total/readTotal.js';
import { readChoice } from '../choosing/readChoice.js';
import { readGiving } from '../giving/readGiving.js';
import { standingRulings } from '../rulings/rulings.js';
import { readSharing } from '../sharing/readSharing.js';
import { readKept } from '../total/readKept.js';
import { settledEvents } from '../trace/settled.js';
import type { PuppetSlip, Ruling, Trace, Word } from '../trace/trace.js';
import type { WordSlip } from '../words/readWords.js';
import { readTry, type ReadableTrace, type TryReading } from './readTry.js';

type ToldTrace = ReadableTrace &
  Partial<Pick<Trace, 'ended' | 'setAside' | 'target' | 'rulings' | 'mixedWith' | 'sameAs'>>;

/** What one try showed, in one plain sentence. It scores principles, never the answer. */
export function tellTry(trace: ToldTrace): string {
  const reading = readTry(trace);
  const clauses = [
    tellSharing(trace),
    tellPairing(reading, trace),
    tellOrder(reading, trace),
    tellTotal(reading.total, trace),
    tellKept(trace),
    ...tellGiven(trace),
    tellChoice(trace),
    reading.selfCorrections > 0 ? 'began again of its own accord' : null,
    trace.mixedWith === undefined ? null : 'mixed two languages, so its words are left out of order',
    trace.ended ? tellEnd[trace.ended] : null,
  ].filter((clause) => clause !== null);
  const sentence = clauses.join('; ');
  const told =
    sentence === '' ? 'Nothing was counted.' : `${sentence.charAt(0).toUpperCase()}${sentence.slice(1)}.`;
  const before = [
    trace.setAside === undefined ? [] : [`Set aside (${trace.setAside}).`],
    trace.sameAs === undefined ? [] : ['The same try was recorded at another device, which counts.'],
  ].flat();
  return [...before, told, ...standingRulings(trace).map(tellRuling)].join(' ');
}

const rulingOn: Record<Ruling['on'], readonly [holds: string, not: string]> = {
  order: ['the words were in order', 'the words were not in order'],
  'one-to-one': ['one-to-one held', 'one-to-one did not hold'],
  'how-many': ['the last word was the answer', 'the last word was not the answer'],
  task: ['it went as asked', 'it did not go as asked'],
};

/** What an adult ruled afterwards, and why. */
export function tellRuling({ on, holds, reason }: Ruling): string {
  return `Put right: ${rulingOn[on][holds ? 0 : 1]} (${reason}).`;
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

function tellOrder({ order }: TryReading, { start, direction }: ReadableTrace): string | null {
  if (order.slips.length > 0) return `in the words ${list(order.slips.map(tellWordSlip))}`;
  return order.upTo === start - direction ? null : `the words ran in order to ${order.upTo}`;
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
function tellGiven(trace: ToldTrace): readonly string[] {
  return readGiving(trace).map(({ things, asked, given, afresh }) => {
    const request = trace.set.layout?.model
      ? `to make as many as ${amountOf(asked, trace.set.layout.model)}`
      : `asked for ${amountOf(asked, things)}`;
    if (given.length === 0) return `${request}, gave none`;
    const changed = given.length > 1 ? `, then made it ${list(given.slice(1).map(String))}` : '';
    return `${request}, gave ${given[0]}${changed}${afresh > 0 ? ', all put back and begun afresh' : ''}`;
  });
}

function tellSharing(trace: ReadableTrace): string | null {
  const sharing = readSharing(trace);
  if (!sharing || sharing.filled === 0) return null;
  const inOne = sharing.slips.filter(({ kind }) => kind === 'two-in-one').length;
  const places = trace.set.arrangement === 'frame' ? 'cell' : 'jar';
  if (sharing.holds) return `put one to each ${places}`;
  return list([
    ...(inOne > 0 ? [`put ${inOne === 1 ? 'two in one' : `more than one in ${inOne}`} ${places}`] : []),
    ...(inOne < sharing.slips.length ? [`left a ${places} empty with something over`] : []),
  ]);
}

const chosenWords: Readonly<Record<string, string>> = {
  right: 'it was right',
  'not-right': 'it was not right',
  enough: 'there were enough',
  'too-many': 'there were too many',
  'too-few': 'there were too few',
  yes: 'they were there',
  no: 'they were not there yet',
};

function tellChoice(trace: ReadableTrace): string | null {
  const choice = readChoice(trace);
  if (!choice) return null;
  const said =
    choice.chosen === null ? 'gave no answer' : `said ${chosenWords[choice.chosen] ?? choice.chosen}`;
  const { puppet } = trace.set.layout ?? {};
  if (puppet) return `of a puppet’s ${puppetWords[puppet.slip]}, ${said}`;
  return `asked ${trace.set.layout ? 'whether they were enough' : 'on the way whether they were there'}, ${said}`;
}

const puppetWords: Record<PuppetSlip, string> = {
  none: 'faultless count',
  skipped: 'count with a number skipped',
  repeated: 'count with a number said twice',
  swapped: 'count with two numbers swapped',
  missed: 'count with a thing left out',
  'double-counted': 'count with a thing counted twice',
};

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
