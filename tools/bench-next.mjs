// Gives simulated children one obstacle each and prints how often it is found: docs/performance.md quotes it.
import { ensureBuilt } from './lib/build.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { runCommand, say } from './lib/say.mjs';

const children = Number(process.env.CHILDREN ?? 200);
const seed = Number(process.env.SEED ?? 7);
const percent = (share) => `${(100 * share).toFixed(1)} %`;

runCommand(async () => {
  await ensurePackages();
  await ensureBuilt();
  const { benchObstacles } = await import('../packages/core/dist/bench/obstacleBench.js');
  say(`Looking at ${children} simulated children (seed ${seed}) …`);
  const { namedRightly, steppedRightly, overClaimed, byMakeUp } = benchObstacles(children, seed);
  console.log(`obstacle named rightly   ${percent(namedRightly)}`);
  for (const one of byMakeUp) console.log(`  ${one.name.padEnd(28)} ${percent(one.namedRightly)}`);
  console.log(`a step for it among three ${percent(steppedRightly)}`);
  console.log(`steady-to over-claimed   ${percent(overClaimed)}`);
});
