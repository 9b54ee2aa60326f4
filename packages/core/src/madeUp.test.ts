import { dotsFor } from './lines/skillLine.js';
import { nextSteps } from './next/nextSteps.js';
import { implicitQuestion, isAllowed } from './recording/allowed.js';
import { setOf, taskOf } from './shelf/tasks.js';
import { skillOf, type SkillId } from './skills/map.js';
import { saidFor } from './statements/saidFor.js';
import { traceOf } from './testing/traces.js';
import type { Happening, Trace } from './trace/trace.js';

/*
 * What it takes to add a task, a skill and a way of taking down: the modules put in place of the shelf's own
 * here are all the files of the core that change. The words are beside them, in the catalogue.
 */
jest.mock('./shelf/tasks/shared.js', () => {
  const actual = jest.requireActual<typeof import('./shelf/tasks/shared.js')>('./shelf/tasks/shared.js');
  const [like] = actual.sharedTasks;
  const asked = { kind: 'ring', pile: 12, ladder: [2, 3, 5, 8], watchFor: [], makes: undefined };
  const bucket = { ...like, ...asked, id: 'bucket', looksAt: 'buckets', easier: 'bucket', harder: 'bucket' };
  const listen = { ...bucket, id: 'listen', looksAt: 'listens' };
  return { sharedTasks: [...actual.sharedTasks, bucket, listen] };
});
jest.mock('./skills/entries.js', () => {
  const actual = jest.requireActual<typeof import('./skills/entries.js')>('./skills/entries.js');
  const alike = { strand: 'cardinality', leansOn: [{ on: 'fetch', offset: 0 }] } as const;
  return {
    ...actual,
    skillMap: [
      ...actual.skillMap,
      { ...alike, id: 'buckets', axis: true, read: { as: 'threshold', by: 'buckets' } },
      { ...alike, id: 'listens', axis: false, read: { as: 'principle', by: 'listens', restsOn: 'order' } },
    ],
  };
});
jest.mock('./evidence/thresholdReaders.js', () => {
  const actual = jest.requireActual<typeof import('./evidence/thresholdReaders.js')>(
    './evidence/thresholdReaders.js',
  );
  const buckets = {
    look: ({ target, events }: Trace) => ({ n: target, success: events.some((one) => one.kind === 'given') }),
    slips: () => [],
    priorMean: () => null,
  };
  return { thresholdReaders: { ...actual.thresholdReaders, buckets } };
});
jest.mock('./evidence/principleReaders.js', () => {
  const actual = jest.requireActual<typeof import('./evidence/principleReaders.js')>(
    './evidence/principleReaders.js',
  );
  const listens = { shown: ({ ended }: Trace) => ended === 'finished', slips: () => [] };
  return { principleReaders: { ...actual.principleReaders, listens } };
});
jest.mock('./shelf/kinds/kinds.js', () => {
  const actual = jest.requireActual<typeof import('./shelf/kinds/kinds.js')>('./shelf/kinds/kinds.js');
  const ring = { ...actual.captureKinds.give, asksHowMany: true, questionBefore: () => 'find' };
  return { captureKinds: { ...actual.captureKinds, ring } };
});

const date = '2026-03-20';
const given: Happening = { kind: 'given', value: 1 };

/** Tries of a task at these numbers on three days, with two kinds of things. */
const tried = (id: string, numbers: readonly number[], happenings: readonly Happening[]): readonly Trace[] =>
  ['2026-03-02', '2026-03-09', '2026-03-16'].flatMap((day, i) =>
    numbers.map((n) =>
      traceOf({
        id: `${id} ${day} ${n}` as Trace['id'],
        task: id,
        startedAt: `${day}T09:30:00.000+00:00`,
        set: setOf(taskOf(id), n, i % 2 === 0 ? 'cork' : 'shell'),
        target: n,
        happenings,
      }),
    ),
  );

describe('what is added in its own files', () => {
  test('a skill that gives way at a number is said, drawn and planned by its entry and its reader', () => {
    const tries = [...tried('bucket', [2, 3, 5], [given]), ...tried('bucket', [8], [])];
    const [statement] = saidFor(tries, date);
    expect(statement).toMatchObject({ skill: 'buckets', by: 'buckets', certainty: 'sure', triedTo: 8 });
    const skill = skillOf('buckets');
    const dots = dotsFor(skill, tries, [statement!]);
    expect(dots[1]).toMatchObject({ n: 2, form: 'full' });
    expect(dots[7]).toMatchObject({ n: 8, form: 'ring' });
    expect(nextSteps(tries, date).bySkill.get('buckets' as SkillId)).toMatchObject({ task: 'bucket' });
  });

  test('a principle likewise', () => {
    const tries = tried('listen', [3, 5, 8], []);
    const [statement] = saidFor(tries, date);
    expect(statement).toMatchObject({ skill: 'listens', by: 'listens', certainty: 'sure' });
    expect(dotsFor(skillOf('listens'), tries, [statement!])).toMatchObject([{ n: 0, form: 'full' }]);
    expect(nextSteps(tries, date).bySkill.get('listens' as SkillId)).toMatchObject({ task: 'listen' });
  });

  test('a way of taking down says itself what is allowed and what is asked', () => {
    const task = taskOf('bucket');
    const table = { task, set: setOf(task, 3, 'cork'), events: [] };
    expect(isAllowed({ kind: 'ask', question: 'how-many' }, 'counting', table)).toBe(true);
    expect(
      isAllowed({ kind: 'ask', question: 'how-many' }, 'counting', { ...table, task: taskOf('give-n') }),
    ).toBe(false);
    expect(implicitQuestion({ kind: 'given', value: 3 }, table)).toBe('find');
  });
});
