import order from '../fixtures/order.json';
import pairing from '../fixtures/pairing.json';
import total from '../fixtures/total.json';
import weight from '../fixtures/weight.json';
import words from '../fixtures/words.json';
import {
  readOrder,
  readPairing,
  readTotal,
  readWords,
  tryWeight,
  type Trace,
  type TraceEvent,
  type Word,
} from './index.js';

/** A case as a test title: its number, so that a failing one can be looked up. */
const numbered = <Case>(cases: readonly Case[]): [number, Case][] => cases.map((one, i) => [i, one]);

describe('worked cases', () => {
  test.each(numbered(words))('words %i', (_, { words: said, start, direction, expected }) => {
    expect(readWords(said as Word[], start, direction as 1 | -1)).toEqual(expected);
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
});
