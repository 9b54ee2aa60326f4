import { registerColumns } from '@dotting/contract';
import { guessMapping, hasOpenDates, rowsOf, wrongWith } from './mapping.js';
import { readSheet } from './readSheet.js';

describe(guessMapping, () => {
  test('the register’s own file is known by its heading', () => {
    expect(guessMapping(registerColumns)).toEqual(registerColumns);
  });

  test('a heading is known by its usual names, however it is written; each column once', () => {
    const heading = [
      'Forename',
      'SURNAME',
      'Date of birth',
      'Home language',
      'Favourite boat',
      'First name',
      '',
    ];
    expect(guessMapping(heading)).toEqual([
      'firstName',
      'lastName',
      'birthDate',
      'languages',
      null,
      null,
      null,
    ]);
  });
});

describe(wrongWith, () => {
  test('a column said twice, or no name at all, is told in words', () => {
    expect(wrongWith(['firstName', 'group', 'group'])).toMatch(/Two columns are called “Group”/);
    expect(wrongWith(['lastName', null])).toMatch(/Say which column is “First name”/);
    expect(wrongWith(['id', 'group'])).toBeNull();
    expect(wrongWith(['firstName', null])).toBeNull();
  });
});

test('rows are sent by the columns they were said to be, short rows and columns left out too', () => {
  const sheet = { heading: ['a', 'b', 'c'], rows: [['Wren', 'x', '2023-01-05'], ['Jay']] };
  expect(rowsOf(sheet, ['firstName', null, 'birthDate'])).toEqual([
    { firstName: 'Wren', birthDate: '2023-01-05' },
    { firstName: 'Jay', birthDate: '' },
  ]);
  expect(hasOpenDates(sheet, ['firstName', null, 'birthDate'])).toBe(false);
  expect(hasOpenDates({ ...sheet, rows: [['Wren', '', '5/1/2023']] }, ['firstName', null, 'birthDate'])).toBe(
    true,
  );
});

describe(readSheet, () => {
  const read = (...parts: BlobPart[]) => readSheet(new Blob(parts));

  test.each([
    ['commas', 'Name,Group\nWren,"Coots, small"\n\n'],
    ['semicolons', 'Name;Group\r\nWren;Coots, small\r\n'],
    ['tabs and a mark at the beginning', '\uFEFFName\tGroup\nWren\tCoots, small'],
  ])('with %s', async (_, text) => {
    expect(await read(text)).toEqual({ heading: ['Name', 'Group'], rows: [['Wren', 'Coots, small']] });
  });

  test('a file that is not UTF-8 is read as spreadsheets write it', async () => {
    const bytes = new Uint8Array([...'Name\nZo'].map((letter) => letter.charCodeAt(0)).concat(0xeb));
    expect((await read(bytes)).rows).toEqual([['Zoë']]);
  });

  test.each([
    ['only a heading', 'Name,Group\n', /no rows/],
    ['nothing', '', /no rows/],
    ['no text', 'PK\u0003\u0004\0\0', /not a CSV file/],
    ['far too much', 'x'.repeat(500_000), /too large/],
  ])('%s is refused in words', async (_, text, words) => {
    await expect(read(text)).rejects.toThrow(words);
  });
});
