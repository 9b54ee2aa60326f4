import { blankChild, NewChild, PutTry } from '@dotting/contract';
import { sayWith } from '@dotting/contract/said';
import { english } from '@dotting/words/all';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { getMetadataArgsStorage } from 'typeorm';
import '../src/nursery/child.entity.js';
import { planImport } from '../src/office/planImport.js';
import type { Known, RawRow } from '../src/office/readRow.js';
import { writeRow } from '../src/office/writeRow.js';
import { headOf, rowOf } from '../src/tries/traces.js';
import '../src/tries/try.entity.js';

/*
 * What it takes to add a column to a child and a field to a try, beside their migration and their words: the
 * two tables put in place of the contract's own here.
 */
jest.mock('../../../packages/contract/src/childColumns.js', () => {
  const actual = jest.requireActual('../../../packages/contract/src/childColumns.js');
  const childColumns = {
    ...actual.childColumns,
    peg: { kind: 'text', most: 5, headings: ['coatpeg'] },
    boots: { kind: 'one-of', of: ['red', 'green'], headings: [] },
  };
  return {
    ...actual,
    childColumns,
    childColumnNames: Object.keys(childColumns),
    isChildColumn: (name: string) => name in childColumns,
  };
});
jest.mock('../../../packages/contract/src/headFields.js', () => {
  const actual = jest.requireActual('../../../packages/contract/src/headFields.js');
  const headFields = {
    ...actual.headFields,
    weather: { kind: 'one-of', of: ['dry', 'wet'], isOptional: true },
  };
  return { headFields, headFieldNames: Object.keys(headFields) };
});
sayWith(() => english);
Object.assign(english.columns, { peg: () => 'Peg', boots: () => 'Boots' });

const columnOf = (name: string) =>
  getMetadataArgsStorage().columns.find(({ propertyName }) => propertyName === name)?.options;
const blamed = (shape: new () => object, plain: object): string[] =>
  validateSync(plainToInstance(shape, plain), { whitelist: true, forbidNonWhitelisted: true }).map(
    ({ property }) => property,
  );

const register = {
  rooms: [{ id: '2f1d6a52-2c1b-4d55-8f0e-0f2f6f0b8a11', name: 'Lower Pound' }],
  languages: [{ tag: 'en', name: 'English' }],
  adults: [],
  dayOrder: 'day-first',
  today: '2026-11-25',
} as const;
const plan = (row: RawRow, children: readonly Known[] = []) =>
  planImport([row], children, register, () => 'new' as Known['id'])[0]!;
const told = (row: object, children?: readonly Known[]) => plan(row as RawRow, children).told;

describe('a column that is added to a child', () => {
  const row = { firstName: 'Wren', room: 'Lower Pound', peg: '7', boots: 'g' };

  test('is stored, taken in from a file, told when it changes, and written out again', () => {
    expect(columnOf('peg')).toMatchObject({ name: 'peg', type: 'varchar', length: 5 });
    expect(columnOf('boots')).toMatchObject({ type: 'varchar', length: 5, nullable: true });
    const wren = plan(row as RawRow).child!;
    expect(wren).toMatchObject({ peg: '7', boots: 'green' });
    expect(writeRow(wren, register)).toMatchObject({ peg: '7', boots: 'green' });
    expect(told({ firstName: 'Wren', peg: '8' }, [wren])).toMatchObject({
      outcome: 'changed',
      says: ['Peg: 7 → 8'],
    });
    expect(told({ ...row, peg: 'number seven' }).says).toEqual(['Peg: is 12 letters long. Keep it under 5.']);
  });

  test('has its rules', () => {
    const wren = { ...blankChild, firstName: 'Wren', roomId: register.rooms[0].id, peg: '7', boots: 'green' };
    expect(blamed(NewChild, wren)).toEqual([]);
    expect(blamed(NewChild, { ...wren, peg: 'number seven', boots: 'blue' })).toEqual(['peg', 'boots']);
  });
});

test('a field that is added to a try has its rules, is stored, and comes back as it was sent', () => {
  const put = {
    childId: register.rooms[0].id,
    sittingId: register.rooms[0].id,
    recordedBy: register.rooms[0].id,
    presence: register.rooms[0].id,
    startedAt: '2026-03-02T09:30:00.000+01:00',
    task: 'count-row',
    language: 'en',
    set: { size: 4, things: 'cork', arrangement: 'row' },
    start: 1,
    direction: 1,
    help: 'none',
    answeredBy: 'alone',
    firstTime: false,
    ended: null,
    revision: 0,
    events: [],
  };
  expect(blamed(PutTry, put)).toEqual([]);
  expect(blamed(PutTry, { ...put, weather: 'wet' })).toEqual([]);
  expect(blamed(PutTry, { ...put, weather: 'windy' })).toEqual(['weather']);
  expect(columnOf('weather')).toMatchObject({ name: 'weather', type: 'varchar', nullable: true });
  const backOf = (sent: object) => headOf(rowOf('try' as never, plainToInstance(PutTry, sent)));
  expect(backOf({ ...put, weather: 'wet' })).toMatchObject({ weather: 'wet' });
  expect(backOf(put)).not.toHaveProperty('weather');
});
