import { makeChild, traceOf, truth } from '../children/index.mjs';

/** The skills that are scored: how they are asked, and what is true of a child of either kind. */
const skills = [
  { skill: 'order', by: 'order', task: 'say-far', arrangement: 'none', largest: 30, their: ['order'] },
  {
    skill: 'aside',
    by: 'one-to-one',
    task: 'count-aside',
    arrangement: 'movable',
    largest: 20,
    their: ['one-to-one', 'movable'],
  },
  {
    skill: 'row',
    by: 'one-to-one',
    task: 'count-row',
    arrangement: 'row',
    largest: 20,
    their: ['one-to-one', 'row'],
  },
  {
    skill: 'scattered',
    by: 'one-to-one',
    task: 'count-scatter',
    arrangement: 'scattered',
    largest: 20,
    their: ['one-to-one', 'scattered'],
  },
  {
    skill: 'ring',
    by: 'one-to-one',
    task: 'count-ring',
    arrangement: 'ring',
    largest: 20,
    their: ['one-to-one', 'ring'],
  },
  {
    skill: 'fetch',
    by: 'fetch',
    task: 'give-n',
    arrangement: 'movable',
    largest: 10,
    pile: 15,
    their: ['fetch'],
  },
];

const kinds = ['cork', 'shell', 'boat'];
/** Days of the sit-downs, about a week apart. */
const days = [0, 6, 13];
const born = (day, months) => {
  const date = new Date(Date.parse(`${day}T00:00:00Z`));
  date.setUTCMonth(date.getUTCMonth() - months);
  return date.toISOString().slice(0, 10);
};

/** Children of the second generator, each with the make-ups it was drawn with. */
function theirs(i, seed) {
  const months = 30 + ((i * 37 + seed) % 43);
  const child = makeChild(seed * 100_000 + i, { months });
  return {
    months,
    makeUps: Object.entries(child.makeup ?? {}).map(([aspect, name]) => `${aspect}: ${name}`),
    truthOf: ({ their }, day) => truth(child, their[0], their[1], day).T,
    ask: ({ task, pile }, n, things, { day, minute, turn }) =>
      traceOf(
        child,
        { task, n, things, language: 'en', ...(task === 'say-far' && { stopAt: n }), ...(pile && { pile }) },
        { day, minute, turn },
      ),
  };
}

/** Children of the project's own generator. */
async function ours() {
  const core = await import('../../packages/core/dist/index.js');
  const { drawChild, trueOrder, trueTracking } =
    await import('../../packages/core/dist/simulate/population.js');
  const { onThisDay } = await import('../../packages/core/dist/simulate/child.js');
  return (i, seed) => {
    const random = core.seededRandom(seed * 100_000 + i);
    const { months, ability } = drawChild(random);
    const moods = new Map();
    let made = 0;
    return {
      months,
      makeUps: [`racing: ${ability.racing}`, `slope: ${ability.orderSlope}`, `lapse: ${ability.lapse}`],
      truthOf: ({ by }) =>
        by === 'order'
          ? trueOrder(ability, 30)
          : by === 'fetch'
            ? [0, 1, 2, 3, 4, 10][Math.floor(ability.fetches)]
            : trueTracking(ability, 30),
      ask: ({ task, by, arrangement, pile }, n, things, { day, minute }) => {
        if (!moods.has(day)) moods.set(day, onThisDay(ability, random));
        const put =
          by === 'order'
            ? { kind: 'say', target: n }
            : by === 'fetch'
              ? { kind: 'give', asked: [n], pile }
              : { kind: 'count', size: n, arrangement, asksHowMany: false };
        const { events, ended } = core.simulateTry(moods.get(day), put, random);
        return {
          id: `try-${i}-${made++}`,
          childId: `child-${i}`,
          recordedBy: 'adult',
          startedAt: new Date(Date.UTC(2025, 8, 1 + day, 9, 30 + minute)).toISOString(),
          task,
          language: 'en',
          set: { size: by === 'order' ? 0 : n, things, arrangement, ...(pile && { pile }) },
          start: 1,
          direction: 1,
          target: n,
          help: 'none',
          answeredBy: 'alone',
          firstTime: false,
          ended,
          events,
        };
      },
    };
  };
}

/** Sits a child down for one skill as the app asks, and takes what is said after each time. */
function sitDown(core, child, skill) {
  const tries = [];
  const after = [];
  let turn = 0;
  for (const [sitting, day] of days.entries()) {
    const sittingId = `sitting-${sitting}`;
    const date = new Date(Date.UTC(2025, 8, 1 + day)).toISOString().slice(0, 10);
    let used = 0;
    for (;;) {
      const next = core.nextTry(skill.by, {
        tries,
        sittingId,
        day: date,
        language: 'en',
        months: child.months,
        arrangements: [skill.arrangement],
        things: [kinds[sitting]],
        largest: skill.largest,
        secondsLeft: 240 - used,
        goOn: true,
        ...(skill.pile && { pile: skill.pile }),
      });
      if (next.kind !== 'ask' || turn > 200) break;
      const trace = child.ask(skill, next.n, kinds[sitting], { day, minute: used / 60, turn: turn++ });
      tries.push({ ...trace, sittingId });
      used += 5 + 1.2 * next.n + 10;
    }
    const said = core
      .saidFor([...tries], date, { birthDate: born(date, child.months) })
      .find((one) => one.skill === skill.skill);
    after.push({ said, truth: Math.min(child.truthOf(skill, day), skill.by === 'fetch' ? 10 : 30) });
  }
  return after;
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
export async function benchSaid({ children, seed, only = skills.map((one) => one.skill) }) {
  const core = await import('../../packages/core/dist/index.js');
  const populations = [
    ['ours', await ours()],
    ['theirs', theirs],
  ];
  const rows = [];
  const byMakeUp = [];
  for (const [population, childOf] of populations) {
    for (const skill of skills.filter((one) => only.includes(one.skill))) {
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
