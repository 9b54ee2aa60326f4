import { counted, placed } from '../testing/traces.js';
import type { Happening, Trace } from '../trace/trace.js';
import { tellTry } from './tellTry.js';

const tell = (happenings: readonly Happening[], facts: Partial<Trace> = {}): string =>
  tellTry({
    set: { size: 3, things: 'shell', arrangement: 'row' },
    start: 1,
    direction: 1,
    events: placed(happenings),
    ...facts,
  });
const ask: Happening = { kind: 'ask', question: 'how-many' };

describe(tellTry, () => {
  test.each<[string, Happening[], RegExp]>([
    ['a word too many', counted(1, 2, 3, 4), /^Of 3 shells, ran on a word past the last/],
    ['a touch without a word', [...counted(1, 2), { kind: 'touch' }], /touched 1 with no word/],
    [
      'a word without a touch',
      [...counted(1), { kind: 'say', word: 2 }, ...counted(3, 4)],
      /said a word with no touch/,
    ],
    ['one left out', [...counted(1, 2), { kind: 'passed-over' }], /left 1 out/],
    ['a word skipped', counted(1, 3, 4), /in the words skipped 2/],
    ['going round again', counted(1, 2, 3, 1, 2, 3), /went back/],
  ])('tells %s', (_, happenings, words) => {
    expect(tell(happenings)).toMatch(words);
  });

  test('tells the answer: counted again, another number, none', () => {
    expect(tell([...counted(1, 2, 3), ask, ...counted(1, 2, 3), { kind: 'answer', value: 3 }])).toMatch(
      /counted .*again/,
    );
    expect(tell([...counted(1, 2, 3), ask, { kind: 'answer', value: 7 }])).toMatch(
      /said 7, which was not the last word/,
    );
    expect(tell([...counted(1, 2, 3), ask, { kind: 'answer', value: 'did-not-know' }])).toMatch(
      /did not know/,
    );
  });

  test('tells of a beginning of its own accord, and of how it ended', () => {
    expect(tell([...counted(1, 2), { kind: 'restart' }, ...counted(1, 2, 3)])).toMatch(
      /began again of its own accord/,
    );
    expect(tell(counted(1, 2), { ended: 'interrupted' })).toMatch(/interrupted, which counts neither way/);
    expect(tell([], { ended: 'refused' })).toMatch(/did not want to/i);
  });

  test('calls nothing a failure', () => {
    const all = [
      counted(1, 2),
      counted(3, 2, 1),
      [...counted(1), ask, { kind: 'answer', value: 9 } as const],
      [],
    ];
    for (const happenings of all) expect(tell(happenings)).not.toMatch(/fail|wrong|error|mistake|only/i);
  });
});
