import { counted, placed } from '../testing/traces.js';
import type { Happening, Trace } from '../trace/trace.js';
import { tellTry } from './tellTry.js';

const tell = (happenings: readonly Happening[], facts: Partial<Trace> = {}): string =>
  tellTry({
    set: { size: 3, things: 'shell', arrangement: 'row' },
    start: 1,
    direction: 1,
    events: placed(happenings),
    ...facts,
  });
const ask: Happening = { kind: 'ask', question: 'how-many' };

describe(tellTry, () => {
  test.each<[string, Happening[], RegExp]>([
    ['a word too many', counted(1, 2, 3, 4), /^Of 3 shells, ran on a word past the last/],
    ['a touch without a word', [...counted(1, 2), { kind: 'touch' }], /touched 1 with no word/],
    [
      'a word without a touch',
      [...counted(1), { kind: 'say', word: 2 }, ...counted(3, 4)],
      /said a word with no touch/,
    ],
    ['one left out', [...counted(1, 2), { kind: 'passed-over' }], /left 1 out/],
    ['a word skipped', counted(1, 3, 4), /in the words skipped 2/],
    ['going round again', counted(1, 2, 3, 1, 2, 3), /went back/],
  ])('tells %s', (_, happenings, words) => {
    expect(tell(happenings)).toMatch(words);
  });

  test('tells the answer: counted again, another number, none', () => {
    expect(tell([...counted(1, 2, 3), ask, ...counted(1, 2, 3), { kind: 'answer', value: 3 }])).toMatch(
      /counted .*again/,
    );
    expect(tell([...counted(1, 2, 3), ask, { kind: 'answer', value: 7 }])).toMatch(
      /said 7, which was not the last word/,
    );
    expect(tell([...counted(1, 2, 3), ask, { kind: 'answer', value: 'did-not-know' }])).toMatch(
      /did not know/,
    );
  });

  test('tells of a beginning of its own accord, and of how it ended', () => {
    expect(tell([...counted(1, 2), { kind: 'restart' }, ...counted(1, 2, 3)])).toMatch(
      /began again of its own accord/,
    );
    expect(tell(counted(1, 2), { ended: 'interrupted' })).toMatch(/interrupted, which counts neither way/);
    expect(tell([], { ended: 'refused' })).toMatch(/did not want to/i);
  });

  test('calls nothing a failure', () => {
    const all = [
      counted(1, 2),
      counted(3, 2, 1),
      [...counted(1), ask, { kind: 'answer', value: 9 } as const],
      [],
    ];
    for (const happenings of all) expect(tell(happenings)).not.toMatch(/fail|wrong|error|mistake|only/i);
  });
});

describe('tries of other kinds', () => {
  const which: Happening = { kind: 'ask', question: 'which' };
  const give: Happening = { kind: 'ask', question: 'give' };

  test('a puppet’s count, with what the child said of it', () => {
    const set = {
      size: 0,
      things: 'cork',
      arrangement: 'none' as const,
      layout: { puppet: { words: [1, 2, 4], touches: [], slip: 'skipped' as const } },
    };
    expect(tell([which, { kind: 'answer', value: 'not-right' }], { set })).toBe(
      'Of a puppet’s count with a number skipped, said it was not right.',
    );
  });

  test('lids and jars, and whether there were enough', () => {
    const set = { size: 3, things: 'lid', arrangement: 'movable' as const, layout: { places: 3 } };
    const put = (place: string): Happening => ({ kind: 'put', place });
    expect(tell([put('1'), put('2'), put('3'), which, { kind: 'answer', value: 'enough' }], { set })).toBe(
      'Put one to each jar; asked whether they were enough, said there were enough.',
    );
    expect(tell([put('1'), put('1')], { set })).toMatch(/put two in one jar and left a jar empty/i);
  });

  test('each bowl of a recipe, and a set made afresh', () => {
    const bowls = [
      { things: 'cork', n: 2 },
      { things: 'shell', n: 3 },
    ];
    const set = { size: 3, things: 'cork', arrangement: 'movable' as const, layout: { bowls } };
    expect(
      tell([give, { kind: 'given', value: 2 }, give, { kind: 'given', value: 4 }], { set, target: 3 }),
    ).toBe('Asked for 2 corks, gave 2; asked for 3 shells, gave 4.');
    const model = {
      size: 4,
      things: 'cork',
      arrangement: 'row' as const,
      pile: 15,
      layout: { model: 'lid' },
    };
    expect(
      tell([give, { kind: 'given', value: 3 }, { kind: 'restart' }, { kind: 'given', value: 4 }], {
        set: model,
        target: 4,
      }),
    ).toMatch(/^To make as many as 4 jar lids, gave 3, then made it 4, all put back and begun afresh/);
  });

  test('a mixed count, another device’s record and an overruled reading are said', () => {
    expect(tell(counted(1, 2, 3), { mixedWith: 'cy' })).toMatch(/mixed two languages/);
    expect(tell(counted(1, 2, 3), { sameAs: 'x' as never })).toMatch(
      /^The same try was recorded at another device/,
    );
    const rulings = [{ on: 'one-to-one', holds: true, reason: 'saw the hand', by: 'Orla', at: '' }] as const;
    expect(tell(counted(1, 2), { rulings })).toMatch(/Put right: one-to-one held \(saw the hand\)\.$/);
  });
});
