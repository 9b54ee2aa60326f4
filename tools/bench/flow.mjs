// The app’s own flow with a simulated child: what Today or the child’s page puts first, the sitting it plans, the
// next try it chooses after each, until it says that it is over.
import { dateOf, momentOf } from './people.mjs';

const kinds = ['cork', 'shell', 'boat', 'lid'];
const mostTries = 30;

export function birthDateOf(day, months) {
  const date = new Date(Date.parse(`${dateOf(day)}T00:00:00Z`));
  date.setUTCMonth(date.getUTCMonth() - months);
  return date.toISOString().slice(0, 10);
}

/** The step an adult sits down for: what is due, else what the child’s page puts first. */
export function stepFor(core, tries, date, birthDate) {
  const steps = core.nextSteps(tries, date, { birthDate, kinds });
  const looks = core.summarise(tries, date, { birthDate });
  const [due] = core.dueFor([{ childId: 'child', looks }], date, 1);
  if (!due) return steps.choices[0];
  return steps.bySkill.get(
    core.skillToSitFor(
      due,
      steps.choices.map(({ skill }) => skill),
      looks,
    ),
  );
}

/** One sit-down of four minutes: its tries, oldest first. */
export function sitDown(core, child, tries, day, birthDate) {
  const date = dateOf(day);
  const step = stepFor(core, tries, date, birthDate);
  const minutes = core.figure.minutesOfSitting;
  const common = { birthDate, kinds };
  const { first, plan } = core.beginSitting({
    ...common,
    step,
    earlier: tries,
    language: 'en',
    day: date,
    minutes,
    most: null,
  });
  const sat = [];
  let next = { ...first, things: step.things };
  let used = core.figure.secondsToLay - core.figure.secondsToKeep;
  while (sat.length < mostTries) {
    const task = core.taskOf(next.task);
    const trace = child.ask({ task, n: next.n, things: task.only ?? next.things, day, seconds: used });
    sat.push({ ...trace, sittingId: `sitting-${day}` });
    used += secondsOf(core, next.n);
    const then = core.nextInSitting({
      ...common,
      earlier: tries,
      tries: sat,
      plan,
      pausedMs: 0,
      now: momentOf(day, used),
    });
    if (then.isOver) break;
    next = then;
  }
  return { sat, plan };
}

/** One sit-down for a step, as the app goes on from it; tries at even times, oldest first. */
export function sitDownFor(core, child, step, earlier, day, { minutes, mostTries, secondsOfTry }) {
  const common = { birthDate: null, kinds };
  const at = { language: 'en', day: dateOf(day), minutes, most: null };
  const { first, plan } = core.beginSitting({ ...common, ...at, step, earlier });
  const tries = [];
  let next = first;
  while (tries.length < mostTries) {
    const task = core.taskOf(next.task);
    const seconds = secondsOfTry * tries.length;
    tries.push({
      ...child.ask({ task, n: next.n, things: 'cork', day, seconds }),
      sittingId: `sitting-${day}`,
    });
    const now = momentOf(day, seconds + secondsOfTry);
    next = core.nextInSitting({ ...common, earlier, tries, plan, pausedMs: 0, now });
    if (next.isOver) break;
  }
  return tries;
}

/** So many sit-downs, so many days apart. */
export function sitDowns(core, child, times, daysApart) {
  const sittings = [];
  let tries = [];
  for (let i = 0; i < times; i++) {
    const day = i * daysApart;
    const { sat, plan } = sitDown(core, child, tries, day, birthDateOf(day, child.months));
    sittings.push({ sat, plan });
    tries = [...tries, ...sat];
  }
  return { tries, sittings, day: (times - 1) * daysApart };
}

/** Four minutes of one skill alone, by the app’s choice of the next number; its tries, oldest first. */
export function onlyOf(core, child, skill, before, day, { goOn, things, sittingId }) {
  const task = core.taskOf(skill.task);
  const sat = [];
  let used = 0;
  while (sat.length < mostTries) {
    const next = core.nextTry(skill.by, {
      tries: [...before, ...sat],
      sittingId,
      day: dateOf(day),
      language: 'en',
      months: child.months,
      arrangements: [task.arrangement],
      things: [things],
      largest: skill.largest,
      secondsLeft: 60 * core.figure.minutesOfSitting - used,
      goOn,
      ...(task.pile && { pile: task.pile }),
    });
    if (next.kind !== 'ask') break;
    sat.push({ ...child.ask({ task, n: next.n, things, day, seconds: used }), sittingId });
    used += secondsOf(core, next.n);
  }
  return sat;
}

/** Laying them out, counting, asking and waiting. */
export const secondsOf = (core, n) =>
  core.figure.secondsToKeep + core.figure.secondsPerThing * n + core.figure.secondsToAnswer;
