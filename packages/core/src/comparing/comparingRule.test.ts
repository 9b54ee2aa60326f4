import { seededRandom, type Random } from '../common/random.js';
import { layoutFor } from '../shelf/layout.js';
import { counterKinds } from '../shelf/counters.js';
import { taskOf, type TaskId } from '../shelf/tasks.js';
import type { Comparison } from '../trace/trace.js';
import { comparingRule, type ComparedPair } from './comparingRule.js';
import { chancesUnder, placeOf, type Hypothesis } from './rules.js';
import { tellingPair } from './tellingPair.js';
import { tellingSeed } from './tellingSeed.js';

/** A child that goes by a rule and never lapses, asked so many pairs as the app asks them. */
function asked(hypothesis: Hypothesis, count: number, seed = 1): readonly ComparedPair[] {
  const random = seededRandom(seed);
  const pairs: ComparedPair[] = [];
  for (let i = 0; i < count; i++) {
    const task = taskOf(i % 12 < 6 ? 'which-more' : 'which-fewer');
    const n = 4 + (i % 5);
    const from = tellingSeed(
      task,
      n,
      'cork',
      Math.floor(random() * 1e6),
      undefined,
      { kinds: counterKinds },
      pairs,
    );
    const { comparison } = layoutFor(task, n, 'cork', from)!;
    pairs.push({ comparison: comparison!, chosen: chosenBy(hypothesis, comparison!, random) });
  }
  return pairs;
}

/** Without a lapse: the likeliest, by lot among the likeliest. */
function chosenBy(hypothesis: Hypothesis, comparison: Comparison, random: Random): number {
  const chances = chancesUnder(hypothesis, comparison);
  if (hypothesis.rule === 'mixed') {
    let left = random();
    return chances.findIndex((p) => (left -= p) < 0);
  }
  const most = Math.max(...chances);
  const likeliest = chances.flatMap((p, i) => (p > most - 1e-9 ? [i] : []));
  return likeliest[Math.floor(random() * likeliest.length)]!;
}

const rows = (left: readonly [number, number], right: readonly [number, number]): Comparison => ({
  relation: 'more',
  lie: 'rows',
  sets: [left, right].map(([n, length]) => ({ n, things: 'cork', length, depth: 24, across: 24 })),
});

describe(comparingRule, () => {
  const pure: readonly Hypothesis[] = [
    { rule: 'number' },
    { rule: 'length' },
    { rule: 'size' },
    { rule: 'spread' },
    { rule: 'side', last: false },
    { rule: 'side', last: true },
    { rule: 'fewer-for-more' },
  ];
  test.each(pure)('finds a child out that goes by %j, within sixteen pairs', (hypothesis) => {
    expect(comparingRule(asked(hypothesis, 16)).named).toBe(hypothesis.rule);
  });

  test('names nothing before six pairs, however plain they are', () => {
    for (let n = 0; n < 6; n++) expect(comparingRule(asked({ rule: 'length' }, n)).named).toBeNull();
    expect(comparingRule([]).posterior.number).toBeCloseTo(1 / 8);
  });

  test('names it only where it led after the pair before, too', () => {
    const pairs = asked({ rule: 'length' }, 30);
    const first = pairs.findIndex((_, i) => comparingRule(pairs.slice(0, i + 1)).named === 'length');
    const { posterior } = comparingRule(pairs.slice(0, first));
    expect(posterior.length).toBeGreaterThanOrEqual(0.8);
  });

  test('who goes now by number and now by length is called mixed, with what by', () => {
    const pairs = asked({ rule: 'mixed', trap: 'length', rate: 0.5 }, 40, 3);
    const { named, trap } = comparingRule(pairs);
    expect(named).toBe('mixed');
    expect(trap).toBe('length');
  });

  test('a child that has learned is told by what it does now', () => {
    const learned = [...asked({ rule: 'length' }, 12), ...asked({ rule: 'number' }, 60, 2)];
    expect(comparingRule(learned).posterior.length).toBeLessThan(0.01);
  });

  test('the shares add up to one, whatever was chosen', () => {
    const { posterior } = comparingRule(asked({ rule: 'guesses' }, 9));
    expect(Object.values(posterior).reduce((sum, one) => sum + one, 0)).toBeCloseTo(1);
  });
});

describe(chancesUnder, () => {
  const fewLong = rows([4, 300], [7, 200]);
  test('the longer row, the fuller one, and a guess', () => {
    expect(chancesUnder({ rule: 'length' }, fewLong)[0]).toBeCloseTo(0.95);
    expect(chancesUnder({ rule: 'number' }, fewLong)[1]).toBeCloseTo(0.95);
    expect(chancesUnder({ rule: 'guesses' }, fewLong)).toEqual([0.5, 0.5]);
  });

  test('asked for fewer, a child that takes it for more takes more', () => {
    const fewer = { ...fewLong, relation: 'fewer' as const };
    expect(chancesUnder({ rule: 'number' }, fewer)[0]).toBeCloseTo(0.95);
    expect(chancesUnder({ rule: 'fewer-for-more' }, fewer)[1]).toBeCloseTo(0.95);
    expect(chancesUnder({ rule: 'length' }, fewer)[1]).toBeCloseTo(0.95);
  });

  test('where it may be said, rows of one length are the same to who goes by length', () => {
    const same = { ...rows([4, 200], [5, 205]), relation: 'same' as const };
    expect(chancesUnder({ rule: 'length' }, same)[placeOf('as-many', same)]).toBeGreaterThan(0.9);
    expect(chancesUnder({ rule: 'number' }, same)[1]).toBeGreaterThan(0.7);
  });
});

describe(tellingPair, () => {
  test('takes the pair that sets number and length apart before one on which they agree', () => {
    const agreeing = rows([4, 200], [7, 300]);
    const apart = rows([4, 300], [7, 200]);
    const pairs = Array.from({ length: 5 }, () => ({ comparison: agreeing, chosen: 1 }));
    expect(tellingPair([agreeing, apart, agreeing], pairs)).toBe(1);
  });

  test('a task that compares nothing keeps its seed', () => {
    const id: TaskId = 'count-row';
    expect(tellingSeed(taskOf(id), 5, 'cork', 77, undefined, { kinds: counterKinds }, [])).toBe(77);
  });
});
