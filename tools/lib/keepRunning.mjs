// @ts-check
import { say, Sorry } from './say.mjs';

/** Started again so often within so long, in ms, something is wrong that starting does not mend. */
const mostRestarts = 5;
const withinMs = 5 * 60_000;

/**
 * Waits until somebody asks to stop, and starts whatever ends by itself meanwhile again: the database
 * first, because the server needs it.
 *
 * @param running the database (null where it is somebody else's) and the server; replaced as they are started again
 * @param start how each is started
 * @param asked resolves when somebody asks to stop
 */
export async function keepRunning(running, start, asked) {
  const restarts = [];
  for (;;) {
    const end = await Promise.race([
      asked.then(() => null),
      running.server.ended.then((code) => ({ what: 'server', code })),
      ...(running.database ? [running.database.ended.then((code) => ({ what: 'database', code }))] : []),
    ]);
    if (end === null) return;
    restarts.push(Date.now());
    if (restarts.filter((at) => Date.now() - at < withinMs).length > mostRestarts)
      throw new Sorry(
        `The ${end.what} keeps ending by itself (${end.code}). What is stored is safe; see the logs in the data folder, then start again.`,
      );
    say(`The ${end.what} ended by itself (${end.code}). What is stored is safe. Starting it again …`);
    if (running.database && (await hasEnded(running.database))) {
      running.database = await start.database(running.database.port);
      say('The database runs again.');
    }
    if (await hasEnded(running.server)) {
      running.server = await start.server();
      say('The server runs again.');
    }
  }
}

const hasEnded = ({ ended }) =>
  Promise.race([ended.then(() => true), new Promise((resolve) => setTimeout(resolve, 0, false))]);
