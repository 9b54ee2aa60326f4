import fc from 'fast-check';
import { readTry } from '../reading/readTry.js';
import { splitPasses } from '../trace/passes.js';
import { settledEvents } from '../trace/settled.js';
import { longestTryMs } from '../trace/bounds.js';
import type { TraceEvent } from '../trace/trace.js';
import type { Gesture } from '../trace/gesture.js';
import { record, undoWhole } from './record.js';
import { nextWord } from './underWay.js';

const moment = { t: 1000, by: 'adult-1', at: '2026-03-02T09:30:00.000Z' };

function recorded(...gestures: Gesture[]): TraceEvent[] {
  const events: TraceEvent[] = [];
  for (const gesture of gestures) {
    events.push(...record({ events, start: 1, direction: 1 }, gesture, moment));
  }
  return events;
}

const next: Gesture = { kind: 'next' };
const readOf = (events: TraceEvent[], size: number) =>
  readTry({ set: { size, things: 'cork', arrangement: 'row' }, start: 1, direction: 1, events });

describe(record, () => {
  test('a tap for each thing is a faultless count', () => {
    const reading = readOf(recorded(next, next, next), 3);
    expect(reading.pairing).toEqual({ holds: true, slips: [] });
    expect(reading.order.upTo).toBe(3);
  });

  describe('by twos', () => {
    const byTwos = (size: number, ...gestures: Gesture[]) =>
      gestures.reduce<readonly TraceEvent[]>(
        (events, gesture) => [
          ...events,
          ...record({ events, start: 2, direction: 1, step: 2, size }, gesture, moment),
        ],
        [],
      );

    test('a tap takes the next two things, and the last one what is left', () => {
      expect(byTwos(5, next, next, next)).toMatchObject([
        { kind: 'count', word: 2, items: [0, 1] },
        { kind: 'count', word: 4, items: [2, 3] },
        { kind: 'count', word: 6, items: [4] },
      ]);
    });

    test('past the last a tap takes nothing, and all of it is entered by one', () => {
      expect(byTwos(2, next, next).at(-1)).not.toHaveProperty('items');
      expect(byTwos(6, { kind: 'whole', to: 6 })).toMatchObject([
        { word: 2 },
        { word: 4 },
        { word: 6, items: [4, 5] },
      ]);
    });
  });

  test('the number it goes on from, said again first, is followed by the next one', () => {
    const from = { start: 6, direction: 1, spoken: true } as const;
    const again = record({ ...from, events: [] }, { kind: 'said-start' }, moment);
    expect(again).toMatchObject([{ kind: 'say', word: 5 }]);
    expect(nextWord({ ...from, events: again })).toBe(6);
    const back = { start: 7, direction: -1, spoken: true } as const;
    const eight = record({ ...back, events: [] }, { kind: 'said-start' }, moment);
    expect(eight).toMatchObject([{ kind: 'say', word: 8 }]);
    expect(record({ ...back, events: eight }, { kind: 'whole', to: 5 }, moment).at(-1)).toMatchObject({
      word: 5,
    });
  });

  describe('in two languages', () => {
    const both = (...gestures: Gesture[]) =>
      gestures.reduce<readonly TraceEvent[]>(
        (events, gesture) => [
          ...events,
          ...record({ events, start: 1, direction: 1, inTwo: true }, gesture, moment),
        ],
        [],
      );
    const wordsIn = (events: readonly TraceEvent[]) =>
      splitPasses(settledEvents(events))
        .at(-1)!
        .map((event) => ('word' in event ? `${event.word}${event.lang === 2 ? '’' : ''}` : event.kind));

    test('each word is followed by that of the second', () => {
      expect(wordsIn(both(next, next))).toEqual(['1', '1’', '2', '2’']);
      expect(wordsIn(both({ kind: 'whole', to: 2 }))).toEqual(['1', '1’', '2', '2’']);
    });

    test('one that was not said is taken out, and the next count goes on', () => {
      expect(wordsIn(both(next, next, { kind: 'one-language' }, next))).toEqual(['1', '1’', '2', '3', '3’']);
      // Nothing more to take out.
      expect(wordsIn(both(next, { kind: 'one-language' }, { kind: 'one-language' }))).toEqual(['1']);
    });

    test('undo, and a child that takes it back, take both', () => {
      expect(wordsIn(both(next, next, { kind: 'undo' }))).toEqual(['1', '1’']);
      expect(wordsIn(both(next, next, { kind: 'took-it-back' }, next))).toEqual(['1', '1’', '2', '2’']);
    });

    test('a slip of the word is of the first language', () => {
      expect(wordsIn(both(next, next, { kind: 'other-word', word: 5 }))).toEqual(['1', '1’', '5', '2’']);
    });
  });

  test('a stop on the way begins no new count', () => {
    const events = recorded(next, next, { kind: 'ask', question: 'which' }, { kind: 'answer', value: 'no' });
    expect(nextWord({ events, start: 1, direction: 1 })).toBe(3);
  });

  test('“that one again” makes the last tap a thing counted twice', () => {
    const reading = readOf(recorded(next, next, { kind: 'that-one-again' }, next), 3);
    expect(reading.pairing!.slips).toEqual([
      { kind: 'double-counted', at: 1 },
      { kind: 'missed', item: 2 },
    ]);
  });

  test('“word, no touch” and “touch, no word” turn the last tap into half of one', () => {
    const reading = readOf(
      recorded(next, { kind: 'word-no-touch' }, next, next, { kind: 'touch-no-word' }, next),
      3,
    );
    expect(reading.pairing!.slips.map((slip) => slip.kind)).toEqual([
      'word-without-touch',
      'touch-without-word',
    ]);
  });

  test('“left one out” leaves one thing missed', () => {
    const reading = readOf(recorded(next, next, { kind: 'left-one-out' }, next), 4);
    expect(reading.pairing!.slips).toEqual([{ kind: 'missed', item: 2 }]);
  });

  test('what the child takes back is no slip, and the next word goes on from the one before', () => {
    const events = recorded(next, next, { kind: 'took-it-back' });
    expect(nextWord({ events, start: 1, direction: 1 })).toBe(2);
    expect(
      readOf([...events, ...record({ events, start: 1, direction: 1 }, next, moment)], 2).pairing!.holds,
    ).toBe(true);
  });

  test('the word offered follows the child’s own last word, not the thing’s place', () => {
    const skipping = recorded(next, next, { kind: 'other-word', word: 5 });
    expect(nextWord({ events: skipping, start: 1, direction: 1 })).toBe(6);
    const inventing = recorded(next, { kind: 'other-word', word: 'umpty' });
    expect(nextWord({ events: inventing, start: 1, direction: 1 })).toBe(2);
  });

  test('a word corrected later does not rewrite those after it', () => {
    const events = recorded(next, next, next, { kind: 'amend', of: 1, event: { kind: 'count', word: 7 } });
    expect(settledEvents(events).map((event) => event.kind === 'count' && event.word)).toEqual([1, 7, 3]);
  });

  test('a count begun again is read from its new beginning, the first kept as self-correction', () => {
    const reading = readOf(recorded(next, next, next, { kind: 'started-again' }, next, next), 2);
    expect(reading.pairing!.holds).toBe(true);
    expect(reading.selfCorrections).toBe(1);
  });

  test('one tap can enter a whole faultless count, and one undo takes it back', () => {
    const events = recorded({ kind: 'whole', to: 8 });
    expect(readOf(events, 8).pairing!.holds).toBe(true);
    const undone = [...events, ...undoWhole({ events, start: 1, direction: 1 }, moment)];
    expect(settledEvents(undone)).toEqual([]);
  });

  test('slips with nothing to act on add nothing', () => {
    expect(
      recorded(
        { kind: 'that-one-again' },
        { kind: 'took-it-back' },
        { kind: 'undo' },
        { kind: 'started-again' },
      ),
    ).toEqual([]);
  });

  const gesture: fc.Arbitrary<Gesture> = fc.oneof(
    { weight: 4, arbitrary: fc.constant(next) },
    fc.constantFrom<Gesture>(
      { kind: 'word-no-touch' },
      { kind: 'touch-no-word' },
      { kind: 'that-one-again' },
      { kind: 'other-word', word: 'umpty' },
      { kind: 'left-one-out' },
      { kind: 'took-it-back' },
      { kind: 'started-again' },
      { kind: 'ask', question: 'how-many' },
      { kind: 'answer', value: 4 },
    ),
  );

  test('undoing every step gives back the empty try, and the record keeps all of it', () => {
    fc.assert(
      fc.property(fc.array(gesture, { maxLength: 15 }), (gestures) => {
        const events = recorded(...gestures);
        const undone = recorded(...gestures, ...gestures.map((): Gesture => ({ kind: 'undo' })));
        expect(settledEvents(undone)).toEqual([]);
        expect(undone.slice(0, events.length)).toEqual(events);
        expect(undone.map((event) => event.seq)).toEqual(undone.map((_, i) => i));
      }),
    );
  });

  test('one undo gives back what stood before the last step', () => {
    fc.assert(
      fc.property(fc.array(gesture, { maxLength: 12 }), gesture, (gestures, last) => {
        const before = recorded(...gestures);
        const after = recorded(...gestures, last);
        fc.pre(after.length > before.length);
        expect(settledEvents(recorded(...gestures, last, { kind: 'undo' }))).toEqual(settledEvents(before));
      }),
    );
  });
});

describe('where nothing lies, and where things are handed over', () => {
  const spoken = (...gestures: Gesture[]): TraceEvent[] => {
    const events: TraceEvent[] = [];
    for (const gesture of gestures) {
      events.push(...record({ events, start: 1, direction: 1, spoken: true }, gesture, moment));
    }
    return events;
  };

  test('every word is a word without a touch, one at a time or all at once', () => {
    expect(spoken(next, next).map((event) => event.kind)).toEqual(['say', 'say']);
    const whole = spoken({ kind: 'whole', to: 4 });
    expect(settledEvents(whole).map((event) => 'word' in event && event.word)).toEqual([1, 2, 3, 4]);
    expect(undoWhole({ events: whole, start: 1, direction: 1 }, moment)).toHaveLength(4);
  });

  test('another word than the due one, and the count goes on from it', () => {
    const events = spoken(next, next, { kind: 'other-word', word: 5 }, next);
    expect(settledEvents(events).map((event) => 'word' in event && event.word)).toEqual([1, 5, 6]);
  });

  test('a request and what was given stand as they were, made otherwise or taken back', () => {
    const events = recorded(
      { kind: 'ask', question: 'give' },
      { kind: 'given', value: 6 },
      { kind: 'given', value: 4 },
      { kind: 'undo' },
    );
    expect(settledEvents(events)).toMatchObject([
      { kind: 'ask', question: 'give' },
      { kind: 'given', value: 6 },
    ]);
  });
});

test('times never fall, whatever the clock does, and end where a try can be no longer', () => {
  const at = (t: number, events: readonly TraceEvent[]): readonly TraceEvent[] => [
    ...events,
    ...record({ events, start: 1, direction: 1 }, next, { ...moment, t }),
  ];
  const events = [5_000, 2_000, 10 * longestTryMs, 9_000].reduce<readonly TraceEvent[]>(
    (soFar, t) => at(t, soFar),
    [],
  );
  expect(events.map((event) => event.t)).toEqual([5_000, 5_000, longestTryMs, longestTryMs]);
});
