import { nextTry } from '../asking/nextTry.js';
import { wentWell } from '../evidence/went.js';
import { figure } from '../common/parameters.js';
import type { NumberSkill } from '../skills/map.js';
import type { TaskId } from '../shelf/tasks.js';
import { onThisDay, type HiddenAbility } from '../simulate/child.js';
import { trueOrder, trueTracking, type DrawnChild } from '../simulate/population.js';
import type { Random } from '../common/random.js';
import type { PutToChild } from '../simulate/kinds.js';
import { simulateTry } from '../simulate/simulateTry.js';
import type { ChildId, SittingId, StaffId, TraceId } from '../trace/ids.js';
import type { Trace, TraySet } from '../trace/trace.js';

/** One skill as simulated children are asked for it. */
export interface AskedSkill {
  readonly skill: NumberSkill;
  /** The task it is put by. */
  readonly task: TaskId;
  readonly largest: number;
  readonly pile?: number;
  readonly set: Omit<TraySet, 'size' | 'things'>;
  readonly put: (n: number) => PutToChild;
  readonly truth: (ability: HiddenAbility) => number;
}

const PILE = 15;
const LARGEST_SAID = 30;
const LARGEST_SET = 20;
/** A child that counts to fetch is sure of every number asked for here. */
const LARGEST_FETCHED = 10;
const NUMBER_OF_LEVEL = [0, 1, 2, 3, 4, LARGEST_FETCHED] as const;

export const askedSkills: readonly AskedSkill[] = [
  {
    skill: 'order',
    task: 'say-far',
    largest: LARGEST_SAID,
    set: { arrangement: 'none' },
    put: (target) => ({ kind: 'say', target }),
    truth: (ability) => trueOrder(ability, LARGEST_SAID),
  },
  {
    skill: 'one-to-one',
    task: 'count-row',
    largest: LARGEST_SET,
    set: { arrangement: 'row' },
    put: (size) => ({ kind: 'count', size, arrangement: 'row', asksHowMany: false }),
    truth: (ability) => trueTracking(ability, LARGEST_SET),
  },
  {
    skill: 'fetch',
    task: 'give-n',
    largest: LARGEST_FETCHED,
    pile: PILE,
    set: { arrangement: 'movable', pile: PILE },
    put: (asked) => ({ kind: 'give', asked: [asked], pile: PILE }),
    truth: (ability) => NUMBER_OF_LEVEL[Math.floor(ability.fetches)]!,
  },
];

/** One sitting of a simulated child: its tries in order, and the seconds each took. */
export interface AskedSitting {
  readonly tries: readonly Trace[];
  readonly seconds: readonly number[];
}

const SITTING = 'sitting' as SittingId;
const DAY = '2026-03-02';
const GOING_PRACTICE_BEGINS = 3;
const LONGEST = 24;

/** Goes on asking by `next` until it returns null. */
function sitThrough(
  asked: AskedSkill,
  child: DrawnChild,
  random: Random,
  next: (tries: readonly Trace[], secondsUsed: number) => number | null,
): AskedSitting {
  const ability = onThisDay(child.ability, random);
  const tries: Trace[] = [];
  const seconds: number[] = [];
  let used = 0;
  for (let n = next(tries, 0); n !== null && tries.length < LONGEST; n = next(tries, used)) {
    const { events, ended } = simulateTry(ability, asked.put(n), random);
    const lay = tries.length === 0 ? figure.secondsToLay : figure.secondsToKeep;
    tries.push(traceOf(asked, n, tries.length, { events, ended }));
    seconds.push(lay + figure.secondsPerThing * n + figure.secondsToAnswer);
    used += seconds.at(-1)!;
  }
  return { tries, seconds };
}

function traceOf(asked: AskedSkill, n: number, place: number, had: Pick<Trace, 'events' | 'ended'>): Trace {
  return {
    id: `try-${place}` as TraceId,
    childId: 'child' as ChildId,
    sittingId: SITTING,
    recordedBy: 'adult' as StaffId,
    startedAt: `${DAY}T09:${String(10 + place).padStart(2, '0')}:00.000+00:00`,
    task: asked.task,
    language: 'en',
    set: { size: n, things: 'cork', ...asked.set },
    start: 1,
    direction: 1,
    target: n,
    help: 'none',
    answeredBy: 'alone',
    firstTime: false,
    ...had,
  };
}

/** The chosen questions, with all the rules of kindness. */
export function askChosen(
  asked: AskedSkill,
  child: DrawnChild,
  random: Random,
  { goOn = false, seconds = Number(60 * figure.minutesOfSitting) } = {},
): AskedSitting {
  return sitThrough(asked, child, random, (tries, used) => {
    const next = nextTry(asked.skill, {
      tries,
      sittingId: SITTING,
      day: DAY,
      language: 'en',
      months: child.months,
      arrangements: [asked.set.arrangement],
      things: ['cork'],
      largest: asked.largest,
      secondsLeft: seconds - used,
      goOn,
      ...(asked.pile !== undefined && { pile: asked.pile }),
    });
    return next.kind === 'ask' ? next.n : null;
  });
}

/** Going practice: from three, up one while right, the same once more after a miss, until two running. */
export function askUpward(asked: AskedSkill, child: DrawnChild, random: Random): AskedSitting {
  return sitThrough(asked, child, random, (tries) => {
    const went = tries.map((trace) => wentWell(asked.skill, trace) === true);
    const last = tries.at(-1);
    if (!last) return GOING_PRACTICE_BEGINS;
    const n = last.target!;
    if (went.at(-1)) return n < asked.largest ? n + 1 : null;
    return went.at(-2) === false ? null : n;
  });
}

/** What adults read from going practice: the last number passed. */
export function lastPassed(asked: AskedSkill, { tries }: AskedSitting): number {
  const passed = tries.findLast((trace) => wentWell(asked.skill, trace));
  return passed?.target ?? 0;
}
