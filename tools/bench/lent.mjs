// What other children of the room, and a child’s other arrangements, would bring as a prior for what is likely. Nothing of
// this is in the app: the figures in docs/performance.md say why.
import { loadCore } from '../lib/core.mjs';
import { sitDowns, onlyOf } from './flow.mjs';
import { dateOf, drawnChildren, scoredSkills } from './people.mjs';

const sittings = 6;
/** Children of a room who lend what is known of them, nearest in age; and what the table weighs against them. */
const lenders = 16;
const tableWeighs = 8;

const share = (list, holds) => list.filter(holds).length / list.length;
const mean = (list) => list.reduce((sum, value) => sum + value, 0) / list.length;
const median = (list) => list.toSorted((a, b) => a - b)[Math.floor(list.length / 2)];
const normalised = (weights) => {
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => weight / total);
};

/** Largest number, no larger than one passed, that is likely; by n − 1 the probability of each. */
const likelyTo = ({ figure }, supported, passedTo) => {
  let n = 0;
  while (n < passedTo && supported[n] >= figure.likelyClaim) n++;
  return n;
};

/** By n − 1, from the weights of the ways of losing track. */
const supportOf = ({ trackingWays, mostTracked }, state) =>
  Array.from({ length: mostTracked }, (_, i) =>
    state.reduce((sum, weight, way) => sum + (trackingWays[way].holdsTo > i ? weight : 0), 0),
  );

/** In bits: how much is not known of how far it goes. */
function entropyOf(supported) {
  const bounds = [1, ...supported, 0];
  return bounds.slice(1).reduce((sum, after, i) => {
    const chance = bounds[i] - after;
    return chance > 1e-9 ? sum - chance * Math.log2(chance) : sum;
  }, 0);
}

const scored = (rows, of) => {
  const able = rows.filter(({ truth }) => truth > 0);
  const said = rows.filter((row) => of(row) > 0);
  return [
    median(able.map((row) => of(row) / row.truth)).toFixed(2),
    (100 * share(said, (row) => of(row) <= row.truth)).toFixed(0),
  ];
};

/** After some sit-downs as the app plans them: each arrangement alone, and with the one most looked at lending. */
async function otherArrangements(core, childOf, children, seed) {
  const { tracking, trackingPrior, borrowedTracking, observationsOf, shapesOf } = core;
  const rows = new Map();
  for (let i = 0; i < children; i++) {
    const child = childOf(i, seed);
    const { tries, day } = sitDowns(core, child, sittings, 7);
    const said = core.saidFor(tries, dateOf(day));
    const known = said
      .filter(({ by }) => by === 'one-to-one')
      .map((one) => {
        const looks = tries
          .filter(({ set }) => set.arrangement === one.arrangement)
          .flatMap((trace) => observationsOf(trace).tracking ?? []);
        return { ...one, looks, ...tracking(looks, { shapes: shapesOf(one.arrangement), day: dateOf(day) }) };
      });
    for (const { skill, arrangement, posterior, passedTo, likelyTo: alone } of known) {
      const scoredSkill = scoredSkills.find((one) => one.skill === skill);
      const [lender] = known
        .filter((one) => one.skill !== skill)
        .toSorted((one, other) => other.looks.length - one.looks.length);
      if (!scoredSkill || !lender) continue;
      const plain = trackingPrior(shapesOf(arrangement));
      const lent = borrowedTracking(lender.posterior, lender.arrangement, arrangement, plain);
      const jointly = normalised(posterior.map((weight, way) => (weight * lent[way]) / plain[way]));
      rows.set(skill, [
        ...(rows.get(skill) ?? []),
        {
          truth: child.truthOf(scoredSkill, day),
          without: alone,
          with: Math.max(alone, likelyTo(core, supportOf(core, jointly), passedTo)),
        },
      ]);
    }
  }
  return [...rows].map(([skill, of]) => ({ skill, rows: of }));
}

/** After a first sit-down of one skill: with the table’s prior, and with what the children nearest in age have shown. */
async function otherChildren(core, childOf, children, seed, skill) {
  const { tracking, trackingPrior, shapesOf, threshold, orderPrior, observationsOf, figure } = core;
  const isOrder = skill.by === 'order';
  const estimate = (looks, prior) =>
    isOrder
      ? threshold(
          looks.flatMap(({ tries }) => tries),
          { ...orderOptions(figure), prior },
        )
      : tracking(looks, { prior, day: dateOf(0) });
  const kids = Array.from({ length: children }, (_, i) => {
    const child = childOf(i, seed);
    const asked = { goOn: true, things: 'cork', sittingId: 'sitting' };
    const looks = onlyOf(core, child, skill, [], 0, asked).flatMap(
      (trace) => observationsOf(trace)[isOrder ? 'order' : 'tracking'] ?? [],
    );
    const plain = isOrder
      ? orderPrior(child.months)
      : trackingPrior(shapesOf(core.taskOf(skill.task).arrangement));
    return { child, looks, plain, posterior: estimate(looks, plain).posterior };
  });
  return kids.map((kid) => {
    const { child, looks, plain } = kid;
    const others = kids
      .filter((one) => one !== kid)
      .toSorted((a, b) => Math.abs(a.child.months - child.months) - Math.abs(b.child.months - child.months))
      .slice(0, lenders);
    const byTable = tableWeighs / (tableWeighs + others.length);
    const ofRoom = plain.map(
      (weight, i) => byTable * weight + (1 - byTable) * mean(others.map(({ posterior }) => posterior[i])),
    );
    const after = (prior, tries) => estimate(looks.slice(0, tries), prior).likely;
    const enough = entropyOf(after(plain, looks.length));
    const triesFor = (prior) => {
      const needed = looks.findIndex((_, tries) => entropyOf(after(prior, tries)) <= enough);
      return needed < 0 ? looks.length : needed;
    };
    const passedTo = Math.max(0, ...looks.map((look) => (isOrder ? look.upTo : look.success ? look.n : 0)));
    return {
      truth: child.truthOf(skill, 0),
      without: likelyTo(core, after(plain, looks.length), passedTo),
      with: likelyTo(core, after(ofRoom, looks.length), passedTo),
      saved: triesFor(plain) - triesFor(ofRoom),
    };
  });
}

const orderOptions = (figure) => ({
  priorMean: null,
  slopes: figure.orderSlopes,
  slopeWeights: figure.orderSlopeWeights,
  countsAlone: false,
  claimsBySlope: true,
  fade: figure.fade,
  day: dateOf(0),
});

/** Likely ÷ truth and how often it is true, without and with what is lent; a row a skill. */
export async function benchLent({ children, seed }) {
  const core = await loadCore();
  const table = [];
  for (const [population, childOf] of Object.entries(await drawnChildren(core))) {
    for (const { skill, rows } of await otherArrangements(core, childOf, children, seed))
      table.push([
        population,
        'other arrangements',
        skill,
        '',
        ...scored(rows, (row) => row.without),
        ...scored(rows, (row) => row.with),
      ]);
    for (const skill of scoredSkills.filter(({ by }) => by !== 'fetch')) {
      if (population === 'ours' && ['aside', 'scattered', 'ring'].includes(skill.skill)) continue;
      const rows = await otherChildren(core, childOf, children, seed, skill);
      table.push([
        population,
        'other children',
        skill.skill,
        mean(rows.map(({ saved }) => saved)).toFixed(1),
        ...scored(rows, (row) => row.without),
        ...scored(rows, (row) => row.with),
      ]);
    }
  }
  return table;
}
