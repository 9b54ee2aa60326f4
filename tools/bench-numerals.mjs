// @ts-check
// Shows numerals to simulated children as the app chooses them, and scores what is then said of which they read. Prints
// what docs/performance.md quotes.
import { benchNumerals } from './bench/numerals.mjs';
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
  say(`Showing numerals to ${children} children, six sit-downs each (seed ${seed}) …`);
  const rows = await benchNumerals({ children, seed });
  console.log(
    table(
      [
        'sit-downs',
        '*known* is read',
        '*likely* is read',
        'known, of those read',
        'known or likely, of those read',
        'confusions seen',
      ],
      rows.map((row) => [
        row.sittings,
        orNone(row.knownTrue),
        orNone(row.likelyTrue),
        orNone(row.knownOf),
        orNone(row.saidOf),
        orNone(row.mixedFound),
      ]),
    ),
  );
});
