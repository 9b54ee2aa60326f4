import fc from 'fast-check';
import { taskOf } from '../shelf/tasks.js';
import { layoutFor } from '../shelf/layout.js';
import {
  digitForm,
  digitFormNames,
  formsNamed,
  schoolChoices,
  schoolNames,
  schoolsOf,
  usualSchools,
  waysBySchool,
  type OwnSchools,
} from './schools.js';

const anyOwn: fc.Arbitrary<OwnSchools> = fc.record(
  {
    frames: fc.constantFrom(...schoolChoices.frames),
    zero: fc.constantFrom(...schoolChoices.zero),
    hands: fc.constantFrom(...schoolChoices.hands),
    forms: fc.record(
      { 7: fc.constantFrom('plain', 'crossed'), 4: fc.constantFrom('open', 'closed') },
      { requiredKeys: [] },
    ),
  },
  { requiredKeys: [] },
) as fc.Arbitrary<OwnSchools>;

test('what is usual is the first choice of each line', () => {
  for (const name of schoolNames) expect(usualSchools[name]).toBe(schoolChoices[name][0]);
});

test('whoever is named later goes first, line by line and digit by digit; what nobody says is usual', () => {
  fc.assert(
    fc.property(anyOwn, anyOwn, (room, child) => {
      const schools = schoolsOf(room, child);
      expect(schools.frames).toBe(child.frames ?? room.frames ?? 'rows');
      expect(schools.hands).toBe(child.hands ?? room.hands ?? 'guides');
      expect(schools.forms[7]).toBe(child.forms?.[7] ?? room.forms?.[7] ?? 'plain');
      expect(schools.forms[4]).toBe(child.forms?.[4] ?? room.forms?.[4] ?? 'open');
      expect(schools.forms[9]).toBe(usualSchools.forms[9]);
      expect(schools.tally).toBe('slanting');
    }),
  );
  expect(schoolsOf(null)).toEqual(usualSchools);
});

test('forms by name: of one digit the last, and nothing that is no form', () => {
  expect(formsNamed([digitForm(7, 'crossed'), '1-flag', '7-plain', '0-square', 'seven'])).toEqual({
    7: 'plain',
    1: 'flag',
  });
  expect(digitFormNames).toContain('5-bar-last');
  expect(formsNamed(['5-bar-last'])).toEqual({ 5: 'bar-last' });
});

test('ways come by turns with the room’s first, and without those it does not use', () => {
  const ways = (id: 'in-order' | 'flash-frame' | 'say-teens-two-ways' | 'carry-on', own: OwnSchools) =>
    waysBySchool(taskOf(id).ways, schoolsOf(own));
  expect(ways('in-order', {})).toEqual(['from-one', 'gaps']);
  expect(ways('in-order', { zero: 'from-nought' })![0]).toBe('from-nought');
  expect(ways('flash-frame', {})![0]).toBe('rows');
  expect(ways('flash-frame', { frames: 'pairs' })).toEqual(['pairs', 'rows']);
  expect(ways('say-teens-two-ways', { teens: 'usual-names' })).toEqual(['usual']);
  expect(ways('carry-on', {})).toEqual(taskOf('carry-on').ways);
  expect(waysBySchool(undefined, usualSchools)).toBeUndefined();
});

test('only what lies in a frame is filled two by two, and never more cells than the room uses', () => {
  const laid = (id: 'count-cells' | 'count-row' | 'to-ten', n: number, own: OwnSchools) =>
    layoutFor(taskOf(id), n, 'cork', 1, undefined, { schools: schoolsOf(own) });
  expect(laid('count-cells', 6, { frames: 'pairs' })).toMatchObject({ fill: 'pairs', places: 10 });
  expect(laid('to-ten', 3, { frames: 'pairs' })).toMatchObject({ fill: 'pairs' });
  expect(laid('count-cells', 6, {})!.fill).toBeUndefined();
  expect(laid('count-row', 6, { frames: 'pairs' })).toBeUndefined();
  for (const n of [4, 5, 10])
    expect(laid('count-cells', n, { extras: 'outside' })!.places).toBe(n > 5 ? 10 : 5);
});
