import {
  readChoice,
  isFetching,
  readChange,
  readGiving,
  readGoingOn,
  readKept,
  readMore,
  readSharing,
  readTry,
  settledEvents,
  standingRulings,
  type Flaw,
  type PairingSlip,
  type PairingSlipKind,
  type ReadableTrace,
  type Request,
  type StepSlip,
  type TotalReading,
  type Trace,
  type TryReading,
  type Word,
  type WordSlip,
} from '@dotting/core';
import type { Words } from '../words.js';
import { tellComparing, tellDifference } from './compared.js';
import { listOf, sentences } from './list.js';
import { tellSeeing, tellTwoLooks } from './seeing.js';
import { tellCards } from './numerals.js';
import { tellRecord, tellSorted } from './recording.js';
import { balanceWords, tellCarry, tellParts } from './parts.js';
import { sawOf } from './steps.js';
import { amountOf } from './amounts.js';
import { describeSet } from './things.js';

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

/** How the words went, on from one or from another number. */
function tellWords(words: Words, reading: TryReading, trace: ReadableTrace): readonly (string | null)[] {
  const { change } = trace.set.layout ?? {};
  if (isFetching(trace)) return [];
  const { working } = reading;
  if (working !== null && working !== 'all')
    return [words.tries.working[working](), tellChange(words, trace)];
  const isFromANumber = change && trace.set.arrangement === 'none' && Math.abs(change.by) > 1;
  if (!isFromANumber) return [tellOrder(words, reading, trace), tellChange(words, trace)];
  const { from, way, saidIt } = readGoingOn(trace);
  const told = words.tries.goingOn[trace.direction === 1 ? 'on' : 'back'][way]({ n: from });
  return [
    saidIt && way === 'went-on' ? words.tries.goingOn.saidIt({ told }) : told,
    way === 'another' ? tellOrder(words, reading, trace) : null,
  ];
}

/** What was said of a number that had so many put to it or taken from it. */
function tellChange(words: Words, trace: ReadableTrace): string | null {
  const change = readChange(trace);
  if (!change) return null;
  const { tries } = words;
  const { from, by, said, right } = change;
  const of = describeSet(words, {
    ...trace.set,
    layout: { change: trace.set.layout?.change ?? { from, by } },
  });
  if (said === null || said === 'did-not-know') return tries.change.none({ of });
  return right
    ? tries.change.right({ of, said: String(said) })
    : tries.change.other({ of, said: String(said), n: from + by });
}

/** Counted, and nobody has said how many there were. */
const tellUnknown = ({ tries }: Words, { set }: ReadableTrace): string | null =>
  set.layout?.handful && set.size === 0 ? tries.handful() : null;

const tellSecond = ({ tries }: Words, missing: number): string =>
  missing === 0 ? tries.bothLanguages() : tries.secondMissing({ n: missing });

/** How many more the frame takes, as said. */
function tellMore({ tries }: Words, trace: ReadableTrace): string | null {
  const more = readMore(trace);
  if (!more) return null;
  const { said, missing } = more;
  if (said === null || said === 'did-not-know') return tries.more.none({ n: missing });
  return said === missing
    ? tries.more.right({ n: missing })
    : tries.more.other({ said: String(said), n: missing });
}

function tellOrder(
  words: Words,
  { order }: TryReading,
  { start, direction, step = 1 }: ReadableTrace,
): string | null {
  const { tries } = words;
  if (order.slips.length > 0)
    return tries.inTheWords({
      slips: listOf(
        words,
        order.slips.map((slip) => tellWordSlip(words, slip)),
      ),
    });
  if (order.upTo === start - direction * step) return null;
  return step === 1 ? tries.inOrderTo({ n: order.upTo }) : tries.bySteps({ step, n: order.upTo });
}

/** One slip of the words: "skipped 6", "said “fiveteen” where another number belongs, after 4". */
function tellWordSlip(words: Words, slip: WordSlip): string {
  const said = listOf(words, slip.words.map(quoted));
  const of = words.tries.words;
  switch (slip.kind) {
    case 'skipped':
    case 'repeated':
    case 'swapped':
      return of[slip.kind]({ words: said });
    case 'replaced':
    case 'inserted':
    case 'looped-back':
      return of[slip.kind]({ words: said, after: slip.after });
  }
}

const quoted = (word: Word): string => (typeof word === 'number' ? String(word) : `“${word}”`);

function tellTotal({ tries }: Words, total: TotalReading | null, trace: ReadableTrace): string | null {
  if (!total) return null;
  const answer = firstAnswer(trace);
  if (total.kind === 'none') return answer === 'did-not-know' ? tries.total.didNotKnow() : tries.total.none();
  return total.kind === 'recounted'
    ? tries.total.recounted()
    : tries.total[total.kind]({ answer: String(answer) });
}

function tellCheck({ tries }: Words, { check }: TryReading): string | null {
  if (!check || check.kind === 'none') return null;
  return check.kind === 'agreed'
    ? tries.check.agreed()
    : tries.check[check.kind]({ n: String(check.counted) });
}

/** The answer that is told: what stood last before a second question; in a try that knows a check, what was said first. */
function firstAnswer(trace: ReadableTrace): Word | null | undefined {
  const events = settledEvents(trace.events);
  const first = events.findIndex((event) => event.kind === 'ask');
  const second = events.findIndex((event, i) => i > first && event.kind === 'ask');
  const answers = (second < 0 ? events : events.slice(0, second)).flatMap((event) =>
    event.kind === 'answer' ? [event.value] : [],
  );
  const said = answers.find((value) => value !== null && value !== 'did-not-know');
  return trace.version === 2 && said !== undefined ? said : answers.at(-1);
}

function tellKept({ tries }: Words, trace: ReadableTrace): string | null {
  const kept = readKept(trace);
  if (!kept) return null;
  if (kept.shown) return tries.kept();
  return kept.recounted ? tries.countedAgain() : tries.otherNumber();
}

/** Asked for and given, without a word on which is right. */
function tellGiven(words: Words, trace: ToldTrace): readonly string[] {
  const { tries } = words;
  return readGiving(trace).flatMap((one) => {
    const {
      things,
      asked,
      given: [first, ...then],
      afresh,
    } = one;
    const { model } = trace.set.layout ?? {};
    const { doing } = trace.set.layout ?? {};
    const amount = doing ? words.sets.doing[doing]({ n: asked }) : amountOf(words, asked, model ?? things);
    const request = requestOf(words, amount, trace);
    if (first === undefined) return tries[doing ? 'didNone' : 'gaveNone']({ request });
    const gave =
      then.length > 0
        ? tries[doing ? 'didThen' : 'gaveThen']({ request, n: first, then: listOf(words, then.map(String)) })
        : tries[doing ? 'did' : 'gave']({ request, n: first });
    const told = afresh > 0 ? tries.afresh({ gave }) : gave;
    const run = tellRun(words, one);
    const isFromItsSquare = doing === 'squares' && one.given.at(-1) === asked - 1;
    return [
      run === null ? told : tries.counting({ gave: told, run }),
      ...(isFromItsSquare ? [tries.startingSquare()] : []),
      ...one.stops.map((stop) => tellStop(words, stop)),
    ];
  });
}

/** What was asked for: so many, as many as another set, or one that stands to it otherwise. */
function requestOf(words: Words, amount: string, { set: { layout } }: ToldTrace): string {
  const { tries } = words;
  if (layout?.balance) return words.tries.askedLevel({ what: balanceWords(words, layout.balance) });
  if (layout?.beside) return tries.askedBeside[layout.beside]({ amount });
  return layout?.model ? tries.askedAsMany({ amount }) : tries.askedFor({ amount });
}

/** How the words went while the child gave; null where none were taken down. */
function tellRun(words: Words, { words: spoken }: Request): string | null {
  if (!spoken) return null;
  const slips = spoken.slips.map((slip) => tellWordSlip(words, slip));
  if (slips.length === 0) return words.tries.countedTo({ n: spoken.upTo });
  return words.tries.inTheWords({ slips: listOf(words, slips) });
}

/** Asked on the way whether the number was reached. */
function tellStop(words: Words, { amount, said, then }: Request['stops'][number]): string {
  const { stop } = words.tries;
  const at = stop.at({ amount: amount === null ? 'unknown' : String(amount), said: saidOf(words, said) });
  return then === null ? at : stop[then]({ at });
}

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

function tellChoice(words: Words, trace: ReadableTrace): string | null {
  // What was said at a stop on the way is told with the giving, of cards with the cards.
  const isTold = (isFetching(trace) && trace.version === 2) || trace.set.layout?.cards !== undefined;
  const choice = isTold ? null : readChoice(trace);
  if (!choice) return null;
  const { tries } = words;
  const said = saidOf(words, choice.chosen);
  const { layout } = trace.set;
  if (layout?.most !== undefined) return said;
  if (layout?.turns) return tries.ofTurns({ last: layout.turns.last, now: layout.turns.now, said });
  if (trace.set.arrangement === 'heard')
    return tries.voted({ said: String(choice.chosen), n: trace.set.size });
  if (layout?.puppet) return tries.ofOtter({ what: tries.otter[layout.puppet.slip](), said });
  return layout ? tries.askedEnough({ said }) : tries.askedThere({ said });
}

function saidOf({ tries: { said } }: Words, chosen: Word | null): string {
  switch (chosen) {
    case null:
      return said.none();
    case 'right':
    case 'not-right':
    case 'enough':
    case 'too-many':
    case 'too-few':
    case 'yes':
    case 'no':
    case 'left-sure':
    case 'just-played':
    case 'more-now':
    case 'fewer-now':
    case 'as-many':
    case 'all-paired':
    case 'one-over':
      return said[chosen]();
    default:
      return said.other({ what: chosen });
  }
}

function saidNothing(reading: TryReading, trace: ReadableTrace): boolean {
  return (
    reading.order.slips.length === 0 &&
    reading.order.upTo === trace.start - trace.direction * (trace.step ?? 1) &&
    reading.pairing!.slips.every((slip) => slip.kind === 'missed')
  );
}
