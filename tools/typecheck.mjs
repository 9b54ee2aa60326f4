// @ts-check
// Checks every part's types with its own tsconfig; a failing part does not hide the next.
import { spawnSync } from 'node:child_process';

const projects = [
  'packages/core/tsconfig.json',
  'packages/core/tsconfig.pure.json',
  'packages/words/tsconfig.json',
  'packages/contract/tsconfig.json',
  'apps/server/tsconfig.json',
  'apps/web/tsconfig.json',
  'e2e/tsconfig.json',
  'tools/tsconfig.json',
];
const failing = projects.filter((project) => {
  const tsc = ['node_modules/typescript7/bin/tsc', '--noEmit', '-p', project];
  return spawnSync(process.execPath, tsc, { stdio: 'inherit' }).status !== 0;
});
if (failing.length > 0) {
  console.error(`Types do not fit in ${failing.join(', ')}.`);
  process.exit(1);
}
