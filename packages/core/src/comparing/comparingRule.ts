import { figure } from '../common/parameters.js';
import { traps, type Comparison, type Trap } from '../trace/trace.js';
import type { Chosen } from '../reading/readComparing.js';
import { chancesUnder, comparingRules, placeOf, type ComparingRule, type Hypothesis } from './rules.js';

/** Sets that a child was asked about, and what it chose. */
export interface ComparedPair {
  readonly comparison: Comparison;
  readonly chosen: Chosen;
}

export interface ComparingRuleReading {
  /** Oldest first, how many were read. */
  readonly pairs: number;
  readonly posterior: Readonly<Record<ComparingRule, number>>;
  /** What may be said; null while it is not clear yet. */
  readonly named: ComparingRule | null;
  /** Of a child that goes now by number and now by something else: by what, as far as can be told. */
  readonly trap: Trap | null;
  /** The hypotheses by how likely they are, each with its share. */
  readonly hypotheses: readonly { readonly hypothesis: Hypothesis; readonly share: number }[];
}

const single = ['number', ...traps, 'guesses', 'fewer-for-more'] as const;

/** Every hypothesis with its prior: the rules alike, and within a rule what it leaves open. */
const all: readonly { readonly hypothesis: Hypothesis; readonly prior: number }[] = [
  ...single.map((rule) => ({ hypothesis: { rule }, prior: 1 })),
  ...[false, true].map((last) => ({ hypothesis: { rule: 'side', last } as const, prior: 1 / 2 })),
  ...traps.flatMap((trap) =>
    figure.comparingRates.map((rate) => ({
      hypothesis: { rule: 'mixed', trap, rate } as const,
      prior: 1 / (traps.length * figure.comparingRates.length),
    })),
  ),
].map(({ hypothesis, prior }) => ({ hypothesis, prior: prior / comparingRules.length }));

/**
 * By which rule a child compares: a posterior over eight rules, a uniform prior, a lapse of one in ten, older pairs
 * counting for less, since children learn. Named where one is likely enough after the last pair and after the one
 * before it, and never before six pairs.
 *
 * @param pairs oldest first; those without a choice left out
 */
export function comparingRule(pairs: readonly ComparedPair[]): ComparingRuleReading {
  const now = hypothesesAfter(pairs);
  const posterior = byRule(now);
  const leader = leaderOf(posterior);
  const isHeld = (back: number): boolean => {
    const then = byRule(hypothesesAfter(pairs.slice(0, pairs.length - back)));
    return leaderOf(then) === leader && isEnough(leader, then);
  };
  const isNamed =
    pairs.length >= figure.comparingPairs &&
    isEnough(leader, posterior) &&
    Array.from({ length: figure.comparingHeld - 1 }, (_, i) => i + 1).every(isHeld);
  return {
    pairs: pairs.length,
    posterior,
    named: isNamed ? leader : null,
    trap: isNamed && leader === 'mixed' ? trapOf(now) : null,
    hypotheses: now,
  };
}

/** Each hypothesis with its share after the pairs, the likeliest first. */
function hypothesesAfter(pairs: readonly ComparedPair[]): ComparingRuleReading['hypotheses'] {
  // Where nothing lay spread, a longer row is a wider one too: nobody could tell them apart.
  const isSpread = pairs.some(({ comparison }) => comparison.lie === 'spread');
  const open = pairs.length === 0 || isSpread ? all : all.filter(({ hypothesis }) => !isOfSpread(hypothesis));
  const logs = open.map(({ hypothesis, prior }) =>
    pairs.reduce((log, { comparison, chosen }, i) => {
      const weight = 0.5 ** ((pairs.length - 1 - i) / figure.comparingHalfLife);
      return log + weight * Math.log(chancesUnder(hypothesis, comparison)[placeOf(chosen, comparison)]!);
    }, Math.log(prior)),
  );
  const most = Math.max(...logs);
  const weights = logs.map((log) => Math.exp(log - most));
  const sum = weights.reduce((one, other) => one + other, 0);
  return open
    .map(({ hypothesis }, i) => ({ hypothesis, share: weights[i]! / sum }))
    .toSorted((a, b) => b.share - a.share);
}

const isOfSpread = (hypothesis: Hypothesis): boolean =>
  hypothesis.rule === 'spread' || (hypothesis.rule === 'mixed' && hypothesis.trap === 'spread');

function byRule(hypotheses: ComparingRuleReading['hypotheses']): Record<ComparingRule, number> {
  const shares = Object.fromEntries(comparingRules.map((rule) => [rule, 0])) as Record<ComparingRule, number>;
  for (const { hypothesis, share } of hypotheses) shares[hypothesis.rule] += share;
  return shares;
}

const leaderOf = (posterior: Readonly<Record<ComparingRule, number>>): ComparingRule =>
  comparingRules.reduce((one, other) => (posterior[other] > posterior[one] ? other : one));

/**
 * Whoever guesses goes by each rule for a while, by luck: no rule is said before that is out of the question. Guessing
 * itself, and now one thing and now another, look like much else and want more.
 */
function isEnough(rule: ComparingRule, posterior: Readonly<Record<ComparingRule, number>>): boolean {
  if (rule === 'guesses' || rule === 'mixed') return posterior[rule] >= figure.comparingGuesses;
  return posterior[rule] >= figure.comparingNamed && posterior.guesses <= figure.comparingLuck;
}

function trapOf(hypotheses: ComparingRuleReading['hypotheses']): Trap | null {
  const share = (trap: Trap): number =>
    hypotheses
      .filter(({ hypothesis }) => hypothesis.rule === 'mixed' && hypothesis.trap === trap)
      .reduce((sum, one) => sum + one.share, 0);
  const likeliest = traps.reduce((one, other) => (share(other) > share(one) ? other : one));
  const mixed = traps.reduce((sum, trap) => sum + share(trap), 0);
  return share(likeliest) >= figure.comparingNamed * mixed ? likeliest : null;
}
