import { groupBy } from '../common/groupBy.js';
import { daysBetween } from '../estimates/axis.js';
import { figure } from '../common/parameters.js';
import { readChange } from '../reading/readChange.js';
import { readTry } from '../reading/readTry.js';
import type { SkillEntry } from '../skills/map.js';
import { dayOf, type Trace } from '../trace/trace.js';
import { observationsOf } from './observations.js';
import { principleReaders } from './principleReaders.js';
import { placeOfPairing, placeOfWords } from './slipPlaces.js';
import { slipsOfGiving, type SlipAt, type TellingSlip } from './tellingSlips.js';
import { thresholdReaders } from './thresholdReaders.js';
import { tryWeight } from './tryWeight.js';
import { slipsOfNumeral } from './numeralsIn.js';
import { isAskedFor, looksAt } from './went.js';

/**
 * Where in a count a slip keeps coming: at one number word, at the close of the set, after so many
 * things, where so many or more were asked for.
 */
export type SlipPlace =
  | { readonly kind: 'number'; readonly n: number }
  | { readonly kind: 'close' }
  | { readonly kind: 'after'; readonly n: number }
  | { readonly kind: 'asked'; readonly n: number }
  | { readonly kind: 'numeral'; readonly n: number };

/** What stands in the way of a skill. */
export interface Obstacle {
  readonly slip: TellingSlip;
  /** A second kind of slip, where only the two together are often enough. */
  readonly or: TellingSlip | null;
  readonly place: SlipPlace | null;
  /** The tries in which it was seen. */
  readonly traces: readonly Trace[];
  /** The latest tries long enough to show it. */
  readonly of: number;
}

/** The same as it is told: how often, without the tries. */
export type ToldObstacle = Omit<Obstacle, 'traces'> & { readonly times: number };

export const toldObstacle = ({ traces, ...told }: Obstacle): ToldObstacle => ({
  ...told,
  times: traces.length,
});

interface SeenSlip extends SlipAt {
  readonly trace: Trace;
}

/** The slips of a try that speak of a skill, each kind once for each place. */
function slipsOf(skill: SkillEntry, trace: Trace): readonly SeenSlip[] {
  if (tryWeight(trace).miss === 0) return [];
  return slipsIn(skill, trace).map((slip) => ({ ...slip, trace }));
}

function slipsIn({ read }: SkillEntry, trace: Trace): readonly SlipAt[] {
  switch (read.as) {
    case 'order':
      return readTry(trace).order.slips.map((slip) => ({ slip: slip.kind, at: placeOfWords(slip) }));
    case 'tracking':
      return (readTry(trace).pairing?.slips ?? []).map((slip) => ({
        slip: slip.kind,
        at: placeOfPairing(trace, slip, trace.set.size),
      }));
    case 'fetch':
      return slipsOfGiving(trace);
    case 'threshold':
      return thresholdReaders[read.by].slips(trace);
    case 'numerals':
      return observationsOf(trace).numerals.flatMap((one) =>
        isAskedFor(read.by, one) && !one.success
          ? slipsOfNumeral(trace, one).map((slip) => ({ slip, at: one.n }))
          : [],
      );
    case 'principle':
      // An adult's word goes before the reading.
      return observationsOf(trace).principles[read.by]?.success === false
        ? principleReaders[read.by].slips(trace)
        : [];
  }
}

const isOfWords = ({ read }: SkillEntry): boolean =>
  read.as === 'order' || (read.as === 'principle' && principleReaders[read.by].isOfWords === true);

/** Each numeral is read or not by itself: what went wrong at one says nothing of another. */
const isOfNumerals = ({ read }: SkillEntry): boolean => read.as === 'numerals';

/** The largest number, or the last thing, at which the try could have shown a slip. */
function reachOf(skill: SkillEntry, trace: Trace): number {
  if (skill.read.as === 'tracking') return trace.set.size;
  if (!isOfWords(skill)) return trace.target ?? Infinity;
  const { order } = readTry(trace);
  return Math.max(order.upTo + Number(order.slips.length > 0), order.lastNumber);
}

/**
 * What stands in the way of a skill: slips that came at least twice and in a good share of the latest tries
 * long enough to show them, the commonest first. Words that go wrong at one number are held together by that
 * number; where no kind comes often enough by itself, the two commonest are taken together.
 *
 * @param tries of the child, in any order; those that say nothing of the skill or are long past are left out
 * @param date YYYY-MM-DD
 */
export function obstaclesIn(skill: SkillEntry, tries: readonly Trace[], date: string): readonly Obstacle[] {
  const looks = latestOf(skill, tries, date);
  const seen = looks.flatMap((trace) => slipsOf(skill, trace));
  const found = [...groupBy(seen, keyOf(skill)).values()].flatMap((slips) =>
    obstacleOf(skill, slips, looks, figure.obstacleTries),
  );
  const ranked = found.toSorted((a, b) => b.traces.length / b.of - a.traces.length / a.of);
  const named = ranked.filter((one, i) => ranked.findIndex((other) => other.slip === one.slip) === i);
  if (named.length > 0 || isOfNumerals(skill)) return named.slice(0, figure.obstaclesNamed);
  return obstacleOf(skill, ofTheCommonest(seen), looks, figure.obstacleTriesTogether);
}

/** Tries recent enough to say anything of today, oldest first. */
const latestOf = (skill: SkillEntry, tries: readonly Trace[], date: string): readonly Trace[] =>
  tries
    .filter(
      (trace) =>
        looksAt(skill, trace) &&
        !hardlyTells(skill, trace) &&
        daysBetween(dayOf(trace), date) <= 7 * figure.askingWeeks,
    )
    .toSorted((a, b) => (a.startedAt < b.startedAt ? -1 : 1));

/** It went well, but so it would have for most who cannot do it. */
function hardlyTells({ read }: SkillEntry, trace: Trace): boolean {
  const look = read.as === 'principle' ? observationsOf(trace).principles[read.by] : undefined;
  return look !== undefined && look.success && look.weight <= figure.askedBefore;
}

/** Slips of one kind; of the words those at one number. */
const keyOf =
  (skill: SkillEntry) =>
  ({ slip, at }: SeenSlip): string =>
    isOfWords(skill) || isOfNumerals(skill) ? `${slip} ${at}` : slip;

function ofTheCommonest(seen: readonly SeenSlip[]): readonly SeenSlip[] {
  const byKind = [...groupBy(seen, ({ slip }) => slip).values()].toSorted((a, b) => b.length - a.length);
  return byKind.slice(0, 2).flat();
}

function obstacleOf(
  skill: SkillEntry,
  slips: readonly SeenSlip[],
  looks: readonly Trace[],
  least: number,
): readonly Obstacle[] {
  const [first] = slips;
  if (!first) return [];
  const places = slips.flatMap(({ at }) => at ?? []);
  // One that came early by chance does not make every short try long enough.
  const from = lowerMedian(places);
  const longEnough = looks
    .filter((trace) =>
      isOfNumerals(skill)
        ? trace.target === from
        : reachOf(skill, trace) >= from && couldShow(first.slip, trace),
    )
    .slice(-figure.obstacleLookBack);
  const traces = longEnough.filter((trace) => slips.some((one) => one.trace === trace));
  const isOften = traces.length >= least && traces.length >= figure.obstacleShare * longEnough.length;
  if (!isOften) return [];
  const other = slips.find(({ slip }) => slip !== first.slip);
  const place = placeOf(
    skill,
    slips.filter(({ trace }) => traces.includes(trace)),
  );
  return [{ slip: first.slip, or: other?.slip ?? null, place, traces, of: longEnough.length }];
}

/** With one put to it, or taken away, nobody can tell whether the start was counted. */
const couldShow = (slip: TellingSlip, trace: Trace): boolean =>
  slip !== 'counted-the-start' || (readChange(trace)?.by ?? Infinity) > 1;

const lowerMedian = (places: readonly number[]): number =>
  places.toSorted((a, b) => a - b)[Math.floor((places.length - 1) / 2)] ?? 0;

function placeOf(skill: SkillEntry, slips: readonly SeenSlip[]): SlipPlace | null {
  const places = slips.flatMap(({ at }) => at ?? []);
  if (places.length === 0 || places.length < slips.length) return null;
  const least = Math.min(...places);
  if (isOfNumerals(skill)) return { kind: 'numeral', n: least };
  if (isOfWords(skill)) {
    return places.every((at) => at === least) ? { kind: 'number', n: least } : null;
  }
  if (slips[0]!.slip === 'gave-another-number') return { kind: 'asked', n: least };
  // Where a number is worked out, the place is the number that was asked about: no place in a set.
  if (skill.read.as === 'threshold')
    return slips[0]!.slip !== 'counted-the-start' && least > figure.obstacleLate
      ? { kind: 'asked', n: least }
      : null;
  if (slips.every(({ at, trace }) => at === trace.set.size)) return { kind: 'close' };
  return least > figure.obstacleLate ? { kind: 'after', n: least - 1 } : null;
}

/** In how many of the latest tries a slip was seen, of whatever kind. */
export const slippedIn = (skill: SkillEntry, tries: readonly Trace[], date: string): number =>
  latestOf(skill, tries, date)
    .slice(-figure.obstacleLookBack)
    .filter((trace) => slipsOf(skill, trace).length > 0).length;
