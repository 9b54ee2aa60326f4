import { figure } from '../common/parameters.js';
import { settledEvents } from '../trace/settled.js';
import type { AnsweredBy, Help, Trace } from '../trace/trace.js';
import { readSpoken } from '../reading/readSpoken.js';

export interface TryWeight {
  /** What a success counts, 0 … 1. */
  readonly success: number;
  /** What a miss counts, 0 … 1. */
  readonly miss: number;
}

/** Help, others and cues make a success worth less; they make no miss worth less. */
const SUCCESS_WITH_HELP: Record<Help, number> = {
  none: 1,
  encouraged: 1,
  prompted: figure.successPrompted,
  shown: figure.successShown,
  guided: 0,
};
const SUCCESS_ANSWERED_BY: Record<AnsweredBy, number> = {
  alone: 1,
  'with-others': figure.successWithOthers,
  others: 0,
};
const NOTHING: TryWeight = { success: 0, miss: 0 };

export type WeighedTrace = Pick<
  Trace,
  | 'set'
  | 'start'
  | 'direction'
  | 'target'
  | 'help'
  | 'answeredBy'
  | 'firstTime'
  | 'ended'
  | 'seen'
  | 'shownMs'
  | 'setAside'
  | 'sameAs'
  | 'events'
  | 'version'
  | 'step'
>;

/** How much a success and a miss in this try may count towards an estimate. */
export function tryWeight(trace: WeighedTrace): TryWeight {
  const countsElsewhere = trace.sameAs !== undefined;
  if (trace.setAside !== undefined || countsElsewhere) return NOTHING;
  if (trace.answeredBy === 'others' || cameToNothing(trace)) return NOTHING;
  const seen = trace.seen === 'in-passing' ? figure.seenInPassing : 1;
  const success =
    SUCCESS_WITH_HELP[trace.help] *
    SUCCESS_ANSWERED_BY[trace.answeredBy] *
    (trace.set.cue ? figure.successWithCue : 1) *
    ((trace.shownMs ?? 0) > figure.shownBriefly ? figure.successShownLong : 1);
  const miss = trace.firstTime ? figure.missFirstTime : 1;
  return { success: success * seen, miss: miss * seen * missWhenStopped(trace) };
}

function cameToNothing(trace: WeighedTrace): boolean {
  const events = settledEvents(trace.events);
  if (events.some((event) => event.kind === 'answer' && event.value === 'did-not-know')) return false;
  const wasAsked = events.some((event) => event.kind === 'ask');
  const isToWrite = events.some((event) => event.kind === 'ask' && event.question === 'write');
  const answered = events.some(
    (event) =>
      event.kind === 'given' ||
      (event.kind === 'answer' && event.value !== null) ||
      (isToWrite && (event.kind === 'stroke' || event.kind === 'put')),
  );
  return trace.ended === 'refused' || trace.ended === 'interrupted' || (wasAsked && !answered);
}

function missWhenStopped(trace: WeighedTrace): number {
  if (trace.ended === 'stopped-by-adult') return 0;
  if (trace.ended !== 'stopped-itself' || trace.target === undefined) return 1;
  const { upTo } = readSpoken(trace).words;
  return (trace.target - upTo) * trace.direction > 0 ? figure.missStoppedItself : 1;
}
