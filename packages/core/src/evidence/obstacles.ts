import { readChoice } from '../reading/readChoice.js';
import { daysBetween } from '../estimates/axis.js';
import { figure } from '../estimates/parameters.js';
import { observationsOf } from './observations.js';
import { looksAt } from './went.js';
import { placeOfPairing, placeOfWords } from './slipPlaces.js';
import { gaveAll } from '../reading/readGiving.js';
import { groupBy } from '../common/groupBy.js';
import { readTry } from '../reading/readTry.js';
import { readSharing } from '../reading/readSharing.js';
import type { PairingSlipKind } from '../reading/readPairing.js';
import type { SharingSlipKind } from '../reading/readSharing.js';
import type { TotalReading } from '../reading/readTotal.js';
import type { WordSlipKind } from '../reading/readWords.js';
import type { SkillEntry } from '../skills/map.js';
import { dayOf, type Trace } from '../trace/trace.js';
import { tryWeight } from './tryWeight.js';

/** A slip that tells what stands in the way. */
export type TellingSlip =
  | PairingSlipKind
  | WordSlipKind
  | SharingSlipKind
  | Extract<TotalReading, { shown: false }>['kind']
  | 'counted-again'
  | 'gave-another-number'
  | 'chose-another';

/**
 * Where in a count a slip keeps coming: at one number word, at the close of the set, after so many
 * things, where so many or more were asked for.
 */
export type SlipPlace =
  | { readonly kind: 'number'; readonly n: number }
  | { readonly kind: 'close' }
  | { readonly kind: 'after'; readonly n: number }
  | { readonly kind: 'asked'; readonly n: number };

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

interface SeenSlip {
  readonly slip: TellingSlip;
  readonly trace: Trace;
  /** The number or the thing at which it came; null where that is nothing to ask, or nobody saw. */
  readonly at: number | null;
}

/** The slips of a try that speak of a skill, each kind once for each place. */
function slipsOf({ read }: SkillEntry, trace: Trace): readonly SeenSlip[] {
  if (!read || tryWeight(trace).miss === 0) return [];
  const seen = (slip: TellingSlip, at: number | null = null): SeenSlip => ({ slip, trace, at });
  switch (read.by) {
    case 'order':
    case 'teens':
      return readTry(trace).order.slips.map((slip) => seen(slip.kind, placeOfWords(slip)));
    case 'one-to-one':
      return (readTry(trace).pairing?.slips ?? []).map((slip) =>
        seen(slip.kind, placeOfPairing(trace, slip, trace.set.size)),
      );
    case 'last-word': {
      const { total } = readTry(trace);
      return total?.shown === false ? [seen(total.kind)] : [];
    }
    case 'conservation':
    case 'order-irrelevance':
      return observationsOf(trace).principles[read.by]?.success === false ? [seen('counted-again')] : [];
    case 'matching':
      return (readSharing(trace)?.slips ?? []).map((slip) => seen(slip.kind));
    case 'order-judged':
    case 'one-to-one-judged':
      return readChoice(trace)?.right === false ? [seen('chose-another')] : [];
    default:
      return gaveAll(trace) === false ? [seen('gave-another-number', trace.target ?? null)] : [];
  }
}

/** The largest number, or the last thing, at which the try could have shown a slip. */
function reachOf({ read }: SkillEntry, trace: Trace): number {
  switch (read?.by) {
    case 'one-to-one':
      return trace.set.size;
    case 'order':
    case 'teens': {
      const { order } = readTry(trace);
      return Math.max(order.upTo + Number(order.slips.length > 0), order.lastNumber);
    }
    default:
      return trace.target ?? Infinity;
  }
}

/** At most so many are named for one skill. */
const MOST_NAMED = 2;

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
  if (named.length > 0) return named.slice(0, MOST_NAMED);
  return obstacleOf(skill, ofTheCommonest(seen), looks, figure.obstacleTriesTogether);
}

/** Tries recent enough to say anything of today, oldest first. */
const latestOf = (skill: SkillEntry, tries: readonly Trace[], date: string): readonly Trace[] =>
  tries
    .filter((trace) => looksAt(skill, trace) && daysBetween(dayOf(trace), date) <= 7 * figure.askingWeeks)
    .toSorted((a, b) => (a.startedAt < b.startedAt ? -1 : 1));

/** Slips of one kind; of the words those at one number. */
const keyOf =
  ({ read }: SkillEntry) =>
  ({ slip, at }: SeenSlip): string =>
    read?.by === 'order' || read?.by === 'teens' ? `${slip} ${at}` : slip;

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
  const longEnough = looks.filter((trace) => reachOf(skill, trace) >= from).slice(-figure.obstacleLookBack);
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

const lowerMedian = (places: readonly number[]): number =>
  places.toSorted((a, b) => a - b)[Math.floor((places.length - 1) / 2)] ?? 0;

function placeOf({ read }: SkillEntry, slips: readonly SeenSlip[]): SlipPlace | null {
  const places = slips.flatMap(({ at }) => at ?? []);
  if (places.length === 0 || places.length < slips.length) return null;
  const least = Math.min(...places);
  if (read?.by === 'order' || read?.by === 'teens') {
    return places.every((at) => at === least) ? { kind: 'number', n: least } : null;
  }
  if (slips[0]!.slip === 'gave-another-number') return { kind: 'asked', n: least };
  if (slips.every(({ at, trace }) => at === trace.set.size)) return { kind: 'close' };
  return least > figure.obstacleLate ? { kind: 'after', n: least - 1 } : null;
}

/** In how many of the latest tries a slip was seen, of whatever kind. */
export const slippedIn = (skill: SkillEntry, tries: readonly Trace[], date: string): number =>
  latestOf(skill, tries, date)
    .slice(-figure.obstacleLookBack)
    .filter((trace) => slipsOf(skill, trace).length > 0).length;
