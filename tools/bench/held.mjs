// What holds or does not of numerals and recording: what is said after four sit-downs of one thing, against how often the child
// does it.
import { loadCore } from '../lib/core.mjs';
import { sitDownFor } from './flow.mjs';
import { dateOf, ourChild } from './people.mjs';

const skills = [
  ['numeral-and-set', 'card-to-set'],
  ['on-the-line', 'line-sides'],
  ['teen-numerals', 'teen-cards'],
  ['write-braille', 'write-braille'],
  ['record', 'ring-or-draw'],
  ['tally', 'tally-it'],
  ['sort-and-count', 'sort-and-chart'],
];
const [sittings, daysApart] = [4, 9];
const pace = { minutes: 6, mostTries: 8, secondsOfTry: 30 };
/** Held is what comes off three times in four. */
const least = 0.75;

/** Near half of them hold it, a third do not, and the others are between; of two, one is guessed. */
function chanceOf(random, task) {
  const kind = random();
  const chance = kind < 0.45 ? 0.85 + 0.15 * random() : kind < 0.75 ? 0.25 * random() : 0.25 + 0.6 * random();
  return task.choosing?.length === 2 ? Math.max(0.5, chance) : chance;
}

/** A child of the simulator, of whose tries of a task those are taken that come off as often as this child’s do. */
function childWith(core, chance, skill, id, seed) {
  const child = ourChild(
    core,
    { months: 60, ability: { ...core.usualChild, fetches: 5, orderTo: 30 } },
    seed,
  );
  const random = core.seededRandom(seed + 1);
  const comesOff = (trace) =>
    core.observationsOf({ ...trace, sittingId: 'any' }).principles[skill]?.success ?? null;
  return {
    ask(request) {
      if (request.task.id !== id) return child.ask(request);
      const wanted = random() < chance;
      for (let i = 0; i < mostDrawn; i++) {
        const trace = child.ask(request);
        if (comesOff(trace) === wanted) return trace;
      }
      throw new Error(`No made-up try of ${id} with ${request.n} ${wanted ? 'comes off' : 'goes wrong'}.`);
    },
  };
}
const mostDrawn = 2000;

/** For each skill: how many hold it, and what is said of them. */
export async function benchHeld({ children, seed }) {
  const core = await loadCore();
  return skills.map(([skill, id], at) => {
    const told = Array.from({ length: children }, (_, i) => {
      const place = core.seedFrom(`${seed} held ${at} ${i}`);
      const chance = chanceOf(core.seededRandom(place), core.taskOf(id));
      const holds = chance >= least;
      const child = childWith(core, chance, skill, id, place);
      let tries = [];
      const step = { skill, task: id, n: core.taskOf(id).ladder[0], things: 'cork' };
      for (let sitting = 0; sitting < sittings; sitting++)
        tries = [...tries, ...sitDownFor(core, child, step, tries, sitting * daysApart, pace)];
      const said = core
        .saidFor(tries, dateOf((sittings - 1) * daysApart), {})
        .find((one) => one.skill === skill);
      return { holds, certainty: said?.certainty ?? 'nothing' };
    });
    const holding = told.filter(({ holds }) => holds);
    const of = (certainty) => told.filter((one) => one.certainty === certainty);
    return {
      skill,
      holding: holding.length / told.length,
      sureTrue: share(of('sure'), ({ holds }) => holds),
      likelyTrue: share(of('likely'), ({ holds }) => holds),
      sureOf: share(holding, ({ certainty }) => certainty === 'sure'),
      saidOf: share(holding, ({ certainty }) => certainty === 'sure' || certainty === 'likely'),
    };
  });
}

const share = (list, of) => (list.length === 0 ? null : list.filter(of).length / list.length);
