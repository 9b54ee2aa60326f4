// By which rule a child compares: children whose lapses, mixtures and learning are not the model’s, asked as the app asks.
import { loadCore } from '../lib/core.mjs';

const kinds = ['cork', 'shell', 'boat', 'lid', 'acorn-cup'];
const sizes = [3, 4, 5, 6, 7, 8];
const inSitting = 6;
const most = 24;

/** A number near the middle more often than far from it: a sum of three. */
const bell = (random) => (random() + random() + random() - 1.5) / 0.5;

/** How each sees a set: not the model’s measures, and none of them sharp. */
const sees = {
  length: (set, random) => set.length * Math.exp(0.08 * bell(random)),
  // All the stuff there is, not the width of one.
  size: (set, random) => (set.across + 0.08 * set.across * Math.sqrt(set.n)) * Math.exp(0.08 * bell(random)),
  // The ring one would draw about them.
  spread: (set, random) =>
    Math.hypot(set.length, set.depth * 1.6) * set.depth ** 0.5 * Math.exp(0.08 * bell(random)),
};

/** Counts when it seems worth it, else judges by eye with an acuity of its own. */
const number = (acuity, counts) => (set, random) =>
  random() < counts ? set.n : set.n * Math.exp(acuity * bell(random));

const pickBy = (see, { sets, relation }, random) => {
  const seen = sets.map((set) => see(set, random));
  const sought = relation === 'fewer' ? Math.min(...seen) : Math.max(...seen);
  const found = seen.flatMap((one, i) => (one === sought ? [i] : []));
  return found[Math.floor(random() * found.length)];
};

/** A child as it goes through its pairs: `at` counts them from nought. */
const makers = {
  number: (random) => {
    const see = number(0.08 + 0.1 * random(), 0.4 + 0.5 * random());
    return (pair) => pickBy(see, pair, random);
  },
  length: (random) => (pair) => pickBy(sees.length, pair, random),
  size: (random) => (pair) => pickBy(sees.size, pair, random),
  spread: (random) => (pair) => pickBy(sees.spread, pair, random),
  side: (random) => {
    const side = random() < 0.5 ? 0 : 1;
    return () => side;
  },
  // Rather the other one than the same again, as guessing children do.
  guesses: (random) => {
    let last = 0;
    return () => (last = random() < 0.6 ? 1 - last : last);
  },
  'fewer-for-more': (random) => {
    const see = number(0.08 + 0.1 * random(), 0.6);
    return (pair) => pickBy(see, { ...pair, relation: 'more' }, random);
  },
  mixed: (random) => {
    const trap = ['length', 'size', 'spread'][Math.floor(random() * 3)];
    const see = number(0.1, 0.6);
    let rate = 0.5;
    return (pair, at) => {
      // Another rate on another day.
      if (at % inSitting === 0) rate = 0.35 + 0.3 * random();
      return pickBy(random() < rate ? sees[trap] : see, pair, random);
    };
  },
  learns: (random) => {
    const [trap, when] = [['length', 'size'][Math.floor(random() * 2)], 5 + Math.floor(random() * 8)];
    const see = number(0.1, 0.7);
    return { of: [trap, 'number'], choose: (pair, at) => pickBy(at < when ? sees[trap] : see, pair, random) };
  },
};

/** Lapses come in bouts: hardly any, then several in a row. */
function withBouts(choose, random) {
  let isAway = false;
  return (pair, at) => {
    isAway = random() < (isAway ? 0.5 : 0.05);
    return isAway && random() < 0.7 ? Math.floor(random() * pair.sets.length) : choose(pair, at);
  };
}

/** What is named after each pair, as the child’s page would name it. */
function namedAlong(core, kind, random) {
  const made = makers[kind](random);
  const choose = withBouts(made.choose ?? made, random);
  const pairs = [];
  const named = [];
  for (let at = 0; at < most; at++) {
    const task = core.taskOf(Math.floor(at / inSitting) % 2 === 0 ? 'which-more' : 'which-fewer');
    const n = sizes[(at * 5) % sizes.length];
    const things = kinds[Math.floor(random() * kinds.length)];
    const drawn = Math.floor(random() * 1e6);
    const seed = core.tellingSeed(task, n, things, drawn, undefined, kinds, pairs);
    const { comparison } = core.layoutFor(task, n, things, seed, undefined, { kinds });
    pairs.push({ comparison, chosen: choose(comparison, at) });
    named.push(core.comparingRule(pairs).named);
  }
  return { named, of: made.of ?? [kind] };
}

const share = (list, of) => list.filter(of).length / list.length;
const pure = ['number', 'length', 'size', 'spread', 'side', 'guesses', 'fewer-for-more'];

/** For each kind of child: what is named first, by 16 pairs and by 24, and how many pairs that takes. */
export async function benchComparing({ children, seed }) {
  const core = await loadCore();
  return Object.keys(makers).map((kind, k) => {
    const runs = Array.from({ length: children }, (_, i) => {
      const { named, of } = namedAlong(core, kind, core.seededRandom(seed + 7919 * k + i));
      const at = named.findIndex((one) => one !== null);
      return { of, pairs: at + 1, first: named[at] ?? null };
    });
    const within = (n, is) => share(runs, (run) => run.first !== null && run.pairs <= n && is(run));
    const isRight = ({ first, of }) => of.includes(first);
    const isOther = ({ first, of }) => pure.includes(first) && !of.includes(first);
    const taken = runs.filter((run) => run.first !== null && isRight(run)).map(({ pairs }) => pairs);
    return {
      kind,
      right16: within(16, isRight),
      right24: within(24, isRight),
      other16: within(16, isOther),
      other24: within(24, isOther),
      pairs: taken.toSorted((a, b) => a - b)[Math.floor(taken.length / 2)],
      firsts: [...core.groupBy(runs, ({ first }) => first ?? 'not clear')].map(([one, all]) => [
        one,
        all.length,
      ]),
    };
  });
}
