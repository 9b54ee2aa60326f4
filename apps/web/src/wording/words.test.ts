import { usualSchools } from '@dotting/core';
import { allWords, english } from '@dotting/words/all';
import { amountOf, firstEnglish, taskWords, wordsIn } from '@dotting/words';
import * as wording from './words.js';

const pebbles = { id: 'p1', one: 'pebble', many: 'pebbles', care: 'Rinse them.' };
const room = { ownThings: [pebbles], ownTasks: [], schools: usualSchools } as never;

beforeAll(() => {
  globalThis.document = { documentElement: { lang: '', dir: '' } } as never;
});

test('the first screen says what it needs, word for word as the whole says it', () => {
  const parts = Object.keys(firstEnglish).filter((part) => part !== 'language');
  expect(parts.length).toBeGreaterThan(5);
  for (const part of parts as (keyof typeof firstEnglish)[]) expect(firstEnglish[part]).toBe(english[part]);
  expect('tasks' in firstEnglish).toBe(false);
});

test('all of a language comes when it is asked for', async () => {
  expect(taskWords(await wordsIn('en'), 'count-row').name()).toBe('Count a row');
  expect(Object.keys(await wordsIn('es')).sort()).toEqual(Object.keys(english).sort());
});

test('another language is spoken from the next drawing on, and the page says so', async () => {
  await wording.speak('es');
  expect(wording.words.common.cancel()).toBe(allWords.es.common.cancel());
  expect(wording.whole.office.addChild()).toBe(allWords.es.office.addChild());
  expect(document.documentElement).toMatchObject({ lang: 'es', dir: 'ltr' });
  await wording.speak('qrl');
  expect(document.documentElement).toMatchObject({ lang: 'qrl', dir: 'rtl' });
  await wording.speak('en');
  expect(wording.words.common.cancel()).toBe('Cancel');
});

test('what a room has named is called so in every language, and in what comes later', async () => {
  wording.nameOwn([room]);
  expect(amountOf(wording.words, 3, 'p1')).toBe('3 pebbles');
  await wording.speak('es');
  expect(amountOf(wording.whole, 1, 'p1')).toBe('1 pebble');
  await wording.speak('en');
  await wording.fetchWhole();
  expect(amountOf(wording.whole, 3, 'p1')).toBe('3 pebbles');
  wording.nameOwn([]);
  expect(amountOf(wording.words, 3, 'p1')).toBe('3 things');
});

test('words that are still on their way when another language is spoken do not take its place', async () => {
  await wording.speak('en');
  const coming = wording.fetchWhole();
  await wording.speak('es');
  await coming;
  expect([wording.words.language, wording.whole.language]).toEqual(['es', 'es']);
  await wording.speak('en');
});
