import fc from 'fast-check';
import { observationsOf } from '../evidence/observations.js';
import { counted, traceOf } from '../testing/traces.js';
import { countSteps, type Happening, type Trace } from '../trace/trace.js';
import { readMore } from './readMore.js';
import { readPairing } from './readPairing.js';
import { readTry } from './readTry.js';
import { readWords } from './readWords.js';

const said = (word: number): Happening => ({ kind: 'say', word });
const second = (word: number): Happening => ({ kind: 'say', word, lang: 2 });
const row = (size: number, happenings: readonly Happening[], facts: Partial<Trace> = {}): Trace =>
  traceOf({
    version: 2,
    set: { size, things: 'cork', arrangement: 'row' },
    target: size,
    happenings,
    ...facts,
  });
const upTo = (n: number): readonly number[] => Array.from({ length: n }, (_, i) => i + 1);

describe('a run from nought', () => {
  const run = (words: readonly number[]) =>
    observationsOf(
      traceOf({
        version: 2,
        start: 0,
        target: 6,
        task: 'say-far',
        set: { size: 0, things: 'cork', arrangement: 'none' },
        happenings: words.map(said),
      }),
    ).order;

  test('tells of the order what the same run from one does', () => {
    expect(run([0, 1, 2, 3, 4, 5, 6])).toMatchObject({ upTo: 6, brokeOff: false });
    expect(run([0, 1, 2, 4])).toMatchObject({ upTo: 2, brokeOff: true });
    expect(run([1, 2, 3])).toMatchObject({ upTo: 3, brokeOff: false });
  });

  test('nought alone tells nothing', () => {
    expect(run([0])!.tries).toEqual([]);
  });
});

test('by twos nothing is told of one to one', () => {
  const happenings: Happening[] = [
    { kind: 'count', word: 2, items: [0, 1] },
    { kind: 'count', word: 4, items: [2, 3] },
  ];
  const byTwos = row(4, happenings, { start: 2, step: 2 });
  expect(readTry(byTwos).pairing).toEqual({ holds: true, slips: [] });
  expect(observationsOf(byTwos)).toMatchObject({ tracking: null, order: null });
});

test('of a handful nothing is paired until it is known how many there were', () => {
  const handful = (size: number) =>
    row(size, counted(1, 2, 3), {
      set: { size, things: 'cork', arrangement: 'movable', layout: { handful: true } },
      target: undefined!,
    });
  expect(readTry(handful(0))).toMatchObject({ pairing: null, order: { upTo: 3 } });
  expect(readTry(handful(4)).pairing!.slips).toMatchObject([{ kind: 'missed' }]);
  expect(observationsOf(handful(3)).tracking).toMatchObject({ n: 3, success: true });
});

describe('how many more fill a frame', () => {
  const frame = (...happenings: Happening[]) =>
    readMore(
      traceOf({
        set: { size: 7, things: 'cork', arrangement: 'frame', layout: { places: 10 } },
        happenings: [...counted(...upTo(7)), ...happenings],
      }),
    );
  const more: Happening = { kind: 'ask', question: 'hidden' };

  test('is what was said beside what it takes', () => {
    expect(frame(more, { kind: 'answer', value: 3 })).toEqual({ said: 3, missing: 3 });
    expect(frame(more, { kind: 'answer', value: 4 })).toEqual({ said: 4, missing: 3 });
    expect(frame(more)).toEqual({ said: null, missing: 3 });
    expect(frame()).toBeNull();
  });
});

describe('zero', () => {
  test('said before the first touch is the room’s habit: no slip anywhere', () => {
    const reading = readTry(row(3, [said(0), ...counted(1, 2, 3)]));
    expect(reading).toMatchObject({ beganAt: 'zero-before', pairing: { holds: true } });
    expect(reading.order).toMatchObject({ upTo: 3, slips: [] });
  });

  test('said on the first thing is told: the words are in order, the last is one short', () => {
    const reading = readTry(
      row(4, [...counted(0, 1, 2, 3), { kind: 'ask', question: 'how-many' }, { kind: 'answer', value: 3 }]),
    );
    expect(reading).toMatchObject({
      beganAt: 'zero-on-first',
      pairing: { holds: true },
      order: { upTo: 3, slips: [], words: [1, 2, 3] },
      total: { kind: 'last-word', shown: true },
    });
  });

  test('in a try of the first version it is read as it always was', () => {
    const { version: _, ...first } = row(3, [said(0), ...counted(1, 2, 3)]);
    const reading = readTry(first);
    expect(reading).toMatchObject({ beganAt: null, check: null, secondMissing: null });
    expect(reading.order.slips).toMatchObject([{ kind: 'inserted', words: [0] }]);
    expect(reading.pairing?.slips).toMatchObject([{ kind: 'word-without-touch' }]);
  });
});

describe('by steps', () => {
  test('any run on or back is without a slip, to its last word', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...countSteps),
        fc.constantFrom(1 as const, -1 as const),
        fc.integer({ min: 0, max: 50 }),
        fc.integer({ min: 1, max: 12 }),
        (step, direction, start, length) => {
          const words = Array.from({ length }, (_, i) => start + i * step * direction);
          expect(readWords(words, start, direction, step)).toEqual({
            upTo: words.at(-1),
            cost: 0,
            slips: [],
          });
        },
      ),
    );
  });

  test('a try by twos says nothing of the order by ones', () => {
    const byTwos = (step?: 2): Trace =>
      row(0, [said(2), said(4), said(6)], {
        task: 'say-far',
        start: 2,
        target: 6,
        set: { size: 0, things: 'cork', arrangement: 'none' },
        ...(step && { step }),
      });
    expect(readTry(byTwos(2)).order).toMatchObject({ upTo: 6, slips: [] });
    expect(observationsOf({ ...byTwos(2), start: 1 }).order).toBeNull();
  });

  test('two taken with one touch are each counted by it', () => {
    const touch = (word: number, ...items: readonly number[]) => ({
      kind: 'count' as const,
      word,
      items,
    });
    expect(readPairing(4, [touch(2, 0, 1), touch(4, 2, 3)])).toEqual({ holds: true, slips: [] });
    expect(readPairing(4, [touch(2, 0, 1), touch(4, 1, 2)])).toEqual({
      holds: false,
      slips: [
        { kind: 'double-counted', item: 1, at: 1 },
        { kind: 'missed', item: 3 },
      ],
    });
    expect(readPairing(2, [touch(2, 0, 1), touch(4, 0, 1)]).slips).toEqual([{ kind: 'ran-on', at: 1 }]);
  });
});

describe('two languages on each thing', () => {
  const both = (n: number): readonly Happening[] =>
    upTo(n).flatMap((word) => [...counted(word), second(word)]);

  test('a word of each to each touch is one to one, and the order is of the first', () => {
    const reading = readTry(row(4, both(4), { second: 'cy' }));
    expect(reading).toMatchObject({
      pairing: { holds: true },
      secondMissing: 0,
      order: { upTo: 4, words: [1, 2, 3, 4] },
    });
  });

  test('what is missing of the second is counted, and is no slip of pairing', () => {
    expect(readTry(row(4, [...both(3), ...counted(4)], { second: 'cy' }))).toMatchObject({
      pairing: { holds: true },
      secondMissing: 1,
    });
  });

  test('a second word too many is a word without a touch, at its own place', () => {
    const reading = readTry(row(3, [...both(2), second(2), ...counted(3), second(3)], { second: 'cy' }));
    expect(reading.pairing?.slips).toEqual([{ kind: 'word-without-touch', at: 4 }]);
  });
});

describe('a check', () => {
  const checked = (first: number, again: number, last?: number): Trace =>
    row(again, [
      ...counted(...upTo(first)),
      { kind: 'ask', question: 'how-many' },
      { kind: 'answer', value: first },
      ...counted(...upTo(again)),
      ...(last === undefined ? [] : [{ kind: 'answer' as const, value: last }]),
    ]);

  test.each([
    [5, 5, undefined, 'agreed'],
    [5, 6, 6, 'mended'],
    [5, 6, 5, 'kept'],
    [5, 6, undefined, 'kept'],
  ])(
    'of %i, counted again to %i, answered then %s: %s; the first answer stays the answer',
    (first, again, last, kind) => {
      expect(readTry(checked(first, again, last))).toMatchObject({
        check: { kind, counted: again },
        total: { kind: 'last-word', shown: true },
      });
    },
  );

  test('counting again in place of an answer is no check', () => {
    const instead = row(3, [
      ...counted(1, 2, 3),
      { kind: 'ask', question: 'how-many' },
      ...counted(1, 2, 3),
      { kind: 'answer', value: 3 },
    ]);
    expect(readTry(instead)).toMatchObject({
      check: { kind: 'none' },
      total: { kind: 'recounted', shown: false },
    });
  });
});
