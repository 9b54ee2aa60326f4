// @ts-check
import { spawn } from 'node:child_process';
import { createHash, randomBytes } from 'node:crypto';
import { mkdir, mkdtemp, readdir, readFile, rename, rm, stat } from 'node:fs/promises';
import os from 'node:os';
import path from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { ensureProgram, programOf } from './debian.mjs';
import { root } from './run.mjs';
import { say, Sorry } from './say.mjs';

const {
  BACKUP_FOLDER,
  BACKUP_PASSPHRASE,
  BACKUP_PASSPHRASE_FILE,
  BACKUP_KEEP = '30',
  BACKUP_AT = '03:00',
} = process.env;
const { DATA_FOLDER } = process.env;

export const backupFolder = path.resolve(
  BACKUP_FOLDER ?? path.join(DATA_FOLDER ?? path.join(root, '.data'), 'backups'),
);
const leastLetters = 12;
const isBackup = (name) => /^dotting-[\d-]+T\d{6}\.sql\.gpg$/.test(name);

/** Copies are only as safe as this: from the environment, a file, or typed. */
export async function passphrase() {
  const given =
    BACKUP_PASSPHRASE ?? (BACKUP_PASSPHRASE_FILE && (await readPassphrase(BACKUP_PASSPHRASE_FILE)));
  const text = given ?? (process.stdin.isTTY ? await typed('Passphrase of the copy: ') : undefined);
  if (!text)
    throw new Sorry(
      'Say with which passphrase: put it into a file and give its name as BACKUP_PASSPHRASE_FILE.',
    );
  if (text.length < leastLetters)
    throw new Sorry(`The passphrase has to have at least ${leastLetters} letters.`);
  return text;
}

async function readPassphrase(file) {
  const text = await readFile(file, 'utf8').catch(() => {
    throw new Sorry(`There is no file ${file} with a passphrase.`);
  });
  return text.trim();
}

function typed(question) {
  process.stdout.write(question);
  process.stdin.setRawMode(true);
  return new Promise((resolve) => {
    let text = '';
    process.stdin.on('data', function take(data) {
      for (const sign of data.toString()) {
        if (sign === '\u0003') process.exit(1);
        if (sign === '\r' || sign === '\n') {
          process.stdin.off('data', take).setRawMode(false).pause();
          process.stdout.write('\n');
          return resolve(text);
        }
        text = sign === '\u007f' ? text.slice(0, -1) : text + sign;
      }
    });
  });
}

/**
 * Copies the database as it is at one moment, encrypted by a passphrase (OpenPGP, AES-256), and checks the copy: it is
 * loaded into a scratch database, and what that holds has to be the same, to the letter.
 * @param {string} url
 * @param {string} secret
 * @returns {Promise<string>} the file
 */
export async function backUp(url, secret) {
  await ensureProgram('gpg', 'gnupg', '');
  // For its owner alone, in a folder of its own.
  process.umask(0o077);
  await mkdir(backupFolder, { recursive: true });
  const name = `dotting-${new Date().toISOString().slice(0, 19).replaceAll(':', '')}.sql.gpg`;
  const file = path.join(backupFolder, name);
  const unchecked = `${file}.unchecked`;
  try {
    const dumped = await withGpg(
      secret,
      ['--symmetric', '--cipher-algo', 'AES256', '--output', unchecked],
      (gpg) => dump(url, gpg.stdin),
    );
    await withScratch(url, async (scratch) => {
      await loadFile(unchecked, secret, scratch);
      const loaded = await dump(scratch);
      if (loaded !== dumped)
        throw new Sorry('The copy is not the same as what was copied. It was thrown away.');
    });
    await rename(unchecked, file);
  } finally {
    await rm(unchecked, { force: true });
  }
  await forgetOld();
  return file;
}

async function forgetOld() {
  const names = (await readdir(backupFolder)).filter(isBackup).toSorted();
  for (const name of names.slice(0, -Math.max(1, Number(BACKUP_KEEP))))
    await rm(path.join(backupFolder, name));
}

/** Loads a copy into a database that is empty. A wrong passphrase or a damaged file loads nothing. */
export async function loadFile(file, secret, url) {
  await stat(file).catch(() => {
    throw new Sorry(`There is no file ${file}.`);
  });
  await withGpg(secret, ['--decrypt', file], async (gpg) => {
    const client = mariadb('mariadb', url, []);
    await Promise.all([
      pipeline(gpg.stdout, client.stdin).catch(() => undefined),
      ended(client, 'load the copy'),
    ]);
  });
}

/** A database beside the one of an address, empty, and thrown away afterwards. */
export async function withScratch(url, use) {
  const scratch = new URL(url);
  scratch.pathname = `/dotting_scratch_${randomBytes(4).toString('hex')}`;
  const name = scratch.pathname.slice(1);
  await ask(url, `CREATE DATABASE \`${name}\` CHARACTER SET utf8mb4`);
  try {
    return await use(scratch.href);
  } finally {
    await ask(url, `DROP DATABASE IF EXISTS \`${name}\``);
  }
}

/** Asks the database something, and has its rows as lines. */
export async function ask(url, sql) {
  const client = mariadb('mariadb', url, ['--batch', '--skip-column-names', '--execute', sql]);
  client.stdin.end();
  let output = '';
  client.stdout.on('data', (data) => (output += data));
  await ended(client, 'ask the database');
  return output.trim() === '' ? [] : output.trim().split('\n');
}

/**
 * All of a database as SQL, as it is at one moment.
 * @param {string} url
 * @param {NodeJS.WritableStream} [to]
 * @returns {Promise<string>} its SHA-256
 */
async function dump(url, to) {
  const options = [
    '--single-transaction',
    '--hex-blob',
    '--skip-comments',
    '--order-by-primary',
    '--no-tablespaces',
  ];
  const child = mariadb('mariadb-dump', url, options);
  child.stdin.end();
  const hash = createHash('sha256');
  const through = Readable.from(
    (async function* () {
      for await (const chunk of child.stdout) {
        hash.update(chunk);
        yield chunk;
      }
    })(),
  );
  const flowing = to ? pipeline(through, to) : through.forEach(() => undefined);
  await Promise.all([flowing, ended(child, 'copy the database')]);
  return hash.digest('hex');
}

/** A program of the database's, at an address; its password stands in no list of processes. */
function mariadb(program, url, args) {
  const { hostname, port, username, password, pathname } = new URL(url);
  const where = [
    '--no-defaults',
    '--protocol=tcp',
    `--host=${hostname}`,
    `--port=${port || 3306}`,
    `--user=${decodeURIComponent(username)}`,
  ];
  return spawn(programOf(program), [...where, ...args, pathname.slice(1)], {
    stdio: ['pipe', 'pipe', 'pipe'],
    env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
  });
}

/** Runs gpg with a passphrase and a home of its own, which is thrown away. */
async function withGpg(secret, args, use) {
  const home = await mkdtemp(path.join(os.tmpdir(), 'dotting-gpg-'));
  const quiet = ['--batch', '--yes', '--quiet', '--no-symkey-cache', '--pinentry-mode', 'loopback'];
  const gpg = spawn(programOf('gpg'), ['--homedir', home, ...quiet, '--passphrase-fd', '3', ...args], {
    stdio: ['pipe', 'pipe', 'pipe', 'pipe'],
  });
  try {
    const secretTo = /** @type {import('node:stream').Writable} */ (gpg.stdio[3]);
    secretTo.end(`${secret}\n`);
    const isOver = ended(gpg, 'encrypt or decrypt the copy: is it the right passphrase?');
    const [result] = await Promise.all([use(gpg), isOver]);
    return result;
  } finally {
    gpg.kill();
    await rm(home, { recursive: true, force: true });
  }
}

/** Resolves when a process has ended well. */
function ended(child, what) {
  let complaint = '';
  child.stderr.on('data', (data) => (complaint += data));
  return new Promise((resolve, reject) => {
    child.on('error', reject);
    child.on('close', (code) =>
      code === 0
        ? resolve(undefined)
        : reject(new Sorry(`Could not ${what}\n${complaint.trim().split('\n').at(-1)}`)),
    );
  });
}

/**
 * A copy every night, where there is a passphrase for it. What goes wrong is said, and tried again an hour later.
 * @param {() => string} urlNow
 * @returns how to stop
 */
export function nightly(urlNow) {
  if (!BACKUP_PASSPHRASE && !BACKUP_PASSPHRASE_FILE) {
    say('No copies are made every night: give BACKUP_PASSPHRASE_FILE for that.');
    return () => undefined;
  }
  let timer;
  const wait = (ms) => {
    timer = setTimeout(copy, ms);
  };
  const copy = async () => {
    try {
      say(`Copied to ${await backUp(urlNow(), await passphrase())}.`);
      wait(untilNext(BACKUP_AT, new Date()));
    } catch (error) {
      say(
        `No copy was made: ${error instanceof Error ? error.message : error} It is tried again in an hour.`,
      );
      wait(3_600_000);
    }
  };
  wait(untilNext(BACKUP_AT, new Date()));
  return () => clearTimeout(timer);
}

/** So long until a time of day, in ms. */
export function untilNext(time, now) {
  const [, hours, minutes] = /^(\d{1,2}):(\d{2})$/.exec(time) ?? [];
  if (hours === undefined) throw new Sorry(`BACKUP_AT has to be a time of day such as 03:00, not “${time}”.`);
  const next = new Date(now);
  next.setHours(Number(hours), Number(minutes), 0, 0);
  if (next <= now) next.setDate(next.getDate() + 1);
  return next.getTime() - now.getTime();
}
