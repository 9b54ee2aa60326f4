import both from '../fixtures/both.json';
import check from '../fixtures/check.json';
import order from '../fixtures/order.json';
import knowers from '../fixtures/knower.json';
import pairing from '../fixtures/pairing.json';
import start from '../fixtures/start.json';
import step from '../fixtures/step.json';
import thresholds from '../fixtures/threshold.json';
import total from '../fixtures/total.json';
import weight from '../fixtures/weight.json';
import words from '../fixtures/words.json';
import {
  readBoth,
  readCheck,
  readOrder,
  readPairing,
  readStart,
  readTotal,
  readWords,
  tryWeight,
  type CountStep,
  type Trace,
  type TraceEvent,
  type Word,
} from './index.js';
import { knowerLevels } from './estimates/knowerLevels.js';
import { threshold } from './estimates/threshold.js';

type PassAsGiven = Parameters<typeof readPairing>[1];

/** A case as a test title: its number, so that a failing one can be looked up. */
const numbered = <Case>(cases: readonly Case[]): [number, Case][] => cases.map((one, i) => [i, one]);

describe('worked cases', () => {
  test.each(numbered(words))('words %i', (_, { words: said, start, direction, expected }) => {
    expect(readWords(said as Word[], start, direction as 1 | -1)).toEqual(expected);
  });

  test.each(numbered(step))(
    'words by steps %i',
    (_, { words: said, start: from, direction, step: by, expected }) => {
      expect(readWords(said as Word[], from, direction as 1 | -1, by as CountStep)).toEqual(expected);
    },
  );

  test.each(numbered(start))('start %i', (_, { start: from, events, expected }) => {
    expect(readStart(events as unknown as PassAsGiven, from)).toBe(expected);
  });

  test.each(numbered(both))('both languages %i', (_, { size, events, expected }) => {
    expect(readBoth(size, events as unknown as PassAsGiven)).toEqual(expected);
  });

  test.each(numbered(check))('check %i', (_, { size, events, expected }) => {
    const trace = { version: 2 as const, set: { size }, events: events as TraceEvent[] };
    expect({ check: readCheck(trace), total: readTotal(trace) }).toEqual(expected);
  });

  test.each(numbered(order))('order %i', (_, { tries, expected }) => {
    expect(readOrder(tries as Word[][])).toEqual(expected);
  });

  test.each(numbered(pairing))('pairing %i', (_, { size, events, expected }) => {
    expect(readPairing(size, events as Parameters<typeof readPairing>[1])).toEqual(expected);
  });

  test.each(numbered(total))('total %i', (_, { size, events, expected }) => {
    expect(readTotal({ set: { size }, events: events as TraceEvent[] })).toEqual(expected);
  });

  test.each(numbered(weight))('weight %i', (_, { trace, expected }) => {
    const { success, miss } = tryWeight(trace as unknown as Trace);
    expect(success).toBeCloseTo(expected.success, 9);
    expect(miss).toBeCloseTo(expected.miss, 9);
  });

  test.each(numbered(thresholds))('threshold %i', (_, { tries, priorMean, expected }) => {
    const { mean, sd, steadyTo } = threshold(tries, { priorMean, slopes: [1], claim: 0.8 });
    expect(mean).toBeCloseTo(expected.mean, 4);
    expect(sd).toBeCloseTo(expected.sd, 4);
    expect(steadyTo).toBe(expected.steadyTo);
  });

  test.each(numbered(knowers))('knower %i', (_, { tries, pile, expected }) => {
    const levels = knowerLevels(tries, { pile });
    for (const [level, probability] of Object.entries(expected)) {
      expect(levels[level as keyof typeof levels]).toBeCloseTo(probability, 5);
    }
  });
});
