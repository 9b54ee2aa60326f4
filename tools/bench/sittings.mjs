// One sit-down of one skill: chosen questions against going practice, by what is then said.
import { loadCore } from '../lib/core.mjs';
import { birthDateOf, onlyOf, secondsOf } from './flow.mjs';
import { dateOf, drawnChildren, scoredSkills } from './people.mjs';

const begins = 3;
const printed = ['order', 'row', 'fetch', 'count-on', 'count-back'];
const sittingId = 'sitting';

/** Going practice: from three, up one while right, the same once more after a miss, until two running. */
function upward(core, child, skill) {
  const task = core.taskOf(skill.task);
  const sat = [];
  const went = [];
  let n = begins;
  let used = 0;
  while (n <= skill.largest && !(went.at(-1) === false && went.at(-2) === false)) {
    sat.push({ ...child.ask({ task, n, things: 'cork', day: 0, seconds: used }), sittingId });
    went.push(core.wentWell(skill.by, sat.at(-1)) === true);
    used += secondsOf(core, n);
    if (went.at(-1)) n++;
  }
  return sat;
}

const median = (list) => list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)];
const mean = (list) => list.reduce((sum, one) => sum + one, 0) / list.length;

/** Tries, error and over-claims of each way, by skill and generator. */
export async function benchSittings({ children, seed }) {
  const core = await loadCore();
  const rows = [];
  for (const [generator, childOf] of Object.entries(await drawnChildren(core))) {
    for (const skill of scoredSkills.filter((one) => printed.includes(one.skill))) {
      if (generator === 'theirs' && skill.theirs === null) continue;
      const sat = Array.from({ length: children }, (_, i) => {
        const child = childOf(i, seed);
        const truth = child.truthOf(skill, 0);
        const said = (tries) =>
          core
            .saidFor(tries, dateOf(0), { birthDate: birthDateOf(0, child.months) })
            .find((one) => one.skill === skill.skill)?.likelyTo ?? 0;
        const passedTo = (tries) => {
          const last = tries.findLast((trace) => core.wentWell(skill.by, trace));
          return last ? (core.observationsOf(last).thresholds[skill.by]?.n ?? last.target) : 0;
        };
        const chosen = onlyOf(core, child, skill, [], 0, { goOn: false, things: 'cork', sittingId });
        const going = upward(core, child, skill);
        return { truth, chosen, going, likely: said(chosen), passed: passedTo(going), read: said(going) };
      });
      const row = (way, tries, number) => ({
        generator,
        skill: skill.skill,
        way,
        tries: median(sat.map((one) => one[tries].length)),
        error: mean(sat.map((one) => Math.abs(one[number] - one.truth))),
        over: mean(sat.map((one) => Number(one[number] > one.truth))),
        overTwo: mean(sat.map((one) => Number(one[number] > one.truth + 1))),
      });
      rows.push(
        row('chosen, what is likely', 'chosen', 'likely'),
        row('going practice, last passed', 'going', 'passed'),
        row('going practice, what is likely', 'going', 'read'),
      );
    }
  }
  return rows;
}
