// @ts-check
import { existsSync } from 'node:fs';
import { rm, writeFile } from 'node:fs/promises';
import { run, runOrSorry } from './run.mjs';
import { say, Sorry } from './say.mjs';

const folders = ['/usr/bin', '/usr/sbin', '/usr/local/bin', '/usr/local/sbin', '/bin', '/sbin'];

/** Where a program is on this machine; undefined when it is not. */
export function findProgram(name) {
  return folders.map((folder) => `${folder}/${name}`).find((file) => existsSync(file));
}

/** Where a program that has to be there is. */
export function programOf(name) {
  const found = findProgram(name);
  if (!found) throw new Sorry(`${name} is not on this machine.`);
  return found;
}

/** Installs a Debian package when its program is missing. @returns the program's path */
export async function ensureProgram(name, debianPackage, otherwise) {
  const found = findProgram(name);
  if (found) return found;
  const asRoot = await rightToInstall();
  if (!asRoot || !findProgram('apt-get')) {
    throw new Sorry(
      `${debianPackage} is not installed, and this user may not install it. Run “apt-get install ${debianPackage}” as root${otherwise}.`,
    );
  }
  say(`Installing Debian’s ${debianPackage} …`);
  await withoutStartingServices(asRoot, async () => {
    const aptGet = ['apt-get', '-o', 'DPkg::Lock::Timeout=120', '-q', '-y'];
    const options = { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } };
    const [program, ...args] = [...asRoot, ...aptGet];
    await run(program, [...args, 'update'], options);
    await runOrSorry(
      `Debian’s ${debianPackage} could not be installed. Is the package registry reachable? Then start again.`,
      program,
      [...args, 'install', debianPackage],
      options,
    );
  });
  const installed = findProgram(name);
  if (!installed)
    throw new Sorry(`${debianPackage} was installed, but brought no ${name}. Install it by hand.`);
  return installed;
}

/** How to become root: not at all, by sudo without a question, or null when neither is possible. */
async function rightToInstall() {
  if (process.getuid?.() === 0) return [];
  const sudo = findProgram('sudo');
  if (!sudo) return null;
  return (await run(sudo, ['-n', 'true'])).code === 0 ? [sudo, '-n', '--preserve-env=DEBIAN_FRONTEND'] : null;
}

/** Debian starts a service on installing it; Dotting keeps a private one instead. */
async function withoutStartingServices(asRoot, install) {
  const policy = '/usr/sbin/policy-rc.d';
  if (asRoot.length > 0 || existsSync(policy)) return install();
  await writeFile(policy, '#!/bin/sh\nexit 101\n', { mode: 0o755 });
  try {
    await install();
  } finally {
    await rm(policy, { force: true });
  }
}
