// @ts-check
// What the room and a child's other arrangements would bring as a prior, which is why the app does without. By hand:
// `node tools/bench-lent.mjs`; CHILDREN and SEED change it.
import { benchLent } from './bench/lent.mjs';
import { table } from './bench/table.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { runCommand, say } from './lib/say.mjs';

const children = Number(process.env.CHILDREN ?? 60);
const seed = Number(process.env.SEED ?? 21);

const head = [
  'children',
  'who lends',
  'skill',
  'tries saved of the first sit-down',
  'likely ÷ truth, without',
  'true %',
  'with',
  'true %',
];

runCommand(async () => {
  await ensurePackages();
  await ensureBuilt();
  say(`${children} children of each of two generators (seed ${seed}) …`);
  console.log(table(head, await benchLent({ children, seed })));
});
