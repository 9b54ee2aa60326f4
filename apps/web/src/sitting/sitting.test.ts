import { settledEvents, type Gesture } from '@dotting/core';
import fc from 'fast-check';
import { after, type Action } from './after.js';
import { answersIn, openTry, phaseOf, type Sitting } from '../outbox/sitting.js';
import { fresh, lastTryOf as lastTry, now, play } from './testing.js';

const by = (kind: 'next' | 'that-one-again' | 'how-many' | 'undo' | 'left-one-out'): Action => ({
  kind: 'gesture',
  gesture: kind === 'how-many' ? { kind: 'ask', question: 'how-many' } : { kind },
});
const answer = (value: number | string | null): Action => ({
  kind: 'gesture',
  gesture: { kind: 'answer', value },
});
const whole: Action = { kind: 'gesture', gesture: { kind: 'whole', to: 4 } };
const end: Action = { kind: 'end', ended: 'finished' };

const standing = (sitting: Sitting) => settledEvents(lastTry(sitting).events).map((event) => event.kind);

describe('beginning a try', () => {
  test('the first gesture opens it with what was laid, in the child’s language', () => {
    const { head } = lastTry(play([by('next')]));
    expect(head).toMatchObject({
      task: 'count-row',
      language: 'cy',
      set: { size: 4, things: 'cork', arrangement: 'row' },
      ended: null,
      firstTime: false,
    });
  });

  test('a routine is new until this child has met it, in this sitting too', () => {
    const aside: Action = { kind: 'lay', plan: { task: 'count-aside' } };
    const sitting = play([aside, by('next'), end, { kind: 'next-try' }, by('next')]);
    expect(sitting.tries.map((one) => one.head.firstTime)).toEqual([true, false]);
  });

  test('what is laid cannot be changed under a child who is counting', () => {
    const counting = play([by('next')]);
    expect(after(counting, { kind: 'lay', plan: { size: 9 } }, now())).toBe(counting);
  });

  test('help and who answered stay with the try they were given in', () => {
    const sitting = play([
      by('next'),
      { kind: 'help', help: 'prompted' },
      { kind: 'answered-by', answeredBy: 'with-others' },
      end,
      { kind: 'next-try' },
      by('next'),
    ]);
    expect(sitting.tries.map(({ head }) => [head.help, head.answeredBy])).toEqual([
      ['prompted', 'with-others'],
      ['none', 'alone'],
    ]);
  });
});

describe('zero before the first touch', () => {
  const zero: Action = { kind: 'gesture', gesture: { kind: 'zero-first' } };
  const words = (sitting: Sitting) =>
    lastTry(sitting).events.map((event) => [event.kind, 'word' in event ? event.word : null]);

  test('is taken down before the count, which goes on from one; slips act on the count alone', () => {
    const sitting = play([zero, by('next'), by('next')]);
    expect(lastTry(sitting).head.version).toBe(2);
    expect(words(sitting)).toEqual([
      ['say', 0],
      ['count', 1],
      ['count', 2],
    ]);
    // Nothing has been touched: there is nothing to mark, and undo takes the zero back.
    expect(
      words(play([zero, by('that-one-again'), { kind: 'gesture', gesture: { kind: 'took-it-back' } }])),
    ).toEqual([['say', 0]]);
    expect(words(play([zero, by('undo')])).at(-1)).toEqual(['undo', null]);
  });
});

describe('a check', () => {
  test('opens the try again: what is counted now goes on from one, and the answer stays', () => {
    const answered = play([by('next'), by('next'), by('how-many'), answer(2)]);
    const checking = play([{ kind: 'check' }, by('next'), by('next'), by('next')], answered);
    expect(phaseOf(checking)).toBe('counting');
    expect(lastTry(checking).events.map((event) => ('word' in event ? event.word : event.kind))).toEqual([
      1,
      2,
      'ask',
      'answer',
      1,
      2,
      3,
    ]);
    expect(phaseOf(play([by('how-many'), answer(3)], checking))).toBe('read');
  });
});

describe('ending a try', () => {
  test('an answer ends it, and what comes next is worked out after it, with what lies on the table', () => {
    const ended = play([...Array.from({ length: 4 }, () => by('next')), by('how-many'), answer(4)]);
    expect([ended.isPlanDue, ended.plan]).toEqual([true, fresh.plan]);
    const sitting = play([{ kind: 'plan-next' }], ended);
    expect(phaseOf(sitting)).toBe('read');
    expect(lastTry(sitting).head.ended).toBe('finished');
    expect(sitting.plan).toMatchObject({ task: 'count-row', things: 'cork' });
    expect(sitting.plan.size).toBeGreaterThan(4);
    expect(sitting.plan.why).toMatch(/tells us most/);
    expect(play([{ kind: 'plan-next' }], sitting)).toBe(sitting);
    // Whoever is quicker does not get the old plan.
    expect(play([{ kind: 'next-try' }], ended).plan).toEqual(sitting.plan);
    expect(play([{ kind: 'lay', plan: { things: 'shell' } }], ended).plan.size).toBe(sitting.plan.size);
  });

  test('no answer ends it too, and a question after the end opens it again', () => {
    const read = play([by('next'), end]);
    const asked = play([by('how-many')], read);
    expect([phaseOf(read), phaseOf(asked), phaseOf(play([answer(null)], asked))]).toEqual([
      'read',
      'asked',
      'read',
    ]);
  });

  test('a whole count in one tap ends where nothing is asked, and waits for the answer where it is', () => {
    expect(phaseOf(play([whole]))).toBe('read');
    const howMany = play([{ kind: 'lay', plan: { task: 'how-many' } }, whole]);
    expect(phaseOf(howMany)).toBe('counting');
    expect(lastTry(howMany).head.whole).toBe(true);
  });

  test('setting aside and letting count after all', () => {
    const aside = play([by('next'), end, { kind: 'set-aside', reason: 'the tray was bumped' }]);
    expect(lastTry(aside).head.setAside).toBe('the tray was bumped');
    expect(lastTry(play([{ kind: 'set-aside', reason: null }], aside)).head.setAside).toBeUndefined();
  });

  test('ending a sitting without an open try changes nothing', () => {
    expect(play([end])).toEqual(fresh);
  });
});

describe('other kinds of task', () => {
  const lay = (plan: Partial<Sitting['plan']>): Action => ({ kind: 'lay', plan });
  const given = (value: number): Action => ({ kind: 'gesture', gesture: { kind: 'given', value } });
  const askToGive: Action = { kind: 'gesture', gesture: { kind: 'ask', question: 'give' } };

  test('words alone are said, with nothing laid and a number to reach', () => {
    const { head, events } = lastTry(play([lay({ task: 'say-far', size: 12 }), by('next'), by('next')]));
    expect(head).toMatchObject({ target: 12, set: { size: 0, arrangement: 'none' } });
    expect(events.map((event) => event.kind)).toEqual(['say', 'say']);
  });

  test('a request is not a question of how many, and what was given can be made otherwise', () => {
    const giving = play([lay({ task: 'give-n', size: 4 }), askToGive, given(6), given(4)]);
    expect(phaseOf(giving)).toBe('counting');
    expect(lastTry(giving).head.set).toMatchObject({ size: 4, pile: 15 });
    expect(phaseOf(play([end], giving))).toBe('read');
  });

  test('a task that asks twice ends with the second answer', () => {
    const once = play([lay({ task: 'still-n' }), by('next'), by('how-many'), answer(1)]);
    expect([phaseOf(once), answersIn(once)]).toEqual(['counting', 1]);
    expect(phaseOf(play([by('how-many'), answer(1)], once))).toBe('read');
  });

  test('a spread keeps what it was drawn from, a row does not need it', () => {
    const spread = play([lay({ task: 'count-scatter' }), by('next'), end, { kind: 'next-try' }, by('next')]);
    const [first, second] = spread.tries.map((one) => one.head.set.layout!.seed!);
    expect(second).toBe(first! + 1);
    expect(lastTry(play([by('next')])).head.set.layout).toBeUndefined();
  });
});

test('how the child went about it is kept with the try, and can be taken away again', () => {
  const seen = play([by('next'), end, { kind: 'strategy', strategy: 'moved-aside' }]);
  expect(lastTry(seen).head.strategy).toBe('moved-aside');
  expect(lastTry(play([{ kind: 'strategy', strategy: null }], seen)).head.strategy).toBeUndefined();
});

describe('undo', () => {
  test('goes back through the answer and the question to the count', () => {
    const read = play([by('next'), by('next'), by('how-many'), answer(2)]);
    const steps = [read];
    for (let i = 0; i < 4; i++) steps.push(play([by('undo')], steps.at(-1)));
    expect(steps.map(phaseOf)).toEqual(['read', 'asked', 'counting', 'counting', 'counting']);
    expect(steps.map(standing).map((kinds) => kinds.length)).toEqual([4, 3, 2, 1, 0]);
  });

  test('of an ending without an answer opens the count as it was', () => {
    const reopened = play([by('next'), end, by('undo')]);
    expect([phaseOf(reopened), standing(reopened)]).toEqual(['counting', ['count']]);
  });

  test('of a whole count takes all of it back, and its times count again', () => {
    const undone = play([whole, by('undo'), by('undo')]);
    expect(standing(undone)).toEqual([]);
    expect(lastTry(undone).head.whole).toBeUndefined();
  });

  test('before the first try does nothing', () => {
    expect(play([by('undo')])).toBe(fresh);
  });
});

const anyGesture: fc.Arbitrary<Gesture> = fc.oneof(
  fc.constantFrom<Gesture>(
    { kind: 'next' },
    { kind: 'that-one-again' },
    { kind: 'word-no-touch' },
    { kind: 'touch-no-word' },
    { kind: 'left-one-out' },
    { kind: 'took-it-back' },
    { kind: 'started-again' },
    { kind: 'ask', question: 'how-many' },
    { kind: 'undo' },
    { kind: 'whole', to: 4 },
  ),
  fc.record({ kind: fc.constant('thing' as const), item: fc.constant(0) }),
  fc.record({ kind: fc.constant('answer' as const), value: fc.option(fc.nat(20)) }),
);
const anyAction: fc.Arbitrary<Action> = fc.oneof(
  { weight: 6, arbitrary: anyGesture.map((gesture) => ({ kind: 'gesture' as const, gesture })) },
  fc.constantFrom<Action>(
    end,
    { kind: 'next-try' },
    { kind: 'help', help: 'shown' },
    { kind: 'set-aside', reason: 'tired or upset' },
  ),
);

test('whatever is pressed, events are only added, in order, and heads only move on', () => {
  fc.assert(
    fc.property(fc.array(anyAction, { maxLength: 40 }), (actions) => {
      let sitting = fresh;
      for (const action of actions) {
        const next = after(sitting, action, now());
        for (const [i, before] of sitting.tries.entries()) {
          const tried = next.tries[i]!;
          expect(tried.events.slice(0, before.events.length)).toEqual(before.events);
          expect(tried.revision).toBeGreaterThanOrEqual(before.revision);
          if (tried.head !== before.head) expect(tried.revision).toBeGreaterThan(before.revision);
        }
        sitting = next;
      }
      for (const { events } of sitting.tries) {
        expect(events.map((event) => event.seq)).toEqual(events.map((_, i) => i));
        expect(events.every((event, i) => i === 0 || event.t >= events[i - 1]!.t)).toBe(true);
      }
    }),
  );
});

test('only the last try can be open', () => {
  const sitting = play([by('next'), end, { kind: 'next-try' }]);
  expect(openTry(sitting)).toBeUndefined();
  expect(phaseOf(sitting)).toBe('laying');
});
