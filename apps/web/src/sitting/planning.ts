import {
  beginSitting,
  comparedPairs,
  figure,
  layoutFor,
  liesAmongOthers,
  mixedUpWith,
  nextInSitting,
  openWays,
  seedFrom,
  sizeBySteps,
  sizeFor,
  tellingSeed,
  waysBySchool,
  type BegunSitting,
  type Need,
  type TaskId,
} from '@dotting/core';
import { tellNext } from '@dotting/words';
import { words } from '../wording/all.js';
import type { Now } from './now.js';
import {
  kindsIn,
  ownIn,
  schoolsIn,
  taskIn,
  tracesOf,
  withHead,
  type Plan,
  type Sitting,
} from '../outbox/sitting.js';

/** A start and a step are chosen for the task that lies there, and for no other; of the shelf unless it is said. */
const asUsual = { start: undefined, step: undefined, own: undefined } as const;

export const dayOfNow = (now: Now): string => now.iso.slice(0, 10);

/** How a sitting goes on from the step that it is for: few things and short minutes where attention goes sooner. */
export function begun(
  {
    child,
    earlier,
    access,
    language,
    ownThings,
  }: Pick<Sitting, 'child' | 'earlier' | 'access' | 'ownThings'> & { readonly language: string },
  step: { readonly task: TaskId; readonly n: number },
  now: Now,
): BegunSitting {
  const isShort = access.includes('attention');
  return beginSitting({
    step,
    earlier,
    birthDate: child.birthDate,
    language,
    day: dayOfNow(now),
    minutes: isShort ? figure.minutesOfShort : figure.minutesOfSitting,
    most: isShort ? figure.thingsOfShort : null,
    kinds: kindsIn({ child, ...(ownThings && { ownThings }) }, dayOfNow(now)),
  });
}

/**
 * The plan with what is generated for it: by the sitting and the place of the try in it, so that the
 * same plan is laid again after a reload; the task's ways by turns, unless one is chosen.
 */
export function laid(
  sitting: Pick<Sitting, 'id' | 'tries' | 'child' | 'earlier' | 'schools' | 'ownThings'>,
  plan: Plan,
  now: Now,
  way?: string,
): Plan {
  const task = taskIn(plan);
  const { step = 1 } = plan;
  const size = step === 1 ? sizeFor(task, plan.size) : sizeBySteps(task, plan.size, step);
  const before = sitting.tries.filter((one) => one.head.task === task.id).length;
  const schools = schoolsIn(sitting);
  const ways = waysBySchool(openWays(task, sitting.child.notYet), schools);
  const chosen = way ?? ways?.[before % ways.length];
  const drawn = (seedFrom(sitting.id) + sitting.tries.length) % 2 ** 31;
  const things = task.only ?? plan.things;
  const around = { kinds: kindsIn(sitting, dayOfNow(now)), own: ownIn(sitting) };
  const soFar = task.compares || liesAmongOthers(task) ? [...sitting.earlier, ...tracesOf(sitting)] : [];
  const pairs = task.compares ? comparedPairs(soFar) : [];
  const seed = tellingSeed(task, size, things, drawn, chosen, around, pairs);
  const made = layoutFor(task, size, things, seed, chosen, {
    ...around,
    schools,
    hand: sitting.child.hand,
    mixedUp: mixedUpWith(size, soFar),
  });
  // What lies turned to match the table stays so.
  const turn = plan.layout?.turn;
  return { ...plan, size, things, layout: made && turn !== undefined ? { ...made, turn } : made };
}

/** Another task, number or things; before the first try what comes after goes with the task. */
export function relaid(
  sitting: Sitting,
  change: Partial<Omit<Plan, 'layout'>>,
  way: string | undefined,
  now: Now,
): Sitting {
  const isOtherTask =
    change.task !== undefined &&
    (change.task !== sitting.plan.task || change.own?.id !== sitting.plan.own?.id);
  const isChosen = sitting.stage === 'planning' && isOtherTask;
  // The reason was that of the task before.
  const changed = {
    ...sitting.plan,
    ...(isOtherTask && asUsual),
    ...change,
    ...(isChosen && { why: '' }),
  };
  const plan = laid(sitting, changed, now, way);
  if (!isChosen) return { ...sitting, plan };
  // What the adult chose is what the sitting is for.
  const step = { task: plan.task, n: plan.size };
  const { main, other } = begun({ ...sitting, language: plan.language }, step, now).plan;
  // One number all round is no more where another task was chosen.
  const { round: _, ...whole } = sitting.whole;
  return { ...sitting, plan, whole: { ...whole, main, mainWhy: '', other: whole.other && other } };
}

/** What is done otherwise; a child whose attention goes sooner gets few things and short minutes, planned so. */
export function withAccess(sitting: Sitting, access: readonly Need[], now: Now): Sitting {
  const changed = withHead({ ...sitting, access }, { access: access.length > 0 ? access : undefined });
  const isNewlyShort = access.includes('attention') && !sitting.access.includes('attention');
  if (sitting.stage !== 'planning' || !isNewlyShort) return changed;
  const size = Math.min(sitting.plan.size, figure.thingsOfShort);
  return {
    ...changed,
    plan: laid(sitting, { ...sitting.plan, size }, now),
    whole: { ...sitting.whole, minutes: figure.minutesOfShort, other: null },
  };
}

const eighths = 8;

export function turned(sitting: Sitting): Sitting {
  const { plan } = sitting;
  const turn = ((plan.layout?.turn ?? 0) + 1) % eighths;
  return { ...sitting, plan: { ...plan, layout: { ...plan.layout, turn } } };
}

/** What to put next, by all that is known as it now stands. */
export function planned(sitting: Sitting, now: Now): Sitting {
  const { earlier, child, whole, pausedMs, access, plan } = sitting;
  const { task, n, things, why } = nextInSitting({
    earlier,
    tries: tracesOf(sitting),
    birthDate: child.birthDate,
    plan: whole,
    pausedMs,
    kinds: kindsIn(sitting, dayOfNow(now)),
    most: access.includes('attention') ? figure.thingsOfShort : null,
    now: now.iso,
  });
  // The room’s own task goes on while what it goes like does.
  const own = task === plan.task && plan.own ? { own: plan.own } : {};
  return {
    ...sitting,
    plan: laid(
      sitting,
      { ...plan, ...asUsual, ...own, task, size: n, things, why: tellNext(words, why) },
      now,
    ),
    isPlanDue: false,
  };
}
