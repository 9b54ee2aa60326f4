import {
  ageInMonths,
  cautionsFor,
  fittingCounters,
  isTakenAsMouthing,
  type CautionedChild,
} from './cautions.js';
import { amountOf, counterKinds, counterOf, counters, otherCounter } from './counters.js';
import { layoutFor } from './layout.js';
import { needs } from '../trace/trace.js';
import { describeSet, largestOf, laysThings, setOf, taskOf, tasks } from './tasks.js';

const today = '2026-11-25';
const child: CautionedChild = { firstName: 'Wren', birthDate: '2021-06-01', mouths: false, allergies: '' };

describe('cautions', () => {
  const said = (things: string, about: Partial<CautionedChild>) =>
    cautionsFor(things, { ...child, ...about }, today).join(' ');

  test('no birth date is under three and mouthing, until someone says otherwise', () => {
    const unknown = { birthDate: null, mouths: null };
    expect(isTakenAsMouthing({ ...child, ...unknown }, today)).toBe(true);
    expect(said('cork', unknown)).toMatch(/Choking.*no birth date/);
    expect(said('cork', unknown)).toMatch(/wash pot/);
    expect(said('cork', { birthDate: null, mouths: false })).toMatch(/Choking/);
    expect(isTakenAsMouthing({ ...child, birthDate: null, mouths: false }, today)).toBe(false);
  });

  test('the third birthday is the day on which under three ends', () => {
    expect(said('cork', { birthDate: '2023-11-26' })).toMatch(/Choking.*under three/);
    expect(said('cork', { birthDate: '2023-11-25' })).not.toMatch(/Choking/);
  });

  test('an older child that still mouths is as much at risk', () => {
    expect(said('cork', { mouths: true })).toMatch(/Choking.*still mouths/);
    expect(said('boat', { mouths: true })).not.toMatch(/Choking/);
    expect(said('boat', { mouths: true })).toMatch(/wash pot/);
  });

  test('an allergy is asked about only where the material may touch it', () => {
    expect(said('acorn-cup', { allergies: 'hazelnuts' })).toMatch(/tree nuts.*hazelnuts.*Ask/);
    expect(said('shell', { allergies: 'hazelnuts' })).not.toMatch(/hazelnuts/);
    expect(said('acorn-cup', { allergies: '  ' })).not.toMatch(/nuts/);
  });

  test('small things are never left alone, and every caution defers', () => {
    for (const counter of counters.filter((one) => one.small)) {
      expect(said(counter.id, {})).toMatch(/stay with/);
      expect(said(counter.id, { birthDate: null })).toMatch(/your setting’s rules come first/);
    }
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
      const { bowls } = layoutFor(taskOf('recipe'), 4, 'lid', seed, undefined, kinds)!;
      expect(bowls!.every((bowl) => kinds.includes(bowl.things))).toBe(true);
      expect(kinds).toContain(layoutFor(taskOf('same-many'), 4, 'lid', seed, undefined, kinds)!.model);
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
  test('every task says something, lays something and says what not to do', () => {
    for (const task of tasks) {
      expect(task.say.length).toBeGreaterThan(10);
      expect(task.avoid.length).toBeGreaterThan(10);
      expect(laysThings(task) ? task.lay.length > 5 : task.lay === '').toBe(true);
      expect([...task.ladder].sort((a, b) => a - b)).toEqual(task.ladder);
      expect(Math.max(...task.ladder)).toBeLessThanOrEqual(largestOf(task));
      for (const need of needs) expect(task.adaptations[need].length).toBeGreaterThan(10);
      expect(taskOf(task.id)).toBe(task);
    }
    expect(new Set(tasks.map((task) => task.id)).size).toBe(tasks.length);
  });

  test('a step up or down leads to a task on the shelf, and from every task there is a way to another', () => {
    for (const { id, stepUp, stepDown } of tasks) {
      for (const step of [stepUp, stepDown]) expect(taskOf(step.task).id).toBe(step.task);
      expect([stepUp.task, stepDown.task].some((other) => other !== id)).toBe(true);
    }
  });

  test('what is laid fits the task: nothing for words, a pile to fetch from', () => {
    expect(setOf(taskOf('say-far'), 12, 'cork')).toEqual({ size: 0, things: 'cork', arrangement: 'none' });
    expect(setOf(taskOf('give-n'), 4, 'lid')).toMatchObject({ size: 4, pile: 15 });
    expect(describeSet(setOf(taskOf('say-far'), 12, 'cork'), 12)).toBe('the numbers to 12');
    expect(describeSet(setOf(taskOf('give-n'), 4, 'lid'))).toBe('4 jar lids from 15');
  });

  test('amounts are said as they are said', () => {
    expect([0, 1, 8].map((size) => amountOf(size, 'boat'))).toEqual([
      'no wooden boats',
      '1 wooden boat',
      '8 wooden boats',
    ]);
    expect(describeSet({ size: 8, things: 'lid', arrangement: 'ring' })).toBe('8 jar lids in a ring');
  });

  test('what is not on the shelf is an error, not a guess', () => {
    expect(() => taskOf('count-clouds')).toThrow(/count-clouds/);
    expect(() => counterOf('pebble')).toThrow(/pebble/);
  });
});
