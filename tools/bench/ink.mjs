// @ts-check
import { loadCore } from '../lib/core.mjs';

/** What is so of a numeral (true, false, or null where nobody would say), and what is said of it, by fault. */
export const faults = {
  start: [(truth) => no(truth.startOk), (read) => read.startOk === false],
  direction: [(truth) => no(truth.directionOk), (read) => read.directionOk === false],
  order: [(truth) => no(truth.orderOk), (read) => read.orderOk === false],
  'extra lift': [(truth) => truth.extraLifts > 0, (read) => read.lifts.extra > 0],
  'missing lift': [(truth) => truth.missingLifts > 0, (read) => read.lifts.missing > 0],
  mirrored: [(truth) => truth.mirrored, (read) => read.mirrored],
  turned: [(truth) => truth.turned, (read) => read.turned],
  'left open': [(truth) => no(truth.closedOk), (read) => read.closedOk === false],
  'part missing': [(truth) => truth.missing !== null, (read) => read.missing.length > 0],
  'digits reversed': [(truth) => ofOrder(truth, 'reversed'), (read) => read.digitOrder === 'reversed'],
  'right digit first': [
    (truth) => ofOrder(truth, 'right-first'),
    (read) => read.digitOrder === 'right-first',
  ],
  expanded: [(truth) => ofOrder(truth, 'expanded'), (read) => read.digitOrder === 'expanded'],
  'no numeral': [
    (truth) => (truth.written === null ? null : !isNumeral(truth.written)),
    (read) => !isNumeral(read.legibleAs.numeral),
  ],
};

const no = (fine) => (fine === null ? null : !fine);
const ofOrder = ({ digitOrder }, order) => (digitOrder === null ? null : digitOrder === order);
const isNumeral = (written) => /^\d+$/.test(written);

/**
 * Ink of simulated hands, each numeral and fault alike often.
 *
 * @param {{ each: number, seed: string }} of the hands of a seed by which the reader was tuned tell less than those of another
 */
export async function simulatedInk({ each, seed }) {
  const core = await loadCore();
  const random = (what) => core.seededRandom(core.seedFrom(`${seed} ${what}`));
  const times = (count, make) => Array.from({ length: count }, (_, i) => make(i));
  const digits = [...'0123456789'].flatMap((digit) =>
    core.inkFaults
      .filter((fault) => core.canShow(digit, fault))
      .flatMap((fault) =>
        times(fault === 'none' ? 4 * each : Math.ceil(each / 2), (i) =>
          core.simulateDigit(digit, fault, random(`${digit} ${fault} ${i}`)),
        ),
      ),
  );
  const pairs = times(11, (i) => String(10 + i)).flatMap((numeral) =>
    ['none', 'reversed', 'right-first', 'expanded']
      .filter((fault) => !(fault === 'reversed' && numeral === '11'))
      .filter((fault) => !(fault === 'expanded' && numeral.endsWith('0')))
      .flatMap((fault) =>
        times(fault === 'none' ? each : Math.ceil(each / 3), (i) =>
          core.simulatePair(numeral, fault, random(`${numeral} ${fault} ${i}`)),
        ),
      ),
  );
  return [...digits, ...pairs];
}

/** Reads each, and counts what is right; “not sure” is counted apart. */
/** @param {{ strokes: any, truth: any, options?: object }[]} samples */
export async function scoreInk(samples) {
  const { readNumeral } = await loadCore();
  const read = samples.map((sample) => {
    const from = performance.now();
    const told = readNumeral(sample.strokes, sample.options ?? { intended: sample.truth.intended });
    return { ...sample, told, ms: performance.now() - from };
  });
  const sure = read.filter(({ told }) => told.sure);
  const legible = sure.filter(({ truth }) => truth.written !== null && isNumeral(truth.written));
  const well = read.filter(({ truth }) => truth.isWell ?? truth.fault === 'none');
  const alarmed = ({ truth, told }) =>
    Object.values(faults).some(([is, said]) => is(truth) === false && said(told));
  const ms = read.map((one) => one.ms).sort((a, b) => a - b);
  return {
    samples: read.length,
    legible: {
      of: legible.length,
      right: legible.filter(({ truth, told }) => told.legibleAs.numeral === truth.written).length,
    },
    byNumeral: countsBy(
      legible,
      ({ truth }) => truth.intended,
      ({ truth, told }) => told.legibleAs.numeral === truth.written,
    ),
    alarms: {
      of: well.filter(({ told }) => told.sure).length,
      right: well.filter((one) => one.told.sure && alarmed(one)).length,
    },
    unsure: { of: read.length, right: read.length - sure.length },
    ms: { median: ms[ms.length >> 1], late: ms[Math.floor(0.95 * ms.length)] },
    faults: Object.fromEntries(Object.entries(faults).map(([name, ways]) => [name, foundOf(sure, ways)])),
    worst: read.filter(
      (one) => !one.told.sure || one.told.legibleAs.numeral !== one.truth.written || alarmed(one),
    ),
  };
}

/** @param {any[]} read @param {any} ways */
function foundOf(read, ways) {
  const [is, said] = ways;
  const counts = { found: 0, alarms: 0, missed: 0 };
  for (const { truth, told } of read) {
    const there = is(truth);
    if (there === null) continue;
    if (there && said(told)) counts.found++;
    else if (there) counts.missed++;
    else if (said(told)) counts.alarms++;
  }
  return { ...counts, f1: (2 * counts.found) / (2 * counts.found + counts.alarms + counts.missed) || 0 };
}

function countsBy(read, keyOf, isRight) {
  const counts = new Map();
  for (const one of read) {
    const { of, right } = counts.get(keyOf(one)) ?? { of: 0, right: 0 };
    counts.set(keyOf(one), { of: of + 1, right: right + (isRight(one) ? 1 : 0) });
  }
  return counts;
}

/** The ink of some numerals side by side, as SVG: what was meant, and what was read. */
export function sheetOf(read, columns = 10) {
  const [wide, high] = [110, 130];
  const drawn = read.map(({ strokes, truth, told }, i) => {
    const points = strokes.flat();
    const [left, top] = [Math.min(...points.map((p) => p.x)), Math.min(...points.map((p) => p.y))];
    const size = Math.max(1, ...points.map((p) => Math.max(p.x - left, p.y - top)));
    const [x, y] = [(i % columns) * wide, Math.floor(i / columns) * high];
    const paths = strokes.map((stroke) => {
      const line = stroke.map(
        (p) => `${(((p.x - left) * 80) / size).toFixed(1)},${(((p.y - top) * 80) / size).toFixed(1)}`,
      );
      return `<polyline points="${line.join(' ')}" fill="none" stroke="#1b4f5c" stroke-width="2"/><circle cx="${line[0].split(',')[0]}" cy="${line[0].split(',')[1]}" r="3.5" fill="none" stroke="#a3472a"/>`;
    });
    const said = told.sure ? told.legibleAs.numeral : `${told.legibleAs.numeral}?`;
    return `<g transform="translate(${x + 12} ${y + 12})">${paths.join('')}<text y="104" font-size="11">${truth.intended} ${truth.fault}: ${said}</text></g>`;
  });
  const rows = Math.ceil(read.length / columns);
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${columns * wide}" height="${rows * high}">${drawn.join('')}</svg>\n`;
}
