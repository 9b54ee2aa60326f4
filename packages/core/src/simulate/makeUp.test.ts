import { observationsOf } from '../evidence/observations.js';
import { readTry } from '../reading/readTry.js';
import { traceOf } from '../testing/traces.js';
import { readKept } from '../reading/readKept.js';
import type { Trace } from '../trace/trace.js';
import { readOrder } from '../reading/readOrder.js';
import { wordsOf, readPass } from '../trace/passes.js';
import { grown, onThisDay, usualChild, type HiddenAbility } from './child.js';
import { drawChild, trueOrder, trueTracking } from './population.js';
import { seededRandom } from '../common/random.js';
import type { PutToChild } from './kinds.js';
import { simulateTry } from './simulateTry.js';
import { chanceOfWords } from './words.js';

const times = 400;

/** Many tries of one child at the same thing. */
function play(ability: HiddenAbility, put: PutToChild, seed = 5): Trace[] {
  const random = seededRandom(seed);
  const { task, target, set } = laidFor(put);
  return Array.from({ length: times }, () =>
    traceOf({ task, set, target, ...simulateTry(ability, put, random) }),
  );
}

function laidFor(put: PutToChild): Pick<Trace, 'task' | 'set'> & { readonly target: number } {
  const things = 'cork';
  switch (put.kind) {
    case 'say':
      return { task: 'say-far', target: put.target, set: { size: 0, things, arrangement: 'none' } };
    case 'give': {
      const [asked] = put.asked as [number];
      return {
        task: 'give-n',
        target: asked,
        set: { size: asked, things, arrangement: 'movable', pile: put.pile },
      };
    }
    case 'count':
      return {
        task: 'count-row',
        target: put.size,
        set: { size: put.size, things, arrangement: put.arrangement },
      };
    default:
      throw new Error(`${put.kind} has a test of its own`);
  }
}

const share = (traces: readonly Trace[], holds: (trace: Trace) => boolean): number =>
  traces.filter(holds).length / traces.length;

describe('a simulated child', () => {
  test('says the words as far as its threshold, three times in four at what is true of it', () => {
    const child = { ...usualChild, orderTo: 11, orderSlope: 1.8, lapse: 0.02 };
    const reached = share(play(child, { kind: 'say', target: 9 }), (trace) => readTry(trace).order.upTo >= 9);
    expect(reached).toBeCloseTo(chanceOfWords(child, 9), 1);
    expect(chanceOfWords(child, trueOrder(child, 30))).toBeGreaterThanOrEqual(0.75);
    expect(chanceOfWords(child, trueOrder(child, 30) + 1)).toBeLessThan(0.75);
  });

  test('keeps to its own order, and the reading finds it', () => {
    const child = { ...usualChild, orderTo: 12, orderSlope: 0.1, lapse: 0, ownOrder: [14, 16] };
    const runs = play(child, { kind: 'say', target: 30 }).map((trace) => wordsOf(readPass(trace)));
    expect(readOrder(runs.slice(0, 20))).toEqual({ conventionalTo: 12, privateOrder: [14, 16] });
  });

  test('stops of itself where its words end, if that is its way', () => {
    const child = { ...usualChild, orderTo: 5, orderSlope: 0.1, lapse: 0, stopsItself: 1 };
    expect(share(play(child, { kind: 'say', target: 10 }), (trace) => trace.ended === 'stopped-itself')).toBe(
      1,
    );
  });

  test('loses track thing by thing: so many counts without a slip as its chance says', () => {
    const child = { ...usualChild, orderTo: 34, lapse: 0, slipPerThing: 0.06 };
    const put = { kind: 'count', size: 8, arrangement: 'row', asksHowMany: false } as const;
    const clean = share(play(child, put), (trace) => readTry(trace).pairing!.holds);
    expect(clean).toBeCloseTo((1 - 0.06) ** 8, 1);
    expect(trueTracking(child, 20)).toBe(4);
  });

  test('racing fingers slip towards the end, words ahead of touches', () => {
    const child = { ...usualChild, orderTo: 34, lapse: 0, slipPerThing: 0.1, racing: 6 };
    const put = { kind: 'count', size: 10, arrangement: 'row', asksHowMany: false } as const;
    const slips = play(child, put).flatMap((trace) => readTry(trace).pairing!.slips);
    const early = slips.filter((slip) => 'at' in slip && (slip.at ?? 0) < 5).length;
    expect(early).toBeLessThan(slips.length / 3);
    expect(slips.some((slip) => slip.kind === 'word-without-touch')).toBe(true);
  });

  test('fetches what it knows, and some other number for what it does not', () => {
    const child = { ...usualChild, fetches: 3 };
    const right = (asked: number) =>
      share(
        play(child, { kind: 'give', asked: [asked], pile: 15 }),
        (trace) => observationsOf(trace).fetch!.given === asked,
      );
    expect(right(3)).toBeGreaterThan(0.9);
    expect(right(5)).toBeLessThan(0.35);
  });

  test('keeps the number, or counts again, when the things are moved', () => {
    const put = { kind: 'count', size: 5, arrangement: 'row', asksHowMany: true, asksAgain: true } as const;
    const kept = (keeps: number) =>
      share(
        play({ ...usualChild, lapse: 0, slipPerThing: 0, lastWord: 1, keeps }, put),
        (trace) => readKept(trace)!.shown,
      );
    expect(kept(1)).toBe(1);
    expect(kept(0)).toBe(0);
  });

  test('has a bad day now and then, and grows over months', () => {
    const random = seededRandom(3);
    const days = Array.from({ length: times }, () => onThisDay(usualChild, random));
    const bad = days.filter((one) => one.orderTo < usualChild.orderTo).length / times;
    expect(bad).toBeGreaterThan(0.04);
    expect(bad).toBeLessThan(0.18);
    const growth = { orderTo: 0.2, slipPerThing: 0.97, fetches: 0.03, lastWord: 0.01, keeps: 0.01 };
    const later = grown(usualChild, growth, 20);
    expect(later.orderTo).toBeGreaterThan(usualChild.orderTo);
    expect(later.slipPerThing).toBeLessThan(usualChild.slipPerThing);
    expect(grown(usualChild, growth, 1000).fetches).toBe(5);
  });

  test('is one of many: ages, thresholds and levels all over the range', () => {
    const random = seededRandom(8);
    const drawn = Array.from({ length: times }, () => drawChild(random));
    expect(new Set(drawn.map(({ ability }) => ability.fetches)).size).toBe(6);
    expect(Math.min(...drawn.map(({ months }) => months))).toBeGreaterThanOrEqual(30);
    expect(Math.max(...drawn.map(({ months }) => months))).toBeLessThanOrEqual(72);
    const orders = drawn.map(({ ability }) => trueOrder(ability, 30));
    expect(Math.max(...orders) - Math.min(...orders)).toBeGreaterThan(12);
  });
});
