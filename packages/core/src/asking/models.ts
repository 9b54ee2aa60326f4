import { cells, type Density } from '../estimates/axis.js';
import { chanceGiven, levels, knowerLevels, statedLevel, type FetchTry } from '../estimates/knowerLevels.js';
import { figure } from '../common/parameters.js';
import { chanceAt, threshold, type ThresholdOptions, type ThresholdTry } from '../estimates/threshold.js';
import { cleanChances, tracking, type TrackingOptions, type TrackingTry } from '../estimates/tracking.js';
import { entropyOf, type AskingModel } from './model.js';

/** Nothing above what is claimed is likely either: more questions would change no statement. */
function isSettled(steadyTo: number, supported: readonly number[]): boolean {
  return (supported[steadyTo] ?? 0) <= 1 - figure.statedClaim;
}

const isNarrow = ([lo, hi]: readonly [number, number]): boolean => hi - lo <= figure.narrowEnough;

interface AtNumber {
  /** Chance that it goes well, by cell. */
  readonly chances: Float64Array;
  /** Bits that stay open even where the cell is known, by cell. */
  readonly noise: Float64Array;
}

const tables = new Map<string, AtNumber>();

function atNumber(key: string, chanceIn: (cell: number) => number): AtNumber {
  const kept = tables.get(key);
  if (kept) return kept;
  const right = Float64Array.from(cells, chanceIn);
  const table = { chances: right, noise: right.map(entropyOf) };
  tables.set(key, table);
  return table;
}

/** Mean over what is known: the chance that it goes well, and the bits that would stay open. */
function meanOver(density: Density, { chances, noise }: AtNumber): readonly [chance: number, open: number] {
  let chance = 0;
  let open = 0;
  for (let i = 0; i < density.length; i++) {
    chance += density[i]! * chances[i]!;
    open += density[i]! * noise[i]!;
  }
  return [chance, open];
}

/** Of a skill that gives way at a threshold: how far the words are said. */
export function thresholdModel(tries: readonly ThresholdTry[], options: ThresholdOptions): AskingModel {
  const { bySlope, interval, steadyTo, supported } = threshold(tries, {
    ...options,
    claim: figure.statedClaim,
    growing: true,
  });
  const at = (n: number): readonly [chance: number, open: number] =>
    bySlope.reduce<readonly [number, number]>(
      ([chance, open], { slope, weight, density }) => {
        const mean = meanOver(
          density,
          atNumber(`${n} ${slope}`, (theta) => chanceAt(n, theta, slope)),
        );
        return [chance + weight * mean[0], open + weight * mean[1]];
      },
      [0, 0],
    );
  return {
    chanceAt: (n) => at(n)[0],
    informationAt: (n) => informationOf(at(n)),
    isKnown: isNarrow(interval) || isSettled(steadyTo, supported),
  };
}

const informationOf = ([chance, open]: readonly [chance: number, open: number]): number =>
  entropyOf(chance) - open;

/** Of keeping track, thing by thing: the ways of losing it, weighed by what is known. */
export function trackingModel(tries: readonly TrackingTry[], options: TrackingOptions): AskingModel {
  const { posterior, interval, supported } = tracking(tries, options);
  const at = (n: number): readonly [chance: number, open: number] => {
    let chance = 0;
    let open = 0;
    cleanChances(n).forEach((clean, i) => {
      chance += posterior[i]! * clean;
      open += posterior[i]! * entropyOf(clean);
    });
    return [chance, open];
  };
  const passedTo = Math.max(0, ...tries.filter((one) => one.success).map((one) => one.n));
  let sureTo = 0;
  while (sureTo < passedTo && supported[sureTo]! >= figure.statedClaim) sureTo++;
  return {
    chanceAt: (n) => at(n)[0],
    informationAt: (n) => informationOf(at(n)),
    isKnown: isNarrow(interval) || isSettled(sureTo, supported),
  };
}

/** Of fetching a number from a pile. */
export function fetchModel(tries: readonly FetchTry[], pile: number, day: string): AskingModel {
  const distribution = knowerLevels(tries, { pile, day, growing: true });
  const weights = levels.map((level) => distribution[level]);
  const bitsOf = (chance: number): number => (chance <= 0 ? 0 : -chance * Math.log2(chance));
  const { level: stated } = statedLevel(tries, { pile, day }, figure.statedClaim);
  const likeliest = levels.reduce((one, other) => (distribution[other] > distribution[one] ? other : one));
  // What is given in place of a number that is out of reach shows what is in the way, if it is seen twice.
  const outOfReach = tries.filter((one) => one.day === day && one.asked > levels.indexOf(likeliest));
  const isSeenOnce = likeliest !== 'CP' && outOfReach.length === 1;
  return {
    chanceAt: (n) => chanceGiven(n, pile).reduce((sum, row, z) => sum + weights[z]! * row[n - 1]!, 0),
    informationAt: (n) => {
      const rows = chanceGiven(n, pile);
      let bits = 0;
      for (let k = 0; k < pile; k++) {
        bits += bitsOf(rows.reduce((sum, row, z) => sum + weights[z]! * row[k]!, 0));
        bits -= rows.reduce((sum, row, z) => sum + weights[z]! * bitsOf(row[k]!), 0);
      }
      return bits;
    },
    isKnown: distribution[likeliest] >= figure.levelKnown && (stated ?? '0') === likeliest && !isSeenOnce,
  };
}
