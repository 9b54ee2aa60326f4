import { setOf, taskOf, tasks, type Task } from '../shelf/tasks.js';
import { layoutFor } from '../shelf/layout.js';
import type { Happening, TraceEvent } from '../trace/trace.js';
import { implicitQuestion, isAllowed, type Phase } from './allowed.js';
import type { Gesture } from '../trace/gesture.js';

const phases: readonly Phase[] = ['laying', 'counting', 'asked', 'read'];
const events = (...happenings: readonly Happening[]): readonly TraceEvent[] =>
  happenings.map((happening, seq) => ({ ...happening, seq, t: 1000 * seq }));

const laid = (task: Task, ...happenings: readonly Happening[]) => ({
  task,
  set: setOf(task, 6, 'cork', layoutFor(task, 6, 'cork', 1, task.ways?.[0])),
  events: events(...happenings),
});
const allowedIn = (id: string, gesture: Gesture): readonly Phase[] =>
  phases.filter((phase) => isAllowed(gesture, phase, laid(taskOf(id))));

describe(isAllowed, () => {
  it.each<[string, Gesture, readonly Phase[]]>([
    ['say-far', { kind: 'that-one-again' }, []],
    ['count-row', { kind: 'that-one-again' }, ['counting', 'asked']],
    ['say-far', { kind: 'other-word', word: 7 }, ['counting', 'asked']],
    ['count-row', { kind: 'whole', to: 6 }, ['laying']],
    ['count-row', { kind: 'one-language' }, ['counting', 'asked']],
    ['count-cells', { kind: 'ask', question: 'hidden' }, ['counting', 'asked', 'read']],
    ['count-row', { kind: 'ask', question: 'hidden' }, []],
    ['give-n', { kind: 'whole', to: 6 }, []],
    ['count-row', { kind: 'ask', question: 'how-many' }, ['counting', 'asked', 'read']],
    ['say-far', { kind: 'ask', question: 'how-many' }, []],
    ['count-row', { kind: 'ask', question: 'give' }, []],
    ['count-row', { kind: 'answer', value: 'did-not-know' }, ['counting', 'asked']],
    ['give-n', { kind: 'answer', value: 'did-not-know' }, ['laying', 'counting', 'asked']],
    ['count-row', { kind: 'two-in-one' }, []],
    ['count-row', { kind: 'undo' }, ['counting', 'asked', 'read']],
    ['count-row', { kind: 'zero-first' }, ['laying']],
    ['say-far', { kind: 'zero-first' }, ['laying']],
    ['say-teens-two-ways', { kind: 'zero-first' }, []],
    ['give-n', { kind: 'zero-first' }, []],
  ])('of %s, %j, in %j', (task, gesture, expected) => {
    expect(allowedIn(task, gesture)).toEqual(expected);
  });

  it('lets what is put be put elsewhere only where there are places', () => {
    for (const { id, kind } of tasks)
      expect(allowedIn(id, { kind: 'left-outside' })).toEqual(kind === 'share' ? ['counting', 'asked'] : []);
  });
});

describe(implicitQuestion, () => {
  it('asks to give before the first thing handed over, and once', () => {
    const give = taskOf('give-n');
    expect(implicitQuestion({ kind: 'given', value: 3 }, laid(give))).toBe('give');
    const asked = laid(give, { kind: 'ask', question: 'give' });
    expect(implicitQuestion({ kind: 'given', value: 3 }, asked)).toBeNull();
  });

  it('asks how many before a bare answer, and again only after the first was answered', () => {
    const still = tasks.find((task) => task.kind === 'answer')!;
    const answer: Gesture = { kind: 'answer', value: 5 };
    const asked: Happening = { kind: 'ask', question: 'how-many' };
    expect(implicitQuestion(answer, laid(still))).toBe('how-many');
    expect(implicitQuestion(answer, laid(still, asked))).toBeNull();
    expect(implicitQuestion(answer, laid(still, asked, { kind: 'answer', value: 6 }))).toBe('how-many');
  });

  it('asks nothing of itself where words are counted', () => {
    expect(implicitQuestion({ kind: 'next' }, laid(taskOf('count-row')))).toBeNull();
  });
});
