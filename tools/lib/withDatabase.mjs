// @ts-check
import path from 'node:path';
import { ensureBuilt } from './build.mjs';
import { claimFolder } from './claim.mjs';
import { runningDatabase, startDatabase } from './database.mjs';
import { ensurePackages } from './packages.mjs';
import { root } from './run.mjs';

const { DATABASE_URL, DATA_FOLDER } = process.env;

/**
 * Does something with the database of this installation: the one that is named, or its own, started for it.
 * @param {(url: string) => Promise<void>} work
 * @param {{ whileRunning?: boolean }} options whether it may be done while Dotting runs
 */
export async function withDatabase(work, { whileRunning = false } = {}) {
  await ensurePackages();
  await ensureBuilt();
  if (DATABASE_URL) return work(DATABASE_URL);
  const folder = path.resolve(DATA_FOLDER ?? path.join(root, '.data'));
  const running = whileRunning ? await runningDatabase(folder) : null;
  if (running) return work(running);
  const letGo = await claimFolder(folder);
  try {
    const database = await startDatabase(folder);
    await work(database.url).finally(() => database.stop());
  } finally {
    await letGo();
  }
}
