import { daysBetween } from '../estimates/axis.js';
import { figure } from '../common/parameters.js';
import { tryWeight } from '../evidence/tryWeight.js';
import { readChange } from '../reading/readChange.js';
import { readTry } from '../reading/readTry.js';
import type { TraceId } from '../trace/ids.js';
import { dayOf, type Strategy, type Trace } from '../trace/trace.js';

/** Counted all from one, counted on from the number, known at once, or on fingers. */
export const waysOfWorkingOut = ['all', 'on', 'known', 'fingers'] as const;
export type WayOfWorkingOut = (typeof waysOfWorkingOut)[number];

/** How a child works out what a number comes to, as far as it was seen. */
export interface HowWorkedOut {
  /** The commonest first; ways alike often in the order above. */
  readonly seen: readonly { readonly way: WayOfWorkingOut; readonly times: number }[];
  /** The latest tries of which it was seen. */
  readonly of: number;
  /** One way is so common, on more than one day, that it may be called the usual one. */
  readonly isUsual: boolean;
  readonly tries: readonly TraceId[];
}

const wayOf: Partial<Record<Strategy, WayOfWorkingOut>> = {
  'counted-all': 'all',
  'began-over': 'all',
  'counted-on': 'on',
  'raised-one-more': 'on',
  knew: 'known',
  'all-at-once': 'known',
  fingers: 'fingers',
};

/**
 * How the latest sums were worked out: as the adult saw it, else as the words show it. A statement of its own: the
 * same right answer may be counted all, counted on, or known.
 *
 * @param traces of the child, in any order
 * @param date YYYY-MM-DD
 * @returns null where it was seen in fewer than two tries of the last twelve weeks
 */
export function howWorkedOut(traces: readonly Trace[], date: string): HowWorkedOut | null {
  const latest = traces
    .filter((trace) => {
      const days = daysBetween(dayOf(trace), date);
      return dayOf(trace) <= date && days <= 7 * figure.askingWeeks && tryWeight(trace).miss > 0;
    })
    .toSorted((a, b) => (a.startedAt < b.startedAt ? -1 : 1))
    .flatMap((trace) => {
      const way = wayIn(trace);
      return way === null ? [] : [{ trace, way }];
    })
    .slice(-figure.obstacleLookBack);
  if (latest.length < figure.obstacleTries) return null;
  const seen = waysOfWorkingOut
    .map((way) => ({ way, times: latest.filter((one) => one.way === way).length }))
    .filter(({ times }) => times > 0)
    .toSorted((a, b) => b.times - a.times);
  const days = new Set(latest.map(({ trace }) => dayOf(trace))).size;
  return {
    seen,
    of: latest.length,
    isUsual: days > 1 && seen[0]!.times >= figure.usualShare * latest.length,
    tries: latest.map(({ trace }) => trace.id),
  };
}

function wayIn(trace: Trace): WayOfWorkingOut | null {
  const change = readChange(trace);
  if (!change) return null;
  if (trace.strategy !== undefined) return wayOf[trace.strategy] ?? null;
  const { working } = readTry(trace);
  return working === 'all' || working === 'on' ? working : null;
}
