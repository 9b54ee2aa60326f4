// @ts-check
import { createHash } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, readdir, readFile, stat, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { root, runOrSorry } from './run.mjs';
import { say } from './say.mjs';

const parts = ['packages/core', 'packages/words', 'packages/contract', 'apps/server', 'apps/web'];
const markFile = path.join(root, '.data', 'built');

/** Builds every part, unless nothing has changed since the last build. */
export async function ensureBuilt() {
  const print = await fingerprint();
  const isBuilt = parts.every((part) => existsSync(path.join(root, part, 'dist')));
  if (isBuilt && (await readFile(markFile, 'utf8').catch(() => '')) === print) return;
  for (const part of parts) {
    say(`Building ${part} …`);
    await runOrSorry(`${part} did not build.`, 'npm', ['run', 'build', '--silent', '--workspace', part]);
  }
  await mkdir(path.dirname(markFile), { recursive: true });
  await writeFile(markFile, print);
}

/** Changes when any source file is added, removed or written; what builds and tests make is no source. */
async function fingerprint() {
  const hash = createHash('sha256').update(await readFile(path.join(root, 'package-lock.json')));
  for (const part of parts) {
    const entries = await readdir(path.join(root, part), { recursive: true, withFileTypes: true });
    const files = entries
      .filter((entry) => entry.isFile())
      .map((entry) => path.join(entry.parentPath, entry.name))
      .filter((file) => !/[/\\](dist|\.?made|node_modules)[/\\]|\.tsbuildinfo$/.test(file))
      .sort();
    for (const file of files) hash.update(`${path.relative(root, file)} ${(await stat(file)).mtimeMs}\n`);
  }
  return hash.digest('hex');
}
