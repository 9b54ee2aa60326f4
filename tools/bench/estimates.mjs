import { Bench } from 'tinybench';

const lastDay = '2026-12-21';

/** Saying what is known from a year of tries, and choosing the next question. */
export async function measureEstimates() {
  const core = await import('@dotting/core');
  const tries = core
    .simulateMonths(
      {
        childId: 'child',
        adults: ['adult'],
        language: 'en',
        ability: core.usualChild,
        growth: { orderTo: 0.2, slipPerThing: 0.97, fetches: 0.03, lastWord: 0.01, keeps: 0.01 },
        firstDay: '2026-01-05',
        weeks: 50,
        weeksBetween: 0.5,
      },
      core.seededRandom(4),
    )
    .slice(-300);
  const asking = {
    tries,
    sittingId: 'new',
    day: lastDay,
    language: 'en',
    months: 50,
    things: ['cork', 'shell'],
    largest: 20,
    secondsLeft: 240,
  };
  const bench = new Bench({ time: 3_000, warmupTime: 1_000 });
  bench
    // A new list each time: what was said of a list is kept.
    .add('statements', () => core.saidFor([...tries], lastDay))
    .add('order', () => core.nextTry('order', { ...asking, arrangements: ['none'] }))
    .add('row', () => core.nextTry('one-to-one', { ...asking, arrangements: ['row'] }));
  await bench.run();
  const [statements, order, row] = bench.tasks.map(({ result }) => `${result.latency.p50.toFixed(1)} ms`);
  return [
    [`saidFor, ${tries.length} tries, median`, statements],
    ['nextTry for order, after as many, median', order],
    ['nextTry for one-to-one in a row, after as many, median', row],
  ];
}
