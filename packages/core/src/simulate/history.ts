import { observationsOf } from '../evidence/observations.js';
import { gaveAll } from '../reading/readGiving.js';
import { readTry } from '../reading/readTry.js';
import { counters } from '../shelf/counters.js';
import { layoutFor } from '../shelf/layout.js';
import { isPrinciple } from '../skills/map.js';
import { runOf, setOf, sizeFor, taskOf, tasks, type Task } from '../shelf/tasks.js';
import type { ChildId, SittingId, StaffId, TraceId } from '../trace/ids.js';
import type { Strategy, Trace } from '../trace/trace.js';
import { grown, onThisDay, type Growth, type HiddenAbility } from './child.js';
import { pick, seededRandom, seededUuid, seedFrom, type Random } from '../common/random.js';
import { putOf, simulateTry } from './simulateTry.js';

export interface SimulatedMonths {
  readonly childId: ChildId;
  readonly adults: readonly StaffId[];
  readonly language: string;
  readonly ability: HiddenAbility;
  readonly growth: Growth;
  /** The first Monday, as YYYY-MM-DD. */
  readonly firstDay: string;
  readonly weeks: number;
  /** Weeks from one sitting to the next, on average. */
  readonly weeksBetween: number;
}

/** What adults take most, more than once in the list; the rest of the shelf now and then. */
const takenMost: readonly Task['id'][] = [
  'say-far',
  'count-row',
  'count-aside',
  'count-scatter',
  'how-many',
  'give-n',
];
/** Strands that the demo’s children have tries of their own of. */
const leftOut: ReadonlySet<Task['strand']> = new Set([
  'comparing',
  'seeing-how-many',
  'parts-and-wholes',
  'numeral-recognition',
  'numeral-formation',
  'sorting-and-recording',
]);
const usualTasks = [
  ...tasks.filter(({ id, strand }) => id === 'cover-some' || (id !== 'stair' && !leftOut.has(strand))),
  ...[1, 2, 3].flatMap(() => takenMost.map(taskOf)),
];

const DAY_MS = 86_400_000;
const TRY_MS = 75_000;

/** Months of sittings with one simulated child: full traces, as adults would have recorded them. */
export function simulateMonths(plan: SimulatedMonths, random: Random): Trace[] {
  const traces: Trace[] = [];
  for (
    let week = random() * plan.weeksBetween;
    week < plan.weeks;
    week += plan.weeksBetween * (0.6 + 0.8 * random())
  ) {
    const weekday = Math.floor(random() * 5);
    const morning = (9 + random() * 2) * 3_600_000;
    const startsAt =
      Date.parse(`${plan.firstDay}T00:00:00Z`) + (Math.floor(week) * 7 + weekday) * DAY_MS + morning;
    const ability = onThisDay(grown(plan.ability, plan.growth, week), random);
    traces.push(...simulateSitting(plan, ability, startsAt, traces, random));
  }
  return traces;
}

/** Three or four tries of one task: from one below the last number that went well, up one while it goes well. */
function simulateSitting(
  plan: SimulatedMonths,
  ability: HiddenAbility,
  startsAt: number,
  earlier: readonly Trace[],
  random: Random,
): Trace[] {
  const sittingId = seededUuid(random) as SittingId;
  const recordedBy = pick(random, plan.adults);
  const kind = pick(random, counters).id;
  const task = pick(random, usualTasks);
  const things = task.only ?? kind;
  const wentWell = earlier.findLast((trace) => trace.task === task.id && wentWithoutSlip(trace));
  let n = sizeFor(task, Math.max(task.ladder[0]!, (numberOf(wentWell) ?? task.ladder[1]!) - 1));
  return Array.from({ length: 3 + Math.floor(random() * 2) }, (_, i) => {
    const asksHowMany = task.thenAsks === true || random() < 0.25;
    const way = pickWay(task, i);
    const set = setOf(task, n, things, layoutFor(task, n, things, Math.floor(random() * 1e6), way));
    const { events, ended } = simulateTry(ability, putOf({ task, set, n, asksHowMany }), random);
    const trace: Trace = {
      id: seededUuid(random) as TraceId,
      childId: plan.childId,
      sittingId,
      recordedBy,
      startedAt: new Date(startsAt + i * TRY_MS).toISOString().replace('Z', '+00:00'),
      task: task.id,
      language: plan.language,
      set,
      ...runOf(task, n),
      ...(task.choosing && { choices: task.choosing.length }),
      help: pick(random, ['none', 'none', 'none', 'none', 'encouraged', 'prompted'] as const),
      answeredBy: random() < 0.93 ? 'alone' : 'with-others',
      firstTime: earlier.every((one) => one.task !== task.id) && i === 0,
      ended: random() < 0.96 ? ended : 'interrupted',
      ...(set.layout?.change && task.kind === 'answer' && { strategy: wayOf(ability, `${sittingId}${i}`) }),
      events,
    };
    n = sizeFor(task, wentWithoutSlip(trace) ? n + 1 : n - 1);
    return trace;
  });
}

/** Who has many words counts on or knows, the others count all; drawn apart, so that nothing else is drawn otherwise. */
function wayOf({ orderTo }: HiddenAbility, of: string): Strategy {
  const random = seededRandom(seedFrom(of));
  return pick(
    random,
    orderTo > 16
      ? ['counted-on', 'counted-on', 'knew']
      : ['counted-all', 'counted-all', 'fingers', 'counted-on'],
  );
}

const numberOf = (trace: Trace | undefined): number | undefined => trace && (trace.target ?? trace.set.size);

/** Whether the try went as it was put, as an adult would say on the spot. */
function wentWithoutSlip(trace: Trace): boolean {
  const { pairing, order } = readTry(trace);
  const { looksAt } = taskOf(trace.task);
  const gave = gaveAll(trace);
  if (gave !== null) return gave;
  const shown = isPrinciple(looksAt) ? observationsOf(trace).principles[looksAt]?.success : undefined;
  if (shown !== undefined) return shown;
  return pairing ? pairing.holds : order.slips.length === 0 && order.upTo >= trace.target!;
}

/** Each way by turns. */
const pickWay = ({ ways }: Task, turn: number): string | undefined => ways && ways[turn % ways.length];
