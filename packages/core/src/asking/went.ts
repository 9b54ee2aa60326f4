import { observationsOf } from '../evidence/observations.js';
import type { Trace } from '../trace/trace.js';

/** Skills whose next number is chosen by what it would tell. */
export const askedSkills = ['order', 'one-to-one', 'fetch'] as const;
export type AskedSkill = (typeof askedSkills)[number];

/** Whether the try went well for the child, as far as this skill goes; null where it says nothing of it. */
export function wentWell(skill: AskedSkill, trace: Trace): boolean | null {
  const { order, tracking, fetch } = observationsOf(trace);
  switch (skill) {
    case 'order':
      return order && (!order.brokeOff || order.upTo >= (trace.target ?? Infinity));
    case 'one-to-one':
      return tracking && tracking.success;
    case 'fetch':
      return fetch && fetch.given === fetch.asked;
  }
}
