// @ts-check
import { createHash } from 'node:crypto';
import { readFile, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { root, runOrSorry } from './run.mjs';
import { say } from './say.mjs';

const markFile = path.join(root, 'node_modules', '.installed-lock');

/** Installs the npm packages of the lock file, unless they are the ones installed last. */
export async function ensurePackages() {
  const lock = createHash('sha256')
    .update(await readFile(path.join(root, 'package-lock.json')))
    .digest('hex');
  const installed = await readFile(markFile, 'utf8').catch(() => '');
  if (installed === lock) return;
  say('Installing the npm packages (about a minute or two the first time) …');
  await runOrSorry(
    'The npm packages could not be installed. Is the package registry reachable? Then start again.',
    'npm',
    ['ci', '--no-audit', '--no-fund', '--loglevel=error'],
  );
  await writeFile(markFile, lock);
}
