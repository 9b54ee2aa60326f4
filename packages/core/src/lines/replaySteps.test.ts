import { counted, placed } from '../testing/traces.js';
import type { Happening } from '../trace/trace.js';
import { replaySteps, type StepSlip } from './replaySteps.js';

const named = (slip: StepSlip): string =>
  slip.of === 'words' ? `words ${slip.slip.kind}` : `${slip.of} ${slip.kind}`;
const replay = (size: number, ...happenings: Happening[]) =>
  replaySteps({
    set: { size, things: 'cork', arrangement: 'row' },
    start: 1,
    direction: 1,
    events: placed(happenings),
  }).map(({ event, item, slips }) => [event.kind, item, slips.map(named)]);

describe(replaySteps, () => {
  test('each word and touch is about the next thing, whatever lies between', () => {
    expect(replay(3, ...counted(1), { kind: 'passed-over' }, ...counted(2, 3))).toEqual([
      ['count', 0, []],
      ['passed-over', 1, []],
      ['count', 2, []],
      ['count', 1, []],
    ]);
  });

  test('a slip stands where it happened', () => {
    expect(replay(3, ...counted(1, 2), { kind: 'count', word: 4, item: 0 }, { kind: 'touch' })).toEqual([
      ['count', 0, []],
      ['count', 1, []],
      ['count', 0, ['words skipped', 'pairing double-counted']],
      ['touch', 2, ['pairing touch-without-word']],
    ]);
  });

  test('a thing counted again that nobody named is about no known thing', () => {
    expect(replay(2, ...counted(1), { kind: 'count', word: 2, item: 'again' })[1]).toEqual([
      'count',
      null,
      ['pairing double-counted'],
    ]);
  });

  test('what the child took back waits once more, and a new beginning begins with the first', () => {
    const steps = replay(
      3,
      ...counted(1, 2),
      { kind: 'take-back' },
      ...counted(2),
      { kind: 'restart' },
      ...counted(1),
    );
    expect(steps.map(([kind, item]) => [kind, item])).toEqual([
      ['count', 0],
      ['count', 1],
      ['take-back', null],
      ['count', 1],
      ['restart', null],
      ['count', 0],
    ]);
  });

  test('questions and answers stand among the rest, about no thing', () => {
    expect(
      replay(1, ...counted(1), { kind: 'ask', question: 'how-many' }, { kind: 'answer', value: 1 }),
    ).toEqual([
      ['count', 0, []],
      ['ask', null, []],
      ['answer', null, []],
    ]);
  });
});
