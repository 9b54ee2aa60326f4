import { skillMap, skillOf, type SkillId } from '../skills/map.js';
import { taskOf } from '../shelf/tasks.js';
import { tasksFor } from '../shelf/tasksOf.js';
import { saidFor } from '../statements/saidFor.js';
import type { Statement } from '../statements/statement.js';
import type { TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import { figure } from '../common/parameters.js';
import { slippedIn } from '../evidence/obstacles.js';
import { looksAt } from '../evidence/went.js';
import { days, looked, usual } from '../testing/looked.js';
import { nextSteps } from './nextSteps.js';
import { Standing } from './standing.js';

const today = '2026-03-20';

const steps = (tries: readonly Trace[], options = {}) =>
  nextSteps(tries, today, { birthDate: '2022-03-01', ...options });
const all = (tries: readonly Trace[]) => {
  const { choices, easier } = steps(tries);
  return [...choices, easier];
};
const said = (tries: readonly Trace[]): Map<string, Statement> =>
  new Map(saidFor(tries, today, { birthDate: '2022-03-01' }).map((one) => [one.skill, one]));

describe('six children of plainly different make-up', () => {
  test('one that races: words run ahead of the finger, and a step slows the hand', () => {
    const tries = looked({ orderTo: 25, slipPerThing: 0.16, racing: 3 });
    expect(all(tries).map(({ because }) => because.move)).toContainEqual({
      kind: 'fitting',
      slip: 'word-without-touch',
      to: 'row',
    });
  });

  test('one with a private order: the words are stable, and not the usual ones', () => {
    const tries = looked({ orderTo: 12, orderSlope: 0.1, ownOrder: [14, 16, 19], stopsItself: 0 });
    expect(said(tries).get('order')).toMatchObject({ privateOrder: [14, 16, 19] });
    expect(all(tries).map(({ because }) => because.known)).toContainEqual(
      expect.objectContaining({ by: 'order', ownAfter: 12 }),
    );
  });

  test('one that fetches three and no more', () => {
    const tries = looked({ orderTo: 20, orderSlope: 0.3, fetches: 3, slipPerThing: 0.005 });
    expect(said(tries).get('fetch')).toMatchObject({ level: '3' });
    const fetch = all(tries).find((step) => step.skill === 'fetch');
    expect(fetch!.because.known).toMatchObject({ by: 'fetch', likelyTo: 3 });
    expect(fetch!.n).toBe(4);
  });

  test('one that counts again when asked how many', () => {
    const tries = looked({
      orderTo: 20,
      orderSlope: 0.3,
      slipPerThing: 0.005,
      lastWord: 0,
      recounts: 1,
      fetches: 5,
    });
    expect(said(tries).get('last-word')).toMatchObject({ certainty: 'unclear' });
    const step = all(tries).find((one) => one.skill === 'last-word');
    expect(step!.because).toMatchObject({
      seen: { kind: 'obstacles', obstacles: [{ slip: 'recounted', times: 3, of: 3 }] },
      move: { kind: 'usual', slip: 'recounted' },
    });
  });

  test('one strong with words and weak with things: the step is with things', () => {
    const tries = looked({ orderTo: 28, orderSlope: 0.3, slipPerThing: 0.2 });
    const first = steps(tries)
      .choices.slice(0, 3)
      .map((step) => step.skill);
    expect(first.some((skill) => ['aside', 'frame', 'row'].includes(skill))).toBe(true);
    expect(steps(tries).choices.find((step) => step.skill === 'row')?.n ?? 0).toBeLessThanOrEqual(5);
  });

  test('one barely looked at: little is said, and what is asked is small', () => {
    const tries = looked({}, [['count-row', 3]], days.slice(0, 1));
    for (const step of all(tries)) expect(step.n).toBeLessThanOrEqual(5);
    expect(steps([]).choices).toHaveLength(3);
    expect(all([]).every(({ because }) => because.seen?.kind === 'not-asked')).toBe(true);
  });
});

test('a slip that an earlier step names is not named again of another arrangement while there is something else', () => {
  const tasks = [...usual, ['count-scatter', 6], ['count-ring', 6], ['count-row', 7]] as const;
  const { choices, bySkill } = steps(looked({ orderTo: 25, orderSlope: 0.3, slipPerThing: 0.2 }, tasks));
  const named = (one: (typeof choices)[number]) =>
    one.because.seen?.kind === 'obstacles' ? one.because.seen.obstacles.map(({ slip }) => slip) : [];
  const counting = choices.filter(({ skill }) => ['aside', 'row', 'scattered', 'ring'].includes(skill));
  const slips = counting.map((one) => named(one).join());
  expect(slips.filter((one) => one !== '')).not.toHaveLength(0);
  expect(new Set(slips).size).toBe(slips.length);
  // The same slip does stand in the way of the others.
  const alike = (['row', 'scattered', 'ring'] as const).flatMap((skill) => named(bySkill.get(skill)!));
  expect(new Set(alike).size).toBeLessThan(alike.length);
});

/** Children of many make-ups, three days each. */
const several = (): readonly Trace[][] =>
  Array.from({ length: 14 }, (_, i) =>
    looked(
      {
        orderTo: 6 + 2 * i,
        slipPerThing: 0.01 + 0.02 * (i % 7),
        fetches: i % 6,
        lastWord: (i % 3) / 2,
      },
      i % 2 ? [...usual, ['count-scatter', 6], ['count-ring', 6]] : usual,
    ),
  );

describe('whoever the child is', () => {
  test('what is easier is the largest number below the first step that goes well', () => {
    for (const tries of several()) {
      const child = new Standing(tries, today, { birthDate: '2022-03-01' });
      const { choices, easier } = steps(tries);
      const below = choices[0]!.n - 1;
      expect(easier.n).toBeLessThanOrEqual(Math.max(1, below));
      const goesWell = (n: number) => child.chanceAt(skillOf(easier.skill), n) >= figure.goesWell;
      if (easier.n < below) expect(goesWell(easier.n + 1)).toBe(false);
      if (easier.n > 1) expect(goesWell(easier.n)).toBe(true);
    }
  });

  test('of one strand along the numbers no second step only because a slip was seen there too', () => {
    let seen = 0;
    for (const tries of several()) {
      const { choices } = steps(tries);
      const bySlip = choices.filter(({ because }) => because.seen?.kind !== 'obstacles');
      for (const [i, step] of bySlip.entries()) {
        const { strand, axis } = skillOf(step.skill);
        const before = choices.slice(0, choices.indexOf(step));
        const isAlike = before.some(
          (one) => skillOf(one.skill).strand === strand && skillOf(one.skill).axis === axis,
        );
        const slipped = slippedIn(
          skillOf(step.skill),
          tries.filter((trace) => looksAt(skillOf(step.skill), trace)),
          today,
        );
        seen += Number(slipped > 0);
        expect([i, isAlike && slipped > 0]).toEqual([i, false]);
      }
    }
    expect(seen).toBeGreaterThan(0);
  });

  test('of tasks put equally often the first on the shelf, and of things met equally often the first', () => {
    for (const step of steps([], { kinds: ['shell', 'cork'] }).bySkill.values()) {
      expect([step.skill, step.task]).toEqual([step.skill, tasksFor(skillOf(step.skill))[0]!.id]);
      expect([step.skill, step.things]).toEqual([step.skill, taskOf(step.task).only ?? 'shell']);
    }
  });
});

describe(nextSteps, () => {
  const tries = looked({});

  test('a reason that names nothing in the way says what is known of the skill itself, or that it is not clear, or not asked', () => {
    const { bySkill } = steps(looked({ slipPerThing: 0.01, orderTo: 20, orderSlope: 0.3, lastWord: 0.5 }));
    const claims = new Map(
      [...saidFor(looked({ slipPerThing: 0.01, orderTo: 20, orderSlope: 0.3, lastWord: 0.5 }), today)].map(
        (one) => [one.skill, one.certainty],
      ),
    );
    const seen = { claimed: 0, unclear: 0, 'not-asked': 0 };
    for (const { skill, because } of bySkill.values()) {
      const certainty = claims.get(skill);
      const is = certainty === undefined ? 'not-asked' : certainty === 'unclear' ? 'unclear' : 'claimed';
      if (because.seen?.kind === 'obstacles') continue;
      seen[is]++;
      expect([skill, because.seen?.kind ?? 'claimed']).toEqual([skill, is]);
      if (is === 'claimed') expect(because.known?.skill).toBe(skill);
    }
    expect(Math.min(...Object.values(seen))).toBeGreaterThan(0);
  });

  test('the same evidence gives the same steps for the same reasons, whatever the order it comes in', () => {
    // Sums come out a last digit apart.
    const plain = ({ bySkill, ...of }: ReturnType<typeof steps>): unknown =>
      JSON.parse(
        JSON.stringify({ ...of, bySkill: [...bySkill] }, (_, value: unknown) =>
          typeof value === 'number' ? Number(value.toPrecision(9)) : value,
        ),
      );
    expect(plain(steps(tries.toReversed()))).toEqual(plain(steps(tries)));
  });

  test('the easier step is the largest of its skill that goes well, below what comes first', () => {
    for (const slipPerThing of [0.005, 0.02, 0.05, 0.1]) {
      const made = looked({ slipPerThing, orderTo: 22, orderSlope: 0.3 });
      const { choices, easier } = steps(made);
      const child = new Standing(made, today, { birthDate: '2022-03-01' });
      for (let n = easier.n + 1; n < choices[0]!.n; n++)
        expect(child.chanceAt(skillOf(easier.skill), n)).toBeLessThan(0.85);
    }
  });

  test('three choices of different skills and one that will go well, each with a size, things and a reason', () => {
    const { choices, easier } = steps(tries);
    expect(new Set(choices.map((step) => step.skill)).size).toBe(3);
    expect(easier.chance).toBeGreaterThanOrEqual(0.75);
    for (const step of [...choices, easier]) {
      expect(step.n).toBeGreaterThan(0);
      expect(step.because.known !== null || step.because.seen !== null).toBe(true);
    }
  });

  test('what was dismissed stays away until there is something new of it', () => {
    const [first] = steps(tries).choices;
    const dismissed = [{ skill: first!.skill, evidence: first!.evidence }];
    expect(steps(tries, { dismissed }).choices.map((step) => step.skill)).not.toContain(first!.skill);
    const again = looked({}, usual, [...days, '2026-03-18']);
    const later = nextSteps(again, today, { birthDate: '2022-03-01', dismissed });
    expect(later).toEqual(nextSteps(again, today, { birthDate: '2022-03-01' }));
  });

  test('there is a step for each skill with a task, put away or not, and the choices are among them', () => {
    const { choices, bySkill } = steps(tries);
    // What is read by touch is for those who read so.
    const withTasks = skillMap
      .filter((skill) => tasksFor(skill).some(({ readBy }) => readBy !== 'touch'))
      .map((skill) => skill.id);
    const byTouch = [...steps(tries, { readsByTouch: true }).bySkill.keys()];
    expect(byTouch).toEqual(expect.arrayContaining(['touch-numeral', 'write-braille']));
    expect(byTouch).not.toContain('name-numeral');
    expect([...bySkill.keys()].toSorted()).toEqual(withTasks.toSorted());
    for (const choice of choices) expect(bySkill.get(choice.skill)).toEqual(choice);
    const dismissed = choices.map(({ skill, evidence }) => ({ skill, evidence }));
    expect(steps(tries, { dismissed }).bySkill).toEqual(bySkill);
  });

  test('whoever counts a row gives each its own; nothing else is taken to hold unseen, nor where it was seen not to', () => {
    const able = { orderTo: 30, orderSlope: 0.3, slipPerThing: 0.001, lastWord: 1 };
    const rows = looked(able, [
      ['count-row', 5],
      ['count-row', 8],
    ]);
    const chance = (tries: readonly Trace[], skill: SkillId) => steps(tries).bySkill.get(skill)!.chance;
    expect(chance(rows, 'matching')).toBeGreaterThan(0.85);
    expect(chance(rows, 'conservation')).toBeLessThan(0.6);
    const doubles = looked({ slipPerThing: 0.95 }, [['match-lids', 5]]).map((trace, i) => ({
      ...trace,
      id: `lids-${i}` as TraceId,
    }));
    expect(chance([...rows, ...doubles], 'matching')).toBeLessThan(0.5);
  });

  test('skills take turns: what was looked at this week waits for what was looked at long ago', () => {
    const child = { orderTo: 30, orderSlope: 0.3, slipPerThing: 0.001, lastWord: 1, keeps: 1, fetches: 5 };
    const longAgo = looked(child, [['other-end', 5]], ['2026-01-05', '2026-01-06']);
    const again = looked(child, [['still-n', 5]], ['2026-03-18', '2026-03-19']).map((trace, i) => ({
      ...trace,
      id: `again-${i}` as TraceId,
    }));
    const both = [...longAgo, ...again];
    const swapped = both.map((trace) => ({
      ...trace,
      startedAt: trace.task === 'still-n' ? '2026-01-05T09:30:00.000+00:00' : '2026-03-18T09:30:00.000+00:00',
    }));
    const among = (tries: readonly Trace[]) => {
      const { bySkill } = steps(tries);
      const dismissed = [...bySkill.values()]
        .filter((step) => !['conservation', 'order-irrelevance'].includes(step.skill))
        .map(({ skill, evidence }) => ({ skill, evidence }));
      return steps(tries, { dismissed }).choices.map((step) => step.skill);
    };
    expect(among(both)).toEqual(['order-irrelevance', 'conservation']);
    expect(among(swapped)).toEqual(['conservation', 'order-irrelevance']);
  });

  test('a pinned step stays first', () => {
    const last = steps(tries).choices.at(-1)!.skill;
    expect(steps(tries, { pinned: last }).choices[0]!.skill).toBe(last);
  });

  test('the room’s own moves are used', () => {
    const racing = looked({ orderTo: 25, slipPerThing: 0.16, racing: 3 });
    const moves = { 'word-without-touch': 'one boat at a time through the lock' };
    const { choices, easier } = steps(racing, { moves });
    expect([...choices, easier].map(({ because }) => because.move)).toContainEqual({
      kind: 'own',
      words: 'one boat at a time through the lock',
    });
  });
});

test('no step lays what may not be laid for the child, whatever was laid before', () => {
  const kinds = ['boat', 'lid'];
  for (const tries of [[], looked({}), looked({ fetches: 3 })]) {
    const { choices, easier, bySkill } = steps(tries, { kinds });
    for (const step of [...choices, easier, ...bySkill.values()]) expect(kinds).toContain(step.things);
  }
});
