// @ts-check
// Gives children of two generators one thing that stands in their way, two, or none, sits them down as the app itself
// asks, and looks whether the next steps name it; then how sit-downs begin and end, and what is asked in eight weeks.
import { benchFlow, benchObstacles } from './bench/next.mjs';
import { percent, table } from './bench/table.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { runCommand, say } from './lib/say.mjs';

const children = Number(process.env.CHILDREN ?? 40);
const seed = Number(process.env.SEED ?? 7);

runCommand(async () => {
  await ensurePackages();
  await ensureBuilt();
  say(`${children} children for each obstacle, of each of two generators (seed ${seed}) …`);
  const obstacles = await benchObstacles({ children, seed });
  console.log(
    table(
      ['children', 'in the way', 'named among three', 'the first step fits'],
      obstacles.map(({ generator, name, named, fits }) => [generator, name, percent(named), percent(fits)]),
    ),
  );
  for (const { generator, worst } of obstacles)
    for (const [pair, both] of (worst ?? []).slice(0, 8))
      console.log(`${generator}: ${pair} ${percent(both)}`);
  say(`${children} children drawn at random, eight sit-downs a week apart …`);
  const flow = await benchFlow({ children, seed });
  const asked = Object.keys(flow[0].asked);
  console.log(
    table(
      ['children', 'first ever goes well', 'later firsts', 'ends well', 'tries', ...asked],
      flow.map((one) => [
        one.generator,
        percent(one.firstEver),
        percent(one.firstLater),
        percent(one.endsWell),
        one.tries.toFixed(1),
        ...asked.map((skill) => percent(one.asked[skill])),
      ]),
    ),
  );
});
