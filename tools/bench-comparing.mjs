// @ts-check
// Asks children which set has more, or fewer, as the app asks them, and looks what it says they go by. Prints what
// docs/performance.md quotes.
import { benchComparing } from './bench/comparing.mjs';
import { percent, table } from './bench/table.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { runCommand, say } from './lib/say.mjs';

const children = Number(process.env.CHILDREN ?? 200);
const seed = Number(process.env.SEED ?? 13);

runCommand(async () => {
  await ensurePackages();
  await ensureBuilt();
  say(`Asking ${children} children of each kind to compare (seed ${seed}) …`);
  const rows = await benchComparing({ children, seed });
  console.log(
    table(
      [
        'children go by',
        'named by 16 pairs',
        'by 24',
        'another rule by 16',
        'by 24',
        'pairs, median',
        'named in all',
      ],
      rows.map(({ kind, right16, right24, other16, other24, pairs, firsts }) => [
        kind,
        percent(right16),
        percent(right24),
        percent(other16),
        percent(other24),
        pairs,
        firsts.map(([one, count]) => `${one} ${count}`).join(', '),
      ]),
    ),
  );
});
