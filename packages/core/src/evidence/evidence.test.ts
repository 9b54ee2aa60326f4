import { counted, traceOf } from '../testing/traces.js';
import type { ChildId, TraceId } from '../trace/ids.js';
import type { Happening, Trace } from '../trace/trace.js';
import { dueFor } from '../next/due.js';
import { nextStep } from '../next/nextStep.js';
import { tellTry } from '../reading/tellTry.js';
import { dotLineFor } from './dotLine.js';
import type { Skill } from './outcomes.js';

const clean = (n: number) => counted(...Array.from({ length: n }, (_, i) => i + 1));
const twiceOfEight: Happening[] = [
  ...clean(7),
  { kind: 'count', word: 8, item: 'again' },
  { kind: 'count', word: 9 },
];
const monday = '2026-03-02T09:30:00.000+00:00';
const tuesday = '2026-03-03T09:30:00.000+00:00';
const shells = { size: 8, things: 'shell', arrangement: 'row' } as const;

const formAt = (skill: Skill, n: number, traces: readonly Trace[]) =>
  dotLineFor(skill, traces).dots.find((dot) => dot.n === n)!.form;

describe(dotLineFor, () => {
  const first = traceOf({ happenings: clean(8), startedAt: monday });

  test('two clean tries over two days and two kinds of things are full', () => {
    const second = traceOf({ happenings: clean(8), startedAt: tuesday, set: shells });
    expect(formAt('one-to-one-row', 8, [first, second])).toBe('full');
    expect(formAt('order', 8, [first, second])).toBe('full');
  });

  test.each<[string, Partial<Trace>]>([
    ['one day', { startedAt: monday, set: shells }],
    ['one kind of thing', { startedAt: tuesday }],
    ['help with one of them', { startedAt: tuesday, set: shells, help: 'prompted' }],
  ])('%s makes it half only', (_, facts) => {
    const second = traceOf({ happenings: clean(8), ...facts });
    expect(formAt('one-to-one-row', 8, [first, second])).toBe('half');
  });

  test('a slip among clean tries is half, slips alone a ring, no try a speck', () => {
    const slipped = traceOf({ happenings: twiceOfEight, startedAt: tuesday });
    expect(formAt('one-to-one-row', 8, [first, slipped])).toBe('half');
    expect(formAt('one-to-one-row', 8, [slipped])).toBe('ring');
    expect(formAt('one-to-one-row', 7, [first, slipped])).toBe('speck');
  });

  test('a try set aside, answered by others or interrupted counts for nothing', () => {
    const worthless = [
      traceOf({ happenings: clean(8), setAside: 'the tray was bumped' }),
      traceOf({ happenings: clean(8), answeredBy: 'others' }),
      traceOf({ happenings: clean(8), ended: 'interrupted' }),
    ];
    expect(formAt('one-to-one-row', 8, worthless)).toBe('speck');
  });

  test('a count that stopped short shows order only as far as it went', () => {
    const short = traceOf({ happenings: clean(5), ended: 'stopped-itself' });
    expect(formAt('order', 5, [short])).toBe('half');
    expect(formAt('order', 8, [short])).toBe('speck');
  });

  test('the last-word rule is one dot, whatever the number, even after a slip of one-to-one', () => {
    const trace = traceOf({
      happenings: [...twiceOfEight, { kind: 'ask', question: 'how-many' }, { kind: 'answer', value: 9 }],
    });
    expect(dotLineFor('last-word', [trace]).dots).toEqual([{ n: 0, form: 'half', tries: [trace.id] }]);
  });
});

describe(tellTry, () => {
  test('scores principles, not the answer', () => {
    const trace = traceOf({
      happenings: [
        ...clean(7),
        { kind: 'count', word: 8, item: 'again' },
        { kind: 'count', word: 9 },
        { kind: 'ask', question: 'how-many' },
        { kind: 'answer', value: 9 },
      ],
    });
    expect(tellTry(trace)).toBe(
      'Of 8 corks, counted one twice; the words ran in order to 9; asked how many, gave the last word, 9: the last-word rule.',
    );
  });

  test('names every slip of the words by what was said', () => {
    const trace = traceOf({ happenings: counted(1, 2, 3, 5, 4, 6, 'umpty', 8) });
    expect(tellTry(trace)).toBe(
      'One word and one touch to each of 8 corks; in the words swapped 5 and 4 and put “umpty” where another number belongs, after 6.',
    );
  });

  test('says so when nothing was counted or the try was set aside', () => {
    expect(tellTry(traceOf({}))).toBe('Nothing was counted.');
    expect(tellTry(traceOf({ setAside: 'tired', happenings: clean(8) }))).toMatch(
      /^Set aside \(tired\)\. One word/,
    );
  });
});

describe(nextStep, () => {
  test('begins kindly with a child nobody has looked at', () => {
    expect(nextStep([])).toMatchObject({ task: 'count-row', title: '3 corks in a row', tries: [] });
  });

  test('answers a thing counted twice by moving them aside, a size down, and names the try', () => {
    const step = nextStep([traceOf({ happenings: twiceOfEight })]);
    expect(step).toMatchObject({ task: 'count-aside', title: '7 corks to move aside', tries: ['trace-1'] });
    expect(step.why).toMatch(/8 corks in a row: counted one twice\. Try moving each one aside/);
  });

  test('answers counting again when asked with a cloth', () => {
    const recounted = traceOf({
      happenings: [
        ...clean(8),
        { kind: 'ask', question: 'how-many' },
        ...clean(8),
        { kind: 'answer', value: 8 },
      ],
    });
    expect(nextStep([recounted])).toMatchObject({ task: 'how-many' });
    expect(nextStep([recounted]).why).toMatch(/counted all over again when asked how many.*cloth/);
  });

  test('without a slip asks how many, then other things, then one more', () => {
    const asked = [
      { kind: 'ask', question: 'how-many' },
      { kind: 'answer', value: 8 },
    ] as const;
    const corks = traceOf({ happenings: [...clean(8), ...asked], startedAt: monday });
    const withShells = traceOf({
      id: 'trace-2' as TraceId,
      happenings: [...clean(8), ...asked],
      startedAt: tuesday,
      set: shells,
    });
    expect(nextStep([traceOf({ happenings: clean(8) })])).toMatchObject({ task: 'how-many' });
    expect(nextStep([corks])).toMatchObject({ set: { size: 8, things: 'shell' } });
    expect(nextStep([corks, withShells])).toMatchObject({ set: { size: 9 } });
  });

  test('does not hold a slip against the child when the adult had stopped the try', () => {
    const stopped = traceOf({ happenings: clean(3), ended: 'stopped-by-adult' });
    expect(nextStep([stopped]).why).not.toMatch(/left/);
  });
});

describe(dueFor, () => {
  const child = (childId: string, ...startedAt: string[]) => ({
    childId: childId as ChildId,
    traces: startedAt.map((at) => traceOf({ startedAt: at, happenings: clean(8) })),
  });

  test('puts a child nobody has looked at first, then the one looked at longest ago', () => {
    const due = dueFor([child('b', tuesday), child('c'), child('a', monday)]);
    expect(due.map((one) => one.childId)).toEqual(['c', 'a', 'b']);
    expect(due[0]!.lastLook).toBeNull();
  });

  test('names the skill that has waited longest', () => {
    expect(dueFor([child('a', monday)])[0]).toMatchObject({ skill: 'last-word', skillLastLook: null });
  });
});
