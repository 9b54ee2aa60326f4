import {
  ageInMonths,
  cautionsFor,
  fittingCounters,
  isTakenAsMouthing,
  type CautionedChild,
} from './cautions.js';
import { counterKinds, counterOf, counters, otherCounter } from './counters.js';
import { layoutFor } from './layout.js';
import { largestOf, setOf, taskOf, tasks } from './tasks.js';

const today = '2026-11-25';
const child: CautionedChild = { birthDate: '2021-06-01', mouths: false, allergies: '' };

describe('cautions', () => {
  const of = (things: string, about: Partial<CautionedChild>) =>
    cautionsFor(things, { ...child, ...about }, today);
  const kinds = (things: string, about: Partial<CautionedChild>) => of(things, about).map(({ kind }) => kind);

  test('no birth date is under three and mouthing, until someone says otherwise', () => {
    const unknown = { birthDate: null, mouths: null };
    expect(isTakenAsMouthing({ ...child, ...unknown }, today)).toBe(true);
    expect(of('cork', unknown)[0]).toEqual({ kind: 'choking', things: 'cork', because: 'no-birth-date' });
    expect(kinds('cork', unknown)).toContain('mouthed');
    expect(kinds('cork', { birthDate: null, mouths: false })).toContain('choking');
    expect(isTakenAsMouthing({ ...child, birthDate: null, mouths: false }, today)).toBe(false);
  });

  test('the third birthday is the day on which under three ends', () => {
    expect(of('cork', { birthDate: '2023-11-26' })[0]).toMatchObject({ because: 'under-three' });
    expect(kinds('cork', { birthDate: '2023-11-25' })).not.toContain('choking');
  });

  test('an older child that still mouths is as much at risk', () => {
    expect(of('cork', { mouths: true })[0]).toMatchObject({ kind: 'choking', because: 'mouths' });
    expect(kinds('boat', { mouths: true })).toEqual(['mouthed', 'care']);
  });

  test('an allergy is asked about only where the material may touch it', () => {
    expect(kinds('acorn-cup', { allergies: 'hazelnuts' })).toContain('allergy');
    expect(kinds('shell', { allergies: 'hazelnuts' })).not.toContain('allergy');
    expect(kinds('acorn-cup', { allergies: '  ' })).not.toContain('allergy');
  });

  test('small things are never left alone', () => {
    for (const counter of counters.filter((one) => one.small))
      expect(kinds(counter.id, {})).toContain('small-parts');
  });
});

describe('what may be laid for a child', () => {
  const fitting = (about: Partial<CautionedChild>) => fittingCounters({ ...child, ...about }, today);

  test('everything where nothing speaks against it; nothing with nuts for whom there is a list', () => {
    expect(fitting({})).toEqual(counterKinds);
    expect(fitting({ allergies: 'hazelnuts' })).toEqual(['cork', 'shell', 'boat', 'lid']);
    expect(fitting({ allergies: '  ' })).toContain('acorn-cup');
  });

  test('nothing small for a child that mouths, is under three, or may be', () => {
    for (const about of [
      { mouths: true },
      { birthDate: '2024-06-01', mouths: null },
      { birthDate: null, mouths: null },
    ])
      expect(fitting(about)).toEqual(['boat', 'lid']);
  });

  test('what is made up beside it keeps to that too', () => {
    const kinds = fitting({ mouths: true, allergies: 'hazelnuts' });
    expect(otherCounter('boat', kinds)).toBe('lid');
    expect(otherCounter('lid', kinds)).toBe('boat');
    expect(otherCounter('cork', kinds)).toBe('boat');
    for (let seed = 0; seed < 20; seed++) {
      const { bowls } = layoutFor(taskOf('recipe'), 4, 'lid', seed, undefined, { kinds })!;
      expect(bowls!.every((bowl) => kinds.includes(bowl.things))).toBe(true);
      expect(kinds).toContain(layoutFor(taskOf('same-many'), 4, 'lid', seed, undefined, { kinds })!.model);
    }
  });
});

test.each([
  ['2022-11-25', 48],
  ['2022-11-26', 47],
  ['2024-02-29', 32],
  ['2026-11-25', 0],
])('a child born on %s is %i months old', (born, months) => {
  expect(ageInMonths(born, today)).toBe(months);
});

describe('the shelf', () => {
  test('every task has its rungs in order, none above its largest number', () => {
    for (const task of tasks) {
      expect([...task.ladder].sort((a, b) => a - b)).toEqual(task.ladder);
      expect(Math.max(...task.ladder)).toBeLessThanOrEqual(largestOf(task));
      expect(taskOf(task.id)).toBe(task);
    }
    expect(new Set(tasks.map((task) => task.id)).size).toBe(tasks.length);
  });

  test('a step up or down leads to a task on the shelf, and from every task there is a way to another', () => {
    for (const { id, harder, easier } of tasks) {
      for (const step of [harder, easier]) expect(taskOf(step).id).toBe(step);
      expect([harder, easier].some((other) => other !== id)).toBe(true);
    }
  });

  test('what is laid fits the task: nothing for words, a pile to fetch from', () => {
    expect(setOf(taskOf('say-far'), 12, 'cork')).toEqual({ size: 0, things: 'cork', arrangement: 'none' });
    expect(setOf(taskOf('give-n'), 4, 'lid')).toMatchObject({ size: 4, pile: 15 });
  });

  test('what is not on the shelf is an error, not a guess', () => {
    expect(() => taskOf('count-clouds')).toThrow(/count-clouds/);
    expect(() => counterOf('pebble')).toThrow(/pebble/);
  });
});
