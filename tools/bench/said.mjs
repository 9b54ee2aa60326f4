import { loadCore } from '../lib/core.mjs';
import { birthDateOf, onlyOf } from './flow.mjs';
import { dateOf, drawnChildren, scoredSkills } from './people.mjs';

const kinds = ['cork', 'shell', 'boat'];
/** Days of the sit-downs, about a week apart. */
const days = [0, 6, 13];

/** Sits a child down for one skill as the app asks, and takes what is said after each time. */
function sitDown(core, child, skill) {
  let tries = [];
  return days.map((day, sitting) => {
    const asked = { goOn: true, things: kinds[sitting], sittingId: `sitting-${sitting}` };
    tries = [...tries, ...onlyOf(core, child, skill, tries, day, asked)];
    const said = core
      .saidFor(tries, dateOf(day), { birthDate: birthDateOf(day, child.months) })
      .find((one) => one.skill === skill.skill);
    return { said, truth: child.truthOf(skill, day) };
  });
}

const share = (list, holds) => (list.length === 0 ? NaN : list.filter(holds).length / list.length);
const median = (list) =>
  list.length === 0 ? NaN : list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)];
const percent = (value) => (Number.isNaN(value) ? '–' : `${(100 * value).toFixed(1)}`);

/** What is shown after so many sit-downs, against what is true. */
function scored(looks) {
  const sure = looks.filter(({ said }) => said && said.sureTo > 0);
  const likely = looks.filter(({ said }) => said && said.likelyTo > 0);
  const open = likely.filter(({ said }) => said.likelyTo < said.passedTo || said.triedTo > said.likelyTo);
  const able = looks.filter(({ truth: t, said }) => t > 0 && said);
  return {
    overSure: share(looks, ({ said, truth: t }) => (said?.sureTo ?? 0) > t),
    overSureTwo: share(looks, ({ said, truth: t }) => (said?.sureTo ?? 0) > t + 1),
    ofSure: share(sure, ({ said, truth: t }) => said.sureTo > t),
    likelyTrue: share(likely, ({ said, truth: t }) => said.likelyTo <= t),
    openTrue: share(open, ({ said, truth: t }) => said.likelyTo <= t),
    covered: share(
      looks.filter(({ said }) => said),
      ({ said, truth: t }) => said.interval[0] <= t && said.interval[1] >= t,
    ),
    sureOfTruth: median(able.map(({ said, truth: t }) => said.sureTo / t)),
    likelyOfTruth: median(able.map(({ said, truth: t }) => said.likelyTo / t)),
  };
}

/** Both populations, every skill, after one and after three sit-downs; and for the second by make-up, worst first. */
export async function benchSaid({ children, seed, only = scoredSkills.map((one) => one.skill) }) {
  const core = await loadCore();
  const populations = Object.entries(await drawnChildren(core));
  const rows = [];
  const byMakeUp = [];
  for (const [population, childOf] of populations) {
    for (const skill of scoredSkills.filter((one) => only.includes(one.skill))) {
      if (population === 'theirs' && skill.theirs === null) continue;
      // In the first generator every arrangement is alike: one of them is enough.
      if (population === 'ours' && ['aside', 'scattered', 'ring'].includes(skill.skill)) continue;
      const looks = Array.from({ length: children }, (_, i) => {
        const child = childOf(i, seed);
        return { child, after: sitDown(core, child, skill) };
      });
      for (const sittings of [1, days.length])
        rows.push({
          population,
          skill: skill.skill,
          sittings,
          ...scored(looks.map(({ after }) => after[sittings - 1])),
        });
      const names = new Set(looks.flatMap(({ child }) => child.makeUps));
      for (const name of names) {
        const of = looks.filter(({ child }) => child.makeUps.includes(name)).map(({ after }) => after.at(-1));
        if (of.length >= 20)
          byMakeUp.push({ population, skill: skill.skill, makeUp: name, children: of.length, ...scored(of) });
      }
    }
  }
  return { rows, byMakeUp: byMakeUp.toSorted((a, b) => b.overSure - a.overSure) };
}

export function saidTables({ rows, byMakeUp }) {
  const cells = ({ overSure, overSureTwo, likelyTrue, openTrue, covered, sureOfTruth, likelyOfTruth }) => [
    percent(overSure),
    percent(overSureTwo),
    percent(likelyTrue),
    percent(openTrue),
    percent(covered),
    sureOfTruth.toFixed(2),
    likelyOfTruth.toFixed(2),
  ];
  const head = [
    'sure over-claims %',
    'by 2 or more',
    'likely true %',
    'of those not capped',
    '90 % interval covers',
    'sure ÷ truth',
    'likely ÷ truth',
  ];
  const table = (heads, lines) =>
    [heads, heads.map(() => '---'), ...lines].map((line) => `| ${line.join(' | ')} |`).join('\n');
  return [
    table(
      ['children', 'skill', 'sit-downs', ...head],
      rows.map((row) => [row.population, row.skill, row.sittings, ...cells(row)]),
    ),
    table(
      ['children', 'skill', 'make-up', 'number', ...head],
      byMakeUp
        .slice(0, 16)
        .map((row) => [row.population, row.skill, row.makeUp, row.children, ...cells(row)]),
    ),
  ];
}
