import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { mkdtemp, readdir, readFile, rm, stat } from 'node:fs/promises';
import http from 'node:http';
import net from 'node:net';
import os from 'node:os';
import path from 'node:path';
import tls from 'node:tls';
import { bringInTwenty, comeInAsWilma, firstCountElsewhere, pairingCode, setUpNursery } from './beginning.js';
import { expect, test } from './sitting.js';

test.setTimeout(240_000);

const root = path.resolve(import.meta.dirname, '..');
let folder: string;
let env: NodeJS.ProcessEnv;
let command: ChildProcess | undefined;
let said = '';

/** Two that are free on every address of this machine. */
async function freePorts(): Promise<[number, number]> {
  const servers = [net.createServer().listen(0), net.createServer().listen(0)];
  await Promise.all(servers.map((server) => once(server, 'listening')));
  const [one, other] = servers.map((server) => (server.address() as net.AddressInfo).port);
  servers.forEach((server) => server.close());
  return [one!, other!];
}

test.beforeAll(async () => {
  folder = await mkdtemp(path.join(os.tmpdir(), 'dotting-serve-'));
  const [PORT, HTTP_PORT] = (await freePorts()).map(String);
  env = { ...process.env, PORT, HTTP_PORT, DATA_FOLDER: folder, BACKUP_PASSPHRASE: 'an otter in the lock' };
  delete env['DATABASE_URL'];
});
test.afterAll(async () => {
  await stop();
  await rm(folder, { recursive: true, force: true });
});

/** Serves until it says that it is ready, and has what it said meanwhile. */
async function serve(): Promise<string> {
  said = '';
  command = spawn(process.execPath, ['tools/serve.mjs'], {
    cwd: root,
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  command.stdout!.on('data', (text: Buffer) => (said += text.toString()));
  await expect.poll(() => said, { timeout: 120_000 }).toContain('No nursery yet?');
  return said;
}

async function stop(): Promise<void> {
  if (!command || command.exitCode !== null) return;
  const ended = once(command, 'exit');
  command.kill('SIGTERM');
  await ended;
}

/** A command of the tools: its exit code and what it printed. */
async function run(...args: string[]): Promise<{ code: number; printed: string }> {
  const child = spawn(process.execPath, args, { cwd: root, env, stdio: ['ignore', 'pipe', 'pipe'] });
  let printed = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (text: Buffer) => (printed += text));
  const [code] = (await once(child, 'close')) as [number];
  return { code, printed };
}

const fingerprintAt = async (port: number): Promise<string> => {
  const socket = tls.connect({ port, host: '127.0.0.1', rejectUnauthorized: false });
  await once(socket, 'secureConnect');
  const { fingerprint256 } = socket.getPeerCertificate();
  socket.destroy();
  return fingerprint256;
};

test('for real: over https on every address, copied and put back, with nobody in it who was erased since', async ({
  browser,
}) => {
  const greeting = await serve();
  const port = Number(env['PORT']);
  expect(greeting).toContain(await fingerprintAt(port));

  const [redirect] = (await once(
    http.get({ port: Number(env['HTTP_PORT']), host: '127.0.0.1', path: '/pair?from=here' }),
    'response',
  )) as [http.IncomingMessage];
  expect(redirect.statusCode).toBe(308);
  expect(redirect.headers.location).toBe(`https://127.0.0.1:${port}/pair?from=here`);

  const secure = { baseURL: `https://127.0.0.1:${port}`, ignoreHTTPSErrors: true };
  const page = await (await browser.newContext(secure)).newPage();
  await page.goto('/');
  await setUpNursery(page);
  await bringInTwenty(page);
  const code = await pairingCode(page);
  // Where the tablets find it, not where this machine does.
  const address = /ready at (https:\S+)/.exec(greeting)![1]!;
  await expect(page.getByText(`Or open ${address} there`)).toBeVisible();
  await expect(page.getByRole('img', { name: /camera/ })).toBeVisible();
  const elsewhere = { ...secure, baseURL: address, code };
  const other = await firstCountElsewhere(browser, elsewhere);
  const cookies = await other.context().cookies();
  expect(cookies.find(({ name }) => name === 'dotting_device')).toMatchObject({
    secure: true,
    httpOnly: true,
  });

  const copied = await run('tools/backup.mjs');
  expect(copied).toMatchObject({ code: 0 });
  const [name] = await readdir(path.join(folder, 'backups'));
  const copy = path.join(folder, 'backups', name!);
  expect((await stat(copy)).mode & 0o077).toBe(0);
  expect((await readFile(copy)).includes('CootB')).toBe(false);
  expect((await run('tools/restore.mjs', copy)).printed).toContain('Dotting is already running');

  // Meanwhile one child leaves and is erased.
  const office = await (await page.request.get('/api/office')).json();
  const { id } = office.children.find((child: { firstName: string }) => child.firstName === 'CootC');
  await page.request.patch(`/api/office/children/${id}`, { data: { leftOn: '2026-01-05', sure: true } });
  const gone = await page.request.post(`/api/office/children/${id}/erase`, { data: { firstName: 'CootC' } });
  expect(gone.status()).toBe(200);
  await stop();

  const right = env;
  env = { ...right, BACKUP_PASSPHRASE: 'another passphrase' };
  expect(await run('tools/restore.mjs', copy)).toMatchObject({
    code: 1,
    printed: expect.stringContaining('passphrase'),
  });
  env = right;
  const restored = await run('tools/restore.mjs', copy);
  expect(restored.printed).toContain('Children erased again, because they were erased since: 1.');
  expect(restored.printed).toContain('Put back: children 19, tries 1.');
  expect(restored.code).toBe(0);
  // What was there was copied first.
  expect(await readdir(path.join(folder, 'backups'))).toHaveLength(2);

  await serve();
  await page.goto('/');
  await comeInAsWilma(page);
  await expect(page.getByText('CootB').first()).toBeVisible();
  await expect(page.getByText('CootC')).toHaveCount(0);
  expect((await stat(path.join(folder, 'server.log'))).mode & 0o077).toBe(0);
});
