// Which numerals a child names, finds, or reads by touch: what is said after each sit-down, against what is so. The children are not the
// model’s: each numeral is read with a chance of its own, look-alikes are taken for one another, some say any number they
// like rather than none, and on some days less of it is there.
import { loadCore } from '../lib/core.mjs';
import { dateOf, momentOf, ourChild } from './people.mjs';

const kinds = ['cork', 'shell', 'boat', 'lid'];
/** Read is what is named right four times in five. */
const least = 0.8;
const mostTries = 14;
const secondsOfTry = 15;
const daysApart = 9;
const alike = [
  [6, 9],
  [2, 5],
  [3, 8],
  [1, 7],
  [12, 20],
  [13, 14],
];
const sureOfAll = { orderTo: 40, lapse: 0, slipPerThing: 0.001, fetches: 5, lastWord: 1, keeps: 1 };

function makeChild(random) {
  const reach = 22 * random();
  const holes = 0.35 * random();
  const mixes = 0.5 * random();
  // A few are between: read now and then.
  const chances = Array.from({ length: 21 }, (_, n) => {
    if (n > reach || random() < holes) return random() < 0.15 ? 0.3 + 0.4 * random() : 0.02;
    return 0.86 + 0.13 * random();
  });
  const takes = new Map();
  for (const [one, other] of alike)
    if (random() < mixes) {
      takes.set(one, other);
      chances[one] = 0.1 + 0.5 * random();
    }
  return { chances, takes, saysAny: random() < 0.3 };
}

/** What is asked for each skill, and with what question. */
const asked = {
  'name-numeral': { task: 'name-it', question: 'name' },
  'find-numeral': { task: 'find-it', question: 'find' },
  'touch-numeral': { task: 'read-dots', question: 'name' },
};

/** What the child says, or which of the cards it takes. */
function answered(child, { n, cards, kind }, off, random) {
  if (random() < child.chances[n] * off) return n;
  const instead = child.takes.get(n);
  if (kind !== 'find') return instead ?? (child.saysAny ? Math.floor(random() * 21) : 'did-not-know');
  return cards.includes(instead) ? instead : cards[Math.floor(random() * cards.length)];
}

function sitDown(core, child, skill, stand, earlier, day, random) {
  const { task: id, question } = asked[skill];
  const step = { skill, task: id, n: 1, things: 'cork' };
  const common = { birthDate: null, language: 'en', day: dateOf(day), minutes: 4, most: null, kinds };
  const { first, plan } = core.beginSitting({ ...common, step, earlier });
  const off = random() < 0.15 ? 0.8 : 1;
  const tries = [];
  let next = first;
  while (tries.length < mostTries) {
    const place = earlier.length + tries.length;
    const at = { day, seconds: secondsOfTry * tries.length };
    if (next.task === id) {
      const task = core.taskOf(id);
      const set = core.setOf(task, next.n, 'cork', core.layoutFor(task, next.n, 'cork', place));
      tries.push({
        id: `try-${place}`,
        childId: 'child',
        sittingId: `sitting-${day}`,
        recordedBy: 'adult',
        startedAt: momentOf(day, at.seconds),
        task: id,
        language: 'en',
        version: 2,
        set,
        ...core.runOf(task, next.n),
        help: 'none',
        answeredBy: 'alone',
        firstTime: place === 0,
        ended: 'finished',
        events: [
          { seq: 0, t: 0, kind: 'ask', question },
          { seq: 1, t: 1500, kind: 'answer', value: answered(child, set.layout.cards, off, random) },
        ],
      });
    } else {
      // Something easy first, or a question on the side: of a child who is sure of it, but for the numerals in it.
      const other = core.taskOf(next.task);
      tries.push({
        ...stand(child, random).ask({ task: other, n: next.n, things: 'cork', ...at }),
        id: `try-${place}`,
        sittingId: `sitting-${day}`,
      });
    }
    next = core.nextInSitting({
      birthDate: null,
      kinds,
      earlier,
      tries,
      plan,
      pausedMs: 0,
      now: momentOf(day, secondsOfTry * tries.length),
    });
    if (next.isOver) break;
  }
  return tries;
}

/** After one sit-down, after three and after six: what is said of each numeral, and how often it is so. */
export async function benchNumerals({ children, seed, skill }) {
  const core = await loadCore();
  const runs = Array.from({ length: children }, (_, i) => {
    const random = core.seededRandom(core.seedFrom(`${seed} numerals ${i}`));
    const child = makeChild(random);
    let turn = 0;
    const stand = ({ chances, takes }, drawn) => {
      const known = chances.flatMap((chance, n) => (drawn() < chance ? [n] : []));
      const reads = { known, takes: Object.fromEntries(takes) };
      const ability = { ...core.usualChild, ...sureOfAll, reads };
      return ourChild(core, { months: 54, ability }, core.seedFrom(`${seed} ${i} ${turn++}`));
    };
    let tries = [];
    return [0, 1, 2, 3, 4, 5].map((sitting) => {
      const day = (sitting + 1) * daysApart;
      tries = [...tries, ...sitDown(core, child, skill, stand, tries, day, random)];
      const said = core.saidFor(tries, dateOf(day), {}).find((one) => one.skill === skill);
      return { child, said: said ?? { known: [], likely: [], mixedUp: [] } };
    });
  });
  return [1, 3, 6].map((sittings) =>
    scored(
      sittings,
      runs.map((run) => run[sittings - 1]),
    ),
  );
}

const share = (list, of) => (list.length === 0 ? null : list.filter(of).length / list.length);

function scored(sittings, looks) {
  const isRead = (child, n) => child.chances[n] >= least;
  const each = (of) => looks.flatMap(({ child, said }) => of(said).map((n) => ({ child, n })));
  const [known, likely] = [each((said) => said.known), each((said) => said.likely)];
  const read = looks.flatMap(({ child }) =>
    child.chances.flatMap((_, n) => (isRead(child, n) ? [n] : [])),
  ).length;
  const named = (list) => list.filter(({ child, n }) => isRead(child, n)).length;
  const mixed = looks.flatMap(({ child, said }) =>
    [...child.takes].map(([shown, as]) => said.mixedUp.some((one) => one.shown === shown && one.said === as)),
  );
  return {
    sittings,
    knownTrue: share(known, ({ child, n }) => isRead(child, n)),
    likelyTrue: share(likely, ({ child, n }) => isRead(child, n)),
    knownOf: named(known) / read,
    saidOf: (named(known) + named(likely)) / read,
    mixedFound: share(mixed, (found) => found),
  };
}
