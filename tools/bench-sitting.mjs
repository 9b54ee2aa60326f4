// Sits simulated children down, by chosen questions and by going practice, and prints what
// docs/performance.md quotes; the curves go into docs/sittings.svg.
import { writeFile } from 'node:fs/promises';
import path from 'node:path';
import { drawCurves } from './bench/curves.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { root } from './lib/run.mjs';
import { runCommand, say } from './lib/say.mjs';

const children = Number(process.env.CHILDREN ?? 2000);
const seed = Number(process.env.SEED ?? 7);

runCommand(async () => {
  await ensurePackages();
  await ensureBuilt();
  const { benchSittings } = await import('../packages/core/dist/bench/sittingBench.js');
  say(`Sitting ${children} simulated children down (seed ${seed}) …`);
  const results = benchSittings(children, seed);
  console.log(waysTable(results));
  console.log(claimsTable(results));
  await writeFile(path.join(root, 'docs', 'sittings.svg'), drawCurves(results));
  say('docs/sittings.svg has the curves.');
});

const percent = (share) => (share === null ? '' : `${(100 * share).toFixed(1)} %`);
const fixed = (value, digits = 1) => (value === null ? '' : value.toFixed(digits));
const row = (cells) => `| ${cells.join(' | ')} |`;
const table = (head, rows) => [row(head), row(head.map(() => '---')), ...rows.map(row), ''].join('\n');

function waysTable(results) {
  const line = (skill, name, measured, against) => [
    skill,
    name,
    `${measured.tries.median} / ${measured.tries.p90}`,
    `${fixed(measured.minutes.median)} / ${fixed(measured.minutes.p90)}`,
    fixed(measured.error, 2),
    percent(measured.overClaimed),
    fixed(measured.underClaimed, 2),
    percent(measured.coverage),
    fixed(measured.entropyLeft, 2),
    percent(measured.told),
    against,
  ];
  return table(
    [
      'skill',
      'asked and read',
      'tries, median / 90th',
      'minutes, median / 90th',
      'mean error',
      'over-claimed',
      'left unsaid',
      'coverage',
      'bits left',
      'of the most',
      'tries at equal error',
    ],
    results.flatMap(({ skill, chosen, upwardAsRead, upwardEstimated, triesAgainst }) => [
      line(skill, 'chosen questions', chosen, ''),
      line(skill, '(a) going practice, last passed', upwardAsRead, fixed(triesAgainst.asRead, 2)),
      line(skill, '(b) going practice, estimated', upwardEstimated, fixed(triesAgainst.estimated, 2)),
    ]),
  );
}

function claimsTable(results) {
  return table(
    ['skill', 'a statement needs', 'over-claimed', 'left unsaid, numbers'],
    results.flatMap(({ skill, byClaim }) =>
      byClaim.map((point) => [
        skill,
        String(point.claim),
        percent(point.overClaimed),
        fixed(point.underClaimed, 2),
      ]),
    ),
  );
}
