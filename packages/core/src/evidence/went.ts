import { isPrinciple, type ReadBy, type SkillEntry } from '../skills/map.js';
import type { Trace } from '../trace/trace.js';
import { observationsOf } from './observations.js';

/** How a numeral skill is asked for. */
export const askedBy = {
  'name-numeral': 'named',
  'find-numeral': 'found',
  'touch-numeral': 'felt',
} as const;

/** Whether the try went well for the child, as far as this skill or principle goes; null where it says nothing of it. */
export function wentWell(by: ReadBy, trace: Trace): boolean | null {
  const { order, tracking, fetch, thresholds, principles, numerals } = observationsOf(trace);
  if (isPrinciple(by)) return principles[by]?.success ?? null;
  switch (by) {
    case 'order':
      return order && (!order.brokeOff || order.upTo >= (trace.target ?? Infinity));
    case 'one-to-one':
      return tracking && tracking.success;
    case 'fetch':
      return fetch && fetch.given === fetch.asked;
    case 'name-numeral':
    case 'find-numeral':
    case 'touch-numeral':
      return numerals.find((one) => one.by === askedBy[by])?.success ?? null;
    default:
      return thresholds[by]?.success ?? null;
  }
}

/** Whether a try says anything of a skill of the map. */
export function looksAt({ read }: SkillEntry, trace: Trace): boolean {
  if (!read) return false;
  if (read.as === 'tracking' && trace.set.arrangement !== read.arrangement) return false;
  return wentWell(read.by, trace) !== null;
}
