import { setTimeout as wait } from 'node:timers/promises';
import type { RowDataPacket } from 'mysql2/promise';
import { ownDatabase } from '../apps/server/test/copyDatabase.js';
import { App } from './app.js';

/** How often it is asked whether all is worked out. In ms. */
const askEveryMs = 200;

/** Makes the demo nursery once, with what is worked out of it; every worker’s app has a copy. */
export default async function makeDemoDatabase(): Promise<() => Promise<void>> {
  const database = await ownDatabase();
  const app = await App.at(database);
  for (;;) {
    const [rows] = await database.connection.query<RowDataPacket[]>(
      `SELECT COUNT(*) AS n FROM child LEFT JOIN child_summary ON child_summary.child_id = child.id
       WHERE child_summary.made_from IS NULL OR child_summary.made_from <> child.evidence`,
    );
    if (rows[0]!['n'] === 0) break;
    await wait(askEveryMs);
  }
  await app.kill();
  process.env['DEMO_DATABASE_URL'] = database.url;
  return () => database.drop();
}
