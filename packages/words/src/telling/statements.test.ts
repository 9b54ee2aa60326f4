import type {
  FetchStatement,
  OrderStatement,
  PrincipleStatement,
  Statement,
  TrackingStatement,
} from '../../../core/src/statements/statement.js';
import { english } from '../all.js';
import { tellChanges, tellStatement } from './statements.js';

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
    [order, 'says numbers in order to 7 – sure. Likely up to 9'],
    [{ ...order, likelyTo: 7 }, 'says numbers in order to 7 – sure'],
    [{ ...order, triedTo: 9 }, 'says numbers in order to 7 – sure. Likely up to 9. Not asked beyond 9'],
    [
      { ...order, likelyTo: 7, privateOrder: [14, 16] },
      'says numbers in order to 7 – sure. After 12 always 14, 16',
    ],
    [{ ...order, ...unclear }, 'not clear yet'],
    [row, 'counts 7 in a row – sure. Likely up to 9'],
    [{ ...row, ...likely }, 'likely counts 9 in a row (one kind of thing, one day)'],
    [{ ...row, likelyTo: 7, shape: 'closing' }, 'counts 7 in a row – sure. Loses track only at the end'],
    [{ ...row, ...unclear }, 'not clear yet'],
    [{ ...row, sureTo: 1, likelyTo: 4 }, 'likely counts 4 in a row'],
    [{ ...row, ...likely, likelyTo: 1 }, 'not clear yet beyond 1'],
    [{ ...order, sureTo: 1, likelyTo: 1 }, 'not clear yet beyond 1'],
    [{ ...fetch, sureTo: 1, likelyTo: 1, level: '1' }, 'gives 1 when asked – sure, and no more yet'],
    [fetch, 'gives 3 when asked – sure, and no more yet'],
    [{ ...fetch, missedAbove: false, triedTo: 3 }, 'gives 3 when asked – sure. Not asked beyond 3'],
    [{ ...fetch, sureTo: 6, likelyTo: 6, level: 'CP' }, 'gives any number asked for, up to 6 so far – sure'],
    [{ ...fetch, ...unclear, level: null }, 'not clear yet'],
    [lastWord, 'answers “how many?” with the last word counted – sure'],
    [
      { ...lastWord, certainty: 'likely', weakenedBy: ['one-day'] },
      'likely answers “how many?” with the last word counted (one day)',
    ],
    [{ ...lastWord, certainty: 'unclear' }, 'not clear yet'],
  ])('of case %#, no more is said than is known', (statement, words) => {
    expect(tellStatement(english, statement)).toBe(words);
  });

  test('with cardinality it says by what', () => {
    expect(tellStatement(english, { ...lastWord, cardinalityBy: 'fetching' })).toMatch(
      /gives any number.* – sure$/,
    );
  });
});

describe(tellChanges, () => {
  const open = (now: Statement) => tellChanges(english, [{ before: undefined, now }], 'Wren').open;

  test('what is still to be found out: first what a claim still needs, then the next number', () => {
    expect(open({ ...row, ...likely, weakenedBy: ['one-day', 'help'] })).toEqual([
      'Counts a row: still needs another day and a try without help',
    ]);
    expect(open(row)).toEqual(['Counts a row: does 10 work too?']);
    expect(open({ ...row, reachingFor: null })).toEqual([]);
    expect(open(lastWord)).toEqual([]);
    expect(open({ ...lastWord, certainty: 'unclear' })).toEqual(['Last word = how many: not clear yet']);
  });

  test('what is new is said of the child, with what was said before; what is said still is no change', () => {
    const changed = (before: Statement | undefined, now: Statement) =>
      tellChanges(english, [{ before, now }], 'Wren').changed;
    expect(changed(undefined, { ...row, ...likely })).toEqual([
      'Wren likely counts 9 in a row (one kind of thing, one day).',
    ]);
    expect(changed({ ...row, ...likely, likelyTo: 5 }, row)).toEqual([
      'Wren counts 7 in a row – sure. Likely up to 9. Before: likely counts 5 in a row (one kind of thing, one day).',
    ]);
    expect(changed(row, row)).toEqual([]);
    expect(changed(undefined, { ...row, ...unclear })).toEqual([]);
    expect(changed(lastWord, { ...lastWord, certainty: 'unclear' })).toEqual([
      '“Last word = how many” is not clear any more for Wren. Before: answers “how many?” with the last word counted – sure.',
    ]);
  });
});
