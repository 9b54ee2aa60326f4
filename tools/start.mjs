// Starts Dotting from whatever state the machine is in: installs, builds, starts its database and
// the app, and stops all of it on Ctrl-C or SIGTERM.
import { existsSync } from 'node:fs';
import { mkdir, readFile, rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { ensureBuilt } from './lib/build.mjs';
import { startDatabase } from './lib/database.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { isPortFree } from './lib/ports.mjs';
import { isAlive } from './lib/processes.mjs';
import { root } from './lib/run.mjs';
import { runCommand, say, Sorry } from './lib/say.mjs';
import { portInUse, startServer } from './lib/server.mjs';

const { PORT = '4173', HOST = '127.0.0.1', DATABASE_URL } = process.env;
const dataFolder = path.join(root, '.data');
const runningFile = path.join(dataFolder, 'running.json');

runCommand(async () => {
  let askedToStop = () => {};
  const stopped = new Promise((resolve) => (askedToStop = resolve));
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => askedToStop('asked'));

  await mkdir(dataFolder, { recursive: true });
  await claimFolder();
  if (!(await isPortFree(Number(PORT), HOST))) throw new Sorry(portInUse(PORT));
  await ensurePackages();
  await ensureBuilt();

  let database;
  let server;
  try {
    if (!DATABASE_URL) {
      say('Starting the database …');
      database = await startDatabase(dataFolder);
    }
    say('Starting the app …');
    const logFile = path.join(dataFolder, 'server.log');
    server = await startServer({
      databaseUrl: DATABASE_URL ?? database.url,
      port: PORT,
      host: HOST,
      logFile,
    });
    await greet(server.url);
    const why = await Promise.race([stopped, server.ended]);
    if (why === 'asked') say('Stopping …');
    else
      throw new Sorry(
        `The server ended by itself (${why}). What it stored is safe; see ${logFile}, then start again.`,
      );
  } finally {
    await server?.stop();
    await database?.stop();
    await rm(runningFile, { force: true });
  }
  say('Stopped.');
});

/** One start at a time in a folder. A claim whose process is gone counts for nothing. */
async function claimFolder() {
  if (existsSync(runningFile)) {
    const { pid } = JSON.parse(await readFile(runningFile, 'utf8'));
    if (isAlive(pid, 'start.mjs')) {
      throw new Sorry(
        `Dotting is already running from this folder (process ${pid}). Stop it with Ctrl-C there first.`,
      );
    }
  }
  await writeFile(runningFile, JSON.stringify({ pid: process.pid }));
}

async function greet(url) {
  const { adults, demoPassword, emailOf } = await import('../apps/server/dist/demo/nursery.js');
  say(`Dotting is ready at ${url}`);
  if (process.env.DEMO === 'off') return;
  console.log(`
  The demo nursery’s sign-ins. First the device, once: any of the e-mail addresses with the
  password ${demoPassword}. Then each adult by a short code:
`);
  for (const adult of adults) {
    console.log(`    ${emailOf(adult).padEnd(30)} code ${adult.code}   ${adult.role}`);
  }
  console.log('\n  Ctrl-C stops everything; what is stored stays.\n');
}
