// @ts-check
// Makes every kept summary again from the tries and says how many were not what they should have been.
import path from 'node:path';
import { ensureBuilt } from './lib/build.mjs';
import { claimFolder } from './lib/claim.mjs';
import { startDatabase } from './lib/database.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { root } from './lib/run.mjs';
import { runCommand, say, sayProgress } from './lib/say.mjs';

const { DATABASE_URL } = process.env;

runCommand(async () => {
  await ensurePackages();
  await ensureBuilt();
  if (DATABASE_URL) return rebuild(DATABASE_URL);
  const folder = path.join(root, '.data');
  const letGo = await claimFolder(folder);
  try {
    const database = await startDatabase(folder);
    await rebuild(database.url).finally(() => database.stop());
  } finally {
    await letGo();
  }
});

async function rebuild(databaseUrl) {
  const { createApp } = await import('../apps/server/dist/app.js');
  const { SummariesService } = await import('../apps/server/dist/summaries/summaries.service.js');
  const app = await createApp({ databaseUrl, webFolder: undefined, logs: false });
  try {
    const { same, outdated, differed } = await app
      .get(SummariesService)
      .rebuild((done, of) => sayProgress('Working out what may be said, children', done, of));
    say(`${same} as they were, ${outdated} brought up to today, ${differed.length} put right.`);
    for (const id of differed) console.log(`  put right: child ${id}`);
  } finally {
    await app.close();
  }
}
