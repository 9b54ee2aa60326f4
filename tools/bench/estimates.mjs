import { loadCore } from '../lib/core.mjs';
const lastDay = '2026-12-21';
const options = { birthDate: '2022-06-01' };
/** Tries of a child, and over how many weeks, with so many between sit-downs. */
const sizes = [
  { count: 30, weeks: 10, weeksBetween: 1 },
  { count: 300, weeks: 50, weeksBetween: 0.5 },
  { count: 3000, weeks: 150, weeksBetween: 0.15 },
];
const runs = 15;
const otherChildren = 25;

const dayBefore = (weeks) =>
  new Date(Date.parse(`${lastDay}T00:00:00Z`) - weeks * 7 * 86_400_000).toISOString().slice(0, 10);

function triesOf(core, { count, weeks, weeksBetween }, seed = 4) {
  const months = {
    childId: 'child',
    adults: ['adult'],
    language: 'en',
    ability: core.usualChild,
    growth: { orderTo: 0.2, slipPerThing: 0.97, fetches: 0.03, lastWord: 0.01, keeps: 0.01 },
    firstDay: dayBefore(weeks),
    weeks: weeks - 1,
    weeksBetween,
  };
  return core.simulateMonths(months, core.seededRandom(seed)).slice(-count);
}

/** Processor time in ms, the median of several runs, each on what `prepare` makes. */
function processorTime(prepare, run) {
  const times = Array.from({ length: runs }, () => {
    const input = prepare();
    const before = process.cpuUsage();
    run(input);
    const { user, system } = process.cpuUsage(before);
    return (user + system) / 1000;
  });
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)];
}

/** A million exponentials: how fast this machine is just now, to hold the times against. */
function yardstick() {
  let sum = 0;
  for (let i = 0; i < 1_000_000; i++) sum += Math.exp(-i / 1_000_000);
  return sum;
}

/** What the server keeps of a child, from its tries. */
const evidenceOf = (core, traces) => ({
  child: { id: 'child', firstName: 'Wren', ...options, languages: ['en'], mouths: false, allergies: '' },
  traces,
  moves: core.teachingMoves,
  decided: [],
  rulings: new Map(),
});

/** Saying what is known, the next question, the next steps and all of a summary, from 30, 300 and 3,000 tries. */
export async function measureEstimates() {
  const core = await loadCore();
  const { workOut } = await import('../../apps/server/dist/summaries/workOut.js');
  const ways = {
    'what may be said, from the beginning': (tries) => core.saidFor(tries, lastDay, options),
    'next steps, from the beginning': (tries) => core.nextSteps(tries, lastDay, options),
    'all of a summary, from the beginning': (tries) => workOut(evidenceOf(core, tries), lastDay),
  };
  // As in the thread that works summaries out: it has seen the rest of the room before.
  for (let seed = 5; seed < 5 + otherChildren; seed++)
    workOut(evidenceOf(core, triesOf(core, sizes[1], seed)), lastDay);
  const measured = sizes.map((size) => {
    const base = triesOf(core, size);
    const read = structuredClone(base);
    workOut(evidenceOf(core, read), lastDay);
    const asking = {
      tries: read,
      sittingId: 'new',
      day: lastDay,
      language: 'en',
      months: 50,
      things: ['cork', 'shell'],
      largest: 20,
      secondsLeft: 240,
    };
    const withOne = () => {
      const [one] = structuredClone(base.slice(-1));
      return [...read, { ...one, id: `${one.id}-new`, startedAt: `${lastDay}T09:00:00.000+00:00` }];
    };
    const times = Object.entries(ways).map(([name, run]) => [
      name,
      processorTime(() => structuredClone(base), run),
    ]);
    return {
      count: base.length,
      times: Object.fromEntries([
        ...times,
        ['yardstick', processorTime(() => null, yardstick)],
        [
          'all of a summary, one new try',
          processorTime(withOne, (tries) => workOut(evidenceOf(core, tries), lastDay)),
        ],
        ['next steps, nothing new', processorTime(() => [...read], ways['next steps, from the beginning'])],
        [
          'nextTry for order',
          processorTime(
            () => null,
            () => core.nextTry('order', { ...asking, arrangements: ['none'] }),
          ),
        ],
        [
          'nextTry in a row',
          processorTime(
            () => null,
            () => core.nextTry('one-to-one', { ...asking, arrangements: ['row'] }),
          ),
        ],
      ]),
    };
  });
  const [, , most] = measured;
  const exponent = (name, from, to) =>
    Math.log(to.times[name] / from.times[name]) / Math.log(to.count / from.count);
  const names = Object.keys(most.times).filter((name) => name !== 'yardstick');
  return names.map((name) => {
    const times = measured
      .map(({ times: of }) => `${of[name].toFixed(1)} (${(of[name] / of.yardstick).toFixed(1)})`)
      .join(' / ');
    const grows = [exponent(name, measured[0], measured[1]), exponent(name, measured[1], most)];
    return [
      `${name}: ms of the processor (and times the yardstick) from ${measured.map((one) => one.count).join(' / ')} tries, exponents`,
      `${times}, ${grows.map((one) => one.toFixed(2)).join(' and ')}`,
    ];
  });
}
