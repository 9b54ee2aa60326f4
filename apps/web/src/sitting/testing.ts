import { blankChild } from '@dotting/contract';
import type { ChildId, SittingId, StaffId, TraceId } from '@dotting/core';
import { after, type Action } from './after.js';
import type { Now } from './now.js';
import type { Sitting, SittingTry } from '../outbox/sitting.js';

export { after } from './after.js';
export { phaseOf } from '../outbox/sitting.js';

/** Nothing tried yet: four corks in a row are planned. */
export const fresh: Sitting = {
  key: 'adult:child',
  id: 'sitting' as SittingId,
  staffId: 'adult' as StaffId,
  presence: 'stay',
  child: {
    ...blankChild,
    id: 'child' as ChildId,
    firstName: 'Wren',
    lastName: 'Sluice',
    roomId: 'room',
    birthDate: '2022-05-01',
    mouths: false,
    languages: ['cy', 'en'],
  },
  earlier: [],
  metTasks: ['count-row'],
  plan: { task: 'count-row', size: 4, things: 'cork', why: 'Nobody has looked yet.', language: 'cy' },
  whole: { minutes: 4, main: 'count-row', mainWhy: '', other: null },
  isPlanDue: false,
  stage: 'planning',
  access: [],
  pausedAt: null,
  pausedMs: 0,
  closing: null,
  tries: [],
  isOpen: false,
};

let clock = 0;
/** Each moment 0.7 s after the one before. */
export const now = (): Now => {
  const ms = Date.parse('2026-11-25T09:00:00.000Z') + 700 * clock++;
  return { ms, iso: new Date(ms).toISOString(), newId: `try-${clock}` as TraceId };
};

export const play = (actions: readonly Action[], from = fresh): Sitting =>
  actions.reduce((sitting, action) => after(sitting, action, now()), from);

export const lastTryOf = (sitting: Sitting): SittingTry => sitting.tries.at(-1)!;

/** A moment so many ms after all the others. */
export function startedAt(later: number): Now {
  const { ms, newId } = now();
  return { ms: ms + later, iso: new Date(ms + later).toISOString(), newId };
}
