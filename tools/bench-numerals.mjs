// @ts-check
// Shows numerals to simulated children as the app chooses them, and scores what is then said of which they read; and of what is
// done with numerals and put on record, whether it holds. Prints what docs/performance.md quotes.
import { benchHeld } from './bench/held.mjs';
import { benchWritten } from './bench/written.mjs';
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
  for (const skill of ['name-numeral', 'find-numeral', 'touch-numeral']) {
    say(`Showing numerals to ${children} children, six sit-downs each: ${skill} (seed ${seed}) …`);
    const rows = await benchNumerals({ children, seed, skill });
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
  }
  say(`Having ${children} children write numerals, six sit-downs each (seed ${seed}) …`);
  const written = await benchWritten({ children, seed });
  console.log(
    table(
      [
        'what is asked',
        'sit-downs',
        '*known* and so',
        '*likely* and so',
        'known or likely, of those asked and so',
      ],
      written.map((row) => [
        row.skill,
        row.sittings,
        orNone(row.knownTrue),
        orNone(row.likelyTrue),
        orNone(row.saidOf),
      ]),
    ),
  );
  say(`Asking ${children} children for each of what holds or does not, four sit-downs each (seed ${seed}) …`);
  const held = await benchHeld({ children, seed });
  console.log(
    table(
      [
        'what is asked',
        'held by',
        '*sure* and held',
        '*likely* and held',
        '*sure*, of those who hold it',
        'said at all',
      ],
      held.map((row) => [
        row.skill,
        orNone(row.holding),
        orNone(row.sureTrue),
        orNone(row.likelyTrue),
        orNone(row.sureOf),
        orNone(row.saidOf),
      ]),
    ),
  );
});
