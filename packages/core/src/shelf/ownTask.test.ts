import fc from 'fast-check';
import { flawOf } from '../reading/flaws.js';
import { readTry } from '../reading/readTry.js';
import { oneTry } from '../simulate/oneTry.js';
import { usualChild } from '../simulate/child.js';
import { usualSchools } from '../schools/schools.js';
import type { OwnTaskId } from '../trace/ids.js';
import { cautionsFor, fittingCounters } from './cautions.js';
import { comparisonFor } from './comparison.js';
import { counterKinds, counterOf, otherCounter, type Counter } from './counters.js';
import { entryOf, leastInPile, likable, likableFor, rangeLike, type OwnTaskFacts } from './ownTask.js';
import { largestOf, sizeFor, taskOf } from './tasks.js';
import { skillOfTask } from './tasksOf.js';
import { seededRandom } from '../common/random.js';

const facts: OwnTaskFacts = {
  id: 'own' as OwnTaskId,
  like: 'give-n',
  ladder: [2, 4, 6],
  minutes: 4,
  pile: 9,
  watchFor: [],
  beside: [],
};
const ring: Counter = { id: 'ring', small: false, across: 90 };

describe(entryOf, () => {
  test('has its own numbers and no other, its own pile and kind of thing, and goes like the shelf’s otherwise', () => {
    const task = entryOf({ ...facts, only: 'ring', watchFor: ['gave-another-number'] });
    expect([1, 2, 3, 5, 7].map((n) => sizeFor(task, n))).toEqual([2, 2, 4, 6, 6]);
    expect(task).toMatchObject({ id: 'give-n', kind: 'give', looksAt: 'fetch', pile: 9, only: 'ring' });
    expect(task.watchFor).toEqual(['gave-another-number']);
    // Where nothing is taken from a pile there is none.
    expect(entryOf({ ...facts, like: 'count-row' }).pile).toBeUndefined();
  });

  test('every task that can be written is laid, tried by a made-up child and read, at each number of its range', () => {
    const written = fc.constantFrom(...likable).chain((like) => {
      const { from, to } = rangeLike(like.id);
      return fc.record({ like: fc.constant(like), n: fc.integer({ min: from, max: to }), seed: fc.nat(999) });
    });
    fc.assert(
      fc.property(written, ({ like, n, seed }) => {
        const task = entryOf({ ...facts, like: like.id, ladder: [n], pile: leastInPile([n]) });
        const around = { kinds: [...counterKinds, 'ring'], own: [ring], schools: usualSchools };
        const put = { task, n, things: like.only ?? 'ring', around };
        const trace = oneTry(usualChild, put, '2026-11-30T09:30:00+00:00', seed);
        expect(trace.task).toBe(like.id);
        expect(flawOf(trace, '2026-11-30')).toBeNull();
        expect(() => readTry(trace)).not.toThrow();
      }),
      { numRuns: 400 },
    );
  });
});

test('what a task can go like is found by its skill and how it is taken down', () => {
  for (const { id, kind } of likable) {
    const skill = skillOfTask(id).id;
    expect(likableFor(skill, kind).map((task) => task.id)).toContain(id);
    expect(likableFor(skill).length).toBeGreaterThanOrEqual(likableFor(skill, kind).length);
  }
  expect(likable.map(({ id }) => id)).not.toContain('show-of-hands');
  expect(new Set(likable.map(({ kind }) => kind)).size).toBe(8);
  expect(rangeLike('count-row')).toEqual({ from: 1, to: largestOf(taskOf('count-row')) });
});

describe('things of the room’s own', () => {
  const child = { birthDate: '2020-01-01', mouths: false as boolean | null, allergies: '' };
  const day = '2026-11-30';
  const kindsOf = (about: Partial<Counter>, of: Partial<typeof child> = {}) =>
    cautionsFor('ring', { ...child, ...of }, day, [{ ...ring, ...about }]).map(({ kind }) => kind);

  test.each<[Partial<Counter>, Partial<typeof child>, readonly string[]]>([
    [{}, {}, ['care']],
    [{ small: true }, {}, ['small-parts', 'care']],
    [{ small: true }, { mouths: true }, ['choking', 'mouthed', 'care']],
    [{ sharp: true }, {}, ['sharp', 'care']],
    [{ mouthable: true }, {}, ['mouthed', 'care']],
    [{ food: 'wheat' }, {}, ['food', 'care']],
    [{ food: 'wheat' }, { allergies: 'wheat' }, ['food-and-allergy', 'care']],
  ])('%j for %j asks for %j', (about, of, cautions) => {
    expect(kindsOf(about, of)).toEqual(cautions);
  });

  test('are proposed after those of the shelf, and not where something speaks against them', () => {
    const fits = (about: Partial<Counter>, of: Partial<typeof child> = {}) =>
      fittingCounters({ ...child, ...of }, day, [{ ...ring, ...about }]).includes('ring');
    expect(fittingCounters(child, day, [ring])).toEqual([...counterKinds, 'ring']);
    expect(fits({ sharp: true }, { mouths: true })).toBe(false);
    expect(fits({ small: true }, { mouths: true })).toBe(false);
    expect(fits({ food: 'wheat' }, { allergies: 'eggs' })).toBe(false);
    expect(fits({ food: 'wheat' })).toBe(true);
    expect(otherCounter('acorn-cup', [...counterKinds, 'ring'])).toBe('ring');
    expect(otherCounter('ring', [...counterKinds, 'ring'])).toBe('cork');
  });

  test('lie as large as they are where sets are compared', () => {
    const wish = {
      relation: 'more',
      n: 6,
      things: 'cork',
      kinds: ['cork', 'ring'],
      own: [ring],
      differ: ['size'],
    } as const;
    const { sets } = comparisonFor(wish, seededRandom(3));
    expect(new Map(sets.map(({ things, across }) => [things, across]))).toEqual(
      new Map([
        ['cork', 24],
        ['ring', 90],
      ]),
    );
    expect(() => counterOf('ring')).toThrow(/ring/);
  });
});
