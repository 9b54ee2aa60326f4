// @ts-check
// Starts Dotting from whatever state the machine is in: installs, builds, starts its database and
// the app, and stops all of it on Ctrl-C or SIGTERM.
import path from 'node:path';
import { ensureBuilt } from './lib/build.mjs';
import { claimFolder } from './lib/claim.mjs';
import { startDatabase } from './lib/database.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { keepRunning } from './lib/keepRunning.mjs';
import { isPortFree } from './lib/ports.mjs';
import { root } from './lib/run.mjs';
import { runCommand, say, Sorry } from './lib/say.mjs';
import { portInUse, startServer } from './lib/server.mjs';

const { PORT = '4173', HOST = '127.0.0.1', DATABASE_URL, DATA_FOLDER } = process.env;
const dataFolder = path.resolve(DATA_FOLDER ?? path.join(root, '.data'));

runCommand(async () => {
  const stopped = new Promise((resolve) => {
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => resolve('asked'));
  });

  if (!/^\d+$/.test(PORT) || Number(PORT) > 65_535)
    throw new Sorry(`PORT has to be a number from 0 to 65535, not “${PORT}”.`);
  const letGo = await claimFolder(dataFolder);
  if (!(await isPortFree(Number(PORT), HOST))) throw new Sorry(portInUse(PORT));
  await ensurePackages();
  await ensureBuilt();

  /** @type {{ database: any, server: any }} */
  const running = { database: null, server: null };
  const start = {
    database: (port) => startDatabase(dataFolder, { port }),
    server: () =>
      startServer({
        databaseUrl: DATABASE_URL ?? running.database.url,
        port: PORT,
        host: HOST,
        logFile: path.join(dataFolder, 'server.log'),
      }),
  };
  try {
    if (!DATABASE_URL) {
      say('Starting the database …');
      running.database = await start.database();
    }
    say('Starting the app …');
    running.server = await start.server();
    await greet(running.server.url);
    await keepRunning(running, start, stopped);
    say('Stopping …');
  } finally {
    await running.server?.stop();
    await running.database?.stop();
    await letGo();
  }
  say('Stopped.');
});

async function greet(url) {
  const { adults, demoPassword, emailOf } = await import('../apps/server/dist/demo/nursery.js');
  say(`Dotting is ready at ${url}`);
  console.log('\n  Set up your own nursery from the page for signing in, on this machine.');
  if (process.env.DEMO === 'off') return;
  console.log(`
  The demo nursery’s sign-ins. First the device, once: any of the email addresses with the
  password ${demoPassword}. Then each adult by a short code:
`);
  for (const adult of adults) {
    console.log(`    ${emailOf(adult).padEnd(30)} code ${adult.code}   ${adult.role}`);
  }
  console.log('\n  Ctrl-C stops everything; what is stored stays.\n');
}
