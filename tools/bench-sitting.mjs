// @ts-check
// Sits children of two generators down for one skill, by chosen questions and by going practice, and scores what is
// then said. Prints what docs/performance.md quotes.
import { benchSittings } from './bench/sittings.mjs';
import { percent, table } from './bench/table.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { runCommand, say } from './lib/say.mjs';

const children = Number(process.env.CHILDREN ?? 400);
const seed = Number(process.env.SEED ?? 7);

runCommand(async () => {
  await ensurePackages();
  await ensureBuilt();
  say(`Sitting ${children} children of each of two generators down (seed ${seed}) …`);
  const rows = await benchSittings({ children, seed });
  console.log(
    table(
      ['children', 'skill', 'asked and read', 'tries, median', 'mean error', 'too much', 'by 2 or more'],
      rows.map(({ generator, skill, way, tries, error, over, overTwo }) => [
        generator,
        skill,
        way,
        tries,
        error.toFixed(2),
        percent(over),
        percent(overTwo),
      ]),
    ),
  );
});
