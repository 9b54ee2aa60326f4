import { counted, traceOf } from '../testing/traces.js';
import { skillOfTask } from '../shelf/tasksOf.js';
import type { SittingId, TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import type { Asking } from './asking.js';
import { taskOf, tasks } from '../shelf/tasks.js';
import { layoutFor } from '../shelf/layout.js';
import { otherQuestion, otherQuestions, trayFor } from './planSitting.js';

const day = '2026-03-09';
const child = { firstName: 'Wren', birthDate: '2022-03-01', mouths: false, allergies: '' };
const tray = (
  task: Parameters<typeof trayFor>[0]['task'],
  n: number,
  other: Parameters<typeof trayFor>[0]['other'],
  main = task,
) =>
  trayFor({
    own: [],
    task,
    main,
    n,
    things: 'cork',
    layout: layoutFor(taskOf(task), n, 'cork', 5),
    other,
    child,
    day,
  });

const asking = (tries: readonly Trace[] = []): Asking => ({
  tries,
  sittingId: 'now' as SittingId,
  day,
  language: 'en',
  months: 50,
  arrangements: ['row'],
  things: ['cork'],
  largest: 20,
  secondsLeft: 240,
});
let made = 0;
/** Ten counted in a row without a slip, or with one touched twice. */
const counted10 = (facts: Parameters<typeof traceOf>[0] = {}, slips = false): Trace =>
  traceOf({
    id: `try-${made++}` as TraceId,
    sittingId: 'before' as SittingId,
    set: { size: 10, things: 'cork', arrangement: 'row' },
    target: 10,
    happenings: [
      ...counted(...Array.from({ length: 9 }, (_, i) => i + 1)),
      ...(slips ? [{ kind: 'count', word: 10, item: 'again' } as const] : []),
      { kind: 'count', word: slips ? 11 : 10 } as const,
    ],
    ...facts,
  });

describe(otherQuestion, () => {
  test('is of another skill: never has waited longest, then the longest ago', () => {
    const row = [counted10(), counted10(), counted10()];
    expect(otherQuestion('count-row', asking(row))).toBe('how-many');
    expect(otherQuestion('how-many', asking(row))).toBe('count-ring');
    const inPlaces = (['ring', 'scattered'] as const).map((arrangement) =>
      counted10({ set: { size: 10, things: 'cork', arrangement } }),
    );
    expect(otherQuestion('how-many', asking([...row, ...inPlaces]))).toBe('give-n');
  });

  test('a slip that is not plain yet is asked about again before what nobody has looked at', () => {
    const ring = { set: { size: 10, things: 'cork', arrangement: 'ring' } } as const;
    const tries = [counted10(), counted10(), counted10(ring), counted10(ring, true)];
    expect(otherQuestion('count-row', asking(tries))).toBe('count-ring');
  });

  test('a sum that went wrong once is not asked again before what it leans on has gone well', () => {
    const answered = (value: number): Trace =>
      counted10({
        task: 'how-many',
        happenings: [
          ...counted(...Array.from({ length: 10 }, (_, i) => i + 1)),
          { kind: 'ask', question: 'how-many' },
          { kind: 'answer', value },
        ],
      });
    const sum = counted10({
      task: 'put-together',
      set: { size: 9, things: 'cork', arrangement: 'row', layout: { change: { from: 7, by: 2 } } },
      target: 9,
      happenings: [
        { kind: 'ask', question: 'hidden' },
        { kind: 'answer', value: 8 },
      ],
    });
    const before = [counted10(), counted10(), sum];
    expect(otherQuestion('count-row', asking([...before, answered(10)]))).toBe('put-together');
    expect(otherQuestion('count-row', asking([...before, answered(3)]))).not.toBe('put-together');
  });

  test('what the child cannot be expected to count is not asked', () => {
    const lost = Array.from({ length: 6 }, () =>
      counted10({
        set: { size: 3, things: 'cork', arrangement: 'row' },
        target: 3,
        happenings: [...counted(1), { kind: 'touch' }, { kind: 'touch' }],
      }),
    );
    for (const id of ['how-many', 'count-ring', 'count-scatter', 'still-n'])
      expect(otherQuestion('give-n', asking(lost))).not.toBe(id);
  });

  test('what is made up for one try serves no other that lays things', () => {
    for (const first of ['recipe', 'count-heard'] as const)
      for (const id of otherQuestions(first)) expect(taskOf(id).arrangement).toBe('none');
  });

  test('every task has questions of other skills only', () => {
    for (const { id } of tasks) {
      const skills = otherQuestions(id).map((other) => skillOfTask(other).id);
      expect(skills).not.toContain(skillOfTask(id).id);
      expect(skills.length).toBeGreaterThan(0);
    }
  });
});

describe(trayFor, () => {
  const thingsOf = (...of: Parameters<typeof tray>) =>
    tray(...of).things.map(({ kind, amount }) => `${amount} ${kind}`);

  test('has enough for the number to go up, and the pile of the other question', () => {
    expect(thingsOf('count-row', 6, null)).toEqual(['10 cork']);
    expect(thingsOf('count-row', 6, 'give-n')).toEqual(['15 cork']);
    expect(thingsOf('count-row', 20, null)).toEqual(['20 cork']);
    expect(tray('count-row', 6, 'give-n').tasks).toEqual(['count-row', 'give-n']);
  });

  test('has what the sitting is for beside what it begins with', () => {
    expect(thingsOf('count-aside', 2, null, 'give-n')).toEqual(['15 cork']);
    expect(tray('count-aside', 2, null, 'give-n').tasks).toEqual(['count-aside', 'give-n']);
  });

  test('has each kind of a recipe, and of a set to match both kinds', () => {
    expect(tray('recipe', 3, null).things).toHaveLength(4);
    expect(thingsOf('same-many', 4, null)).toEqual(['15 cork', '6 shell']);
  });

  test('says the cautions of every kind that lies there, each once', () => {
    const { cautions } = tray('same-many', 4, 'how-many');
    const told = cautions.map((caution) => JSON.stringify(caution));
    expect(told.join(' ')).toMatch(/cork.*shell/);
    expect(new Set(told).size).toBe(told.length);
  });

  test('for words alone there is nothing to lay', () => {
    expect(tray('say-far', 10, null)).toEqual({ things: [], tasks: ['say-far'], cautions: [] });
  });
});
