import { observationsOf } from '../evidence/observations.js';
import { thresholdReaders } from '../evidence/thresholdReaders.js';
import { saidFor } from '../statements/saidFor.js';
import { traceOf } from '../testing/traces.js';
import type { Trace } from '../trace/trace.js';
import { votedFor, type Vote } from './showOfHands.js';

const fiveInTheTin: Vote = { were: 5, offered: [4, 5, 6], eyesShut: true };
const hand = (number: number, vote: Partial<Vote> = {}, facts: Partial<Trace> = {}): Trace =>
  traceOf({ ...votedFor(number, { ...fiveInTheTin, ...vote }), ...facts });

test('a hand is a look at how many were heard, out of so many numbers', () => {
  const look = (number: number) => observationsOf(hand(number)).thresholds['heard-many'];
  expect(look(5)).toMatchObject({ n: 5, success: true, choices: 3 });
  expect(look(4)).toMatchObject({ n: 5, success: false });
  expect(thresholdReaders['heard-many'].slips(hand(4))).toEqual([{ slip: 'answered-another', at: 5 }]);
  expect(thresholdReaders['heard-many'].slips(hand(5))).toEqual([]);
});

test('in sight of others a right hand tells less, a wrong one no less', () => {
  const weightOf = (number: number, eyesShut: boolean) =>
    observationsOf(hand(number, { eyesShut })).thresholds['heard-many']!.weight;
  expect(weightOf(5, false)).toBeLessThan(weightOf(5, true));
  expect(weightOf(4, false)).toBe(weightOf(4, true));
});

test('it tells nothing of counting one to one, of the words or of the last word', () => {
  const { order, tracking, principles } = observationsOf(hand(5));
  expect([order, tracking, principles]).toEqual([null, null, {}]);
});

test('out of two a right hand may be luck: it takes more of them to be sure', () => {
  const after = (offered: readonly number[]) => {
    const tries = Array.from({ length: 4 }, (_, i) =>
      hand(
        5,
        { offered },
        { id: `hand-${i}` as Trace['id'], startedAt: `2026-03-0${2 + i}T09:30:00.000+00:00` },
      ),
    );
    return saidFor(tries, '2026-03-06').find(({ by }) => by === 'heard-many')!;
  };
  const [few, many] = [after([4, 5]), after([2, 3, 4, 5, 6, 7])].map((one) =>
    'likelyTo' in one ? one.interval[0] : 0,
  );
  expect(few!).toBeLessThanOrEqual(many!);
});

test('what cannot be a vote is refused', () => {
  expect(() => votedFor(7, fiveInTheTin)).toThrow(/not offered/);
  expect(() => votedFor(5, { ...fiveInTheTin, offered: [5] })).toThrow(/no choice/);
  expect(() => votedFor(5, { ...fiveInTheTin, were: 0 })).toThrow(/from 1 on/);
});
