import {
  needs,
  tasks,
  taskOf,
  setOf,
  cautionsFor,
  laysThings,
  counters,
  layoutFor,
  sizeFor,
  type TaskId,
} from '@dotting/core';
import { english } from '../all.js';
import { tellCautions } from './cautions.js';
import { adaptationOf, numbersIn, taskWords } from './tasks.js';
import { amountOf } from './amounts.js';
import { describeSet } from './things.js';

const today = '2026-11-25';
const wren = { firstName: 'Wren', birthDate: '2021-06-01', mouths: false as boolean | null, allergies: '' };
const cautions = (
  things: string,
  about: Partial<Omit<typeof wren, 'birthDate'>> & { birthDate?: string | null },
) => {
  const child = { ...wren, ...about };
  return tellCautions(
    english,
    things.split(' ').flatMap((kind) => cautionsFor(kind, child, today)),
    child,
  ).join(' ');
};

describe(tellCautions, () => {
  test('says why, and defers to the setting’s own rules', () => {
    expect(cautions('cork', { birthDate: null, mouths: null })).toMatch(
      /Choking risk.*no birth date.*wash pot/,
    );
    expect(cautions('cork', { birthDate: '2024-11-26' })).toMatch(/Wren is under 3/);
    expect(cautions('cork', { mouths: true })).toMatch(/still mouths things/);
    for (const { id } of counters.filter((one) => one.small)) {
      expect(cautions(id, {})).toMatch(/stay with/);
      expect(cautions(id, { birthDate: null })).toMatch(/Your setting’s rules come first/);
    }
  });

  test('what is so of several kinds is said once of all of them, and the care of each by itself', () => {
    const told = cautions('cork shell', {});
    expect(told).toContain('stay with the corks and shells while');
    expect(told).toMatch(/crumbles.*chipped|chipped.*crumbles/);
    const choking = cautions('cork shell', { mouths: true });
    expect(choking.match(/Choking risk/g)).toHaveLength(1);
    expect(choking.match(/wash pot/g)).toHaveLength(1);
  });

  test('names what the child’s list says', () => {
    expect(cautions('acorn-cup', { allergies: 'hazelnuts' })).toMatch(/tree nuts.*hazelnuts.*Ask/);
  });
});

describe('the shelf in words', () => {
  test('every task says something, sets something out and says what not to do', () => {
    for (const task of tasks) {
      const words = taskWords(english, task.id);
      expect(words.say(numbersIn(5, undefined)).length).toBeGreaterThan(10);
      expect(words.avoid(numbersIn(5, undefined)).length).toBeGreaterThan(10);
      expect(words.setOut !== undefined).toBe(laysThings(task));
      for (const need of needs) expect(adaptationOf(english, task.id, need).length).toBeGreaterThan(10);
    }
  });

  test('what a task asks, offers and alternates has its words, and no more than that', () => {
    for (const task of tasks) {
      const words = taskWords(english, task.id);
      expect(words.thenSay !== undefined).toBe(task.thenAsks === true);
      expect(words.again !== undefined).toBe(task.asksAgain === true);
      expect(Object.keys(words.ways ?? {})).toEqual(task.ways ?? []);
      expect(Object.keys(words.choosing?.options ?? {})).toEqual(task.choosing ?? []);
      expect(Object.keys(words.midway?.options ?? {})).toEqual(task.midway ?? []);
    }
  });

  test('amounts and sets are said as they are said', () => {
    expect([0, 1, 8].map((n) => amountOf(english, n, 'boat'))).toEqual([
      'no wooden boats',
      '1 wooden boat',
      '8 wooden boats',
    ]);
    expect(describeSet(english, { size: 8, things: 'lid', arrangement: 'ring' })).toBe(
      '8 jar lids in a ring',
    );
    expect(describeSet(english, setOf(taskOf('say-far'), 12, 'cork'), 12)).toBe('numbers to 12');
    expect(describeSet(english, setOf(taskOf('give-n'), 4, 'lid'))).toBe('4 jar lids from 15');
    // Named in a room that whoever asks has nothing to do with.
    expect(amountOf(english, 3, 'pebble')).toBe('3 things');
  });

  test.each<[TaskId, string]>([
    ['count-heard', '4 drops, heard'],
    ['count-cells', '4 corks for a frame of 5'],
    ['same-many', 'as many corks as 4 shells'],
    ['fill-to', '10 corks from 24'],
    ['say-teens-two-ways', 'numbers to 13'],
    ['say-spot', 'Otter saying numbers to 5'],
    ['count-spot', 'Otter counting 4 corks in a row'],
    ['count-ring', '4 corks in a ring'],
    ['go-on-from', 'counting on from 4'],
    ['go-back-from', 'counting back from 4'],
    ['next-one', 'the number after 4'],
    ['one-before', 'the number before 4'],
    ['do-n', '4 times'],
    ['fingers', '4 fingers'],
    ['path-game', '4 squares'],
    ['fill-the-frame', 'a frame of 5, filled by turns'],
  ])('%s is told as “%s”', (id, words) => {
    const task = taskOf(id);
    const n = sizeFor(task, 4);
    expect(describeSet(english, setOf(task, n, 'cork', layoutFor(task, n, 'cork', 1)), n)).toBe(words);
  });
});
