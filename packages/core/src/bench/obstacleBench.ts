import { nextSteps } from '../next/nextSteps.js';
import { obstacleIn, looksAt, tasksFor } from '../next/skillLooks.js';
import type { TellingSlip } from '../next/moves.js';
import { layoutFor } from '../shelf/layout.js';
import { setOf, taskOf, type TaskId } from '../shelf/tasks.js';
import { usualChild, type HiddenAbility } from '../simulate/child.js';
import { trueTracking } from '../simulate/population.js';
import { putOf } from '../simulate/putOf.js';
import { seededRandom, seededUuid, type Random } from '../simulate/random.js';
import { simulateTry } from '../simulate/simulateTry.js';
import { skillMap, type SkillId } from '../skills/map.js';
import { isOfNumbers } from '../statements/statement.js';
import { saidFor } from '../statements/saidFor.js';
import type { ChildId, SittingId, StaffId, TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';

/** One thing that stands in a simulated child's way, and nothing else much. */
interface MakeUp {
  readonly name: string;
  readonly ability: Partial<HiddenAbility>;
  /** Skills in which it shows, and as what. */
  readonly skills: readonly SkillId[];
  readonly slips: readonly TellingSlip[];
}

const able: Partial<HiddenAbility> = {
  orderTo: 24,
  orderSlope: 0.6,
  lapse: 0.02,
  slipPerThing: 0.008,
  fetches: 5,
  lastWord: 0.95,
  keeps: 0.9,
};

const makeUps: readonly MakeUp[] = [
  {
    name: 'races',
    ability: { slipPerThing: 0.12, racing: 3 },
    skills: ['row', 'aside'],
    slips: ['word-without-touch', 'double-counted', 'missed', 'ran-on'],
  },
  { name: 'skips a number', ability: { skips: 6 }, skills: ['order'], slips: ['skipped'] },
  {
    name: 'counts again when asked',
    ability: { lastWord: 0.05, recounts: 0.95 },
    skills: ['last-word'],
    slips: ['recounted'],
  },
  {
    name: 'fetches three and no more',
    ability: { fetches: 3 },
    skills: ['fetch'],
    slips: ['gave-another-number'],
  },
];

/** Three sittings, a week apart, of what adults take most. */
const days = ['2026-03-02', '2026-03-09', '2026-03-16'];
const taken: readonly (readonly [TaskId, number])[] = [
  ['say-far', 15],
  ['count-row', 6],
  ['count-row', 8],
  ['count-aside', 7],
  ['how-many', 5],
  ['give-n', 3],
  ['give-n', 4],
  ['give-n', 6],
];
const TODAY = '2026-03-18';

export interface ObstacleResults {
  readonly children: number;
  /** Share whose commonest obstacle is the one they were given. */
  readonly namedRightly: number;
  /** Share with a step for it among the three. */
  readonly steppedRightly: number;
  /** Share of statements of a row that say more than is so. */
  readonly overClaimed: number;
  readonly byMakeUp: readonly { readonly name: string; readonly namedRightly: number }[];
}

/** Simulated children with one obstacle each: is it found, is there a step for it, is too much said? */
export function benchObstacles(children: number, seed: number): ObstacleResults {
  const random = seededRandom(seed);
  const results = Array.from({ length: children }, (_, i) => {
    const makeUp = makeUps[i % makeUps.length]!;
    const ability: HiddenAbility = { ...usualChild, ...able, ...makeUp.ability };
    const tries = threeSittings(ability, random);
    const { choices } = nextSteps(tries, TODAY, { birthDate: '2021-09-01' });
    const row = saidFor(tries, TODAY).find((one) => one.skill === 'row');
    const claimed = row && isOfNumbers(row) ? row.sureTo : 0;
    return {
      name: makeUp.name,
      named: isNamed(makeUp, tries),
      stepped: choices.some((step) => makeUp.skills.includes(step.skill)),
      overClaimed: claimed > trueTracking(ability, 20),
    };
  });
  const share = (holds: readonly boolean[]): number => holds.filter(Boolean).length / holds.length;
  return {
    children,
    namedRightly: share(results.map((one) => one.named)),
    steppedRightly: share(results.map((one) => one.stepped)),
    overClaimed: share(results.map((one) => one.overClaimed)),
    byMakeUp: makeUps.map(({ name }) => ({
      name,
      namedRightly: share(results.filter((one) => one.name === name).map((one) => one.named)),
    })),
  };
}

/** The obstacle seen in the largest share of the tries that could show it, over all skills. */
function isNamed(makeUp: MakeUp, tries: readonly Trace[]): boolean {
  const obstacles = skillMap
    .filter((skill) => tasksFor(skill).length > 0)
    .flatMap((skill) => {
      const looks = tries.filter((trace) => looksAt(skill, trace));
      const obstacle = obstacleIn(skill, looks);
      return obstacle
        ? [{ skill: skill.id, slip: obstacle.slip, share: obstacle.traces.length / obstacle.of }]
        : [];
    });
  const [first] = obstacles.toSorted((a, b) => b.share - a.share);
  return first !== undefined && makeUp.skills.includes(first.skill) && makeUp.slips.includes(first.slip);
}

function threeSittings(ability: HiddenAbility, random: Random): readonly Trace[] {
  return days.flatMap((day, d) => {
    const sittingId = seededUuid(random) as SittingId;
    return taken.map(([id, n], i): Trace => {
      const task = taskOf(id);
      const things = (d + i) % 2 === 0 ? 'cork' : 'shell';
      const set = setOf(task, n, things, layoutFor(task, n, things, i));
      return {
        id: seededUuid(random) as TraceId,
        childId: 'child' as ChildId,
        sittingId,
        recordedBy: 'adult' as StaffId,
        startedAt: `${day}T09:${String(10 + i)}:00.000+00:00`,
        task: id,
        language: 'en',
        set,
        start: 1,
        direction: 1,
        target: n,
        help: 'none',
        answeredBy: 'alone',
        firstTime: false,
        ...simulateTry(ability, putOf(task, set, n, task.thenSay !== undefined), random),
      };
    });
  });
}
