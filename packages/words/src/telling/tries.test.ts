import type { Happening, Trace } from '@dotting/core';
import { counted, placed } from '../../../core/src/testing/traces.js';
import { english } from '../all.js';
import { tellFlaw, tellTry } from './tries.js';

const tell = (happenings: readonly Happening[], facts: Partial<Trace> = {}): string =>
  tellTry(english, {
    set: { size: 3, things: 'shell', arrangement: 'row' },
    start: 1,
    direction: 1,
    events: placed(happenings),
    ...facts,
  });
const ask: Happening = { kind: 'ask', question: 'how-many' };

describe(tellTry, () => {
  test.each<[string, readonly Happening[], RegExp | null]>([
    ['zero before the first touch is not told', [{ kind: 'say', word: 0 }, ...counted(1, 2, 3)], null],
    [
      'zero on the first one is',
      counted(0, 1, 2),
      /Said zero on the first one, so the last word is one short\.$/,
    ],
    [
      'a check that agrees',
      [...counted(1, 2, 3), ask, { kind: 'answer', value: 3 }, ...counted(1, 2, 3)],
      /said 3: the last word counted\. Checked by counting again: the same\.$/,
    ],
    [
      'one that mends the answer, which is told as it was first',
      [
        ...counted(1, 2),
        ask,
        { kind: 'answer', value: 2 },
        ...counted(1, 2, 3),
        { kind: 'answer', value: 3 },
      ],
      /said 2: the last word counted\. Checked by counting again, and made it 3\.$/,
    ],
    [
      'one that changes nothing',
      [...counted(1, 2), ask, { kind: 'answer', value: 2 }, ...counted(1, 2, 3)],
      /Checked by counting again to 3, and kept the first answer\.$/,
    ],
  ])('of a try of the second version: %s', (_, happenings, words) => {
    const told = tell(happenings, { version: 2 });
    expect(told).toMatch(words ?? /^One word and one touch for each of 3 shells\. Words in order to 3\.$/);
  });

  const give: Happening = { kind: 'ask', question: 'give' };
  const frame = { size: 7, things: 'cork', arrangement: 'frame', layout: { places: 10 } } as const;
  test.each<[string, readonly Happening[], Partial<Trace>, string]>([
    [
      'a count by twos',
      [
        { kind: 'count', word: 2, items: [0, 1] },
        { kind: 'count', word: 4, items: [2, 3] },
      ],
      { start: 2, step: 2, set: { size: 4, things: 'shell', arrangement: 'row' } },
      'One word and one touch for each of 4 shells. By 2s in order to 4.',
    ],
    [
      'in two languages, one of them once',
      [...counted(1), { kind: 'say', word: 1, lang: 2 }, ...counted(2, 3)],
      { second: 'cy' },
      'One word and one touch for each of 3 shells. Words in order to 3. One language only on 2.',
    ],
    [
      'a handful of nobody knows how many',
      counted(1, 2),
      { set: { size: 0, things: 'shell', arrangement: 'movable', layout: { handful: true } } },
      'Words in order to 2. Nobody has said how many there were.',
    ],
    [
      'what was counted while giving, and a stop',
      [
        give,
        ...counted(1, 2),
        { kind: 'ask', question: 'which' },
        { kind: 'answer', value: 'no' },
        ...counted(3, 5),
        { kind: 'given', value: 4 },
      ],
      { target: 5, set: { size: 5, things: 'shell', arrangement: 'movable', pile: 15 } },
      'Asked for 5 shells, gave 4, in the words: skipped 4. Asked at 2 if they were there, said they weren’t there yet, and went on from there.',
    ],
    [
      'how many more a frame takes',
      [...counted(1, 2, 3, 4, 5, 6, 7), { kind: 'ask', question: 'hidden' }, { kind: 'answer', value: 4 }],
      { set: frame },
      'One word and one touch for each of 7 corks. Words in order to 7. Said 4 more would fill it; it takes 3.',
    ],
    [
      'going on from five',
      [5, 6, 7, 8].map((word): Happening => ({ kind: 'say', word })),
      {
        start: 6,
        target: 8,
        set: { size: 0, things: 'cork', arrangement: 'none', layout: { change: { from: 5, by: 3 } } },
      },
      'Went on from 5, saying it again first.',
    ],
    [
      'all over again',
      [1, 2, 3, 4, 5, 6].map((word): Happening => ({ kind: 'say', word })),
      {
        start: 6,
        target: 8,
        set: { size: 0, things: 'cork', arrangement: 'none', layout: { change: { from: 5, by: 3 } } },
      },
      'Began at one again instead of going on from 5.',
    ],
    [
      'back with a slip',
      [7, 5, 4].map((word): Happening => ({ kind: 'say', word })),
      {
        start: 8,
        direction: -1,
        target: 5,
        set: { size: 0, things: 'cork', arrangement: 'none', layout: { change: { from: 8, by: -3 } } },
      },
      'Went back from 8 with other words. In the words: skipped 6.',
    ],
    [
      'more in a tin',
      [
        { kind: 'ask', question: 'hidden' },
        { kind: 'answer', value: 7 },
      ],
      { set: { size: 8, things: 'cork', arrangement: 'hidden', layout: { change: { from: 6, by: 2 } } } },
      'Asked about 6 corks in the tin and 2 more, said 7; it is 8.',
    ],
    [
      'worked out on from the number',
      [{ kind: 'ask', question: 'hidden' }, ...counted(7, 8), { kind: 'answer', value: 8 }],
      { set: { size: 8, things: 'cork', arrangement: 'row', layout: { change: { from: 6, by: 2 } } } },
      'Counted on aloud. Asked about 6 and 2 corks, said 8: so it is.',
    ],
    [
      'drops, with a word too many between them',
      [...counted(1, 2, 3), { kind: 'count', word: 4, item: 'again' }],
      { set: { size: 4, things: 'cork', arrangement: 'heard' } },
      'Of 4 drops: said a word with no drop and missed one. Words in order to 4.',
    ],
    [
      'along a path',
      [give, ...counted(1, 2, 3, 4), { kind: 'given', value: 3 }],
      { target: 4, set: { size: 0, things: 'cork', arrangement: 'none', layout: { doing: 'squares' } } },
      'Asked for 4 squares, did 3, counting to 4. One short: perhaps the square it stood on was counted.',
    ],
    [
      'a reason, and what was in view',
      counted(1, 2, 3),
      { reason: 'looks-it', set: { size: 3, things: 'shell', arrangement: 'row', cue: 'line' } },
      'One word and one touch for each of 3 shells. Words in order to 3. Said it looks it. A number line was in view, so it counts for less.',
    ],
  ])('of a try of the second version: %s, in full', (_, happenings, facts, told) => {
    expect(tell(happenings, { version: 2, ...facts })).toBe(told);
  });

  test.each<[string, Happening[], RegExp]>([
    ['a word too many', counted(1, 2, 3, 4), /^Of 3 shells: said one word past the last/],
    ['a touch without a word', [...counted(1, 2), { kind: 'touch' }], /touched one with no word/],
    [
      'a word without a touch',
      [...counted(1), { kind: 'say', word: 2 }, ...counted(3, 4)],
      /said a word with no touch/,
    ],
    ['one left out', [...counted(1, 2), { kind: 'passed-over' }], /missed one/],
    ['a word skipped', counted(1, 3, 4), /In the words: skipped 2/],
    ['going round again', counted(1, 2, 3, 1, 2, 3), /went back/],
  ])('tells %s', (_, happenings, words) => {
    expect(tell(happenings)).toMatch(words);
  });

  test('tells the answer: counted again, another number, none', () => {
    expect(tell([...counted(1, 2, 3), ask, ...counted(1, 2, 3), { kind: 'answer', value: 3 }])).toMatch(
      /counted them all again/,
    );
    expect(tell([...counted(1, 2, 3), ask, { kind: 'answer', value: 7 }])).toMatch(
      /said 7: not the last word/,
    );
    expect(tell([...counted(1, 2, 3), ask, { kind: 'answer', value: 'did-not-know' }])).toMatch(
      /didn’t know/,
    );
  });

  test('tells of a beginning of its own accord, and of how it ended', () => {
    expect(tell([...counted(1, 2), { kind: 'restart' }, ...counted(1, 2, 3)])).toMatch(
      /Started again without being asked/,
    );
    expect(tell(counted(1, 2), { ended: 'interrupted' })).toMatch(/interrupted, so it counts neither way/);
    expect(tell([], { ended: 'refused' })).toMatch(/didn’t want to/i);
  });

  test('calls nothing a failure', () => {
    const all = [
      counted(1, 2),
      counted(3, 2, 1),
      [...counted(1), ask, { kind: 'answer', value: 9 } as const],
      [],
    ];
    for (const happenings of all) expect(tell(happenings)).not.toMatch(/fail|wrong|error|mistake/i);
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
      'Of Otter’s count with a number skipped, said it wasn’t right.',
    );
  });

  test('lids and jars, and whether there were enough', () => {
    const set = { size: 3, things: 'lid', arrangement: 'movable' as const, layout: { places: 3 } };
    const put = (place: string): Happening => ({ kind: 'put', place });
    expect(tell([put('1'), put('2'), put('3'), which, { kind: 'answer', value: 'enough' }], { set })).toBe(
      'Gave each jar one. Asked if there were enough, said there were enough.',
    );
    expect(tell([put('1'), put('1')], { set })).toMatch(/gave one jar two and left a jar without/i);
  });

  test('each bowl of a recipe, and a set made afresh', () => {
    const bowls = [
      { things: 'cork', n: 2 },
      { things: 'shell', n: 3 },
    ];
    const set = { size: 3, things: 'cork', arrangement: 'movable' as const, layout: { bowls } };
    expect(
      tell([give, { kind: 'given', value: 2 }, give, { kind: 'given', value: 4 }], { set, target: 3 }),
    ).toBe('Asked for 2 corks, gave 2. Asked for 3 shells, gave 4.');
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
    ).toMatch(/^Asked to make as many as 4 jar lids, gave 3, then made it 4, after putting them all back/);
  });

  test('a mixed count, another device’s record and an overruled reading are said', () => {
    expect(tell(counted(1, 2, 3), { mixedWith: 'cy' })).toMatch(/Mixed two languages/);
    expect(tell(counted(1, 2, 3), { sameAs: 'x' as never })).toMatch(
      /^The same try was recorded on another device/,
    );
    const rulings = [{ on: 'one-to-one', holds: true, reason: 'saw the hand', by: 'Orla', at: '' }] as const;
    expect(tell(counted(1, 2), { rulings })).toMatch(/Corrected: one word to each \(saw the hand\)\.$/);
  });
});

test('a try that cannot be read says why, and what follows', () => {
  for (const kind of ['date', 'target', 'bowls', 'time', 'item', 'number'] as const)
    expect(tellFlaw(english, { field: '', kind })).toMatch(
      /^This try can’t be read: .+ on record but isn’t counted\.$/,
    );
});
