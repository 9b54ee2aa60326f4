import { beginSitting } from './asking/beginSitting.js';
import { nextInSitting } from './asking/nextInSitting.js';
import { figure } from './common/parameters.js';
import { seededRandom, type Random } from './common/random.js';
import { dueFor } from './next/due.js';
import { summarise } from './next/looks.js';
import { nextSteps, type NextStep } from './next/nextSteps.js';
import { layoutFor } from './shelf/layout.js';
import { runOf, setOf, taskOf, type TaskId } from './shelf/tasks.js';
import { onThisDay, usualChild, type HiddenAbility } from './simulate/child.js';
import { drawChild } from './simulate/population.js';
import { putOf, simulateTry } from './simulate/simulateTry.js';
import { saidFor } from './statements/saidFor.js';
import type { Statement } from './statements/statement.js';
import { traceOf } from './testing/traces.js';
import type { ChildId, SittingId, TraceId } from './trace/ids.js';
import type { Trace } from './trace/trace.js';

/**
 * What is asked of made-up children and said of them, as it was when somebody last looked: a change of a rule that
 * nobody meant shows here. One that was meant is looked through line by line, and then kept with `jest -u`.
 */

const kinds = ['cork', 'shell', 'boat'];
const birthDate = '2022-01-15';
const days = ['2026-03-02', '2026-03-09', '2026-03-30'];

/** What now and then is otherwise about a try: its help, its company, its end, what an adult says of it afterwards. */
const circumstances: readonly Partial<Trace>[] = [
  { help: 'prompted' },
  { help: 'encouraged' },
  { help: 'guided' },
  { answeredBy: 'with-others' },
  { seen: 'in-passing' },
  { ended: 'stopped-by-adult' },
  { ended: 'interrupted' },
  { setAside: 'tired' },
  { firstTime: true },
  { mixedWith: 'cy' },
  { help: 'shown' },
  { ended: 'refused' },
];

/** Puts a task to a child, on a day on which it is as it is then. */
function put(
  child: HiddenAbility,
  id: TaskId,
  n: number,
  things: string,
  place: number,
  random: Random,
): Partial<Trace> {
  const task = taskOf(id);
  const set = setOf(
    task,
    n,
    things,
    layoutFor(task, n, things, place, task.ways?.[place % task.ways.length]),
  );
  const laid = putOf({ task, set, n, asksHowMany: task.thenAsks === true });
  return { task: id, set, ...runOf(task, n), ...simulateTry(child, laid, random) };
}

const momentOf = (day: string, seconds: number): string =>
  new Date(Date.parse(`${day}T09:30:00.000Z`) + 1000 * seconds).toISOString().replace('Z', '+00:00');

/** One sitting as the app asks it, and a line for each try. */
function sit(ability: HiddenAbility, earlier: readonly Trace[], day: string, random: Random, often: number) {
  const { choices } = nextSteps(earlier, day, { birthDate, kinds });
  const step = choices[random() < 0.5 ? 0 : 1]!;
  const minutes = figure.minutesOfSitting;
  const { first, plan } = beginSitting({
    step,
    earlier,
    birthDate,
    language: 'en',
    day,
    minutes,
    most: null,
    kinds,
  });
  const child = onThisDay(ability, random);
  const lines = [`${day} for ${step.skill} ${step.task} ${step.n}, then ${plan.other}`];
  const tries: Trace[] = [];
  let next: { task: TaskId; n: number; things: string; why?: object } = { ...first, things: step.things };
  for (let used = 0, over = false; !over;) {
    const place = earlier.length + tries.length;
    const isOdd = random() < 1 / often;
    const trace = traceOf({
      id: `try-${place}` as TraceId,
      childId: 'child' as ChildId,
      sittingId: day as SittingId,
      startedAt: momentOf(day, used),
      ...put(child, next.task, next.n, next.things, place, random),
      ...(isOdd ? circumstances[Math.floor(random() * circumstances.length)] : {}),
    });
    tries.push(trace);
    used += 15 + 1.5 * next.n;
    const then = nextInSitting({
      earlier,
      tries,
      birthDate,
      plan,
      pausedMs: 0,
      kinds,
      now: momentOf(day, used),
      most: null,
    });
    lines.push(
      `${next.task} ${next.n} ${next.things} → ${then.isOver ? 'over' : ''} ${Object.values(then.why).join(' ')}`,
    );
    next = then;
    over = then.isOver || tries.length === 20;
  }
  return { tries, lines };
}

function lineOf(one: Statement): string {
  const { skill, certainty, tries, weakenedBy, ...of } = one;
  const facts = Object.entries(of).map(([name, value]) => `${name} ${rounded(value)}`);
  return `${skill} ${certainty} of ${tries.length} ${JSON.stringify(weakenedBy)} ${facts.join(', ')}`;
}

const rounded = (value: unknown): string =>
  JSON.stringify(value, (_, one: unknown) => (typeof one === 'number' ? Number(one.toFixed(3)) : one));

const stepLine = ({ skill, task, n, things, chance, because, tries, evidence }: NextStep): string =>
  `${skill}: ${task} ${n} ${things} ${chance.toFixed(2)} ${rounded(because.seen)} ${rounded(because.move)} known ${because.known?.skill ?? ''} by ${tries.length}, ${evidence}`;

function judged(ability: HiddenAbility, seed: number, often: number): readonly string[] {
  const random = seededRandom(seed);
  let all: readonly Trace[] = [];
  const lines: string[] = [];
  for (const day of days) {
    const sat = sit(ability, all, day, random, often);
    all = [...all, ...sat.tries];
    lines.push(...sat.lines);
  }
  for (const date of ['2026-03-30', '2026-06-08']) {
    const looks = summarise(all, date, { birthDate });
    const { choices, easier, bySkill } = nextSteps(all, date, { birthDate, kinds });
    lines.push(
      date,
      ...saidFor(all, date, { birthDate }).map(lineOf),
      ...dueFor([{ childId: 'child' as ChildId, looks }], date, 1).map((due) => `due ${rounded(due)}`),
      `first ${choices.map((one) => one.skill).join(', ')}; easier ${stepLine(easier)}`,
      ...[...bySkill.values()].map(stepLine),
    );
  }
  return lines;
}

const sure = {
  lapse: 0,
  orderTo: 24,
  orderSlope: 0.4,
  slipPerThing: 0.004,
  fetches: 5,
  lastWord: 1,
  keeps: 1,
};
const children: Readonly<Record<string, Partial<HiddenAbility>>> = {
  'one that can all of it': sure,
  'one that races': { ...sure, slipPerThing: 0.12, racing: 3 },
  'one that goes round the ring': { ...sure, goesRound: { ring: 0.9 } },
  'one that counts again when asked': { ...sure, lastWord: 0.1, recounts: 1 },
  'one with words of its own': { ...sure, orderTo: 9, ownOrder: [11, 14, 16], stopsItself: 0 },
  'one that leaves a word out': { ...sure, skips: 6 },
  'one that gives two, and a handful': { ...sure, fetches: 2 },
  'one that does not keep the number': { ...sure, keeps: 0.1 },
  'one that has just begun': { orderTo: 3, slipPerThing: 0.3, fetches: 1, lastWord: 0.2 },
  'one of bad days': { lapse: 0.15, slipPerThing: 0.06, fetches: 3 },
};

describe('what is asked and said', () => {
  test.each(Object.entries(children))('of %s', (name, ability) => {
    expect(judged({ ...usualChild, ...ability }, name.length, 8)).toMatchSnapshot();
  });

  test.each([31, 32, 33, 34])('of a child drawn at random, %i', (seed) => {
    expect(judged(drawChild(seededRandom(seed)).ability, seed, 4)).toMatchSnapshot();
  });
});
