import fc from 'fast-check';
import { askChosen, askedSkills, askUpward, lastPassed } from '../testing/askers.js';
import { saidFor } from '../statements/saidFor.js';
import { isOfNumbers } from '../statements/statement.js';
import { drawChild } from '../simulate/population.js';
import { seededRandom } from '../common/random.js';
import type { SittingId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import type { Asking } from './asking.js';
import { nextTry } from './nextTry.js';
import { wentWell } from '../evidence/went.js';
import { row, traceOf } from '../testing/traces.js';

const fresh: Asking = {
  tries: [],
  sittingId: 'sitting' as SittingId,
  day: '2026-03-02',
  language: 'en',
  months: 48,
  arrangements: ['row'],
  things: ['cork', 'shell'],
  largest: 20,
  secondsLeft: 240,
};
const cases = fc.record({ seed: fc.nat({ max: 100_000 }), which: fc.nat({ max: askedSkills.length - 1 }) });
const sitting = (seed: number, which: number) => {
  const bench = askedSkills[which]!;
  const random = seededRandom(seed);
  const child = drawChild(random);
  const sat = askChosen(bench, child, random);
  return { bench, child, sat, went: sat.tries.map((trace) => wentWell(bench.skill, trace) === true) };
};

describe('kindness, in every simulated sitting', () => {
  const simulated = (holds: (one: ReturnType<typeof sitting>) => void) =>
    fc.assert(
      fc.property(cases, ({ seed, which }) => holds(sitting(seed, which))),
      { numRuns: 60 },
    );

  test('no number is asked three times', () =>
    simulated(({ sat }) => {
      const asked = sat.tries.map((trace) => trace.target!);
      for (const n of asked) expect(asked.filter((other) => other === n).length).toBeLessThanOrEqual(2);
    }));

  test('it ends on a success, unless four went wrong running or no easier number is left to ask', () =>
    simulated(({ sat, went }) => {
      const asked = sat.tries.map((trace) => trace.target!);
      const missed = asked.slice(went.lastIndexOf(true) + 1);
      const easier = Array.from({ length: Math.min(...missed, 20) - 1 }, (_, i) => i + 1);
      const isSpent = [1, ...easier].every((n) => asked.filter((other) => other === n).length === 2);
      expect(missed.length === 0 || missed.length === 4 || isSpent).toBe(true);
    }));

  test('it begins no higher than where to begin asking, and puts an easier one after two misses', () =>
    simulated(({ sat, went }) => {
      const asked = sat.tries.map((trace) => trace.target!);
      expect(asked[0]).toBeLessThanOrEqual(5);
      went.forEach((well, i) => {
        if (i < 1 || well || went[i - 1] || i + 1 >= asked.length) return;
        expect(asked[i + 1]).toBeLessThanOrEqual(Math.max(asked[i]!, asked[i - 1]!));
      });
    }));

  test('it is over in the time there is, but for an easy one or two to end well', () =>
    simulated(({ sat }) => {
      const used = sat.seconds.reduce((sum, one) => sum + one, 0);
      expect(used).toBeLessThan(240 + 4 * 40);
    }));

  test('the same seed gives the same sitting', () =>
    simulated(({ sat, bench, child }) => {
      const again = (seed: number) => askChosen(bench, child, seededRandom(seed)).tries;
      expect(again(5)).toEqual(again(5));
      expect(sat.tries.length).toBeGreaterThan(0);
    }));
});

describe(nextTry, () => {
  test('begins with one that will go well, with the things met least', () => {
    const first = nextTry('one-to-one', fresh);
    expect(first).toMatchObject({ kind: 'ask', purpose: 'begin-well', things: 'cork', tries: [] });
    expect(first.kind === 'ask' && first.n <= 5).toBe(true);
  });

  test('a child whose age is not known is asked a small number first', () => {
    const first = nextTry('order', { ...fresh, arrangements: ['none'], months: null });
    expect(first.kind === 'ask' && first.n <= 3).toBe(true);
  });

  test('goes on, where it goes well, to what tells more', () => {
    const { sat } = sitting(12, 1);
    const asked = sat.tries.map((trace) => trace.target!);
    expect(Math.max(...asked)).toBeGreaterThan(asked[0]!);
  });

  test('stops for want of time, once a try has gone well', () => {
    const { sat, went } = sitting(3, 1);
    const upTo = went.indexOf(true) + 1;
    const next = nextTry('one-to-one', { ...fresh, tries: sat.tries.slice(0, upTo), secondsLeft: 5 });
    expect(next).toEqual({ kind: 'stop', because: 'time' });
  });

  describe('a row, counted as the test says', () => {
    const asked = (facts: Partial<Asking>, ...counts: readonly (readonly [n: number, isClean: boolean])[]) =>
      nextTry('one-to-one', {
        ...fresh,
        tries: counts.map(([n, isClean]) => row(n, isClean, { sittingId: fresh.sittingId })),
        ...facts,
      });

    test('four slips running are enough for today', () => {
      const slips = [8, 7, 6, 5].map((n) => [n, false] as const);
      expect(asked({}, ...slips)).toEqual({ kind: 'stop', because: 'enough' });
      expect(asked({}, ...slips.slice(1))).toMatchObject({ kind: 'ask', purpose: 'after-two-misses' });
    });

    test('two slips running bring one smaller than both; one slip does not', () => {
      const easier = asked({}, [3, true], [9, false], [7, false]);
      expect(easier).toMatchObject({ kind: 'ask', purpose: 'after-two-misses' });
      expect(easier.kind === 'ask' && easier.n < 7).toBe(true);
      expect(asked({}, [3, true], [9, false])).toMatchObject({ kind: 'ask', purpose: 'learn-most' });
    });

    test('with little time left it asks what there is time for, while that tells anything', () => {
      const plenty = asked({}, [3, true]);
      const little = asked({ secondsLeft: 25 }, [3, true]);
      expect(plenty.kind === 'ask' && little.kind === 'ask' && little.n < plenty.n).toBe(true);
      // Five seconds to lay, ten to answer, and 1.2 for each thing.
      expect(little.kind === 'ask' && little.n <= 8).toBe(true);
      expect(asked({ secondsLeft: 10 }, [3, true])).toEqual({ kind: 'stop', because: 'time' });
    });

    test('after a slip the time may be over: then an easy one ends it well', () => {
      expect(asked({ secondsLeft: 10 }, [3, true], [9, false])).toMatchObject({
        kind: 'ask',
        purpose: 'end-well',
      });
    });

    test('far below what has just gone well it would only be long', () => {
      const next = asked({}, [3, true], [12, true]);
      expect(next.kind === 'ask' ? next.n : 20).toBeGreaterThanOrEqual(6);
    });

    test('no number that was asked twice is asked again', () => {
      const next = asked({ smallest: 4, largest: 6 }, [4, true], [5, true], [5, true], [6, true], [6, true]);
      expect(next.kind === 'stop' || next.n === 4).toBe(true);
    });

    test('the things that lie there are kept; else the kind met least', () => {
      const before = row(3, true, { sittingId: 'before' as SittingId });
      expect(asked({}, [3, true])).toMatchObject({ things: 'cork' });
      expect(asked({ tries: [before] })).toMatchObject({ things: 'shell' });
      expect(asked({ things: ['shell', 'boat'] }, [3, true])).toMatchObject({ things: 'shell' });
    });
  });

  describe('fetching, as the test says', () => {
    const fetch = (asked: number, given: number, facts: Partial<Trace> = {}): Trace =>
      traceOf({
        sittingId: fresh.sittingId,
        task: 'give-n',
        set: { size: asked, things: 'cork', arrangement: 'movable', pile: 15 },
        target: asked,
        happenings: [
          { kind: 'ask', question: 'give' },
          { kind: 'given', value: given },
        ],
        ...facts,
      });
    const after = (...tries: readonly Trace[]) =>
      nextTry('fetch', { ...fresh, arrangements: ['movable'], pile: 15, largest: 10, tries });

    test('what was given once in place of a number out of reach is looked at once more', () => {
      expect(after(fetch(2, 2), fetch(5, 8), fetch(4, 4), fetch(4, 4))).toMatchObject({ kind: 'ask', n: 5 });
      const twice = [fetch(2, 2), fetch(5, 8), fetch(4, 4), fetch(5, 7), fetch(4, 4)];
      expect(after(...twice)).toEqual({ kind: 'stop', because: 'known' });
    });

    test('two tries are enough where all is known already, one is not', () => {
      const before = [5, 6, 7, 8, 5, 6, 7, 8].map((n) => fetch(n, n, { sittingId: 'before' as SittingId }));
      expect(after(...before, fetch(6, 6))).toMatchObject({ kind: 'ask' });
      expect(after(...before, fetch(6, 6), fetch(7, 7))).toEqual({ kind: 'stop', because: 'known' });
    });
  });

  test('asks a harder arrangement by what an easier one has told', () => {
    const { sat } = sitting(12, 1);
    const ask = (tries: Asking['tries']) =>
      nextTry('one-to-one', {
        ...fresh,
        tries,
        sittingId: 'later' as SittingId,
        arrangements: ['scattered'],
      });
    const [blind, told] = [ask([]), ask(sat.tries)];
    expect(told.kind === 'ask' && told.tries.length).toBe(sat.tries.length);
    expect(blind.kind === 'ask' && told.kind === 'ask' && told.chance !== blind.chance).toBe(true);
  });

  test('words said in one language do not stand for those of another', () => {
    const { sat } = sitting(12, 0);
    const inOrder: Asking = {
      ...fresh,
      arrangements: ['none'],
      sittingId: 'later' as SittingId,
      tries: sat.tries,
    };
    const [same, other] = ['en', 'cy'].map((language) => nextTry('order', { ...inOrder, language }));
    const unknown = nextTry('order', { ...inOrder, tries: sat.tries.slice(0, 0) });
    const numberOf = (next: ReturnType<typeof nextTry> | undefined) => (next?.kind === 'ask' ? next.n : null);
    expect(numberOf(same)).not.toBeNull();
    expect(numberOf(same)).not.toBe(numberOf(other));
    expect(numberOf(other)).toBeLessThanOrEqual(Math.max(5, numberOf(unknown)!));
  });

  test('one is enough to ask with', () => {
    expect(nextTry('one-to-one', { ...fresh, largest: 1 })).toMatchObject({ kind: 'ask', n: 1 });
  });

  test('two of a skill that is known are enough, one is not', () => {
    const said = (day: string, sittingId: string): Trace =>
      traceOf({
        task: 'say-far',
        sittingId: sittingId as SittingId,
        startedAt: `${day}T09:30:00.000+00:00`,
        set: { size: 0, things: 'cork', arrangement: 'none' },
        target: 20,
        happenings: [1, 2, 3, 4, 5, 6, 9].map((word) => ({ kind: 'say', word })),
      });
    const well: Trace = { ...said('2026-03-02', 'sitting'), target: 6 };
    const before = Array.from({ length: 24 }, (_, i) => said(`2026-02-${10 + (i % 15)}`, 'before'));
    const asked = (now: readonly Trace[], goOn = false) =>
      nextTry('order', { ...fresh, arrangements: ['none'], goOn, tries: [...before, ...now] });
    expect(wentWell('order', well)).toBe(true);
    expect(asked([well]).kind).toBe('ask');
    expect(asked([well, well])).toEqual({ kind: 'stop', because: 'known' });
    expect(asked([well, well], true).kind).toBe('ask');
  });

  test('refuses to ask with nothing', () => {
    expect(() => nextTry('one-to-one', { ...fresh, largest: 0 })).toThrow(RangeError);
    expect(() => nextTry('one-to-one', { ...fresh, things: [] })).toThrow(RangeError);
    expect(() => nextTry('one-to-one', { ...fresh, arrangements: [] })).toThrow(RangeError);
  });
});

describe('against going practice', () => {
  test('for a hundred children, chosen questions come nearer in fewer tries than the last one passed, and say too much less often', () => {
    const bench = askedSkills[1]!;
    const random = seededRandom(21);
    const compared = Array.from({ length: 100 }, () => {
      const child = drawChild(random);
      const truth = bench.truth(child.ability);
      const [chosen, upward] = [askChosen(bench, child, random), askUpward(bench, child, random)];
      const row = saidFor(chosen.tries, '2026-03-02').find((one) => one.skill === 'row');
      const likelyTo = row && isOfNumbers(row) ? row.likelyTo : 0;
      return {
        chosenError: Math.abs(likelyTo - truth),
        upwardError: Math.abs(lastPassed(bench, upward) - truth),
        chosenTries: chosen.tries.length,
        upwardTries: upward.tries.length,
        over: likelyTo > truth,
        upwardOver: lastPassed(bench, upward) > truth,
      };
    });
    const sum = (value: (one: (typeof compared)[number]) => number): number =>
      compared.reduce((total, one) => total + value(one), 0);
    expect(sum((one) => one.chosenError)).toBeLessThan(sum((one) => one.upwardError));
    expect(sum((one) => one.chosenTries)).toBeLessThan(sum((one) => one.upwardTries));
    expect(compared.filter((one) => one.over).length).toBeLessThan(
      compared.filter((one) => one.upwardOver).length,
    );
    expect(compared.filter((one) => one.over).length).toBeLessThanOrEqual(25);
  });
});
