// @ts-check
import { existsSync } from 'node:fs';
import { mkdir, readFile, rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { isAlive } from './processes.mjs';
import { Sorry } from './say.mjs';

/**
 * One command at a time in a data folder. A claim whose process is gone counts for nothing.
 * @returns how to let go of it
 */
export async function claimFolder(folder) {
  await mkdir(folder, { recursive: true });
  const file = path.join(folder, 'running.json');
  if (existsSync(file)) {
    const { pid, command = 'start.mjs' } = JSON.parse(await readFile(file, 'utf8'));
    if (isAlive(pid, command)) {
      throw new Sorry(
        `Dotting is already running from this folder (process ${pid}). Stop it with Ctrl-C there first.`,
      );
    }
  }
  const command = path.basename(process.argv[1]);
  await writeFile(file, JSON.stringify({ pid: process.pid, command }));
  return () => rm(file, { force: true });
}
