// @ts-check
// Reads numerals of simulated hands, other than those the reader was tuned on, and scores what is said of each. Prints what
// docs/performance.md quotes. With a file of somebody else's numerals (JSON lines, gzipped) it reads those as well; with
// SHEET=file it draws the worst.
import { readFile, writeFile } from 'node:fs/promises';
import process from 'node:process';
import { gunzipSync } from 'node:zlib';
import { scoreInk, sheetOf, simulatedInk } from './bench/ink.mjs';
import { percent, table } from './bench/table.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { runCommand, say } from './lib/say.mjs';

const each = Number(process.env.EACH ?? 20);

runCommand(async () => {
  await ensurePackages();
  await ensureBuilt();
  say(`Reading numerals of simulated hands, ${each} of each …`);
  const own = await scoreInk(await simulatedInk({ each, seed: 'read once' }));
  print(own);
  const sheet = process.env.SHEET;
  if (sheet) await writeFile(sheet, sheetOf(own.worst.slice(0, 120)));
  const other = process.argv[2];
  if (!other) return;
  say('Reading numerals of another’s hands …');
  print(await scoreInk(await otherInk(other)));
});

const share = ({ right, of }) => `${percent(right / of)} (${right} of ${of})`;

function print({ legible, alarms, unsure, ms, byNumeral, faults }) {
  console.log(
    table(
      ['read right', 'well-formed, something found', 'not sure', 'ms, median', 'ms, 95th percentile'],
      [[share(legible), share(alarms), share(unsure), ms.median.toFixed(1), ms.late.toFixed(1)]],
    ),
  );
  console.log(
    table(
      ['numeral', 'read right'],
      [...byNumeral].map(([numeral, counts]) => [numeral, share(counts)]),
    ),
  );
  console.log(
    table(
      ['fault', 'F1', 'found', 'missed', 'said where it is not'],
      Object.entries(faults).map(([name, { f1, found, missed, alarms: wrong }]) => [
        name,
        f1.toFixed(3),
        found,
        missed,
        wrong,
      ]),
    ),
  );
}

/** Numerals as JSON lines, one each, with the fields that tell what is so of it; what adults would differ about is left out. */
async function otherInk(file) {
  const lines = gunzipSync(await readFile(file))
    .toString()
    .trim()
    .split('\n');
  const yes = (value) => (typeof value === 'boolean' ? value : null);
  return lines
    .map((line) => JSON.parse(line))
    .filter(({ group }) => group !== 'unsure')
    .map((one) => ({
      strokes: one.strokes,
      options: { intended: String(one.intended), hand: one.hand, house: { clockwiseNought: true } },
      truth: {
        intended: String(one.intended),
        written: one.written,
        fault: [one.fault].flat().join(' '),
        isWell: one.group === 'well',
        startOk: yes(one.startOk),
        directionOk: yes(one.directionOk),
        orderOk: yes(one.orderOk),
        extraLifts: one.extraLifts ?? 0,
        missingLifts: one.missingLifts ?? 0,
        mirrored: one.mirrored === true,
        turned: one.turned === true,
        closedOk: yes(one.closedOk),
        missing: one.missing === 'unsure' || one.family === null ? null : one.missing,
        digitOrder: typeof one.digitOrder === 'string' ? one.digitOrder : null,
      },
    }));
}
