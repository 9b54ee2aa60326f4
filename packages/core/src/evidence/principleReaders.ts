import { readAll, readPlaced } from '../reading/readCards.js';
import { readRecord, readSorted } from '../reading/readRecord.js';
import { readBraille } from '../reading/readBraille.js';
import { readCarry } from '../reading/readCarry.js';
import { readChange } from '../reading/readChange.js';
import { readChoice } from '../reading/readChoice.js';
import { comparingSlip } from '../reading/readComparing.js';
import { readBeside } from '../reading/readBeside.js';
import { readDifference } from '../reading/readDifference.js';
import { gaveAll } from '../reading/readGiving.js';
import { readKept } from '../reading/readKept.js';
import { readSharing } from '../reading/readSharing.js';
import { readTry } from '../reading/readTry.js';
import type { Principle } from '../skills/map.js';
import type { Trace } from '../trace/trace.js';
import { placeOfWords } from './slipPlaces.js';
import { slipsOfGiving, type SlipAt, type TellingSlip } from './tellingSlips.js';

/** What a try tells of a principle. */
export interface PrincipleReader {
  /** Whether it holds; null where the try says nothing of it. */
  readonly shown: (trace: Trace) => boolean | null;
  /** The slips of a try in which it did not hold. */
  readonly slips: (trace: Trace) => readonly SlipAt[];
  /** Its slips are of the words, each at its number. */
  readonly isOfWords?: true;
}

const lastWord: PrincipleReader = {
  shown: (trace) => readTry(trace).total?.shown ?? null,
  slips: (trace) => {
    const { total } = readTry(trace);
    return total?.shown === false ? [{ slip: total.kind, at: null }] : [];
  },
};

const kept: PrincipleReader = {
  shown: (trace) => readKept(trace)?.shown ?? null,
  slips: () => [{ slip: 'counted-again', at: null }],
};

/** One of a few was chosen, the right one or another. */
const chosen = (slip: TellingSlip): PrincipleReader => ({
  shown: (trace) => readChoice(trace)?.right ?? null,
  slips: (trace) => (readChoice(trace)?.right === false ? [{ slip, at: null }] : []),
});
const judged = chosen('chose-another');

const compared: PrincipleReader = {
  shown: (trace) =>
    readBeside(trace)?.right ?? readDifference(trace)?.right ?? readChoice(trace)?.right ?? null,
  slips: (trace) => {
    if (readBeside(trace)?.right === false) return [{ slip: 'made-another-set', at: null }];
    if (readDifference(trace)?.right === false) return [{ slip: 'answered-another', at: null }];
    if (trace.set.layout?.turns)
      return readChoice(trace)?.right === false ? [{ slip: 'answered-another', at: null }] : [];
    const slip = comparingSlip(trace);
    return slip === null ? [] : [{ slip, at: null }];
  },
};

/** Worked out from ten, not by counting all of it. */
const tenAndSome: PrincipleReader = {
  shown: (trace) => {
    const right = readChange(trace)?.right ?? null;
    return right === true ? trace.strategy !== 'counted-all' : right;
  },
  slips: (trace) => (readChange(trace)?.right === false ? [{ slip: 'answered-another', at: null }] : []),
};

const patterns: PrincipleReader = {
  shown: (trace) => readCarry(trace)?.right ?? null,
  slips: (trace) => (readCarry(trace)?.right === false ? [{ slip: 'broke-the-pattern', at: null }] : []),
};

/** Cards put each with its set, numbers written at each letter, or all pictures of a number found. */
const cardAndSet: PrincipleReader = {
  shown: (trace) => readPlaced(trace)?.right ?? readAll(trace)?.right ?? null,
  slips: (trace) => {
    const all = readAll(trace);
    if (all?.right === false)
      return [{ slip: all.wrong.length > 0 ? 'another-card' : 'left-some', at: null }];
    return readPlaced(trace)?.right === false ? [{ slip: 'another-card', at: null }] : [];
  },
};

/** What was counted is what was put on record; of a track, one to each box. */
const recorded: PrincipleReader = {
  shown: (trace) => {
    const record = readRecord(trace);
    if (record) return record.recorded === null ? null : record.slip === null;
    return shared.shown(trace);
  },
  slips: (trace) => {
    const record = readRecord(trace);
    if (record) return record.slip === null ? [] : [{ slip: record.slip, at: null }];
    return shared.slips(trace);
  },
};

const sorted: PrincipleReader = {
  shown: (trace) => readSorted(trace)?.addsUp ?? null,
  slips: (trace) => (readSorted(trace)?.addsUp === false ? [{ slip: 'kinds-not-the-whole', at: null }] : []),
};

const brailled: PrincipleReader = {
  shown: (trace) => readBraille(trace)?.right ?? null,
  slips: (trace) => (readBraille(trace)?.slips ?? []).map((slip) => ({ slip, at: null })),
};

const teens: PrincipleReader = {
  shown: (trace) => {
    const { order } = readTry(trace);
    if (order.slips.length > 0) return false;
    return order.upTo >= (trace.target ?? Infinity) ? true : null;
  },
  slips: (trace) => readTry(trace).order.slips.map((slip) => ({ slip: slip.kind, at: placeOfWords(slip) })),
  isOfWords: true,
};

const shared: PrincipleReader = {
  shown: (trace) => {
    const sharing = readSharing(trace);
    return sharing && sharing.filled > 0 ? sharing.holds : null;
  },
  slips: (trace) => (readSharing(trace)?.slips ?? []).map((slip) => ({ slip: slip.kind, at: null })),
};

const gave: PrincipleReader = {
  shown: gaveAll,
  slips: slipsOfGiving,
};

/** How a try tells of each principle. */
export const principleReaders: Readonly<Record<Principle, PrincipleReader>> = {
  'last-word': lastWord,
  conservation: kept,
  'order-irrelevance': kept,
  'order-judged': judged,
  'one-to-one-judged': judged,
  teens,
  'sure-win': judged,
  more: compared,
  fewer: compared,
  same: compared,
  'compare-numerals': chosen('answered-another'),
  'ten-and-some': tenAndSome,
  partners: chosen('answered-another'),
  patterns,
  level: gave,
  'numeral-and-set': cardAndSet,
  'on-the-line': chosen('other-side'),
  'teen-numerals': chosen('teen-apart'),
  'write-braille': brailled,
  record: recorded,
  tally: recorded,
  'sort-and-count': sorted,
  'same-looks': chosen('answered-another'),
  matching: shared,
  'equal-set': gave,
  'numeral-to-set': gave,
  'several-sets': gave,
};
