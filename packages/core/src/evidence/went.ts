import type { NumeralBy } from '../estimates/numerals.js';
import {
  isNumeralSkill,
  isPrinciple,
  type NumeralSkill,
  type ReadBy,
  type SkillEntry,
} from '../skills/map.js';
import type { Trace } from '../trace/trace.js';
import { observationsOf } from './observations.js';

/** How a numeral skill is asked for. */
const askings: Readonly<Record<NumeralSkill, readonly NumeralBy[]>> = {
  'name-numeral': ['named'],
  'find-numeral': ['found'],
  'touch-numeral': ['felt'],
  'write-numeral': ['written', 'copied'],
  'form-numeral': ['formed'],
  'face-numeral': ['faced'],
};

/** Whether a numeral was asked for in a way that is the skill’s own. */
export const isAskedFor = (skill: NumeralSkill, { by }: { readonly by: NumeralBy }): boolean =>
  askings[skill].includes(by);

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
    default:
      return isNumeralSkill(by)
        ? (numerals.find((one) => isAskedFor(by, one))?.success ?? null)
        : (thresholds[by]?.success ?? null);
  }
}

/** Whether a try says anything of a skill of the map. */
export function looksAt({ read }: SkillEntry, trace: Trace): boolean {
  if (read.as === 'tracking' && trace.set.arrangement !== read.arrangement) return false;
  return wentWell(read.by, trace) !== null;
}
