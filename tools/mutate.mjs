// @ts-check
// Changes one comparison, bound or sum at a time in the parts that judge, runs the tests that look at that file, and
// prints the share that is caught. By hand: `node tools/mutate.mjs`; SAMPLE, SEED and MINUTES change it.
import { spawnSync } from 'node:child_process';
import { readFile, readdir, writeFile } from 'node:fs/promises';
import path from 'node:path';
import ts from 'typescript';
import { root } from './lib/run.mjs';
import { runCommand, say } from './lib/say.mjs';

const core = path.join(root, 'packages', 'core');
const folders = ['statements', 'evidence', 'asking', 'next'];
const sample = Number(process.env.SAMPLE ?? 60);
const minutes = Number(process.env.MINUTES ?? 30);
const secondsForOne = 120;

/** What a comparison becomes. */
const others = {
  '<': ['<='],
  '<=': ['<'],
  '>': ['>='],
  '>=': ['>'],
  '===': ['!=='],
  '!==': ['==='],
  '&&': ['||'],
  '||': ['&&'],
};

/** Every comparison of a file: where it stands, and what it may become. */
function comparisonsIn(file, text) {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found = [];
  const visit = (node) => {
    if (ts.isBinaryExpression(node)) {
      const { operatorToken } = node;
      for (const other of others[operatorToken.getText()] ?? [])
        found.push({ file, at: operatorToken.getStart(), was: operatorToken.getText(), other });
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** A repeatable shuffle (mulberry32). */
function shuffled(list, seed) {
  let state = seed;
  const random = () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
  return list
    .map((item) => [random(), item])
    .sort((a, b) => a[0] - b[0])
    .map(([, item]) => item);
}

/** Whether the tests that reach the file fail with it as it stands. */
function isCaught(file) {
  const jest = path.join(root, 'node_modules', 'jest', 'bin', 'jest.js');
  const args = [
    jest,
    // What is put in words rests on what is so: those tests look at it too.
    '--projects',
    core,
    path.join(root, 'packages', 'words'),
    '--findRelatedTests',
    file,
    '--testSequencer',
    path.join(root, 'tools', 'lib', 'quickestFirst.cjs'),
    '--bail',
    '-w',
    '2',
  ];
  const { status, signal } = spawnSync(process.execPath, args, {
    cwd: root,
    env: { ...process.env, FC_FORGET: '1' },
    stdio: 'ignore',
    timeout: 1000 * secondsForOne,
  });
  // What goes on for ever is noticed too.
  return signal !== null || status !== 0;
}

runCommand(async () => {
  const files = [];
  for (const folder of folders) {
    for (const name of await readdir(path.join(core, 'src', folder)))
      if (name.endsWith('.ts') && !name.endsWith('.test.ts'))
        files.push(path.join(core, 'src', folder, name));
  }
  const texts = new Map();
  for (const file of files) texts.set(file, await readFile(file, 'utf8'));
  const all = [...texts].flatMap(([file, text]) => comparisonsIn(file, text));
  const chosen = shuffled(all, Number(process.env.SEED ?? 1)).slice(0, sample);
  say(`${chosen.length} of ${all.length} comparisons, at most ${minutes} minutes …`);
  const end = Date.now() + 60_000 * minutes;
  let tried = 0;
  const missed = [];
  for (const one of chosen) {
    if (Date.now() > end) break;
    const text = texts.get(one.file);
    const line = text.slice(0, one.at).split('\n').length;
    await writeFile(one.file, text.slice(0, one.at) + one.other + text.slice(one.at + one.was.length));
    try {
      tried++;
      if (!isCaught(one.file)) {
        missed.push(one);
        say(`not seen: ${path.relative(core, one.file)}:${line} ${one.was} for ${one.other}`);
      }
    } finally {
      await writeFile(one.file, text);
    }
  }
  console.log(
    `${tried - missed.length} of ${tried} caught (${Math.round((100 * (tried - missed.length)) / tried)} %)`,
  );
});
