// @ts-check
// Puts back what a copy holds, in place of what is stored now. What was erased since stays erased.
//   npm run restore -- dotting-2026-11-30T020000.sql.gpg
import path from 'node:path';
import { ask, backUp, loadFile, passphrase, withScratch } from './lib/backups.mjs';
import { runCommand, say, Sorry } from './lib/say.mjs';
import { withDatabase } from './lib/withDatabase.mjs';

const [file] = process.argv.slice(2);

runCommand(async () => {
  if (!file) throw new Sorry('Say which copy: npm run restore -- FILE');
  const secret = await passphrase();
  await withDatabase((url) => restore(url, path.resolve(file), secret));
});

async function restore(url, from, secret) {
  const before = await ask(url, 'SHOW TABLES');
  const erased = before.includes('erasure') ? await ask(url, 'SELECT was_child FROM erasure') : [];
  await withScratch(url, async (scratch) => {
    say('Loading the copy …');
    await loadFile(from, secret, scratch);
    await bringUp(scratch, erased);
    // Whoever takes the wrong file has not lost what was there.
    if (before.length > 0) say(`What is stored now was copied to ${await backUp(url, secret)}.`);
    await exchange(url, scratch);
  });
  const [children] = await ask(url, 'SELECT COUNT(*) FROM child');
  const [tries] = await ask(url, 'SELECT COUNT(*) FROM `try`');
  say(`Put back: children ${children}, tries ${tries}.`);
}

/** Brings the tables up to date, and erases again whom somebody has erased since the copy was made. */
async function bringUp(scratch, erased) {
  const { openDatabase } = await import('../apps/server/dist/database/dataSource.js');
  const { eraseChild } = await import('../apps/server/dist/nursery/erase.js');
  const dataSource = await openDatabase(scratch);
  try {
    const known = await dataSource.query('SELECT id FROM child');
    const again = erased.filter((id) => known.some((child) => child.id === id));
    for (const id of again) await dataSource.transaction((manager) => eraseChild(manager, id));
    if (again.length > 0) say(`Children erased again, because they were erased since: ${again.length}.`);
  } finally {
    await dataSource.destroy();
  }
}

/** All tables at once: in the place of what was there stands the copy, or nothing has changed. */
async function exchange(url, scratch) {
  const name = (of) => new URL(of).pathname.slice(1);
  const [now, loaded] = [name(url), name(scratch)];
  await withScratch(url, async (away) => {
    const moves = [
      ...(await ask(url, 'SHOW TABLES')).map((table) => [now, name(away), table]),
      ...(await ask(scratch, 'SHOW TABLES')).map((table) => [loaded, now, table]),
    ];
    const renamed = moves.map(([from, to, table]) => `\`${from}\`.\`${table}\` TO \`${to}\`.\`${table}\``);
    await ask(url, `RENAME TABLE ${renamed.join(', ')}`);
  });
}
