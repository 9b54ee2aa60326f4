import { figure } from '../common/parameters.js';
import { row } from '../testing/traces.js';
import type { Trace } from '../trace/trace.js';
import { sayNumber, type NumberLook } from './sayNumber.js';
import { thingsOf } from './weaknesses.js';

const { statedClaim, likelyClaim, steadyChance } = figure;
const dayOne = { startedAt: '2026-03-02T09:30:00.000+00:00' };
const dayTwo = { startedAt: '2026-03-09T09:30:00.000+00:00' };
const shells = (n: number): Partial<Trace> => ({ set: { size: n, things: 'shell', arrangement: 'row' } });

const passed = (n: number, facts: Partial<Trace> = {}, weight = 1): NumberLook => ({
  trace: row(n, true, facts),
  passed: { n, weight },
  missed: null,
});
const missed = (n: number): NumberLook => ({ trace: row(n, false), passed: null, missed: { n, weight: 1 } });

/** As probable to so many numbers, and not at all beyond. */
const upTo = (probability: number, n: number): readonly number[] =>
  Array.from({ length: 12 }, (_, i) => (i < n ? probability : 0));

interface Known {
  readonly supported?: readonly number[];
  readonly onAnyDay?: readonly number[];
  readonly chanceAt?: (n: number) => number;
}

const say = (looks: readonly NumberLook[], known: Known = {}, kindOf: typeof thingsOf = thingsOf) => {
  const { supported = upTo(1, 12), chanceAt = () => 0 } = known;
  return sayNumber(looks, { likely: supported, supported, chanceAt, ...known }, kindOf);
};

/** Five corks on one day and five shells on another, each by itself. */
const enough = [passed(5, dayOne), passed(5, { ...dayTwo, ...shells(5) })];

describe(sayNumber, () => {
  test('sure and likely begin at their figures, and end below them', () => {
    expect(say(enough, { supported: upTo(statedClaim, 12) })).toMatchObject({ certainty: 'sure', sureTo: 5 });
    const below = say(enough, { supported: upTo(statedClaim - 1e-9, 12) });
    expect(below).toMatchObject({ certainty: 'likely', sureTo: 0, likelyTo: 5 });
    expect(say(enough, { supported: upTo(likelyClaim, 12) })).toMatchObject({ likelyTo: 5 });
    expect(say(enough, { supported: upTo(likelyClaim - 1e-9, 12) })).toMatchObject({
      certainty: 'unclear',
      likelyTo: 0,
    });
  });

  test('nothing is said beyond what went well, nor of what weighs nothing', () => {
    expect(say([...enough, missed(9)])).toMatchObject({ likelyTo: 5, passedTo: 5, triedTo: 9 });
    expect(say([passed(5, dayOne, 0)])).toMatchObject({ certainty: 'unclear', passedTo: 0, triedTo: 0 });
    expect(say([])).toMatchObject({ certainty: 'unclear', passedTo: 0, triedTo: 0, tries: [] });
  });

  test('sure wants two days, two kinds of things and half of it unaided; each missing is named', () => {
    expect(say([passed(5, dayOne), passed(5, { ...dayOne, ...shells(5) })])).toMatchObject({
      certainty: 'likely',
      weakenedBy: ['one-day'],
    });
    const corks = [passed(5, dayOne), passed(5, dayTwo)];
    expect(say(corks)).toMatchObject({ certainty: 'likely', weakenedBy: ['one-kind-of-thing'] });
    expect(say(corks, {}, null)).toMatchObject({ certainty: 'sure', weakenedBy: [] });
    const helped = passed(5, { ...dayTwo, ...shells(5), help: 'prompted' });
    expect(say([passed(5, dayOne), helped])).toMatchObject({ certainty: 'sure' });
    expect(say([passed(5, dayOne), helped, helped])).toMatchObject({ certainty: 'likely' });
    expect(say([helped, helped])).toMatchObject({ certainty: 'likely', sureTo: 0 });
  });

  test('it is sure only as far as two such tries both went, and no further than on the child’s bad days', () => {
    const further = [...enough, passed(8, dayOne)];
    expect(say(further)).toMatchObject({ sureTo: 5, likelyTo: 8 });
    expect(say(enough, { onAnyDay: upTo(1, 3) })).toMatchObject({ sureTo: 3, likelyTo: 5 });
  });

  test('it reaches for the smallest number above that goes well too seldom, within what is near', () => {
    const onlyTo = (n: number, chance: number) => (at: number) => (at <= n ? chance : 0);
    expect(say(enough).reachingFor).toBe(6);
    expect(say(enough, { chanceAt: onlyTo(7, steadyChance) }).reachingFor).toBeNull();
    expect(say(enough, { chanceAt: onlyTo(6, steadyChance) }).reachingFor).toBe(7);
    expect(say([...enough, missed(9)], { chanceAt: onlyTo(10, steadyChance) }).reachingFor).toBe(11);
    expect(say([...enough, missed(9)], { chanceAt: onlyTo(11, steadyChance) }).reachingFor).toBeNull();
  });

  test('what went well twice is not reached for, unless it was missed too', () => {
    const known = { supported: upTo(1, 5) };
    const once = [...enough, passed(6, dayOne)];
    expect(say(once, known)).toMatchObject({ likelyTo: 5, reachingFor: 6 });
    const twice = [...once, passed(6, dayTwo)];
    expect(say(twice, known)).toMatchObject({ likelyTo: 5, reachingFor: 7 });
    expect(say([...twice, missed(6)], known)).toMatchObject({ reachingFor: 6 });
    expect(say([...twice, missed(7)], known)).toMatchObject({ reachingFor: 7 });
  });

  test('the interval lies where nineteen in twenty, and where one in twenty, ends', () => {
    const { intervalTail } = figure;
    const falling = [1, 1 - intervalTail, 0.5, intervalTail, intervalTail / 2, 0];
    expect(
      sayNumber(enough, { supported: falling, likely: falling, chanceAt: () => 0 }, thingsOf).interval,
    ).toEqual([2, 4]);
    const certain = [1, 1, 1];
    expect(
      sayNumber([], { supported: certain, likely: certain, chanceAt: () => 0 }, thingsOf).interval,
    ).toEqual([3, 3]);
  });
});
