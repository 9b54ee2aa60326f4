// How many a child sees at once: what is said after each sit-down of flashes, against what is so. The children are not
// the model’s: they give way at once or slowly, count now and then what they should have seen, and have bad days.
import { loadCore } from '../lib/core.mjs';
import { dateOf, momentOf, ourChild } from './people.mjs';

const kinds = ['cork', 'shell', 'boat', 'lid'];
const least = 0.75;
const mostTries = 14;
const secondsOfTry = 15;
const daysApart = 9;

/** Of each task: how many it can show, and how much further it is seen than loose dots. */
export const flashes = {
  'flash-few': { most: 6, further: 0 },
  'flash-dice': { most: 6, further: 1 },
  'flash-fingers': { most: 10, further: 2 },
  'flash-frame': { most: 10, further: 3 },
  // The same children’s missing parts: no flash, and a skill of as many numbers.
  'cover-some': { most: 10, further: 4 },
  'to-ten': { most: 10, further: 4 },
};

function makeChild(random, further) {
  const reach = 1.2 + 4 * random() + further * random();
  const width = 0.15 + 0.8 * random() ** 2;
  const lapse = 0.08 * random();
  const counts = random() < 0.2 ? 0.25 : 0;
  const chanceAt = (n, off = 0) => (1 - lapse) / (1 + Math.exp((n - reach - 0.5 + off) / width));
  return { chanceAt, counts };
}

const sureOfAll = { orderTo: 40, lapse: 0, slipPerThing: 0.001, fetches: 5, lastWord: 1, keeps: 1 };

const truthOf = ({ chanceAt }, most) => {
  let n = 0;
  while (n < most && chanceAt(n + 1) >= least) n++;
  return n;
};

/** What it says to n dots: right, by counting after all, or one that is near. */
function answers(child, n, right, off, random) {
  const seen = random() < child.chanceAt(n, off);
  return {
    value: seen ? right : Math.max(0, right + (random() < 0.6 ? -1 : 1)),
    strategy: seen && random() < child.counts && n > 2 ? 'counted-all' : 'knew',
  };
}

function sitDown(core, child, stand, id, earlier, day, random) {
  const date = dateOf(day);
  const task = core.taskOf(id);
  const step = { skill: task.looksAt, task: id, n: 3, things: 'cork' };
  const asked = { birthDate: null, language: 'en', day: date, minutes: 4, most: null, kinds };
  const { first, plan } = core.beginSitting({ ...asked, step, earlier });
  const off = random() < 0.15 ? 0.7 : 0;
  const tries = [];
  let next = first;
  const after = () =>
    core.nextInSitting({
      birthDate: null,
      kinds,
      earlier,
      tries,
      plan,
      pausedMs: 0,
      now: momentOf(day, secondsOfTry * tries.length),
    });
  while (tries.length < mostTries) {
    const { n } = next;
    if (next.task !== id) {
      // Something easy first, or a question on the side: of a child who is sure of it.
      const other = core.taskOf(next.task);
      tries.push({
        ...stand.ask({ task: other, n, things: 'cork', day, seconds: secondsOfTry * tries.length }),
        sittingId: `sitting-${day}`,
      });
      next = after();
      if (next.isOver) break;
      continue;
    }
    const place = earlier.length + tries.length;
    const way = task.ways?.[place % task.ways.length];
    const layout = core.layoutFor(task, n, 'cork', place, way, { kinds });
    const { change, patterns } = layout;
    const right = patterns ? n : change.from + change.by;
    const { value, strategy } = answers(child, n, right, off, random);
    tries.push({
      id: `try-${place}`,
      childId: 'child',
      sittingId: `sitting-${day}`,
      recordedBy: 'adult',
      startedAt: momentOf(day, secondsOfTry * tries.length),
      task: id,
      language: 'en',
      version: 2,
      set: core.setOf(task, n, 'cork', layout),
      ...core.runOf(task, n),
      ...(patterns && { strategy, shownMs: 700 }),
      help: 'none',
      answeredBy: 'alone',
      firstTime: place === 0,
      ended: 'finished',
      events: [
        { seq: 0, t: 0, kind: 'ask', question: task.asks },
        { seq: 1, t: 1500, kind: 'answer', value },
      ],
    });
    next = after();
    if (next.isOver) break;
  }
  return tries;
}

/** After one and after three sit-downs of each task: what is said, and how often it is so. */
export async function benchSeeing({ children, seed }) {
  const core = await loadCore();
  return Object.entries(flashes).flatMap(([id, { most, further }], k) => {
    const runs = Array.from({ length: children }, (_, i) => {
      const random = core.seededRandom(core.seedFrom(`${seed} ${k} ${i}`));
      const child = makeChild(random, further);
      const truth = truthOf(child, most);
      const stand = ourChild(core, { months: 54, ability: { ...core.usualChild, ...sureOfAll } }, seed + i);
      let tries = [];
      return [1, 2, 3].map((_, sitting) => {
        const day = sitting * daysApart;
        const sat = sitDown(core, child, stand, id, tries, day, random);
        tries = [...tries, ...sat];
        const skill = core.taskOf(id).looksAt;
        const said = core.saidFor(tries, dateOf(day), {}).find((one) => one.skill === skill);
        return {
          truth,
          tried: sat.filter(({ task }) => task === id).length,
          sureTo: said?.sureTo ?? 0,
          likelyTo: said?.likelyTo ?? 0,
          said,
        };
      });
    });
    return [1, 3].map((sittings) =>
      scored(
        id,
        sittings,
        runs.map((run) => run[sittings - 1]),
      ),
    );
  });
}

const share = (list, of) => (list.length === 0 ? null : list.filter(of).length / list.length);
const median = (list) => list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)] ?? null;

function scored(id, sittings, looks) {
  const sure = looks.filter(({ sureTo }) => sureTo > 0);
  const likely = looks.filter(({ likelyTo }) => likelyTo > 0);
  const able = looks.filter(({ truth }) => truth > 0);
  return {
    id,
    sittings,
    tries: median(looks.map(({ tried }) => tried)),
    overSure: share(sure, ({ sureTo, truth }) => sureTo > truth),
    overSureByTwo: share(sure, ({ sureTo, truth }) => sureTo > truth + 1),
    likelyTrue: share(likely, ({ likelyTo, truth }) => likelyTo <= truth),
    sureShare: median(able.map(({ sureTo, truth }) => sureTo / truth)),
    likelyShare: median(able.map(({ likelyTo, truth }) => likelyTo / truth)),
    covered: share(looks, ({ said, truth }) => {
      const [lo, hi] = said?.interval ?? [0, 20];
      return truth >= Math.min(lo, 6) && truth <= hi;
    }),
  };
}
