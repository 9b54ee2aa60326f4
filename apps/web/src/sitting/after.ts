import {
  sittingChanges,
  type AnsweredBy,
  type Cue,
  type Ended,
  type Gesture,
  type Help,
  type Need,
  type ReasonGiven,
  type Strategy,
} from '@dotting/core';
import { tellChanges } from '@dotting/words';
import { words } from '../wording/all.js';
import type { Now } from './now.js';
import { planned, relaid, turned, withAccess } from './planning.js';
import {
  phaseOf,
  tracesOf,
  withHead,
  withSet,
  type Closing,
  type Plan,
  type Sitting,
  type Whole,
} from '../outbox/sitting.js';
import { afterGesture, shown } from './gesturing.js';
import { ended } from './ending.js';

export type Action =
  | { readonly kind: 'gesture'; readonly gesture: Gesture }
  | { readonly kind: 'lay'; readonly plan: Partial<Omit<Plan, 'layout'>>; readonly way?: string }
  | { readonly kind: 'turn' }
  | { readonly kind: 'whole-plan'; readonly whole: Partial<Whole> }
  | { readonly kind: 'begin' }
  | { readonly kind: 'began-at'; readonly n: number }
  | { readonly kind: 'pause' }
  | { readonly kind: 'resume' }
  | { readonly kind: 'hand-over'; readonly by: string }
  | { readonly kind: 'access'; readonly access: readonly Need[] }
  | { readonly kind: 'mixed-with'; readonly language: string | null }
  | { readonly kind: 'open-closing' }
  | { readonly kind: 'leave-closing' }
  | { readonly kind: 'closing'; readonly closing: Closing }
  | { readonly kind: 'help'; readonly help: Help }
  | { readonly kind: 'answered-by'; readonly answeredBy: AnsweredBy }
  | { readonly kind: 'strategy'; readonly strategy: Strategy | null }
  | { readonly kind: 'reason'; readonly reason: ReasonGiven | null }
  | { readonly kind: 'shown'; readonly ms: number }
  | { readonly kind: 'cue'; readonly cue: Cue | null }
  | { readonly kind: 'end'; readonly ended: Ended }
  | { readonly kind: 'set-aside'; readonly reason: string | null; readonly upset?: true }
  | { readonly kind: 'there-were'; readonly n: number }
  | { readonly kind: 'check' }
  | { readonly kind: 'plan-next' }
  | { readonly kind: 'next-try' };

/** The sitting after an action: the one place where a sitting changes. */
export function after(sitting: Sitting, action: Action, now: Now): Sitting {
  switch (action.kind) {
    case 'gesture':
      return afterGesture(sitting, action.gesture, now);
    case 'lay':
      return isBetweenTries(sitting) ? relaid(withNext(sitting, now), action.plan, action.way, now) : sitting;
    case 'turn':
      return isBetweenTries(sitting) ? turned(withNext(sitting, now)) : sitting;
    case 'whole-plan':
      return { ...sitting, whole: { ...sitting.whole, ...action.whole } };
    case 'begin':
      return { ...sitting, stage: 'sitting' };
    case 'began-at':
      return afterGesture({ ...sitting, plan: { ...sitting.plan, start: action.n } }, { kind: 'next' }, now);
    case 'pause':
      return { ...sitting, pausedAt: sitting.pausedAt ?? now.ms };
    case 'hand-over':
      // What was going on was the adult’s own: another cannot end it.
      return {
        ...ended(sitting, 'interrupted', true),
        pausedAt: sitting.pausedAt ?? now.ms,
        handedOverBy: action.by,
      };
    case 'resume':
      return resumed(sitting, now);
    case 'access':
      return withAccess(sitting, action.access, now);
    case 'mixed-with':
      return withHead(sitting, { mixedWith: action.language ?? undefined });
    case 'open-closing':
      return {
        ...ended(sitting, 'interrupted', true),
        stage: 'closing',
        closing: closingOf(sitting, now),
      };
    case 'leave-closing':
      return { ...sitting, stage: 'sitting' };
    case 'closing':
      return { ...sitting, closing: action.closing };
    case 'help':
      return withHead(sitting, { help: action.help });
    case 'answered-by':
      return withHead(sitting, { answeredBy: action.answeredBy });
    case 'strategy':
      return withHead(sitting, { strategy: action.strategy ?? undefined });
    case 'reason':
      return withHead(sitting, { reason: action.reason ?? undefined });
    case 'shown':
      return shown(sitting, action.ms, now);
    case 'cue':
      return { ...withSet(sitting, { cue: action.cue ?? undefined }), isPlanDue: true };
    case 'there-were':
      return { ...withSet(sitting, { size: action.n }), isPlanDue: true };
    case 'set-aside':
      return {
        ...withHead(sitting, { setAside: action.reason ?? undefined, upset: action.upset }),
        isPlanDue: true,
      };
    case 'end':
      return ended(sitting, action.ended);
    case 'check':
      // What the child counts now, after its answer, is read as a check of it.
      return withHead(sitting, { ended: null });
    case 'plan-next':
      return withNext(sitting, now);
    case 'next-try':
      return { ...withNext(sitting, now), isOpen: false };
  }
}

const isBetweenTries = (sitting: Sitting): boolean => !sitting.isOpen || phaseOf(sitting) === 'read';

function resumed(sitting: Sitting, now: Now): Sitting {
  const since = sitting.pausedAt === null ? 0 : now.ms - sitting.pausedAt;
  return { ...sitting, pausedAt: null, handedOverBy: undefined, pausedMs: sitting.pausedMs + since };
}

/** Worked out once the end of a try has been seen, or when it is needed: what is seen does not wait for it. */
const withNext = (sitting: Sitting, now: Now): Sitting =>
  sitting.isPlanDue ? planned(sitting, now) : sitting;

/** What the sitting changed; lines that the adult has already put otherwise keep her words. */
function closingOf(sitting: Sitting, now: Now): Closing {
  const { earlier, child, closing } = sitting;
  const day = now.iso.slice(0, 10);
  const changes = sittingChanges(earlier, tracesOf(sitting), day, { birthDate: child.birthDate });
  const { changed, open } = tellChanges(words, changes, child.firstName);
  const before = new Map(closing?.changed.map((line) => [line.told, line]));
  return {
    changed: changed.map((told) => before.get(told) ?? { told, words: told }),
    open,
    note: closing?.note ?? '',
  };
}
