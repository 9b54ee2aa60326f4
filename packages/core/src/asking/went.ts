import { observationsOf } from '../evidence/observations.js';
import type { NumberSkill } from '../shelf/task.js';
import type { Trace } from '../trace/trace.js';

/** Whether the try went well for the child, as far as this skill goes; null where it says nothing of it. */
export function wentWell(skill: NumberSkill, trace: Trace): boolean | null {
  const { order, tracking, fetch, countOut } = observationsOf(trace);
  switch (skill) {
    case 'order':
      return order && (!order.brokeOff || order.upTo >= (trace.target ?? Infinity));
    case 'one-to-one':
      return tracking && tracking.success;
    case 'fetch':
      return fetch && fetch.given === fetch.asked;
    case 'count-out':
      return countOut && countOut.success;
  }
}
