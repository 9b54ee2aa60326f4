import { readGiving, readSharing, settledEvents, type Happening } from '@dotting/core';
import { after, lastTryOf, phaseOf, play, startedAt } from './testing.js';
import type { Action } from './after.js';

const gesture = (one: Extract<Action, { kind: 'gesture' }>['gesture']): Action => ({
  kind: 'gesture',
  gesture: one,
});
const next = gesture({ kind: 'next' });
const put = gesture({ kind: 'put' });
const answer = (value: number | string | null): Action => gesture({ kind: 'answer', value });
const given = (value: number): Action => gesture({ kind: 'given', value });
const lay = (task: Extract<Action, { kind: 'lay' }>['plan']['task'], size: number, way?: string): Action => ({
  kind: 'lay',
  plan: { task: task!, size },
  ...(way && { way }),
});
const end: Action = { kind: 'end', ended: 'finished' };
const happened = (actions: readonly Action[]): readonly string[] =>
  settledEvents(lastTryOf(play(actions)).events).map((event: Happening) =>
    event.kind === 'ask'
      ? `ask ${event.question}`
      : 'value' in event
        ? `${event.kind} ${event.value}`
        : event.kind,
  );

describe('a count as it really happens', () => {
  const sitDown = (plan: Extract<Action, { kind: 'lay' }>['plan']): Action => ({ kind: 'lay', plan });
  const headOf = (...actions: Action[]) => lastTryOf(play(actions)).head;

  test('from nought, by twos, in two languages: as the adult chose it, for that task alone', () => {
    expect(headOf(sitDown({ task: 'say-far', size: 10, start: 0 }), next)).toMatchObject({
      start: 0,
      version: 2,
    });
    expect(headOf(sitDown({ task: 'count-row', size: 5, step: 2 }), next)).toMatchObject({
      start: 2,
      step: 2,
      set: { size: 6 },
      target: 6,
    });
    expect(headOf(sitDown({ task: 'say-far', size: 30, step: 10 }), next)).toMatchObject({
      start: 10,
      target: 30,
    });
    expect(headOf(sitDown({ task: 'count-row', size: 3, second: 'en' }), next).second).toBe('en');
    const byTwos = headOf(
      sitDown({ task: 'say-far', size: 30, step: 10 }),
      sitDown({ task: 'count-row' }),
      next,
    );
    expect(byTwos.step).toBeUndefined();
    // Nothing is said while lids are given out.
    expect(headOf(sitDown({ task: 'give-n', size: 3, second: 'en' }), given(3)).second).toBeUndefined();
  });

  test('wherever the child begins: the first word is the start', () => {
    const began = play([
      sitDown({ task: 'say-far', size: 12, start: 'any' }),
      { kind: 'began-at', n: 6 },
      next,
    ]);
    expect(lastTryOf(began)).toMatchObject({
      head: { start: 6 },
      events: [
        { kind: 'say', word: 6 },
        { kind: 'say', word: 7 },
      ],
    });
  });

  test('a handful is of no size until it is said, or until a second count has told it', () => {
    const counted = [sitDown({ task: 'count-handful', size: 8 }), next, next, next];
    const asked: Action[] = [...counted, gesture({ kind: 'ask', question: 'how-many' }), answer(3)];
    expect(headOf(...asked).set.size).toBe(0);
    expect(headOf(...asked).target).toBeUndefined();
    expect(headOf(...asked, { kind: 'there-were', n: 4 }).set.size).toBe(4);
    const checked: Action[] = [...asked, { kind: 'check' }, next, next, next, next, end];
    expect(headOf(...checked).set.size).toBe(4);
  });

  test('what was in view and the reason given are told afterwards, and taken back', () => {
    const counted = [sitDown({ task: 'still-n', size: 3 }), answer(3), answer(3)];
    const told: Action[] = [
      ...counted,
      { kind: 'cue', cue: 'colour' },
      { kind: 'reason', reason: 'nothing-added' },
    ];
    expect(headOf(...told)).toMatchObject({ reason: 'nothing-added', set: { cue: 'colour', size: 3 } });
    const back = headOf(...told, { kind: 'cue', cue: null }, { kind: 'reason', reason: null });
    expect([back.reason, back.set.cue]).toEqual([undefined, undefined]);
  });

  test('an empty set has nothing to reach', () => {
    const none = headOf(
      sitDown({ task: 'how-many', size: 0 }),
      gesture({ kind: 'ask', question: 'how-many' }),
      answer(0),
    );
    expect(none.set.size).toBe(0);
    expect(none.target).toBeUndefined();
  });

  test('seven in a frame of ten: then how many more', () => {
    const puts = Array.from({ length: 7 }, () => put);
    const sitting = play([sitDown({ task: 'count-cells', size: 7 }), ...puts, ...puts.map(() => next)]);
    expect(lastTryOf(sitting).head.set).toMatchObject({ size: 7, layout: { places: 10 } });
    expect(lastTryOf(sitting).head.set).not.toHaveProperty('pile');
    const asked = play([gesture({ kind: 'ask', question: 'hidden' })], sitting);
    expect(phaseOf(asked)).toBe('asked');
    expect(phaseOf(play([answer(3)], asked))).toBe('read');
  });
});

describe('each kind of task, as it is taken down', () => {
  test('answer: the question goes before the count or the answer, and once more after the things were moved', () => {
    expect(happened([lay('still-n', 4), next, next, answer(4), answer(4)])).toEqual([
      'ask how-many',
      'count',
      'count',
      'answer 4',
      'ask how-many',
      'answer 4',
    ]);
    expect(phaseOf(play([lay('still-n', 4), answer(4)]))).toBe('counting');
    expect(phaseOf(play([lay('still-n', 4), answer(4), answer(5)]))).toBe('read');
  });

  test('choose: one tap asks and answers, out of so many choices', () => {
    const sitting = play([lay('say-spot', 6), answer('not-right')]);
    expect(phaseOf(sitting)).toBe('read');
    expect(lastTryOf(sitting).head.choices).toBe(2);
    expect(lastTryOf(sitting).head.set.layout?.puppet?.words.length).toBeGreaterThan(3);
    expect(happened([lay('say-spot', 6), answer('right')])).toEqual(['ask which', 'answer right']);
  });

  test('share: a tap puts the next in its place; two in one is moved to the place before', () => {
    const sitting = play([lay('count-cells', 3), put, put, gesture({ kind: 'two-in-one' }), put]);
    const { head, events } = lastTryOf(sitting);
    expect(settledEvents(events).map((event) => event.kind === 'put' && event.place)).toEqual([
      '1',
      '1',
      '2',
    ]);
    expect(readSharing({ set: head.set, events })!.slips[0]!.kind).toBe('two-in-one');
  });

  test('share with a question: the choice ends it', () => {
    const sitting = play([lay('match-lids', 3), put, put, put, answer('enough')]);
    expect(phaseOf(sitting)).toBe('read');
    expect(happened([lay('match-lids', 3), put, answer('too-few')])).toEqual([
      'put',
      'ask which',
      'answer too-few',
    ]);
  });

  test('give: the request goes before what is given, once; a question on the way ends nothing', () => {
    const sitting = play([lay('fill-to', 12), given(7), answer('no'), given(12)]);
    expect(phaseOf(sitting)).toBe('counting');
    expect(happened([lay('fill-to', 12), given(7), answer('no'), given(12)])).toEqual([
      'ask give',
      'given 7',
      'ask which',
      'answer no',
      'given 12',
    ]);
  });

  test('a recipe: each bowl has its own request', () => {
    const bowl = gesture({ kind: 'ask', question: 'give' });
    const sitting = play([lay('recipe', 3), given(2), bowl, given(3), bowl, given(1), bowl, given(1), end]);
    const { head, events } = lastTryOf(sitting);
    expect(readGiving({ ...head, events }).map((request) => request.given)).toEqual([[2], [3], [1], [1]]);
    expect(new Set(head.set.layout!.bowls!.map((one) => one.things)).size).toBe(4);
  });

  test('the teens begin at eleven, and their two ways come by turns', () => {
    const all = gesture({ kind: 'whole', to: 15 });
    const sitting = play([lay('say-teens-two-ways', 15), all]);
    expect(lastTryOf(sitting).head).toMatchObject({
      start: 11,
      target: 15,
      set: { layout: { way: 'usual' } },
    });
    const then = play([{ kind: 'next-try' }, lay('say-teens-two-ways', 15), all], sitting);
    expect(lastTryOf(then).head.set.layout!.way).toBe('ten-and-some');
    expect(play([lay('say-teens-two-ways', 15, 'ten-and-some')]).plan.layout!.way).toBe('ten-and-some');
  });

  test('numbers said all in one tap are taken back in one step', () => {
    const whole = gesture({ kind: 'whole', to: 6 });
    const sitting = play([lay('say-far', 6), whole, gesture({ kind: 'undo' }), gesture({ kind: 'undo' })]);
    expect(settledEvents(lastTryOf(sitting).events)).toEqual([]);
    expect(lastTryOf(sitting).head.whole).toBeUndefined();
  });

  test('the drops are the same each time they are played, and come with the task', () => {
    const even = play([lay('count-heard', 4, 'even')]).plan.layout!.drops!;
    expect(even).toEqual([0, 1000, 2000, 3000]);
    const uneven = play([lay('count-heard', 4, 'uneven')]).plan.layout!.drops!;
    expect(new Set(uneven.slice(1).map((ms, i) => ms - uneven[i]!)).size).toBeGreaterThan(1);
    // Nothing blinks more than three times a second, should the drops be shown as light.
    for (const [i, ms] of uneven.slice(1).entries()) expect(ms - uneven[i]!).toBeGreaterThan(334);
  });

  test('a ring can be turned to match the table, and its beginning marked', () => {
    const sitting = play([lay('count-ring', 6, 'marked'), { kind: 'turn' }, { kind: 'turn' }, next]);
    expect(lastTryOf(sitting).head.set.layout).toMatchObject({ turn: 2, marked: true });
    expect(play([{ kind: 'turn' }], sitting)).toBe(sitting);
  });
});

describe('the plan of a sitting', () => {
  test('the first tap begins it, and what the child needs goes with every try', () => {
    const sitting = play([{ kind: 'access', access: ['vision'] }, next]);
    expect(sitting.stage).toBe('sitting');
    expect(lastTryOf(sitting).head.access).toEqual(['vision']);
    expect(lastTryOf(play([{ kind: 'access', access: [] }], sitting)).head.access).toBeUndefined();
  });

  test('the other question comes when the first has had its time', () => {
    // The other question keeps more than a minute: the first has had its own after one try.
    const whole: Action = { kind: 'whole-plan', whole: { minutes: 1, other: 'how-many' } };
    const sitting = play([whole, ...Array.from({ length: 4 }, () => next), end, { kind: 'plan-next' }]);
    expect(sitting.plan).toMatchObject({ task: 'how-many', things: 'cork' });
    expect(sitting.plan.why).toMatch(/One other question/);
  });

  test('what the adult chooses in place of the plan is what the sitting is for', () => {
    const chosen = play([lay('count-scatter', 6)]);
    expect(chosen.whole).toMatchObject({ main: 'count-scatter', mainWhy: '' });
    expect(chosen.plan.why).toBe('');
    // Under way another task changes only what comes next.
    expect(play([next, lay('count-scatter', 6)]).whole.main).toBe('count-row');
  });

  test('attention that goes sooner: three things, two minutes, nothing else', () => {
    const short = play([{ kind: 'access', access: ['attention'] }]);
    expect(short.plan.size).toBe(3);
    expect(short.whole).toMatchObject({ minutes: 2, main: 'count-row', other: null });
    // Under way the adult's plan stays as it is.
    const later = play([next, { kind: 'access', access: ['attention'] }]);
    expect(later.plan.size).toBe(4);
  });

  test('a try that the child was too upset for ends the sitting, and counts for nothing', () => {
    const upset: Action = { kind: 'set-aside', reason: 'tired or upset', upset: true };
    const sitting = play([next, next, end, upset, { kind: 'plan-next' }]);
    expect(lastTryOf(sitting).head).toMatchObject({ setAside: 'tired or upset', upset: true });
    expect(sitting.plan.why).toMatch(/enough for today/);
    const again = play([{ kind: 'set-aside', reason: null }], sitting);
    expect(lastTryOf(again).head.upset).toBeUndefined();
  });

  test('handed over, what was going on ends as interrupted, and it waits until someone carries on', () => {
    const left = play([next, next, { kind: 'hand-over', by: 'Tomasz' }]);
    expect(lastTryOf(left).head.ended).toBe('interrupted');
    expect(left).toMatchObject({ handedOverBy: 'Tomasz' });
    expect(left.pausedAt).not.toBeNull();
    expect(play([{ kind: 'resume' }], left)).toMatchObject({ pausedAt: null, handedOverBy: undefined });
  });

  test('a pause is not the child’s time', () => {
    const paused = play([next, end, { kind: 'pause' }]);
    const resumed = after(paused, { kind: 'resume' }, startedAt(600_000));
    expect(resumed.pausedAt).toBeNull();
    expect(resumed.pausedMs).toBeGreaterThan(500_000);
    expect(play([{ kind: 'pause' }], paused).pausedAt).toBe(paused.pausedAt);
  });
});

describe('the closing page', () => {
  const counted = play([...Array.from({ length: 4 }, () => next), end]);

  test('says what changed, and keeps the adult’s words when it is left and opened again', () => {
    const closing = play([{ kind: 'open-closing' }], counted);
    expect(closing.stage).toBe('closing');
    const [line] = closing.closing!.changed;
    expect(line!.told).toMatch(/^Wren likely says numbers in order to 4/);
    const changed = closing.closing!.changed.map((one, i) =>
      i === 0 ? { ...one, words: 'Counts to 4!' } : one,
    );
    const again = play(
      [
        { kind: 'closing', closing: { ...closing.closing!, changed, note: 'a cold' } },
        { kind: 'leave-closing' },
        { kind: 'open-closing' },
      ],
      closing,
    );
    expect(again.closing!.changed[0]!.words).toBe('Counts to 4!');
    expect(again.closing!.note).toBe('a cold');
  });

  test('a try still going on is ended as interrupted, and brings nothing', () => {
    const closing = play([next, { kind: 'open-closing' }]);
    expect(lastTryOf(closing).head.ended).toBe('interrupted');
  });

  test('a count that mixed two languages is left out of order', () => {
    const mixed = play([{ kind: 'mixed-with', language: 'en' }, { kind: 'open-closing' }], counted);
    expect(lastTryOf(mixed).head.mixedWith).toBe('en');
    expect(mixed.closing!.changed.some((line) => /in order/.test(line.told))).toBe(false);
  });
});
