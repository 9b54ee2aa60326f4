// What stands in the way of simulated children: is it named, does the first step fit, and does a sitting begin and
// end well? On both generators, in the app’s own flow.
import { loadCore } from '../lib/core.mjs';
import { loadWords } from '../lib/words.mjs';
import { birthDateOf, sitDowns } from './flow.mjs';
import { drawnChildren, ourObstacleChild, theirObstacleChild, dateOf } from './people.mjs';

const oneToOne = ['aside', 'row', 'frame', 'pictures', 'scattered', 'ring', 'heard'];
const wordSlips = ['skipped', 'repeated', 'swapped', 'replaced', 'inserted', 'looped-back'];

/** How each obstacle is to be named, and which steps fit it. */
const expected = {
  // The project’s own child that races does also count one twice and leave one out.
  'racing-words': { skills: oneToOne, slips: ['word-without-touch'], ours: ['double-counted', 'missed'] },
  'leaves-out': { skills: oneToOne, slips: ['missed'] },
  'twice-in-ring': { skills: ['ring'], slips: ['ran-on', 'double-counted'] },
  'loses-spread': { skills: ['scattered'], slips: ['missed', 'double-counted'] },
  recounts: { skills: ['last-word'], slips: ['recounted'] },
  favourite: { skills: ['last-word'], slips: ['other'] },
  'private-order': { skills: ['order', 'teens'], slips: wordSlips, or: / always / },
  skips: { skills: ['order', 'teens'], slips: ['skipped'] },
  'fetch-handful': {
    skills: ['fetch', 'count-out', 'equal-set', 'numeral-to-set'],
    slips: ['gave-another-number'],
  },
  'not-kept': { skills: ['conservation'], slips: ['counted-again'] },
  // Asked on from a number: of the sums that lean on it each shows it too.
  'restarts-at-one': {
    skills: ['count-on', 'count-back', 'hidden', 'together', 'one-more'],
    slips: ['cannot-go-on', 'cannot-go-back', 'answered-another', 'counted-the-start'],
  },
  // It shows only where something is put to a number, which comes after going on from one.
  'says-start-again': {
    skills: ['count-on', 'one-more', 'hidden', 'together', 'path'],
    // The second generator’s child does so where it goes on from a number too, and stops one short.
    slips: ['counted-the-start', 'cannot-go-on', 'answered-another'],
    sitDowns: 8,
  },
};

/** The same, in the project’s own children. */
const ourAbilities = {
  'racing-words': { slipPerThing: 0.12, racing: 3 },
  'twice-in-ring': { goesRound: { ring: 0.75 } },
  recounts: { lastWord: 0.02, recounts: 1 },
  favourite: { lastWord: 0.02, recounts: 0 },
  'private-order': { orderTo: 9, orderSlope: 0.1, ownOrder: [14, 16, 19], stopsItself: 0 },
  skips: { skips: 6 },
  'fetch-handful': { fetches: 3 },
  'not-kept': { keeps: 0.02 },
  'restarts-at-one': { goesOnTo: -5 },
  'says-start-again': { countsStart: 0.9 },
};

const usualTimes = 4;
const timesFor = (name) => expected[name].sitDowns ?? usualTimes;

const share = (list, holds) => (list.length === 0 ? NaN : list.filter(holds).length / list.length);

function stepsAfter(core, child, times) {
  const { tries, day } = sitDowns(core, child, times, 7);
  const after = day + 3;
  return core.nextSteps(tries, dateOf(after), { birthDate: birthDateOf(after, child.months) });
}

/** Whether a step, in the words an adult reads, names one of these slips. */
const namesOneOf = ({ english, tellStep }, step, slips) => {
  const why = tellStep(english, step).toLowerCase();
  return slips.some((slip) => why.includes(english.moves[slip].saw().toLowerCase()));
};

const isNamed = (words, generator, name, { choices }) => {
  const { skills, or, ...named } = expected[name];
  const slips = [...named.slips, ...((generator === 'ours' && named.ours) || [])];
  return choices.some(
    (step) =>
      skills.includes(step.skill) &&
      (namesOneOf(words, step, slips) || or?.test(words.tellStep(words.english, step))),
  );
};

const namesAnything = (words, core, { choices }) =>
  choices.some((step) => namesOneOf(words, step, core.tellingSlips));

/** Shares for each single obstacle, for pairs, and for none. */
export async function benchObstacles({ children, seed }) {
  const [core, words] = await Promise.all([loadCore(), loadWords()]);
  const rows = [];
  const generators = {
    ours: [
      ourAbilities,
      (at, names) =>
        ourObstacleChild(core, at, Object.assign({}, ...names.map((name) => ourAbilities[name]))),
    ],
    theirs: [expected, (at, names) => theirObstacleChild(core, at, names)],
  };
  for (const [generator, [known, childOf]] of Object.entries(generators)) {
    const names = Object.keys(known);
    const stepsOf = (which, i) =>
      stepsAfter(core, childOf(seed * 10_000 + i, which), Math.max(...which.map(timesFor), usualTimes));
    for (const name of names) {
      const steps = Array.from({ length: children }, (_, i) => stepsOf([name], i));
      rows.push({
        generator,
        name,
        named: share(steps, (one) => isNamed(words, generator, name, one)),
        fits: share(steps, ({ choices }) => expected[name].skills.includes(choices[0].skill)),
      });
    }
    const pairs = names.flatMap((one, i) => names.slice(i + 1).map((other) => [one, other]));
    const ofPairs = Array.from({ length: 3 * children }, (_, i) => {
      const pair = pairs[i % pairs.length];
      return { pair, steps: stepsOf(pair, 1000 + i) };
    });
    const isBoth = ({ pair, steps }) => pair.every((name) => isNamed(words, generator, name, steps));
    rows.push({
      generator,
      name: 'two at once, both',
      named: share(ofPairs, isBoth),
      fits: NaN,
      worst: pairs
        .map((pair) => [
          pair.join(' + '),
          share(
            ofPairs.filter((one) => one.pair === pair),
            isBoth,
          ),
        ])
        .filter((one) => one[1] < 1)
        .toSorted((a, b) => a[1] - b[1]),
    });
    const none = Array.from({ length: 2 * children }, (_, i) => stepsOf([], 5000 + i));
    rows.push({
      generator,
      name: 'none: anything named',
      named: share(none, (one) => namesAnything(words, core, one)),
      fits: NaN,
    });
  }
  return rows;
}

/** Of children drawn at random: how sit-downs begin and end, and what is asked over eight weeks. */
export async function benchFlow({ children, seed }) {
  const core = await loadCore();
  const went = (trace) => core.wentWell(core.taskOf(trace.task).looksAt, trace) === true;
  const rows = [];
  for (const [generator, childOf] of Object.entries(await drawnChildren(core))) {
    const lived = Array.from({ length: children }, (_, i) => sitDowns(core, childOf(i, seed), 8, 7));
    const of = (which) => lived.flatMap(({ sittings }) => sittings.filter((_, i) => which(i)));
    const asked = (skill) =>
      share(lived, ({ tries }) => tries.some((trace) => core.looksAt(core.skillOf(skill), trace)));
    rows.push({
      generator,
      firstEver: share(
        of((i) => i === 0),
        ({ sat }) => went(sat[0]),
      ),
      firstLater: share(
        of((i) => i > 0),
        ({ sat }) => went(sat[0]),
      ),
      endsWell: share(
        of(() => true),
        ({ sat }) => went(sat.at(-1)),
      ),
      tries: lived.reduce((sum, { tries }) => sum + tries.length, 0) / children / 8,
      asked: Object.fromEntries(
        ['order', 'aside', 'row', 'scattered', 'ring', 'last-word', 'fetch', 'conservation', 'count-on'].map(
          (skill) => [skill, asked(skill)],
        ),
      ),
    });
  }
  return rows;
}
