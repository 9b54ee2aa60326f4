// @ts-check
// Sits children of two generators down as the app asks, and scores the very numbers that are then shown: what is said
// to be sure, what is said to be likely. Prints what docs/performance.md quotes.
import { benchSaid, saidTables } from './bench/said.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { runCommand, say } from './lib/say.mjs';

const children = Number(process.env.CHILDREN ?? 400);
const seed = Number(process.env.SEED ?? 7);

runCommand(async () => {
  await ensurePackages();
  await ensureBuilt();
  say(`Sitting ${children} children of each of two generators down (seed ${seed}) …`);
  for (const table of saidTables(await benchSaid({ children, seed }))) console.log(`\n${table}`);
});
