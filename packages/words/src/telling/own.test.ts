import { layoutFor, likable, needs, taskOf, usualSchools, type TaskId } from '@dotting/core';
import { allWords, english } from '../all.js';
import { wordsWithOwn, type Words } from '../words.js';
import { tellCautions } from './cautions.js';
import { amountOf, thingsWords } from './amounts.js';
import { asksSecond, ownTaskWords, ownTextNames, textsOf, unknownSlot } from './own.js';
import { adaptationOf, numbersIn, taskWords } from './tasks.js';
import { titleOf } from './things.js';

const copied = (words: Words, like: TaskId) =>
  ownTaskWords(words, { like, texts: textsOf(words, like, usualSchools) });

describe('a task that is copied', () => {
  test.each([english, allWords.es])('says what the shelf’s says, at every number of it', (words) => {
    for (const { id, ladder, ways } of likable) {
      const shelf = taskWords(words, id);
      // What is said otherwise of one of several is said as of many.
      for (const n of ladder.filter((one) => one > 3)) {
        const layout = layoutFor(taskOf(id), n, 'cork', 7, ways?.[0]);
        const numbers = numbersIn(n, layout);
        if (Math.min(numbers.from, numbers.few, numbers.makes) < 2) continue;
        const own = copied(words, id);
        expect([id, own.say(numbers)]).toEqual([id, shelf.say(numbers)]);
        expect([id, own.setOut?.(numbers) ?? '']).toEqual([id, shelf.setOut?.(numbers) ?? '']);
        expect([id, own.thenSay?.(numbers)]).toEqual([id, shelf.thenSay?.(numbers)]);
        expect(own.again?.say()).toBe(shelf.again?.say());
        expect(own.midway?.question()).toBe(shelf.midway?.question());
      }
    }
  });

  test('is put otherwise where the shelf’s is, and else as tasks of its kind are', () => {
    for (const { id } of likable)
      for (const need of needs)
        expect(adaptationOf(english, id, need, copied(english, id))).toBe(adaptationOf(english, id, need));
  });

  test('no text of the shelf has braces that are no number', () => {
    for (const { id } of likable)
      for (const text of Object.values(textsOf(english, id, usualSchools)))
        expect(unknownSlot(text)).toBeUndefined();
  });
});

describe('a task that is written', () => {
  const texts = {
    ...textsOf(english, 'still-n', usualSchools),
    name: 'Rope rings',
    say: 'How many rings? {n}?',
    thenSay: 'And now?',
    setOut: '',
    vision: 'Feel them.',
  };
  const told = ownTaskWords(english, { like: 'still-n', texts });

  test('says its own words with the number in them, and in each of its ways', () => {
    expect(told.say(numbersIn(6, undefined))).toBe('How many rings? 6?');
    expect(told.again!.say()).toBe('And now?');
    expect(told.setOut).toBeUndefined();
    expect(Object.values(told.ways!).some(({ say }) => say)).toBe(false);
    expect(Object.keys(told.ways!)).toEqual(taskOf('still-n').ways);
    expect(adaptationOf(english, 'still-n', 'vision', told)).toBe('Feel them.');
    expect(ownTextNames.every((name) => name in texts)).toBe(true);
  });

  test('asks a second thing only where what it goes like does', () => {
    expect(asksSecond(english, 'still-n')).toBe(true);
    expect(asksSecond(english, 'match-lids')).toBe(true);
    expect(asksSecond(english, 'give-n')).toBe(false);
    const lids = ownTaskWords(english, { like: 'match-lids', texts });
    expect(lids.choosing!.question()).toBe('And now?');
    expect(lids.choosing!.options).toEqual(taskWords(english, 'match-lids').choosing!.options);
    expect(ownTaskWords(english, { like: 'give-n', texts }).thenSay).toBeUndefined();
  });

  test.each([
    ['{n} of them', undefined],
    ['{from} and {few} make {makes}', undefined],
    ['{k} of them', '{k}'],
    ['{ n } of them', '{ n }'],
    ['one { of them', '{'],
    ['{n}} of them', '}'],
    ['none', undefined],
  ])('“%s” names %s as no number of a task', (text, wrong) => {
    expect(unknownSlot(text)).toBe(wrong);
  });
});

describe('what a room has named', () => {
  const rings = { one: 'rope ring', many: 'rope rings', care: 'Count them back in.' };
  const own = { things: new Map([['r', rings]]), tasks: new Map([['t', 'Rings for the boat']]) };
  const words = wordsWithOwn(english, own);
  const set = { size: 3, things: 'r', arrangement: 'row' } as const;

  test('is called so, and looked after so', () => {
    expect([0, 1, 4].map((n) => amountOf(words, n, 'r'))).toEqual([
      'no rope rings',
      '1 rope ring',
      '4 rope rings',
    ]);
    expect(thingsWords(words, 'r')).toBe('rope rings');
    expect(titleOf(words, { own: 't' as never, set })).toBe('Rings for the boat – 3 rope rings in a row');
    expect(titleOf(words, { set })).toBe('3 rope rings in a row');
    const child = { firstName: 'Wren', allergies: 'wheat' };
    const told = tellCautions(
      words,
      [
        { kind: 'sharp', things: 'r' },
        { kind: 'food-and-allergy', things: 'r', food: 'oats' },
        { kind: 'care', things: 'r' },
      ],
      child,
    );
    expect(told.join(' ')).toMatch(
      /Sharp: .*rope rings.*Food: .*oats.*Wren’s list says wheat.*Count them back/,
    );
  });

  test('and what is nameless to whoever asks is things', () => {
    expect(amountOf(english, 4, 'r')).toBe('4 things');
    expect(titleOf(english, { own: 't' as never, set })).toBe('3 things in a row');
  });
});
