import type { TryHead } from '@dotting/contract';
import {
  captureKinds,
  choicesIn,
  implicitQuestion,
  lastStanding,
  readCheck,
  record,
  runOf,
  setOf,
  sittingChanges,
  taskOf,
  undoWhole,
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
import { words } from '../wording/words.js';
import type { Now } from './now.js';
import { planned, relaid, turned, withAccess } from './planning.js';
import {
  answersIn,
  onTheTable,
  openTry,
  phaseOf,
  startOf,
  targetOf,
  tracesOf,
  withEvents,
  withHead,
  withSet,
  type Closing,
  type Plan,
  type Sitting,
  type SittingTry,
  type Whole,
} from '../outbox/sitting.js';

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

function afterGesture(sitting: Sitting, gesture: Gesture, now: Now): Sitting {
  if (gesture.kind === 'undo') return afterUndo(sitting, now);
  const begun = sitting.isOpen ? sitting : begin(sitting, gesture, now);
  const question = implicitQuestion(gesture, onTheTable(begun));
  const asked = question === null ? begun : recorded(begun, { kind: 'ask', question }, now);
  const after = recorded(asked, gesture, now);
  // A question opens the try again: the things still lie there.
  if (gesture.kind === 'ask') return withHead(after, { ended: null });
  if (openTry(after)?.head.ended !== null) return { ...after, isPlanDue: true };
  return endsTheTry(gesture, after) ? ended(after, 'finished') : after;
}

/** What was shown for a moment is asked about, unless the child has answered already. */
function shown(sitting: Sitting, ms: number, now: Now): Sitting {
  const isAnswered = sitting.isOpen && answersIn(sitting) > 0;
  const asked = isAnswered ? sitting : afterGesture(sitting, { kind: 'ask', question: 'how-many' }, now);
  return withHead(asked, { shownMs: ms });
}

const recorded = (sitting: Sitting, gesture: Gesture, now: Now): Sitting =>
  withEvents(sitting, (open) => record(soFar(open), gesture, momentOf(open, now)));

const isBetweenTries = (sitting: Sitting): boolean => !sitting.isOpen || phaseOf(sitting) === 'read';

/** The last answer that is asked for does, and a whole count entered in one tap where nothing is asked after it. */
function endsTheTry(gesture: Gesture, sitting: Sitting): boolean {
  const { task } = onTheTable(sitting);
  if (gesture.kind === 'whole') return task.thenAsks === undefined;
  if (gesture.kind !== 'answer') return false;
  const isOnTheWay = task.midway?.some((value) => value === gesture.value) ?? false;
  return !isOnTheWay && answersIn(sitting) >= (task.asksAgain ? 2 : 1);
}

/** Undo takes back the last step; in a try that has ended, first the ending, with the answer that ended it. */
function afterUndo(sitting: Sitting, now: Now): Sitting {
  const open = openTry(sitting);
  if (!open) return sitting;
  const last = lastStanding(open.events);
  if (open.head.ended !== null && last?.kind !== 'answer') return withHead(sitting, { ended: null });
  const isWholeAsItWas = open.head.whole && (last?.kind === 'count' || last?.kind === 'say');
  const undone = withEvents(sitting, () =>
    isWholeAsItWas
      ? undoWhole(soFar(open), momentOf(open, now))
      : record(soFar(open), { kind: 'undo' }, momentOf(open, now)),
  );
  return withHead(undone, { ended: null, ...(isWholeAsItWas && { whole: undefined }) });
}

function begin(sitting: Sitting, gesture: Gesture, now: Now): Sitting {
  const { plan, child } = sitting;
  const task = taskOf(plan.task);
  const choices = choicesIn(task, plan.layout);
  const head: TryHead = {
    childId: child.id,
    sittingId: sitting.id,
    recordedBy: sitting.staffId,
    startedAt: now.iso,
    task: plan.task,
    language: plan.language,
    version: 2,
    set: setOf(task, plan.size, plan.things, plan.layout) as TryHead['set'],
    start: startOf(plan),
    ...(plan.step !== undefined && plan.step !== 1 && { step: plan.step }),
    ...(captureKinds[task.kind].asksForWords && plan.second !== undefined && { second: plan.second }),
    direction: runOf(task, plan.size).direction,
    // Of a handful nobody knows it, and of an empty set there is none.
    ...((plan.size > 0 || plan.layout?.cards) && !plan.layout?.handful && { target: targetOf(plan) }),
    ...(choices && { choices: choices.length }),
    help: 'none',
    answeredBy: 'alone',
    firstTime:
      !sitting.metTasks.includes(plan.task) && sitting.tries.every((one) => one.head.task !== plan.task),
    ended: null,
    ...headAccess(sitting.access),
    ...(gesture.kind === 'whole' && { whole: true as const }),
  };
  const begun = { id: now.newId, head, revision: 0, presence: sitting.presence, events: [] };
  return { ...sitting, stage: 'sitting', tries: [...sitting.tries, begun], isOpen: true };
}

const headAccess = (access: readonly Need[]): Pick<TryHead, 'access'> =>
  access.length > 0 ? { access } : {};

function resumed(sitting: Sitting, now: Now): Sitting {
  const since = sitting.pausedAt === null ? 0 : now.ms - sitting.pausedAt;
  return { ...sitting, pausedAt: null, handedOverBy: undefined, pausedMs: sitting.pausedMs + since };
}

/** Ends the open try, and with it what was planned; a sitting without one stays as it is. */
function ended(sitting: Sitting, how: Ended, onlyIfGoing = false): Sitting {
  const open = openTry(sitting);
  if (!open || (onlyIfGoing && open.head.ended !== null)) return sitting;
  return { ...withHead(countedHandful(sitting, open), { ended: how }), isPlanDue: true };
}

/** A handful that was counted once more is as many as that came to, until the adult says otherwise. */
function countedHandful(sitting: Sitting, { head, events }: SittingTry): Sitting {
  const { counted } = readCheck({ ...head, events });
  const isUnknown = head.set.layout?.handful && head.set.size === 0;
  return isUnknown && typeof counted === 'number' ? withSet(sitting, { size: counted }) : sitting;
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

const soFar = (open: SittingTry) => ({
  events: open.events,
  // Back from a number the first word of a child that does not say it again is the one before.
  start: open.head.direction === -1 ? open.head.start - 1 : open.head.start,
  direction: open.head.direction,
  step: open.head.step,
  inTwo: open.head.second !== undefined,
  size: open.head.set.size,
  spoken: open.head.set.arrangement === 'none',
  places: open.head.set.layout?.places ?? 0,
});

const momentOf = (open: SittingTry, now: Now) => ({
  t: Math.max(0, now.ms - Date.parse(open.head.startedAt)),
  by: open.head.recordedBy,
  at: now.iso,
});
