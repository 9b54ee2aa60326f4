import type { Statement } from './statement.js';
import { isClaimed, tellOpen, tellStatement } from './tellStatement.js';

const grounds = { sure: 0.97, since: '2026-03-02', tries: [], weakenedBy: [], firm: true } as const;
const order: Statement = {
  ...grounds,
  skill: 'order',
  language: 'en',
  conventionalTo: 12,
  privateOrder: [],
  triedTo: 15,
};
const row: Statement = {
  ...grounds,
  skill: 'one-to-one',
  arrangement: 'row',
  steadyTo: 7,
  reachingFor: 8,
  triedTo: 9,
};
const fetch: Statement = { ...grounds, skill: 'fetch', level: '3', levels: {} as never, triedTo: 6 };
const lastWord: Statement = {
  ...grounds,
  skill: 'last-word',
  shown: true,
  mean: 0.9,
  cardinalityBy: null,
};

describe(tellStatement, () => {
  test.each<[Statement, RegExp]>([
    [order, /^says the numbers in order to 12$/],
    [{ ...order, triedTo: 12 }, /to 12 \(not tried beyond\)$/],
    [{ ...order, privateOrder: [14, 16] }, /to 12, then always 14, 16$/],
    [{ ...order, conventionalTo: 0 }, /^not clear yet how far/],
    [row, /^counts 7 in a row without losing track$/],
    [{ ...row, steadyTo: 0 }, /^not clear yet how many are counted in a row/],
    [fetch, /^fetches 3 when asked, and no more yet$/],
    [{ ...fetch, level: 'CP' }, /^fetches any number asked for, up to 6 so far$/],
    [{ ...fetch, level: null }, /^not clear yet/],
    [lastWord, /^answers “how many\?” with the last word of the count$/],
    [{ ...lastWord, cardinalityBy: 'fetching' }, /cardinality$/],
    [{ ...lastWord, shown: false }, /^not clear yet: the last word/],
  ])('%# says no more than is known', (statement, words) => {
    expect(tellStatement(statement)).toMatch(words);
  });

  test('what is not firm is said with a question in it, what is not claimed never as if it were', () => {
    expect(tellStatement({ ...row, firm: false })).toMatch(/, so it seems$/);
    expect(tellStatement({ ...row, steadyTo: 0, firm: false })).not.toMatch(/so it seems/);
    expect([order, row, fetch, lastWord].every(isClaimed)).toBe(true);
    expect(isClaimed({ ...fetch, level: '0' })).toBe(false);
  });
});

describe(tellOpen, () => {
  test('first what a claim still wants, then the next number', () => {
    expect(tellOpen({ ...row, weakenedBy: ['one-day', 'help'] })).toBe(
      '7 in a row: still to be seen on another day and without help',
    );
    expect(tellOpen(row)).toBe('7 in a row: whether 8 holds too');
    expect(tellOpen({ ...order, privateOrder: null })).toMatch(
      /whether the words after 12 are always the same/,
    );
    expect(tellOpen(lastWord)).toBeNull();
    expect(tellOpen({ ...lastWord, shown: false })).toMatch(/not clear yet/);
  });
});
