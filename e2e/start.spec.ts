import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import net from 'node:net';
import { once } from 'node:events';
import os from 'node:os';
import path from 'node:path';
import { expect, test } from '@playwright/test';

test.setTimeout(360_000);

const root = path.resolve(import.meta.dirname, '..');

let folder: string;
let command: ChildProcess;
let said = '';

async function freePort(): Promise<number> {
  const server = net.createServer().listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as net.AddressInfo;
  server.close();
  return port;
}

test.beforeAll(async () => {
  folder = await mkdtemp(path.join(os.tmpdir(), 'dotting-'));
});
test.afterAll(async () => {
  if (command.exitCode === null) {
    const ended = once(command, 'exit');
    command.kill('SIGTERM');
    await ended;
  }
  await rm(folder, { recursive: true, force: true });
});

test('the start command starts again what ends by itself, and says so', async ({ request }) => {
  const port = await freePort();
  const env = { ...process.env, PORT: String(port), DATA_FOLDER: folder, DEMO: 'off' };
  delete (env as NodeJS.ProcessEnv)['DATABASE_URL'];
  command = spawn(process.execPath, ['tools/start.mjs'], {
    cwd: root,
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  command.stdout!.on('data', (text: Buffer) => (said += text.toString()));
  const says = (words: string) => expect.poll(() => said, { timeout: 90_000 }).toContain(words);
  const health = async () =>
    request.get(`http://127.0.0.1:${port}/api/health`).then(
      (answer) => answer.status(),
      () => 0,
    );

  await says('Dotting is ready at');
  // What the tests before have made is no reason to build anew, under the pages of those beside.
  expect(said).not.toContain('Building');
  expect(await health()).toBe(200);

  process.kill(Number(await readFile(path.join(folder, 'db', 'db.pid'), 'utf8')), 'SIGKILL');
  await says('The database ended by itself (SIGKILL)');
  await says('The database runs again.');
  await expect.poll(health, { timeout: 30_000 }).toBe(200);

  const servers = await childrenOf(command.pid!, 'main.js');
  expect(servers).toHaveLength(1);
  process.kill(servers[0]!, 'SIGKILL');
  await says('The server ended by itself (SIGKILL)');
  await says('The server runs again.');
  await expect.poll(health, { timeout: 30_000 }).toBe(200);
});

/** Processes that one has started, whose command line holds the text. */
async function childrenOf(parent: number, commandHolds: string): Promise<number[]> {
  const ids = (await readFile(`/proc/${parent}/task/${parent}/children`, 'utf8'))
    .trim()
    .split(' ')
    .map(Number);
  const lines = await Promise.all(ids.map((id) => readFile(`/proc/${id}/cmdline`, 'utf8')));
  return ids.filter((_, i) => lines[i]!.includes(commandHolds));
}
