// @ts-check
// Kills the server, the database or both again and again while devices count, close their sittings and bring children
// in, and looks whether all that was acknowledged is there, once and in order. KILLS=200
import { mkdir, readFile, rm } from 'node:fs/promises';
import path from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { busyNursery, faultsIn } from './bench/kills.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { startDatabase } from './lib/database.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { freePort } from './lib/ports.mjs';
import { root } from './lib/run.mjs';
import { runCommand, say, Sorry } from './lib/say.mjs';
import { startServer } from './lib/server.mjs';

const kills = Number(process.env.KILLS ?? 200);
const seed = Number(process.env.SEED ?? 7);
const folder = path.join(root, '.data', 'kills');

runCommand(async () => {
  await ensurePackages();
  await ensureBuilt();
  const { createConnection } = await import('mysql2/promise');
  await rm(folder, { recursive: true, force: true });
  await mkdir(folder, { recursive: true });
  let database = await startDatabase(folder);
  const port = await freePort();
  const logFile = path.join(folder, 'server.log');
  const startAgain = () => startServer({ databaseUrl: database.url, port, host: '127.0.0.1', logFile });
  let server = await startAgain();
  try {
    const nursery = await busyNursery(server.url);
    const random = randomOf(seed);
    const slowest = [];
    for (let i = 0; i < kills; i++) {
      // Some time in the middle of what is under way.
      await wait(200 + 1_800 * random());
      const which = i % 4;
      if (which !== 1) server.child.kill('SIGKILL');
      if (which === 1 || which === 3)
        process.kill(Number(await readFile(path.join(folder, 'db', 'db.pid'), 'utf8')), 'SIGKILL');
      const began = performance.now();
      if (which === 1 || which === 3) {
        await database.ended;
        database = await startDatabase(folder, { port: database.port });
      }
      if (which !== 1) {
        await server.ended;
        server = await startAgain();
      }
      slowest.push(performance.now() - began);
      if ((i + 1) % 20 === 0) say(`${i + 1} kills, ${nursery.acknowledged.events.size} tries …`);
    }
    await wait(2_000);
    await nursery.stop();
    const connection = await createConnection({ uri: database.url });
    const faults = await faultsIn(connection, nursery);
    await connection.end();
    const { events, closings, files } = nursery.acknowledged;
    const steps = [...events.values()].reduce((sum, n) => sum + n, 0);
    const longest = (Math.max(...slowest) / 1_000).toFixed(1);
    say(
      `${kills} kills: acknowledged ${steps} steps of ${events.size} tries, ${closings.size} closing pages, ${files.size} files.`,
    );
    say(
      `Longest until it ran again: ${longest} s. Lost, doubled, out of order or half stored: ${faults.length}.`,
    );
    for (const fault of faults.slice(0, 20)) console.log(`  ${fault}`);
    if (faults.length > 0) throw new Sorry('Something that was acknowledged is not as it was.');
  } finally {
    await server.stop();
    await database.stop();
  }
});

/** The same kills each time, for a seed. */
function randomOf(from) {
  let state = from;
  return () => {
    state = (state * 1_664_525 + 1_013_904_223) % 2 ** 32;
    return state / 2 ** 32;
  };
}
