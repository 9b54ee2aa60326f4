import { nextTry } from '../asking/nextTry.js';
import { wentWell } from '../evidence/went.js';
import { figure } from '../estimates/parameters.js';
import { onThisDay } from '../simulate/child.js';
import type { DrawnChild } from '../simulate/population.js';
import type { Random } from '../simulate/random.js';
import { simulateTry } from '../simulate/simulateTry.js';
import type { ChildId, SittingId, StaffId, TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import type { BenchSkill } from './skills.js';

/** One sitting of a simulated child: its tries in order, and the seconds each took. */
export interface BenchSitting {
  readonly tries: readonly Trace[];
  readonly seconds: readonly number[];
}

const SITTING = 'sitting' as SittingId;
const DAY = '2026-03-02';
const GOING_PRACTICE_BEGINS = 3;
const LONGEST = 24;

/** Goes on asking by `next` until it returns null. */
function sitThrough(
  bench: BenchSkill,
  child: DrawnChild,
  random: Random,
  next: (tries: readonly Trace[], secondsUsed: number) => number | null,
): BenchSitting {
  const ability = onThisDay(child.ability, random);
  const tries: Trace[] = [];
  const seconds: number[] = [];
  let used = 0;
  for (let n = next(tries, 0); n !== null && tries.length < LONGEST; n = next(tries, used)) {
    const { events, ended } = simulateTry(ability, bench.put(n), random);
    const lay = tries.length === 0 ? figure.secondsToLay : figure.secondsToKeep;
    tries.push(traceOf(bench, n, tries.length, { events, ended }));
    seconds.push(lay + figure.secondsPerThing * n + figure.secondsToAnswer);
    used += seconds.at(-1)!;
  }
  return { tries, seconds };
}

function traceOf(bench: BenchSkill, n: number, place: number, had: Pick<Trace, 'events' | 'ended'>): Trace {
  return {
    id: `try-${place}` as TraceId,
    childId: 'child' as ChildId,
    sittingId: SITTING,
    recordedBy: 'adult' as StaffId,
    startedAt: `${DAY}T09:${String(10 + place).padStart(2, '0')}:00.000+00:00`,
    task: bench.task,
    language: 'en',
    set: { size: n, things: 'cork', ...bench.set },
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
  bench: BenchSkill,
  child: DrawnChild,
  random: Random,
  { goOn = false, seconds = Number(60 * figure.minutesOfSitting) } = {},
): BenchSitting {
  return sitThrough(bench, child, random, (tries, used) => {
    const next = nextTry(bench.skill, {
      tries,
      sittingId: SITTING,
      day: DAY,
      language: 'en',
      months: child.months,
      arrangements: [bench.set.arrangement],
      things: ['cork'],
      largest: bench.largest,
      secondsLeft: seconds - used,
      goOn,
      ...(bench.pile !== undefined && { pile: bench.pile }),
    });
    return next.kind === 'ask' ? next.n : null;
  });
}

/** Going practice: from three, up one while right, the same once more after a miss, until two running. */
export function askUpward(bench: BenchSkill, child: DrawnChild, random: Random): BenchSitting {
  return sitThrough(bench, child, random, (tries) => {
    const went = tries.map((trace) => wentWell(bench.skill, trace) === true);
    const last = tries.at(-1);
    if (!last) return GOING_PRACTICE_BEGINS;
    const n = last.target!;
    if (went.at(-1)) return n < bench.largest ? n + 1 : null;
    return went.at(-2) === false ? null : n;
  });
}

/** What adults read from going practice: the last number passed. */
export function lastPassed(bench: BenchSkill, { tries }: BenchSitting): number {
  const passed = tries.findLast((trace) => wentWell(bench.skill, trace));
  return passed?.target ?? 0;
}
