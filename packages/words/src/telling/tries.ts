import {
  readSharing,
  readTry,
  standingRulings,
  type Flaw,
  type PairingSlip,
  type PairingSlipKind,
  type ReadableTrace,
  type StepSlip,
  type Trace,
  type TryReading,
} from '@dotting/core';
import type { Words } from '../words.js';
import { amountOf } from './amounts.js';
import { tellCheck, tellChoice, tellKept, tellMore, tellTotal } from './answers.js';
import { tellComparing, tellDifference } from './compared.js';
import { tellGiven } from './given.js';
import { listOf, sentences } from './list.js';
import { tellCards } from './numerals.js';
import { tellCarry, tellParts } from './parts.js';
import { tellRecord, tellSorted } from './recording.js';
import { tellSeeing, tellTwoLooks } from './seeing.js';
import { tellWordSlip, tellWords } from './spoken.js';
import { sawOf } from './steps.js';
import { tellWriting } from './writing.js';

type ToldTrace = ReadableTrace &
  Partial<
    Pick<
      Trace,
      'ended' | 'setAside' | 'target' | 'rulings' | 'mixedWith' | 'sameAs' | 'reason' | 'strategy' | 'shownMs'
    >
  >;

/** What one try showed, in plain sentences. It scores principles, never the answer. */
export function tellTry(words: Words, trace: ToldTrace): string {
  const { tries } = words;
  const reading = readTry(trace);
  const told = [
    tellCards(words, trace),
    tellWriting(words, trace),
    tellRecord(words, trace),
    tellSorted(words, trace),
    tellParts(words, trace),
    tellCarry(words, trace),
    tellSharing(words, trace),
    tellPairing(words, reading, trace),
    ...tellWords(words, reading, trace),
    reading.beganAt === 'zero-on-first' ? tries.zeroOnFirst() : null,
    tellSeeing(words, trace) ?? tellTotal(words, reading.total, trace),
    tellCheck(words, reading),
    tellMore(words, trace),
    tellDifference(words, trace),
    tellKept(words, trace),
    ...tellGiven(words, trace),
    tellComparing(words, trace) ?? tellTwoLooks(words, trace) ?? tellChoice(words, trace),
    tellUnknown(words, trace),
    trace.reason === undefined ? null : tries.reason[trace.reason](),
    reading.secondMissing === null ? null : tellSecond(words, reading.secondMissing),
    trace.set.cue === undefined ? null : tries.cue[trace.set.cue](),
    reading.selfCorrections > 0 ? tries.startedAgain() : null,
    trace.mixedWith === undefined ? null : tries.mixed(),
    trace.ended === undefined || trace.ended === 'finished' ? null : tries.ended[trace.ended](),
  ].filter((one) => one !== null);
  return [
    ...(trace.setAside === undefined ? [] : [tries.notCounted({ reason: trace.setAside })]),
    ...(trace.sameAs === undefined ? [] : [tries.sameAs()]),
    told.length === 0 ? tries.nothing() : sentences(told),
    ...standingRulings(trace).map(({ on, holds, reason }) =>
      tries.corrected({ what: tries.ruled[on]({ holds: holds ? 'yes' : 'no' }), reason }),
    ),
  ].join(' ');
}

/** Why nothing can be read from a try, and what follows from it. */
export const tellFlaw = ({ tries }: Words, { kind }: Flaw): string =>
  tries.unreadable({ why: tries.flaw[kind]() });

/** A slip at a step of a replay. */
export function tellStepSlip(words: Words, slip: StepSlip): string {
  return slip.of === 'words' ? tellWordSlip(words, slip.slip) : sawOf(words, slip.kind);
}

function tellPairing(words: Words, reading: TryReading, trace: ReadableTrace): string | null {
  if (!reading.pairing || saidNothing(reading, trace)) return null;
  const { size, things, arrangement } = trace.set;
  const isHeard = arrangement === 'heard';
  const amount = isHeard ? words.sets.soundsOf({ n: size }) : amountOf(words, size, things);
  if (reading.pairing.holds)
    return isHeard ? words.tries.wordToEach({ amount }) : words.tries.oneToEach({ amount });
  const { slips } = reading.pairing;
  const kinds = [...new Set(slips.map((slip) => slip.kind))];
  return words.tries.slipsOf({
    amount,
    slips: listOf(
      words,
      kinds.map((kind) => {
        // A word with no drop is taken down as one counted again.
        const told = isHeard && kind === 'double-counted' ? 'wordNoDrop' : kind;
        return words.tries.pairing[told]({ n: timesOf(kind, slips) });
      }),
    ),
  });
}

const timesOf = (kind: PairingSlipKind, slips: readonly PairingSlip[]): number =>
  slips.filter((slip) => slip.kind === kind).length;

/** Counted, and nobody has said how many there were. */
const tellUnknown = ({ tries }: Words, { set }: ReadableTrace): string | null =>
  set.layout?.handful && set.size === 0 ? tries.handful() : null;

const tellSecond = ({ tries }: Words, missing: number): string =>
  missing === 0 ? tries.bothLanguages() : tries.secondMissing({ n: missing });

function tellSharing(words: Words, trace: ReadableTrace): string | null {
  const sharing = readSharing(trace);
  if (!sharing || sharing.filled === 0) return null;
  const places = words.tries[trace.set.arrangement === 'frame' ? 'cells' : 'jars'];
  if (sharing.holds) return places.each();
  const inOne = sharing.slips.filter(({ kind }) => kind === 'two-in-one').length;
  return listOf(words, [
    ...(inOne > 0 ? [places.two({ n: inOne })] : []),
    ...(inOne < sharing.slips.length ? [places.empty()] : []),
  ]);
}

function saidNothing(reading: TryReading, trace: ReadableTrace): boolean {
  return (
    reading.order.slips.length === 0 &&
    reading.order.upTo === trace.start - trace.direction * (trace.step ?? 1) &&
    reading.pairing!.slips.every((slip) => slip.kind === 'missed')
  );
}
