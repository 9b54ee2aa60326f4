// @ts-check
// Runs Dotting for a nursery: over https on its own network, with its database watched, its logs divided and a copy made
// every night. docs/running.md says how. PORT, HTTP_PORT, KEY_FILE and CERT_FILE, NAME, BACKUP_FOLDER, BACKUP_AT.
import os from 'node:os';
import path from 'node:path';
import { nightly } from './lib/backups.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { ensureCertificate } from './lib/certificate.mjs';
import { claimFolder } from './lib/claim.mjs';
import { startDatabase } from './lib/database.mjs';
import { keepRunning } from './lib/keepRunning.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { isPortFree } from './lib/ports.mjs';
import { root } from './lib/run.mjs';
import { runCommand, say, Sorry } from './lib/say.mjs';
import { startServer } from './lib/server.mjs';

const { PORT = '8443', HTTP_PORT = '8080', HOST = '0.0.0.0', NAME, KEY_FILE, CERT_FILE } = process.env;
const { DATABASE_URL, DATA_FOLDER, DEMO = 'off' } = process.env;
const dataFolder = path.resolve(DATA_FOLDER ?? path.join(root, '.data'));

runCommand(async () => {
  const stopped = new Promise((resolve) => {
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => resolve('asked'));
  });
  // What is written here is for its owner alone.
  process.umask(0o077);
  const letGo = await claimFolder(dataFolder);
  for (const [name, port] of [
    ['PORT', PORT],
    ['HTTP_PORT', HTTP_PORT],
  ]) {
    if (!/^\d+$/.test(port)) throw new Sorry(`${name} has to be a number, not “${port}”.`);
    if (!(await isPortFree(Number(port), HOST)))
      throw new Sorry(`Port ${port} is in use, or this user may not have it. Choose another: ${name}=…`);
  }
  await ensurePackages();
  await ensureBuilt();
  const addresses = addressesHere();
  const names = [
    ...new Set([...(NAME ? [NAME] : []), ...addresses, os.hostname(), 'localhost', '127.0.0.1']),
  ];
  const certificate = await ensureCertificate(dataFolder, names, {
    keyFile: KEY_FILE,
    certificateFile: CERT_FILE,
  });
  const url = urlAt(NAME ?? addresses[0] ?? os.hostname());

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
        env: {
          DEMO,
          ADDRESS: url,
          REDIRECT_PORT: HTTP_PORT,
          TLS_KEY_FILE: certificate.keyFile,
          TLS_CERT_FILE: certificate.certificateFile,
        },
      }),
  };
  try {
    if (!DATABASE_URL) running.database = await start.database();
    running.server = await start.server();
    await greet(url, addresses, certificate);
    const stopCopies = nightly(() => DATABASE_URL ?? running.database.url);
    await keepRunning(running, start, stopped).finally(stopCopies);
    say('Stopping …');
  } finally {
    await running.server?.stop();
    await running.database?.stop();
    await letGo();
  }
  say('Stopped.');
});

const urlAt = (name) => (PORT === '443' ? `https://${name}` : `https://${name}:${PORT}`);

/** Where other devices of the network find this machine. */
function addressesHere() {
  return Object.values(os.networkInterfaces())
    .flatMap((ones) => ones ?? [])
    .filter(
      ({ family, internal, address }) => family === 'IPv4' && !internal && !address.startsWith('169.254.'),
    )
    .map(({ address }) => address);
}

async function greet(url, addresses, { isOwn, fingerprint }) {
  say(`Dotting is ready at ${url}`);
  for (const address of addresses.filter((one) => urlAt(one) !== url))
    console.log(`  also at ${urlAt(address)}`);
  if (process.stdout.isTTY) {
    const { default: qrcode } = await import('qrcode');
    console.log(`\n${await qrcode.toString(url, { type: 'terminal', small: true })}`);
  }
  console.log(
    isOwn
      ? `  The certificate is self-made: a browser warns once. Let it in only where it shows this fingerprint (SHA-256):\n  ${fingerprint}\n`
      : `  Fingerprint of the certificate (SHA-256): ${fingerprint}\n`,
  );
  console.log(
    `  No nursery yet? Set it up on this machine at ${urlAt('localhost')}, or with npm run code -- nursery.`,
  );
  console.log('  Ctrl-C stops everything; what is stored stays.\n');
}
