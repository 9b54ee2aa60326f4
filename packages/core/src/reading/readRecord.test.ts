import { observationsOf } from '../evidence/observations.js';
import { put, tryOf } from '../testing/tryOf.js';
import { readRecord, readSorted } from './readRecord.js';

const shows = (trace: ReturnType<typeof tryOf>) =>
  Object.values(observationsOf(trace).principles)[0]?.success;

describe(readRecord, () => {
  const drawn = (...places: string[]) => tryOf('ring-or-draw', 6, put(...places));

  test('held against the child’s own count: what was counted wrong and drawn so was not forgotten', () => {
    expect(readRecord(drawn('counted=6', 'recorded=6'))).toMatchObject({ slip: null });
    expect(readRecord(drawn('counted=7', 'recorded=7'))).toMatchObject({ slip: null });
    expect(readRecord(drawn('counted=6', 'recorded=5'))).toMatchObject({ slip: 'forgot-the-number' });
    expect(shows(drawn('counted=7', 'recorded=7'))).toBe(true);
    expect(shows(drawn('counted=6', 'recorded=5'))).toBe(false);
    // Counted, and nothing drawn yet.
    expect(shows(drawn('counted=6'))).toBeUndefined();
  });

  const tallied = (n: number, ...places: string[]) => tryOf('tally-it', n, put(...places));

  test('a tally: as many strokes as things, the fifth across where there is a fifth', () => {
    expect(readRecord(tallied(6, 'recorded=6', 'fifth=across', 'checked=agreed'))).toMatchObject({
      recorded: 6,
      fifthAcross: true,
      checked: 'agreed',
      slip: null,
    });
    expect(readRecord(tallied(6, 'recorded=6', 'fifth=not-across'))!.slip).toBe('fifth-not-across');
    expect(readRecord(tallied(6, 'recorded=7', 'fifth=across'))!.slip).toBe('recorded-another');
    expect(readRecord(tallied(3, 'recorded=3'))).toMatchObject({ fifthAcross: null, slip: null });
  });
});

describe(readSorted, () => {
  const trial = (said: readonly number[], whole: number) => {
    const { sorted } = tryOf('sort-and-chart', 9, []).set.layout!;
    const kinds = sorted!.map(({ things }, i) => `${things}=${said[i]}`);
    return tryOf('sort-and-chart', 9, put(...kinds, `whole=${whole}`));
  };
  const laid = tryOf('sort-and-chart', 9, []).set.layout!.sorted!.map(({ n }) => n);

  test('the kinds as said make the whole as said, or do not, however they were counted', () => {
    expect(readSorted(trial(laid, 9))).toMatchObject({ addsUp: true, whole: { n: 9, said: 9 } });
    const one = laid.map((n, i) => (i === 0 ? n + 1 : n));
    expect(readSorted(trial(one, 9))!.addsUp).toBe(false);
    expect(readSorted(trial(one, 10))!.addsUp).toBe(true);
    expect(shows(trial(one, 9))).toBe(false);
    expect(readSorted(tryOf('sort-and-chart', 9, []))!.addsUp).toBeNull();
  });
});
