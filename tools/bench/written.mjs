// Which numerals a child writes: what is said after three and after six sit-downs of writing, against how often the hand of a
// made-up child does so. Strokes are drawn, read, and asked for as in the app; nothing is told to the reading but the strokes.
import { loadCore } from '../lib/core.mjs';
import { dateOf, momentOf, ourChild } from './people.mjs';

const kinds = ['cork', 'shell', 'boat', 'lid'];
const [daysApart, mostTries, secondsOfTry] = [9, 8, 25];
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

function sitDown(core, child, earlier, day) {
  const step = { skill: 'write-numeral', task: 'write-it', n: 1, things: 'cork' };
  const common = { birthDate: null, kinds };
  const { first, plan } = core.beginSitting({
    ...common,
    step,
    earlier,
    language: 'en',
    day: dateOf(day),
    minutes: 5,
    most: null,
  });
  const tries = [];
  let next = first;
  while (tries.length < mostTries) {
    const task = core.taskOf(next.task);
    const seconds = secondsOfTry * tries.length;
    tries.push({
      ...child.ask({ task, n: next.n, things: 'cork', day, seconds }),
      sittingId: `sitting-${day}`,
    });
    const now = momentOf(day, seconds + secondsOfTry);
    next = core.nextInSitting({ ...common, earlier, tries, plan, pausedMs: 0, now });
    if (next.isOver) break;
  }
  return tries;
}

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
      tries = [...tries, ...sitDown(core, child, tries, sitting * daysApart)];
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
