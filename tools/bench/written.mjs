// Which numerals a child writes: what is said after three and after six sit-downs of writing, against how often the hand of a
// made-up child does so. Strokes are drawn, read, and asked for as in the app; nothing is told to the reading but the strokes.
import { loadCore } from '../lib/core.mjs';
import { sitDownFor } from './flow.mjs';
import { dateOf, ourChild } from './people.mjs';

const daysApart = 9;
const pace = { minutes: 5, mostTries: 8, secondsOfTry: 25 };
const step = { skill: 'write-numeral', task: 'write-it', n: 1, things: 'cork' };
/** Done is what comes off four times in five. */
const least = 0.8;
const mirrorsToItself = new Set([0, 1, 8]);

function abilityOf(core, random) {
  const reach = Math.floor(12 * random());
  const known = Array.from({ length: 21 }, (_, n) => n).filter((n) => n < reach && random() < 0.92);
  return {
    ...core.usualChild,
    orderTo: 30,
    lapse: 0.03,
    reads: { known },
    writes: {
      forms: random() < 0.5 ? 0.88 + 0.12 * random() : random(),
      turns: random() < 0.5 ? 0 : 0.7 * random(),
    },
  };
}

/** How often it comes off, of each skill at a numeral. */
const chanceOf = ({ reads, writes, lapse }, skill, n) => {
  if (skill === 'form-numeral') return writes.forms;
  if (skill === 'face-numeral') return 1 - writes.turns;
  return reads.known.includes(n) ? 1 - lapse : 0.05;
};

const share = (list, of) => (list.length === 0 ? null : list.filter(of).length / list.length);

/** For each skill, after three and six sit-downs: how much of what is said is so, and how much of what is so is said. */
export async function benchWritten({ children, seed }) {
  const core = await loadCore();
  const runs = Array.from({ length: children }, (_, i) => {
    const place = core.seedFrom(`${seed} written ${i}`);
    const ability = abilityOf(core, core.seededRandom(place));
    const child = ourChild(core, { months: 62, ability }, place);
    let tries = [];
    return [0, 1, 2, 3, 4, 5].map((sitting) => {
      tries = [...tries, ...sitDownFor(core, child, step, tries, sitting * daysApart, pace)];
      return { ability, tries, said: core.saidFor(tries, dateOf(sitting * daysApart), {}) };
    });
  });
  return ['write-numeral', 'form-numeral', 'face-numeral'].flatMap((skill) =>
    [3, 6].map((sittings) => {
      const looks = runs.map((run) => run[sittings - 1]);
      const of = (which) =>
        looks.flatMap(({ ability, said }) =>
          (said.find((one) => one.skill === skill)?.[which] ?? []).map((n) => ({ ability, n })),
        );
      const isSo = ({ ability, n }) => chanceOf(ability, skill, n) >= least;
      const asked = looks.flatMap(({ ability, tries }) =>
        [...new Set(tries.filter(({ task }) => task === 'write-it').map(({ target }) => target))]
          .filter((n) => skill !== 'face-numeral' || !mirrorsToItself.has(n))
          .map((n) => ({ ability, n })),
      );
      const so = asked.filter(isSo).length;
      const known = of('known');
      return {
        skill,
        sittings,
        knownTrue: share(known, isSo),
        likelyTrue: share(of('likely'), isSo),
        saidOf: so === 0 ? null : [...known, ...of('likely')].filter(isSo).length / so,
      };
    }),
  );
}
