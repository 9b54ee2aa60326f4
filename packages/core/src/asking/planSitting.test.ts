import { traceOf } from '../testing/traces.js';
import { taskOf, tasks } from '../shelf/tasks.js';
import { layoutFor } from '../shelf/layout.js';
import { otherQuestion, otherQuestions, trayFor } from './planSitting.js';

const day = '2026-03-09';
const child = { firstName: 'Wren', birthDate: '2022-03-01', mouths: false, allergies: '' };
const tray = (
  task: Parameters<typeof trayFor>[0]['task'],
  n: number,
  other: Parameters<typeof trayFor>[0]['other'],
) => trayFor({ task, n, things: 'cork', layout: layoutFor(taskOf(task), n, 'cork', 5), other, child, day });

describe(otherQuestion, () => {
  test('is of another skill, on what lies there: never has waited longest, then the longest ago', () => {
    const seen = (task: string, on: string) => traceOf({ task, startedAt: `${on}T09:30:00.000+00:00` });
    expect(otherQuestion('count-row', [], day)).toBe('how-many');
    expect(otherQuestion('count-row', [seen('how-many', '2026-03-02')], day)).toBe('give-n');
    const all = ['how-many', 'give-n', 'still-n', 'other-end'].map((task, i) =>
      seen(task, `2026-03-0${5 - i}`),
    );
    expect(otherQuestion('count-row', all, day)).toBe('other-end');
  });

  test('for words alone nothing has to be laid, and what is made up for one try serves no other', () => {
    for (const id of otherQuestions('say-far')) expect(taskOf(id).arrangement).toBe('none');
    expect(otherQuestion('recipe', [], day)).toBeNull();
    expect(otherQuestion('count-heard', [], day)).toBeNull();
  });

  test('every task has questions of other skills only', () => {
    for (const { id, looksAt } of tasks) {
      expect(otherQuestions(id).map((other) => taskOf(other).looksAt)).not.toContain(looksAt);
    }
  });
});

describe(trayFor, () => {
  test('has enough for the number to go up, the pile of the other question, and what else is needed', () => {
    expect(tray('count-row', 6, null).lines).toEqual(['10 corks']);
    expect(tray('count-row', 6, 'give-n').lines).toEqual(['15 corks', 'a plate']);
    expect(tray('count-row', 20, null).lines).toEqual(['20 corks']);
  });

  test('has each kind of a recipe, and of a set to match both kinds', () => {
    expect(tray('recipe', 3, null).lines.filter((line) => /^\d/.test(line))).toHaveLength(4);
    expect(tray('same-many', 4, null).lines.slice(0, 2)).toEqual(['15 corks', '6 shells']);
  });

  test('says the cautions of every kind that lies there, each once', () => {
    const { cautions } = tray('same-many', 4, 'how-many');
    expect(cautions.join(' ')).toMatch(/corks.*shells/);
    expect(new Set(cautions).size).toBe(cautions.length);
  });

  test('for words alone there is nothing to lay', () => {
    expect(tray('say-far', 10, null)).toEqual({ lines: [], cautions: [] });
  });
});
