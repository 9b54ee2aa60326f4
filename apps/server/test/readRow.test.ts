import { digitFormNames, lessons, needs, type ChildId, type StaffId } from '@dotting/core';
import fc from 'fast-check';
import { planImport } from '../src/office/planImport.js';
import { writeRow } from '../src/office/writeRow.js';
import { readRow, type Known, type RawRow, type Register } from '../src/office/readRow.js';

const register: Register = {
  rooms: [
    { id: 'lower', name: 'Lower Pound' },
    { id: 'upper', name: 'Upper Pound' },
  ],
  languages: [
    { tag: 'en', name: 'English' },
    { tag: 'cy', name: 'Cymraeg' },
  ],
  adults: [{ id: 'hester' as StaffId, email: 'hester@pennywater.example' }],
  dayOrder: 'day-first',
  today: '2026-11-25',
};

const known = (facts: Partial<Known> = {}): Known => ({
  id: '00000000-0000-4000-8000-000000000001' as ChildId,
  firstName: 'Wren',
  lastName: 'Tolley',
  birthDate: '2023-01-05',
  roomId: 'lower',
  group: 'Coots',
  hand: null,
  mouths: null,
  allergies: '',
  languages: ['en'],
  needs: [],
  notYet: [],
  touch: null,
  handHelp: null,
  ownForms: [],
  recording: null,
  photos: null,
  seenBy: [],
  leftOn: null,
  ...facts,
});

let made = 0;
const plan = (
  rows: readonly RawRow[],
  children: readonly Known[] = [known()],
  sure: readonly number[] = [],
) => planImport(rows, children, { ...register, sure }, () => `new-${made++}` as ChildId);
const told = (rows: readonly RawRow[], children?: readonly Known[]) =>
  plan(rows, children).map((one) => one.told);

describe('a row of a file', () => {
  test('is read as people write: either kind of date, names or tags of languages, yes and no', () => {
    const { said, wrong } = readRow(
      {
        firstName: ' Wren ',
        birthDate: '5/1/2023',
        room: 'lower pound',
        hand: 'L',
        mouths: 'Yes',
        languages: 'Cymraeg; en',
        needs: 'vision;hearing',
        seenBy: 'HESTER@pennywater.example',
        leftOn: '2026-7-1',
      },
      register,
    );
    expect(wrong).toEqual([]);
    expect(said).toEqual({
      firstName: 'Wren',
      birthDate: '2023-01-05',
      roomId: 'lower',
      hand: 'left',
      mouths: true,
      languages: ['cy', 'en'],
      needs: ['vision', 'hearing'],
      seenBy: ['hester'],
      leftOn: '2026-07-01',
    });
  });

  test('the order of day and month is the one that was said', () => {
    const read = (dayOrder: Register['dayOrder']) =>
      readRow({ birthDate: '03.04.2023' }, { ...register, dayOrder }).said.birthDate;
    expect([read('day-first'), read('month-first')]).toEqual(['2023-04-03', '2023-03-04']);
  });

  test.each([
    [
      'birthDate',
      '31/02/2022',
      'Birth date: “31/02/2022” is not a real date. Write it as 28/02/2022 or 2022-02-28.',
    ],
    ['birthDate', '1/1/22', 'Birth date: “1/1/22” is not a real date. Write it as 28/02/2022 or 2022-02-28.'],
    ['birthDate', '2027-01-01', 'Birth date: “2027-01-01” is in the future. Check the year.'],
    ['room', 'Weir', 'Room: “Weir” is not one of your rooms (Lower Pound, Upper Pound).'],
    ['hand', 'both', 'Hand: “both” cannot be read. Write one of these: left, right.'],
    ['mouths', 'constructor', 'Things in the mouth: “constructor” cannot be read. Write yes or no.'],
    [
      'languages',
      'en; nl',
      'Counts in (usual one first): “nl” is not one of the languages (en, cy). Add others under Languages first.',
    ],
    [
      'needs',
      'patience',
      'Adapt tasks for: “patience” is not one of vision, hearing, movement, speech, language, attention. Put semicolons between several.',
    ],
    [
      'seenBy',
      'nobody@pennywater.example',
      'Also seen by: “nobody@pennywater.example” is nobody’s email address here. Add the adult first.',
    ],
    ['id', '17', 'Id: “17” is not an id. Leave the cell empty for a new child.'],
  ] as const)('%s “%s” is told in words, with what would do', (column, text, words) => {
    expect(readRow({ [column]: text }, register).wrong).toEqual([words]);
  });

  test('whatever is in its cells it is read without an error, or told', () => {
    const row = fc.record({
      firstName: fc.string(),
      birthDate: fc.string(),
      languages: fc.string(),
      needs: fc.string(),
      id: fc.string(),
    });
    fc.assert(
      fc.property(row, (cells) => {
        const { said, wrong } = readRow(cells, register);
        expect(Object.keys(said).length + wrong.length).toBeLessThanOrEqual(5);
        expect(said.birthDate ?? '2020-01-01').toMatch(/^\d{4}-\d\d-\d\d$/);
      }),
      { numRuns: 200 },
    );
  });
});

describe('a file', () => {
  test('a child that is here is found by its id, or by names and birth date; an empty cell changes nothing', () => {
    const rows = [
      { id: known().id, firstName: 'Wren', group: 'Herons' },
      { firstName: 'wren', lastName: 'TOLLEY', birthDate: '', group: '', room: 'Upper Pound' },
      { firstName: 'Wren', lastName: 'Tolley', birthDate: '2023-01-05', allergies: '' },
    ];
    expect(rows.map((row) => told([row])[0])).toEqual([
      { row: 2, name: 'Wren', outcome: 'changed', says: ['Group: Coots → Herons'] },
      {
        row: 2,
        name: 'wren TOLLEY',
        outcome: 'changed',
        says: ['First name: Wren → wren', 'Last name: Tolley → TOLLEY', 'Room: Lower Pound → Upper Pound'],
      },
      { row: 2, name: 'Wren Tolley', outcome: 'same', says: [] },
    ]);
  });

  test('another birth date is another child', () => {
    const row = { firstName: 'Wren', lastName: 'Tolley', birthDate: '2022-09-09', room: 'Lower Pound' };
    expect(told([row])).toEqual([
      { row: 2, name: 'Wren Tolley', outcome: 'new', says: ['joins Lower Pound', 'born 2022-09-09'] },
    ]);
    expect(plan([row])[0]!.child).toMatchObject({ languages: ['en'], leftOn: null, seenBy: [] });
  });

  test('what cannot be told apart, stands twice, or has not enough for a new child is refused', () => {
    const twins = [
      known(),
      known({ id: '00000000-0000-4000-8000-000000000002' as ChildId, birthDate: null }),
    ];
    expect(told([{ firstName: 'Wren', lastName: 'Tolley' }], twins)[0]!.says).toEqual([
      'Several children here have this name. Add the id, from the downloaded register.',
    ]);
    expect(told([{ id: '00000000-0000-4000-8000-0000000000ff', firstName: 'Wren' }])[0]!.says).toEqual([
      'Id: no child here has it. Leave the cell empty for a new child.',
    ]);
    const jay = { firstName: 'Jay', room: 'Upper Pound' };
    expect(told([jay, { lastName: 'Roe' }, jay]).map((one) => one.says)).toEqual([
      ['joins Upper Pound'],
      ['First name is empty. A new child needs one.', 'Room is empty. A new child needs one.'],
      ['This child is already in row 2. Keep one of the two.'],
    ]);
  });

  test('a refused row leaves nothing to be stored, whatever else it says', () => {
    const rows = [{ id: known().id, group: 'Herons', birthDate: 'soon' }];
    expect(plan(rows)[0]).toMatchObject({ child: null, told: { outcome: 'refused' } });
  });
});

test('days beyond reason are refused where they are new, and let be where they stand already', () => {
  const long = known({ birthDate: '2009-01-05', leftOn: '2014-07-01' });
  const days = { birthDate: '2009-01-05', leftOn: '2014-07-01' };
  expect(told([{ id: long.id, ...days }], [long])[0]!.outcome).toBe('same');
  expect(told([{ id: known().id, ...days }])[0]).toMatchObject({
    outcome: 'refused',
    says: [
      'Birth date: 2009-01-05 is more than 12 years ago. Check the year.',
      'Last day: 2014-07-01 is more than ten years away. Check the year.',
    ],
  });
});

describe('whatever the children are', () => {
  const day = fc
    .date({ min: new Date('2017-01-01'), max: new Date('2026-11-01'), noInvalidDate: true })
    .map((date) => date.toISOString().slice(0, 10));
  /** As it is stored: without space at its ends, and not taken for a formula's guard. */
  const text = (length: number) =>
    fc.string({ maxLength: length }).map((one) => one.replace(/^[\s'\uFEFF]+/u, '').trim());
  const child: fc.Arbitrary<Known> = fc.record({
    id: fc.uuid().map((id) => id as ChildId),
    firstName: text(20).filter((name) => name !== ''),
    lastName: text(20),
    birthDate: fc.option(day),
    roomId: fc.constantFrom('lower', 'upper'),
    group: text(20),
    hand: fc.constantFrom('left', 'right', null),
    mouths: fc.option(fc.boolean()),
    allergies: text(40),
    languages: fc.shuffledSubarray(['en', 'cy'], { minLength: 1 }),
    needs: fc.subarray([...needs]),
    notYet: fc.subarray([...lessons]),
    touch: fc.constantFrom('literary', 'maths', 'raised', null),
    handHelp: fc.constantFrom('guides', 'rides', null),
    ownForms: fc.subarray([...digitFormNames]),
    recording: fc.option(fc.boolean()),
    photos: fc.option(fc.boolean()),
    seenBy: fc.subarray(['hester' as StaffId]),
    leftOn: fc.option(day),
  });
  const children = fc.uniqueArray(child, { minLength: 1, maxLength: 6, selector: (one) => one.id });

  test('written and read again they are the same', () => {
    fc.assert(
      fc.property(children, (all) => {
        const rows = all.map((one) => writeRow(one, register));
        expect(told(rows, all).map((row) => [row.outcome, row.says])).toEqual(rows.map(() => ['same', []]));
      }),
      { numRuns: 150 },
    );
  });

  test('taken into an empty register they are what they were, but for their ids', () => {
    fc.assert(
      fc.property(children, (all) => {
        const rows = all.map((one) => ({ ...writeRow(one, register), id: '' }));
        const planned = plan(
          rows,
          [],
          rows.map((_, i) => i + 2),
        );
        planned.forEach(({ child: made, told: { outcome } }, i) => {
          // Two that are alike in name and birth date are one child twice.
          if (outcome !== 'refused') expect(made).toEqual({ ...all[i]!, id: made!.id });
        });
        expect(planned[0]!.told.outcome).toBe('new');
      }),
      { numRuns: 150 },
    );
  });

  test('no child is stored twice, and nothing of a row that is refused', () => {
    const cells = fc.record(
      {
        id: fc.constantFrom(known().id, ''),
        firstName: fc.constantFrom('Wren', 'Jay', ''),
        lastName: fc.constantFrom('Tolley', ''),
        birthDate: fc.constantFrom('2023-01-05', '5/1/2023', 'soon', ''),
        room: fc.constantFrom('Lower Pound', 'Weir', ''),
        group: fc.constantFrom('Coots', 'Herons', ''),
      },
      { requiredKeys: [] },
    );
    fc.assert(
      fc.property(fc.array(cells, { maxLength: 8 }), (rows) => {
        const planned = plan(rows);
        const stored = planned.flatMap((one) => one.child?.id ?? []);
        expect(new Set(stored).size).toBe(stored.length);
        for (const { child: made, told: row } of planned) {
          expect(made !== null).toBe(row.outcome === 'new' || row.outcome === 'changed');
          if (row.outcome === 'refused') expect(row.says.length).toBeGreaterThan(0);
          if (made) expect([made.firstName !== '', made.roomId !== undefined]).toEqual([true, true]);
        }
      }),
      { numRuns: 300 },
    );
  });
});
