// @ts-check
// Flashes dots at simulated children as the app chooses them, and scores what is then said of how many they see. Prints
// what docs/performance.md quotes.
import { benchSeeing } from './bench/seeing.mjs';
import { percent, table } from './bench/table.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { runCommand, say } from './lib/say.mjs';

const children = Number(process.env.CHILDREN ?? 300);
const seed = Number(process.env.SEED ?? 5);
const orNone = (share) => (share === null ? '–' : percent(share));

runCommand(async () => {
  await ensurePackages();
  await ensureBuilt();
  say(`Flashing dots at ${children} children, each task by itself (seed ${seed}) …`);
  const rows = await benchSeeing({ children, seed });
  console.log(
    table(
      [
        'task',
        'sit-downs',
        'flashes in the last, median',
        '*sure* too far',
        'by two or more',
        '*likely* true',
        'sure ÷ truth',
        'likely ÷ truth',
        'interval covers',
      ],
      rows.map((row) => [
        row.id,
        row.sittings,
        row.tries,
        orNone(row.overSure),
        orNone(row.overSureByTwo),
        orNone(row.likelyTrue),
        row.sureShare.toFixed(2),
        row.likelyShare.toFixed(2),
        orNone(row.covered),
      ]),
    ),
  );
});
