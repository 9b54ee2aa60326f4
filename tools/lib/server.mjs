// @ts-check
import { spawn } from 'node:child_process';
import path from 'node:path';
import { root } from './run.mjs';
import { sayProgress, Sorry } from './say.mjs';

/**
 * Starts the built server and resolves once it answers.
 * @param {{ databaseUrl: string, port: string | number, host: string, logFile: string, env?: Record<string, string> }} options
 * @returns its address, its process, a promise of its end, and how to stop it
 */
export async function startServer({ databaseUrl, port, host, logFile, env = {} }) {
  // Not before the packages are there.
  const { rotatingLog } = await import('./log.mjs');
  const log = rotatingLog(logFile);
  const child = spawn(
    process.execPath,
    // For a small machine: what is soon thrown away gets half the room it would take by itself.
    ['--max-semi-space-size=8', path.join(root, 'apps/server/dist/main.js')],
    {
      cwd: root,
      detached: true,
      stdio: ['ignore', 'pipe', 'pipe', 'ipc'],
      env: {
        ...process.env,
        ...env,
        NODE_ENV: 'production',
        DATABASE_URL: databaseUrl,
        PORT: String(port),
        HOST: host,
        WEB_FOLDER: path.join(root, 'apps/web/dist'),
      },
    },
  );
  child.stdout?.pipe(log);
  child.stderr?.pipe(log);
  const ended = new Promise((resolve) => child.on('close', (code, signal) => resolve(code ?? signal)));
  const url = await new Promise((resolve, reject) => {
    child.on('message', (/** @type {any} */ news) => {
      if (news.kind === 'loading') sayProgress('Loading the demo nursery, tries', news.done, news.of);
      if (news.kind === 'ready') resolve(news.url);
      if (news.kind === 'failed') reject(sorryFor(news, port));
    });
    void ended.then((code) =>
      reject(new Sorry(`The server ended (${code}) before it answered; see ${logFile}.`)),
    );
  });
  const stop = async () => {
    if (child.exitCode === null && child.signalCode === null) child.kill('SIGTERM');
    await ended;
  };
  return { url, child, ended, stop };
}

function sorryFor({ code, message }, port) {
  switch (code) {
    case 'EADDRINUSE':
      return new Sorry(portInUse(port));
    case 'ECONNREFUSED':
    case 'ENOTFOUND':
    case 'ETIMEDOUT':
      return new Sorry(`No database answers there (${code}). Check DATABASE_URL and that its server runs.`);
    case 'ER_ACCESS_DENIED_ERROR':
    case 'ER_DBACCESS_DENIED_ERROR':
    case 'ER_BAD_DB_ERROR':
      return new Sorry(`The database does not let Dotting in: ${message}. Check DATABASE_URL.`);
    default:
      return new Sorry(`The server did not start: ${message}`);
  }
}

export const portInUse = (port) =>
  `Port ${port} is in use by another program. Stop that one, or choose another port: PORT=${Number(port) + 1} npm start`;
