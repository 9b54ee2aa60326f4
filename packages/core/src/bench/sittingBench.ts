import { figure } from '../estimates/parameters.js';
import { drawChild, type DrawnChild } from '../simulate/population.js';
import { seededRandom, type Random } from '../simulate/random.js';
import { askChosen, askUpward, lastPassed, type BenchSitting } from './askers.js';
import { benchSkills, type BenchSkill, type Reading } from './skills.js';

/** One way of asking and reading, over all children. */
export interface Measured {
  readonly tries: Spread;
  readonly minutes: Spread;
  /** Mean distance of the best guess from the truth, in numbers. */
  readonly error: number;
  /** Share of children of whom more is said than is true. */
  readonly overClaimed: number;
  /** Mean of truth less what is said, where it is not over-claimed. */
  readonly underClaimed: number;
  /** Share whose 90 % interval holds the truth; null where there is none. */
  readonly coverage: number | null;
  /** Bits still open at the end; null where nothing is estimated. */
  readonly entropyLeft: number | null;
  /** Of the most that so many yes-or-no tries could tell, the share that they told. */
  readonly told: number | null;
}

export interface Spread {
  readonly mean: number;
  readonly median: number;
  readonly p90: number;
}

/** The price of caution: how many are over-claimed, and how far below the truth the others are left. */
export interface ClaimPoint {
  readonly claim: number;
  readonly overClaimed: number;
  readonly underClaimed: number;
}

/** After so many tries on average, so much error. */
export interface CurvePoint {
  readonly tries: number;
  readonly error: number;
  readonly overClaimed: number;
}

export interface SkillResult {
  readonly skill: string;
  readonly chosen: Measured;
  readonly upwardAsRead: Measured;
  readonly upwardEstimated: Measured;
  /** What is said of the chosen sittings, by the probability that a statement needs. */
  readonly byClaim: readonly ClaimPoint[];
  /** Of asking on, past the point where enough is known. */
  readonly curve: readonly CurvePoint[];
  /** Tries needed for the same error, against going practice as read, and as estimated; null if never reached. */
  readonly triesAgainst: { readonly asRead: number | null; readonly estimated: number | null };
}

const MOST_TRIES = 16;
const CLAIMS = [0.8, 0.9, 0.95, 0.97] as const;

interface Case {
  readonly child: DrawnChild;
  readonly truth: number;
  readonly target: number;
}

/** Sits every simulated child down for every skill, by chosen questions and by going practice. */
export function benchSittings(
  children: number,
  seed: number,
  skills: readonly BenchSkill[] = benchSkills,
): readonly SkillResult[] {
  return skills.map((bench) => benchSkill(bench, children, seededRandom(seed)));
}

function benchSkill(bench: BenchSkill, children: number, random: Random): SkillResult {
  const cases = Array.from({ length: children }, (): Case => {
    const child = drawChild(random);
    return { child, truth: bench.truth(child.ability), target: bench.target(child.ability) };
  });
  const atFirst = bench.read(cases[0]!.child, [], figure.statedClaim).entropy;
  const chosen = cases.map(({ child }) => askChosen(bench, child, random));
  const upward = cases.map(({ child }) => askUpward(bench, child, random));
  const estimated = (sittings: readonly BenchSitting[]) =>
    measure(
      cases,
      sittings,
      sittings.map(({ tries }, c) => bench.read(cases[c]!.child, tries, figure.statedClaim)),
      atFirst,
    );
  const upwardAsRead = measure(
    cases,
    upward,
    upward.map((sitting) => {
      const passed = lastPassed(bench, sitting);
      return { best: passed, claimed: passed };
    }),
    atFirst,
  );
  const upwardEstimated = estimated(upward);
  const curve = curveOf(bench, cases, random);
  return {
    skill: bench.skill,
    chosen: estimated(chosen),
    upwardAsRead,
    upwardEstimated,
    byClaim: CLAIMS.map((claim) => claimPoint(bench, cases, chosen, claim)),
    curve,
    triesAgainst: {
      asRead: ratioAtEqualError(curve, upwardAsRead),
      estimated: ratioAtEqualError(curve, upwardEstimated),
    },
  };
}

function claimPoint(
  bench: BenchSkill,
  cases: readonly Case[],
  sittings: readonly BenchSitting[],
  claim: number,
): ClaimPoint {
  const beyond = cases.map(
    ({ child, truth }, c) => bench.read(child, sittings[c]!.tries, claim).claimed - truth,
  );
  const mean = (value: (one: number) => number): number =>
    beyond.reduce((sum, one) => sum + value(one), 0) / beyond.length;
  return {
    claim,
    overClaimed: mean((one) => Number(one > 0)),
    underClaimed: mean((one) => Math.max(0, -one)),
  };
}

function measure(
  cases: readonly Case[],
  sittings: readonly BenchSitting[],
  readings: readonly (Pick<Reading, 'best' | 'claimed'> & Partial<Reading>)[],
  entropyAtFirst: number,
): Measured {
  const meanOf = (value: (reading: (typeof readings)[number], one: Case) => number): number =>
    readings.reduce((sum, reading, i) => sum + value(reading, cases[i]!), 0) / cases.length;
  const tries = spreadOf(sittings.map((sitting) => sitting.tries.length));
  const isEstimated = readings[0]?.interval !== undefined;
  const entropyLeft = isEstimated ? meanOf((reading) => reading.entropy!) : null;
  return {
    tries,
    minutes: spreadOf(sittings.map(({ seconds }) => seconds.reduce((sum, one) => sum + one, 0) / 60)),
    error: meanOf(({ best }, { truth }) => Math.abs(best - truth)),
    overClaimed: meanOf(({ claimed }, { truth }) => Number(claimed > truth)),
    underClaimed: meanOf(({ claimed }, { truth }) => Math.max(0, truth - claimed)),
    coverage: isEstimated
      ? meanOf(({ interval }, { target }) => Number(interval![0] <= target && target <= interval![1]))
      : null,
    entropyLeft,
    told: entropyLeft === null ? null : (entropyAtFirst - entropyLeft) / tries.mean,
  };
}

function curveOf(bench: BenchSkill, cases: readonly Case[], random: Random): readonly CurvePoint[] {
  const sittings = cases.map(({ child }) => askChosen(bench, child, random, { goOn: true, seconds: 3600 }));
  return Array.from({ length: MOST_TRIES }, (_, i) => {
    const read = sittings.map(({ tries }, c) =>
      bench.read(cases[c]!.child, tries.slice(0, i + 1), figure.statedClaim),
    );
    const mean = (value: (reading: Reading, c: number) => number): number =>
      read.reduce((sum, reading, c) => sum + value(reading, c), 0) / cases.length;
    return {
      tries: mean((_reading, c) => Math.min(i + 1, sittings[c]!.tries.length)),
      error: mean(({ best }, c) => Math.abs(best - cases[c]!.truth)),
      overClaimed: mean(({ claimed }, c) => Number(claimed > cases[c]!.truth)),
    };
  });
}

/** Tries of the curve where its error falls to the other's, against the other's tries. */
function ratioAtEqualError(curve: readonly CurvePoint[], other: Measured): number | null {
  const at = curve.findIndex((point) => point.error <= other.error);
  if (at < 0) return null;
  const reached = curve[at]!;
  const before = curve[at - 1];
  if (!before) return reached.tries / other.tries.mean;
  const share = (before.error - other.error) / (before.error - reached.error);
  return (before.tries + share * (reached.tries - before.tries)) / other.tries.mean;
}

function spreadOf(values: readonly number[]): Spread {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (share: number): number =>
    sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
  return {
    mean: values.reduce((sum, value) => sum + value, 0) / values.length,
    median: at(0.5),
    p90: at(0.9),
  };
}
