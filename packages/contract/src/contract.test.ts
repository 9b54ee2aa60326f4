import { longestTryMs } from '@dotting/core';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';
import {
  AdultChange,
  ChildChange,
  ComeIn,
  DeviceSignIn,
  EraseChild,
  ImportRequest,
  NewAdult,
  NewChild,
  PlaceChange,
  PutRoom,
  PutTry,
  registerColumns,
} from './index.js';
import { english } from '@dotting/words/all';
import { sayWith } from './said.js';

sayWith(() => english);

const id = '2f1d6a52-2c1b-4d55-8f0e-0f2f6f0b8a11';

const put = {
  childId: id,
  sittingId: id,
  recordedBy: id,
  startedAt: '2026-03-02T09:30:00.000+01:00',
  task: 'count-row',
  language: 'en',
  set: { size: 8, things: 'cork', arrangement: 'row' },
  start: 1,
  direction: 1,
  help: 'none',
  answeredBy: 'alone',
  firstTime: false,
  ended: null,
  revision: 0,
  presence: id,
  events: [{ seq: 0, t: 900, kind: 'count', word: 1 }],
};
const withEvents = (...events: object[]) => ({ ...put, events });

/** Paths of the fields that are to blame. */
function blamed<T extends object>(shape: ClassConstructor<T>, plain: object): string[] {
  const fieldsOf = (error: ValidationError, parent: string): string[] => {
    const path = parent === '' ? error.property : `${parent}.${error.property}`;
    return [
      ...(error.constraints ? [path] : []),
      ...(error.children ?? []).flatMap((one) => fieldsOf(one, path)),
    ];
  };
  const errors = validateSync(plainToInstance(shape, plain), { whitelist: true, forbidNonWhitelisted: true });
  return errors.flatMap((error) => fieldsOf(error, ''));
}

describe(PutTry, () => {
  test('takes a try that is still going on, and one of every kind of event', () => {
    expect(blamed(PutTry, put)).toEqual([]);
    const happened = [
      { kind: 'count', word: 'fiveteen', item: 'again' },
      { kind: 'say', word: 12 },
      { kind: 'touch', item: 3 },
      { kind: 'passed-over' },
      { kind: 'take-back' },
      { kind: 'restart' },
      { kind: 'ask', question: 'how-many' },
      { kind: 'answer', value: null },
      { kind: 'answer', value: 'did-not-know' },
      { kind: 'given', value: 0 },
      { kind: 'put', item: 2, place: 'cup' },
      { kind: 'undo', of: 1 },
      {
        kind: 'amend',
        of: 0,
        event: { seq: 0, t: 0, kind: 'say', word: 1 },
        by: id,
        at: '2026-03-02T09:31:00Z',
        reason: 'heard it again',
      },
    ].map((event, seq) => ({ seq, t: seq, ...event }));
    expect(blamed(PutTry, withEvents(...happened))).toEqual([]);
  });

  test.each<[string, object, string]>([
    ['a set of a hundred and one', { set: { ...put.set, size: 101 } }, 'set.size'],
    ['an arrangement nobody knows', { set: { ...put.set, arrangement: 'heap' } }, 'set.arrangement'],
    ['a moment without its offset', { startedAt: '2026-03-02T09:30:00' }, 'startedAt'],
    ['a day there is not', { startedAt: '2026-02-30T25:30:00Z' }, 'startedAt'],
    ['counting sideways', { direction: 0 }, 'direction'],
    ['an ending nobody knows', { ended: 'gave-up' }, 'ended'],
    ['no word on whether it has ended', { ended: undefined }, 'ended'],
    ['an empty reason for setting it aside', { setAside: '' }, 'setAside'],
    ['a language that is no tag', { language: 'Welsh!' }, 'language'],
    ['a field nobody asked for', { mark: 7 }, 'mark'],
    ['a child that is no id', { childId: 'Wren' }, 'childId'],
  ])('refuses %s by its field', (_, change, field) => {
    expect(blamed(PutTry, { ...put, ...change })).toContain(field);
  });

  test.each<[string, object, string]>([
    ['of no known kind', { kind: 'cheer' }, 'events.0.kind'],
    ['without its word', { kind: 'count' }, 'events.0.word'],
    ['with an empty word', { kind: 'say', word: ' ' }, 'events.0.word'],
    ['with half a number', { kind: 'say', word: 2.5 }, 'events.0.word'],
    ['at a place before the first', { kind: 'touch', item: -1 }, 'events.0.item'],
    ['with a question nobody asks', { kind: 'ask', question: 'why' }, 'events.0.question'],
    ['of another kind’s field', { kind: 'restart', word: 3 }, 'events.0.word'],
    [
      'amended by a moment without offset',
      { kind: 'amend', of: 0, by: id, at: 'now', event: { seq: 0, t: 0, kind: 'restart' } },
      'events.0.at',
    ],
    [
      'amended into nothing known',
      {
        kind: 'amend',
        of: 0,
        by: id,
        at: '2026-03-02T09:31:00Z',
        event: { seq: 0, t: 0, kind: 'undo' },
      },
      'events.0.event',
    ],
  ])('refuses an event %s', (_, event, field) => {
    expect(blamed(PutTry, withEvents({ seq: 0, t: 0, ...event }))).toContain(field);
  });

  test('refuses time below nothing and beyond the longest try', () => {
    for (const t of [-1, longestTryMs + 1, 1.5]) {
      expect(blamed(PutTry, withEvents({ seq: 0, t, kind: 'restart' }))).toEqual(['events.0.t']);
    }
  });
});

describe('the forms', () => {
  test('signing in needs an address and a password', () => {
    expect(blamed(DeviceSignIn, { email: 'orla@pennywater.example', password: 'something long' })).toEqual(
      [],
    );
    expect(blamed(DeviceSignIn, { email: 'orla', password: '' })).toEqual(['email', 'password']);
  });

  test('a code is a few digits', () => {
    expect(blamed(ComeIn, { staffId: id, code: '2407' })).toEqual([]);
    for (const code of ['', '12', 'abcd', '1'.repeat(40)])
      expect(blamed(ComeIn, { staffId: id, code })).toEqual(['code']);
  });

  test('a birth date may be taken away, but not lie ahead', () => {
    expect(blamed(ChildChange, { birthDate: null, mouths: null, hand: null })).toEqual([]);
    expect(blamed(ChildChange, { birthDate: '2190-01-01' })).toEqual(['birthDate']);
    expect(blamed(ChildChange, { birthDate: '01.06.2022' })).toContain('birthDate');
  });
});

/** What is said of a field that is to blame. */
function saidOf<T extends object>(shape: ClassConstructor<T>, plain: object, field: string): string[] {
  const errors = validateSync(plainToInstance(shape, plain), { whitelist: true, forbidNonWhitelisted: true });
  return Object.values(errors.find((error) => error.property === field)?.constraints ?? {});
}

describe('the office', () => {
  const child = {
    roomId: id,
    firstName: 'Jay',
    lastName: '',
    birthDate: null,
    group: '',
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
  };
  const adult = {
    firstName: 'Sedge',
    lastName: 'Arden',
    email: 'sedge@pennywater.example',
    role: 'practitioner',
    rooms: [id],
  };
  const tomorrow = new Date(Date.now() + 2 * 86_400_000).toISOString().slice(0, 10);

  test.each([
    [NewChild, child, {}, []],
    [NewChild, child, { birthDate: '2022-02-28', hand: 'left', mouths: true, needs: ['vision'] }, []],
    [NewChild, child, { firstName: '' }, ['firstName']],
    [NewChild, child, { birthDate: '2022-02-30' }, ['birthDate']],
    [NewChild, child, { birthDate: tomorrow }, ['birthDate']],
    [NewChild, child, { languages: [] }, ['languages']],
    [NewChild, child, { languages: ['en', 'en'] }, ['languages']],
    [NewChild, child, { needs: ['patience'], hand: 'both' }, ['hand', 'needs']],
    [NewChild, child, { leftOn: '2026-01-01' }, ['leftOn']],
    [PlaceChange, {}, {}, []],
    [PlaceChange, {}, { leftOn: null, seenBy: [], group: 'Herons', roomId: id }, []],
    [PlaceChange, {}, { leftOn: 'soon', seenBy: ['hester'] }, ['seenBy', 'leftOn']],
    [PlaceChange, {}, { group: 'x'.repeat(41) }, ['group']],
    [NewAdult, adult, {}, []],
    [NewAdult, adult, { email: 'sedge', role: 'owner' }, ['email', 'role']],
    [NewAdult, adult, { rooms: [id, id] }, ['rooms']],
    [AdultChange, {}, { role: 'assistant', rooms: [], leftOn: '2026-12-01' }, []],
    [AdultChange, {}, { email: 'other@pennywater.example' }, ['email']],
    [PutRoom, { name: 'Weir', retentionMonths: 0 }, {}, []],
    [
      PutRoom,
      { name: 'Weir', retentionMonths: 12 },
      { retentionMonths: 1.5, name: '' },
      ['name', 'retentionMonths'],
    ],
    [EraseChild, { firstName: 'Jay' }, {}, []],
    [EraseChild, { firstName: 'Jay' }, { firstName: '' }, ['firstName']],
  ] as const)('%o with %o and %o: %o is to blame', (shape, plain, change, fields) => {
    expect(blamed(shape as ClassConstructor<object>, { ...plain, ...change }).toSorted()).toEqual(
      [...fields].toSorted(),
    );
  });

  test('a file is 1 to 500 rows of cells', () => {
    const file = (rows: unknown) => ({ dryRun: true, dayOrder: 'day-first', rows });
    expect(blamed(ImportRequest, file([{ firstName: 'Jay' }]))).toEqual([]);
    expect(saidOf(ImportRequest, file([]), 'rows')).toContain('The file has headings and no rows.');
    const many = Array.from({ length: 501 }, () => ({}));
    expect(saidOf(ImportRequest, file(many), 'rows')).toContain('Import at most 500 rows at a time.');
    expect(blamed(ImportRequest, file(['Jay']))).toEqual(['rows']);
    expect(blamed(ImportRequest, { ...file([{}]), dayOrder: 'year-first' })).toEqual(['dayOrder']);
  });

  test('whatever is wrong with the months, one sentence says what would do', () => {
    for (const retentionMonths of [NaN, -1, 301, 2.5, 'six']) {
      const said = new Set(saidOf(PutRoom, { name: 'Weir', retentionMonths }, 'retentionMonths'));
      expect([...said]).toEqual(['Write the months as a whole number from 0 to 300.']);
    }
  });

  test('every column of the register has a name of its own', () => {
    expect(new Set(registerColumns.map((column) => english.columns[column]())).size).toBe(
      registerColumns.length,
    );
  });
});
