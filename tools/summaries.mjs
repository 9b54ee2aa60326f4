// @ts-check
// Makes every kept summary again from the tries and says how many were not what they should have been.
import { runCommand, say, sayProgress } from './lib/say.mjs';
import { withDatabase } from './lib/withDatabase.mjs';

runCommand(() => withDatabase(rebuild));

async function rebuild(databaseUrl) {
  const { createApp } = await import('../apps/server/dist/app.js');
  const { SummariesService } = await import('../apps/server/dist/summaries/summaries.service.js');
  const app = await createApp({ databaseUrl, webFolder: undefined, tls: undefined, logs: false });
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
