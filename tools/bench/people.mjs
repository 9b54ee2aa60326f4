// Simulated children of both generators behind one face: an age, and an answer to a task that is laid.
import { answer, makeChild, obstacleChild, TASKS, truth } from '../children/index.mjs';

const day0 = Date.UTC(2025, 8, 1, 9, 30);

/** The moment so many days and seconds after the first: ISO 8601, and its day alone. */
export const momentOf = (day, seconds = 0) =>
  new Date(day0 + day * 86_400_000 + Math.round(seconds) * 1000).toISOString().replace('Z', '+00:00');
export const dateOf = (day) => momentOf(day).slice(0, 10);

/** What every try has, whoever made it up. */
const headOf = (core, id, { task, n, day, seconds }, set) => ({
  id,
  childId: 'child',
  recordedBy: 'adult',
  startedAt: momentOf(day, seconds),
  task: task.id,
  language: 'en',
  set,
  ...core.runOf(task, n),
  help: 'none',
  answeredBy: 'alone',
  firstTime: false,
  ...(core.rightChoice(set) && { choices: 2 }),
});

const laid = (core, { task, n, things, turn }) =>
  core.setOf(
    task,
    n,
    things,
    core.layoutFor(task, n, things, turn + 1, task.ways?.[turn % task.ways.length]?.id),
  );

/** A child of the project’s own generator. */
export function ourChild(core, { months, ability }, seed) {
  const random = core.seededRandom(seed);
  const moods = new Map();
  let turn = 0;
  return {
    months,
    ask(request) {
      const { task, n, day } = request;
      if (!moods.has(day)) moods.set(day, core.onThisDay(ability, random));
      const set = laid(core, { ...request, turn: turn++ });
      const head = headOf(core, `try-${seed}-${turn}`, request, set);
      const put = core.putOf({ task, set, n, asksHowMany: task.thenAsks === true });
      return { ...head, ...core.simulateTry(moods.get(day), put, random) };
    },
  };
}

/** A child of the second generator; what that one does not know of, a child who is sure of all answers. */
function theirChild(core, child, months, seed) {
  const stand = ourChild(core, { months, ability: { ...core.usualChild, ...sureOfAll } }, seed);
  let turn = 0;
  return {
    months,
    ask(request) {
      const { task, n, things, day, seconds } = request;
      if (!TASKS[task.id]) return stand.ask(request);
      const set = laid(core, { ...request, turn });
      const head = headOf(core, `try-${seed}-${turn}`, request, set);
      const { events, ended } = answer(
        child,
        {
          task: task.id,
          n,
          things,
          language: 'en',
          ...(task.id === 'say-far' && { stopAt: n }),
          ...(set.pile && { pile: set.pile }),
          ...(task.goes === 1 && { steps: wordsOn }),
        },
        { day, minute: seconds / 60, turn: turn++ },
      );
      return { ...head, events: task.asksAgain ? agreedFirst(events, n) : events, ended };
    },
  };
}

const sureOfAll = { orderTo: 40, lapse: 0.01, slipPerThing: 0.0015, fetches: 5, lastWord: 0.98, keeps: 0.97 };

/** The second generator begins where the number is agreed on; the app asks for it first and writes that down. */
const agreedFirst = (events, n) => [
  { seq: 0, t: 100, kind: 'ask', question: 'how-many' },
  { seq: 1, t: 600, kind: 'answer', value: n },
  ...events.map((event) => ({
    ...event,
    seq: event.seq + 2,
    t: event.t + 700,
    ...(event.kind === 'undo' && { of: event.of + 2 }),
  })),
];

/** The skills of numbers that are scored: how they are asked, and their names in the second generator. */
export const scoredSkills = [
  { skill: 'order', by: 'order', task: 'say-far', largest: 30, theirs: ['order'] },
  { skill: 'aside', by: 'one-to-one', task: 'count-aside', largest: 20, theirs: ['one-to-one', 'movable'] },
  { skill: 'row', by: 'one-to-one', task: 'count-row', largest: 20, theirs: ['one-to-one', 'row'] },
  {
    skill: 'scattered',
    by: 'one-to-one',
    task: 'count-scatter',
    largest: 20,
    theirs: ['one-to-one', 'scattered'],
  },
  { skill: 'ring', by: 'one-to-one', task: 'count-ring', largest: 20, theirs: ['one-to-one', 'ring'] },
  { skill: 'fetch', by: 'fetch', task: 'give-n', largest: 10, theirs: ['fetch'] },
  { skill: 'count-on', by: 'count-on', task: 'go-on-from', largest: 17, theirs: ['count-on'] },
  // The second generator goes back all the way to one, which is another skill: it has no truth for three words.
  { skill: 'count-back', by: 'count-back', task: 'go-back-from', largest: 20, theirs: null },
];

/** Words after the number, where a child goes on from it. */
const wordsOn = 3;

/** A child that counts to fetch is sure of every number asked for here. */
const numberOfLevel = [0, 1, 2, 3, 4, 10];

/**
 * Children drawn at random, of either generator, with what is true of each: the largest number at which, and at
 * every smaller one, it is right three times in four.
 */
export async function drawnChildren(core) {
  const { drawChild, trueGoingOn, trueOrder, trueTracking } = core;
  return {
    ours: (i, seed) => {
      const drawn = drawChild(core.seededRandom(seed * 100_000 + i));
      const { ability } = drawn;
      return {
        ...ourChild(core, drawn, seed * 100_000 + i + 50_000),
        makeUps: [`racing: ${ability.racing}`, `slope: ${ability.orderSlope}`, `lapse: ${ability.lapse}`],
        truthOf: ({ by }) => {
          if (by === 'order') return trueOrder(ability, 30);
          if (by === 'count-on') return trueGoingOn(ability, 1, 30);
          if (by === 'count-back') return trueGoingOn(ability, -1, 30);
          return by === 'fetch' ? numberOfLevel[Math.floor(ability.fetches)] : trueTracking(ability, 30);
        },
      };
    },
    theirs: (i, seed) => {
      const months = 30 + ((i * 37 + seed) % 43);
      const child = makeChild(seed * 100_000 + i, { months });
      return {
        ...theirChild(core, child, months, seed * 100_000 + i),
        makeUps: Object.entries(child.makeup).map(([aspect, name]) => `${aspect}: ${name}`),
        truthOf: ({ by, theirs, largest }, day) =>
          Math.min(
            truth(child, theirs[0], theirs[1], day, { steps: wordsOn }).T,
            by === 'fetch' ? largest : 30,
          ),
      };
    },
  };
}

/** A child of the second generator with nothing in its way but what is named. */
export const theirObstacleChild = (core, seed, obstacles) =>
  theirChild(core, obstacleChild(seed, obstacles.length === 0 ? 'none' : obstacles), 62, seed);

/** The same of the project’s own. */
export const ourObstacleChild = (core, seed, ability) =>
  ourChild(core, { months: 62, ability: { ...core.usualChild, ...sureOfAll, ...ability } }, seed);
