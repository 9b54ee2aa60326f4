import { figure } from '../common/parameters.js';
import { counted, traceOf } from '../testing/traces.js';
import type { Happening, Trace } from '../trace/trace.js';
import { tryWeight } from './tryWeight.js';

const four = counted(1, 2, 3, 4);
const tried = (facts: Partial<Trace> & { happenings?: readonly Happening[] } = {}): Trace =>
  traceOf({ set: { size: 4, things: 'cork', arrangement: 'row' }, target: 4, happenings: four, ...facts });
const nothing = { success: 0, miss: 0 };
const whole = { success: 1, miss: 1 };

describe(tryWeight, () => {
  test('a try of the child’s own counts whole, a kind word or not', () => {
    expect(tryWeight(tried())).toEqual(whole);
    expect(tryWeight(tried({ help: 'encouraged' }))).toEqual(whole);
  });

  test('help, others, a cue and a long look make a success worth less, and no miss', () => {
    const facts: readonly [Partial<Trace>, number][] = [
      [{ help: 'prompted' }, figure.successPrompted],
      [{ help: 'shown' }, figure.successShown],
      [{ help: 'guided' }, 0],
      [{ answeredBy: 'with-others' }, figure.successWithOthers],
      [{ set: { ...tried().set, cue: 'printed-number' } }, figure.successWithCue],
      [{ shownMs: figure.shownBriefly }, 1],
      [{ shownMs: figure.shownBriefly + 1 }, figure.successShownLong],
    ];
    for (const [one, success] of facts) expect(tryWeight(tried(one))).toEqual({ success, miss: 1 });
    const both = tryWeight(tried({ help: 'prompted', answeredBy: 'with-others' }));
    expect(both.success).toBeCloseTo(figure.successPrompted * figure.successWithOthers, 12);
  });

  test('the first time a miss counts less; seen in passing both do', () => {
    expect(tryWeight(tried({ firstTime: true }))).toEqual({ success: 1, miss: figure.missFirstTime });
    expect(tryWeight(tried({ seen: 'in-passing' }))).toEqual({
      success: figure.seenInPassing,
      miss: figure.seenInPassing,
    });
  });

  test('what others answered, what is set aside and what counts elsewhere is worth nothing', () => {
    expect(tryWeight(tried({ answeredBy: 'others' }))).toEqual(nothing);
    expect(tryWeight(tried({ setAside: 'the tray was bumped' }))).toEqual(nothing);
    expect(tryWeight(tried({ sameAs: tried().id }))).toEqual(nothing);
  });

  test('a try that came to nothing counts nothing, but not one in which the child did not know', () => {
    const asked: readonly Happening[] = [...four, { kind: 'ask', question: 'how-many' }];
    for (const ended of ['refused', 'interrupted'] as const) {
      expect(tryWeight(tried({ ended }))).toEqual(nothing);
      const didNotKnow = [...asked, { kind: 'answer', value: 'did-not-know' } as const];
      expect(tryWeight(tried({ ended, happenings: didNotKnow }))).toEqual(whole);
    }
    expect(tryWeight(tried({ happenings: asked }))).toEqual(nothing);
    expect(tryWeight(tried({ happenings: [...asked, { kind: 'answer', value: null }] }))).toEqual(nothing);
    expect(tryWeight(tried({ happenings: [...asked, { kind: 'answer', value: 4 }] }))).toEqual(whole);
    expect(tryWeight(tried({ happenings: [...asked, { kind: 'given', value: 4 }] }))).toEqual(whole);
  });

  test('stopping short is no whole miss of the child’s, and none where the adult stopped it', () => {
    const stopped = (words: number, ended: Trace['ended']) =>
      tryWeight(tried({ ended, happenings: four.slice(0, words) })).miss;
    expect(stopped(3, 'stopped-itself')).toBe(figure.missStoppedItself);
    expect(stopped(4, 'stopped-itself')).toBe(1);
    expect(stopped(3, 'stopped-by-adult')).toBe(0);
    expect(stopped(3, 'finished')).toBe(1);
    const down = { start: 4, direction: -1, target: 1, happenings: counted(4, 3, 2) } as const;
    expect(tryWeight(tried({ ...down, ended: 'stopped-itself' })).miss).toBe(figure.missStoppedItself);
    expect(tryWeight(tried({ ...down, happenings: counted(4, 3, 2, 1), ended: 'stopped-itself' })).miss).toBe(
      1,
    );
  });
});
