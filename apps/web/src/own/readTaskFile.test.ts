import type { OwnTaskView, OwnThingsView } from '@dotting/contract';
import type { OwnTaskId } from '@dotting/core';
import { noTexts } from '@dotting/words';
import { fileNameOf, taskFileOf } from '../shelf/taskFile.js';
import { placeOf, readTaskFile, whereIn } from './readTaskFile.js';

const read = (text: string) => readTaskFile(new Blob([text]));
const texts = {
  ...noTexts,
  name: 'Rings & ropes: Él',
};
const things = (id: string, isContainer: boolean): OwnThingsView => ({
  id,
  one: id,
  many: `${id}s`,
  isContainer,
  small: false,
  sharp: false,
  mouthable: false,
  food: '',
  across: 40,
  care: '',
  retired: false,
});
const own = {
  id: 'a' as OwnTaskId,
  language: 'en',
  like: 'give-n',
  ladder: [2, 4],
  minutes: 3,
  only: 'ring',
  watchFor: [],
  beside: ['pot'],
  texts,
  retired: true,
} as OwnTaskView;

describe('a task as a file', () => {
  test('has what it speaks of and nothing else, and says nothing of the room it comes from', async () => {
    const file = taskFileOf(own, [things('ring', false), things('pot', true), things('cup', true)]);
    expect(file.things.map(({ id }) => id)).toEqual(['ring', 'pot']);
    expect(Object.keys(file.task)).not.toContain('retired');
    expect(Object.keys(file.task)).not.toContain('id');
    expect(JSON.stringify(file)).not.toContain('retired');
    expect(await read(JSON.stringify(file))).toMatchObject({ content: file });
  });

  test('has a name that any system takes', () => {
    expect(fileNameOf(own)).toBe('rings-ropes-el.dotting-task.json');
    expect(fileNameOf({ texts: { ...own.texts, name: '…' } })).toBe('task.dotting-task.json');
  });
});

describe(readTaskFile, () => {
  test.each([
    ['{\n  "format": dotting\n}', /^Line 2, column 13/],
    ['{\n  "a": 1,\n', /^Line \d/],
    ['[1, 2]', /^Line 1, column 1/],
    ['', /^Line 1, column 1/],
    ['{ "a": 1 } // and more', /^Line 1/],
  ])('says where %j is no JSON object', async (text, says) => {
    expect(await read(text)).toEqual({ wrong: expect.stringMatching(says) });
  });

  test('a picture, or a file without end, is none', async () => {
    expect(await readTaskFile(new Blob([new Uint8Array([0xff, 0xd8, 0xff])]))).toMatchObject({
      wrong: expect.stringContaining('can’t be read as text'),
    });
    expect(await read(' '.repeat(300_000))).toHaveProperty('wrong');
  });
});

describe(whereIn, () => {
  const text = '{\n  "task": {\n    "ladder": [\n      4,\n      2\n    ]\n  },\n  "things": []\n}';
  const lineOf = (field: string) => whereIn(text, [{ field, message: 'm' }])[0]!.line;

  test('finds the line of a field, or of what it is missing from', () => {
    expect(lineOf('task.ladder')).toBe(3);
    expect(lineOf('task.ladder.1')).toBe(5);
    expect(lineOf('task.minutes')).toBe(2);
    expect(lineOf('things.0.one')).toBe(8);
    expect(lineOf('format')).toBe(1);
    expect(placeOf(text, 0)).toEqual({ line: 1, column: 1 });
  });

  test('names each field once, by what it has to be at all', () => {
    const fields = ['under 20', 'a whole number'].map((message) => ({ field: 'task.minutes', message }));
    expect(whereIn(text, fields)).toEqual([{ line: 2, field: 'task.minutes', message: 'a whole number' }]);
  });
});
