import {
  isOfNumbers,
  looksAt,
  nextSteps,
  saidFor,
  runOf,
  setOf,
  skillOf,
  layoutFor,
  taskOf,
  tasks,
  seededRandom,
  type NextStep,
  type SittingId,
  type Statement,
  type Trace,
  type TraceId,
} from '@dotting/core';
import { thresholdSkills } from '../../../core/src/skills/map.js';
import { pick, type Random } from '../../../core/src/common/random.js';
import { observationsOf } from '../../../core/src/evidence/observations.js';
import { onThisDay } from '../../../core/src/simulate/child.js';
import { drawChild } from '../../../core/src/simulate/population.js';
import { putOf, simulateTry } from '../../../core/src/simulate/simulateTry.js';
import { traceOf } from '../../../core/src/testing/traces.js';
import { english } from '../all.js';
import { tellStatement, wantsOf } from './statements.js';
import { tellStep } from './steps.js';
import { describeSet } from './things.js';

const days = ['2026-02-02', '2026-02-09', '2026-03-02'];
const today = '2026-03-05';
const CHILDREN = 2_000;
/** Steps take longer to work out than sentences: those of a part of the children are. */
const STEPPED = 500;

/** A child of any make-up, looked at on some days with some tasks of the shelf. */
function looked(random: Random): readonly Trace[] {
  const { ability } = drawChild(random);
  const child = {
    ...ability,
    keeps: random(),
    lastWord: random(),
    skips: random() < 0.2 ? 3 + Math.floor(random() * 12) : null,
    ownOrder: random() < 0.2 ? [14, 16, 19] : [],
  };
  const met = Array.from({ length: 1 + Math.floor(random() * 4) }, () => pick(random, tasks).id);
  let made = 0;
  return days.slice(0, 1 + Math.floor(random() * days.length)).flatMap((day) => {
    const mood = onThisDay(child, random);
    return Array.from({ length: 1 + Math.floor(random() * 7) }, (_, i) => {
      const task = taskOf(pick(random, met));
      const n = pick(random, task.ladder);
      const things = task.only ?? pick(random, ['cork', 'shell', 'boat']);
      const way = task.ways && pick(random, task.ways);
      const set = setOf(task, n, things, layoutFor(task, n, things, made, way));
      return traceOf({
        id: `try-${made++}` as TraceId,
        sittingId: day as SittingId,
        startedAt: `${day}T09:${String(10 + i)}:00.000+00:00`,
        task: task.id,
        set,
        ...runOf(task, n),
        help: pick(random, ['none', 'none', 'none', 'prompted', 'encouraged']),
        ...simulateTry(mood, putOf({ task, set, n, asksHowMany: task.thenAsks === true }), random),
      });
    });
  });
}

const children = ((): readonly (readonly Trace[])[] => {
  const random = seededRandom(23);
  return Array.from({ length: CHILDREN }, () => looked(random));
})();
const all = children.map((tries) => ({
  tries,
  said: saidFor(tries, today, { birthDate: '2021-11-01' }),
}));
const stepped = children.slice(0, STEPPED).map((tries) => ({
  tries,
  steps: nextSteps(tries, today, { birthDate: '2021-11-01' }),
}));

/** The number after the words, in a sentence. */
const numberIn = (text: string, before: RegExp): number | null => {
  const found = before.exec(text)?.[1];
  return found === undefined ? null : Number(found);
};

function passedTo(statement: Statement, tries: readonly Trace[]): number {
  const looks = tries.filter((trace) => looksAt(skillOf(statement.skill), trace));
  return Math.max(
    0,
    ...looks.map((trace) => {
      const { order, tracking, fetch, thresholds } = observationsOf(trace);
      if (statement.by === 'order') return order && order.weight.success > 0 ? order.upTo : 0;
      if (statement.by === 'one-to-one') return tracking?.success ? trace.set.size : 0;
      if (statement.by === 'fetch') return fetch && fetch.given === fetch.asked ? fetch.asked : 0;
      const by = thresholdSkills.find((skill) => skill === statement.by)!;
      const { n, success } = thresholds[by] ?? { n: 0, success: false };
      return success ? n : 0;
    }),
  );
}

describe(`the sentences of ${CHILDREN} children of any make-up`, () => {
  test('no number is said to be held that was not passed, and what is not asked beyond was not', () => {
    let told = 0;
    for (const { tries, said } of all) {
      for (const statement of said.filter(isOfNumbers)) {
        const text = tellStatement(english, statement);
        const most = passedTo(statement, tries);
        const held = [/(?:to|counts(?: out)?|gives|up to|sees|make) (\d+)/, /Likely up to (\d+)/].map((one) =>
          numberIn(text, one),
        );
        for (const n of held) if (n !== null) expect(n).toBeLessThanOrEqual(most);
        told += held.filter((n) => n !== null).length;
        const edge = numberIn(text, /Not asked beyond (\d+)/);
        if (edge !== null) expect(statement.triedTo).toBe(edge);
        if (/no more yet/.test(text)) {
          const missed = tries.some((trace) => {
            const { fetch } = observationsOf(trace);
            return fetch !== null && fetch.asked > statement.likelyTo && fetch.given !== fetch.asked;
          });
          expect(missed).toBe(true);
        }
        if (/ – sure/.test(text)) expect(statement.sureTo).toBeGreaterThan(0);
      }
    }
    expect(told).toBeGreaterThan(CHILDREN / 2);
  });

  test('no doubt that cannot apply: words are not wanted with other things, nor drops of another kind', () => {
    for (const { said } of all) {
      for (const statement of said) {
        const text = `${tellStatement(english, statement)} ${wantsOf(english, statement).join(' ')}`;
        const isOfWords = ['order', 'teens', 'order-judged'].includes(statement.by);
        if (isOfWords || statement.skill === 'heard') {
          expect(text).not.toMatch(/one kind of thing|other things/);
        }
        if (statement.skill !== 'heard') expect(text).not.toMatch(/beat|drops/);
      }
    }
  });

  test('what was seen in so many of the last tries was seen in so many', () => {
    let told = 0;
    for (const { tries, steps } of stepped) {
      for (const step of steps.choices) {
        for (const [, times, of] of tellStep(english, step).matchAll(/in (\d+) of the last (\d+) tries/g)) {
          told++;
          expect(Number(times)).toBeGreaterThanOrEqual(2);
          expect(Number(of)).toBeGreaterThanOrEqual(Number(times));
          const looks = tries.filter((trace) => looksAt(skillOf(step.skill), trace));
          expect(looks.length).toBeGreaterThanOrEqual(Number(of));
        }
      }
    }
    expect(told).toBeGreaterThan(100);
  });

  test('no step is without its reason', () => {
    for (const { steps } of stepped)
      for (const step of [...steps.bySkill.values(), ...steps.choices])
        expect(tellStep(english, step)).not.toMatch(/^Try /);
  });

  test('no move contradicts its task', () => {
    const contradiction = (step: NextStep): boolean => {
      const { n, task } = step;
      const title = describeSet(english, step.set, n);
      const why = tellStep(english, step);
      const move = why.slice(why.lastIndexOf(`Try ${title}`) + title.length + 4);
      const { arrangement } = taskOf(task);
      return (
        (n > 3 && /two or three only|three into a cup/.test(move)) ||
        (arrangement === 'movable' && /moving each one aside/.test(move)) ||
        (arrangement === 'pictures' && /aside|into a cup|handing|dropping/.test(move)) ||
        (arrangement === 'heard' && /aside|into a cup|handing|lid/.test(move)) ||
        (arrangement === 'frame' && /aside|into a cup|handing/.test(move)) ||
        (arrangement === 'none' && /cup|aside|lid|hand\b/.test(move)) ||
        (task === 'same-many' && /aloud/.test(move)) ||
        (['row', 'ring', 'scattered'].includes(arrangement) &&
          /handing them over|moving each one|dropping each one/.test(move))
      );
    };
    for (const { steps } of stepped) {
      const told = [...steps.bySkill.values(), ...steps.choices].filter(contradiction);
      expect(told.map((step) => tellStep(english, step))).toEqual([]);
    }
  });

  test('the easier step is less than the first, and goes well', () => {
    for (const { steps } of stepped) {
      const [first] = steps.choices;
      const { easier } = steps;
      if (first!.n > 1) expect(easier.n).toBeLessThan(first!.n);
      expect([easier.task, easier.n]).not.toEqual([first!.task, first!.n]);
      expect(easier.n === 1 || easier.chance >= 0.85).toBe(true);
    }
  });

  test('what stands in the way comes before what nobody has looked at', () => {
    for (const { tries, steps } of stepped) {
      const [first] = steps.choices;
      const isSeen = [...steps.bySkill.values()].some((step) =>
        /of the last \d+ tries/.test(tellStep(english, step)),
      );
      if (isSeen) expect(tries.some((trace) => looksAt(skillOf(first!.skill), trace))).toBe(true);
    }
  });
});
