// @ts-check
// Every check there is, from whatever state the machine is in. The last line counts them.
import { mkdir, readFile, rm } from 'node:fs/promises';
import path from 'node:path';
import { ensureBuilt } from './lib/build.mjs';
import { startDatabase } from './lib/database.mjs';
import { ensureProgram } from './lib/debian.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { root, run } from './lib/run.mjs';
import { runCommand, say } from './lib/say.mjs';

const folder = path.join(root, '.data', 'test');

runCommand(async () => {
  await ensurePackages();
  await ensureProgram('chromium', 'chromium', '');
  await ensureBuilt();
  await rm(folder, { recursive: true, force: true });
  await mkdir(folder, { recursive: true });
  say('Starting a database for the tests …');
  const database = await startDatabase(folder, { isThrownAway: true });
  const env = {
    ...process.env,
    TEST_DATABASE_URL: database.url,
    MIGRATED_DATABASE_URL: await migrate(database.url),
    NODE_ENV: 'test',
  };
  const totals = { passed: 0, failed: 0 };
  const add = ({ passed, failed }) => {
    totals.passed += passed;
    totals.failed += failed;
  };
  try {
    // The first takes as long as the others together, on one thread.
    const code = check('Lint', ['npm', 'run', 'lint:code', '--silent'], env);
    add(await check('Types', ['npm', 'run', 'typecheck', '--silent'], env));
    add(await check('Form, and what may import what', ['npm', 'run', 'lint:form', '--silent'], env));
    add(await check('Pages drawn from the code', ['node', 'tools/docs.mjs', '--check'], env));
    const inNode = await jest(env);
    add(await code);
    add(inNode);
    add(await browser(env));
  } finally {
    await database.stop();
  }
  console.log(`\n${totals.passed} passed, ${totals.failed} failed`);
  process.exitCode = totals.failed === 0 ? 0 : 1;
});

/** Makes the tables once, for the suites of the server to copy: each would take a second or two to make its own. */
async function migrate(url) {
  const { openDatabase } = await import('../apps/server/dist/database/dataSource.js');
  await (await openDatabase(url)).destroy();
  return url;
}

/** A check without tests of its own counts as one. */
async function check(name, [program, ...args], env) {
  say(`${name} …`);
  const { code } = await run(program, args, { show: true, env });
  return code === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}

/** All parts in one run, so that neither process waits for the other's longest file. */
async function jest(env) {
  say('Tests of the core, the words, the contract, the web app and the server …');
  const report = path.join(folder, 'jest.json');
  const args = [
    'node_modules/jest/bin/jest.js',
    '--projects',
    ...['packages/core', 'packages/words', 'packages/contract', 'apps/web', 'apps/server'],
    '-w',
    '2',
    // What is held against a file fails where the file is not there.
    '--ci',
    // A project's own limit is not heard in such a run. In ms.
    '--testTimeout=30000',
    '--json',
    `--outputFile=${report}`,
  ];
  // Jest prints its report to the standard output too; what a reader wants goes to the other.
  const { code } = await run(process.execPath, args, { env, stdio: ['ignore', 'ignore', 'inherit'] });
  return readReport(report, code, (result) => ({
    passed: result.numPassedTests,
    failed: result.numFailedTests + result.numRuntimeErrorTestSuites,
  }));
}

async function browser(env) {
  say('Browser tests …');
  const report = path.join(folder, 'browser.json');
  const args = [
    'node_modules/@playwright/test/cli.js',
    'test',
    '-c',
    'e2e/playwright.config.ts',
    '--reporter=list,json',
  ];
  const { code } = await run(process.execPath, args, {
    show: true,
    env: { ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: report },
  });
  return readReport(report, code, ({ stats }) => ({
    passed: stats.expected,
    failed: stats.unexpected + stats.flaky,
  }));
}

/** A run that failed without a failing test, or left no report, counts as one failure. */
async function readReport(file, code, count) {
  const text = await readFile(file, 'utf8').catch(() => null);
  const counted = text === null ? { passed: 0, failed: 0 } : count(JSON.parse(text));
  return code !== 0 && counted.failed === 0 ? { ...counted, failed: 1 } : counted;
}
