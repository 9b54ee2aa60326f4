import type {
  FetchStatement,
  OrderStatement,
  PrincipleStatement,
  Statement,
  TrackingStatement,
} from './statement.js';
import { isClaimed } from './statement.js';
import { tellOpen, tellStatement } from './tellStatement.js';

const grounds = {
  certainty: 'sure',
  sureTo: 7,
  likelyTo: 9,
  passedTo: 9,
  triedTo: 12,
  interval: [6, 11],
  reachingFor: 10,
  tries: [],
  weakenedBy: [],
} as const;
const likely = { certainty: 'likely', sureTo: 0, weakenedBy: ['one-kind-of-thing', 'one-day'] } as const;
const unclear = { certainty: 'unclear', sureTo: 0, likelyTo: 0 } as const;
const order: OrderStatement = {
  ...grounds,
  skill: 'order',
  by: 'order',
  language: 'en',
  privateOrder: [],
  ownAfter: 12,
};
const row: TrackingStatement = {
  ...grounds,
  skill: 'row',
  by: 'one-to-one',
  arrangement: 'row',
  shape: null,
};
const fetch: FetchStatement = {
  ...grounds,
  skill: 'fetch',
  by: 'fetch',
  sureTo: 3,
  likelyTo: 3,
  level: '3',
  levels: {} as never,
  missedAbove: true,
};
const lastWord: PrincipleStatement = {
  skill: 'last-word',
  by: 'last-word',
  certainty: 'sure',
  mean: 0.9,
  cardinalityBy: null,
  tries: [],
  weakenedBy: [],
};

describe(tellStatement, () => {
  test.each<[Statement, string]>([
    [order, 'says the numbers in order to 7 – sure. Likely up to 9'],
    [{ ...order, likelyTo: 7 }, 'says the numbers in order to 7 – sure'],
    [{ ...order, triedTo: 9 }, 'says the numbers in order to 7 – sure. Likely up to 9. Not asked beyond 9'],
    [
      { ...order, likelyTo: 7, privateOrder: [14, 16] },
      'says the numbers in order to 7 – sure. After 12 always 14, 16',
    ],
    [{ ...order, ...unclear }, 'not clear yet how far the numbers are said in order'],
    [row, 'counts 7 in a row – sure. Likely up to 9'],
    [{ ...row, ...likely }, 'likely counts 9 in a row (one kind of thing, one day)'],
    [{ ...row, likelyTo: 7, shape: 'closing' }, 'counts 7 in a row – sure. Loses track only at the close'],
    [{ ...row, ...unclear }, 'not clear yet how many are counted in a row'],
    [fetch, 'gives 3 when asked – sure, and no more yet'],
    [{ ...fetch, missedAbove: false, triedTo: 3 }, 'gives 3 when asked – sure. Not asked beyond 3'],
    [{ ...fetch, sureTo: 6, likelyTo: 6, level: 'CP' }, 'gives any number asked for, up to 6 so far – sure'],
    [{ ...fetch, ...unclear, level: null }, 'not clear yet how many are given when asked'],
    [lastWord, 'answers “how many?” with the last word of the count – sure'],
    [
      { ...lastWord, certainty: 'likely', weakenedBy: ['one-day'] },
      'likely answers “how many?” with the last word of the count (one day)',
    ],
    [{ ...lastWord, certainty: 'unclear' }, 'not clear yet: the last word as the answer to “how many?”'],
  ])('%# says no more than is known', (statement, words) => {
    expect(tellStatement(statement)).toBe(words);
  });

  test('with cardinality it says by what', () => {
    expect(tellStatement({ ...lastWord, cardinalityBy: 'fetching' })).toMatch(
      /gives any number.*: cardinality – sure$/,
    );
    expect([order, row, fetch, lastWord].every(isClaimed)).toBe(true);
    expect(isClaimed({ ...fetch, ...unclear })).toBe(false);
  });
});

describe(tellOpen, () => {
  test('first what a claim still wants, then the next number', () => {
    expect(tellOpen({ ...row, ...likely, weakenedBy: ['one-day', 'help'] })).toBe(
      '9 in a row: still to be seen on another day and without help',
    );
    expect(tellOpen(row)).toBe('9 in a row: whether 10 holds too');
    expect(tellOpen({ ...row, reachingFor: null })).toBeNull();
    expect(tellOpen(lastWord)).toBeNull();
    expect(tellOpen({ ...lastWord, certainty: 'unclear' })).toMatch(/not clear yet/);
  });
});
