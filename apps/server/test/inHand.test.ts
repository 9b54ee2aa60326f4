import { seededRandom, type ChildId, type StaffId, type Trace } from '@dotting/core';
import { simulateMonths, usualChild } from '@dotting/core/workings';
import { inHand } from '../src/summaries/inHand.js';

const wren = 'wren' as ChildId;
const jay = 'jay' as ChildId;

const tries = simulateMonths(
  {
    childId: wren,
    adults: ['adult' as StaffId],
    language: 'en',
    ability: usualChild,
    growth: { orderTo: 0, slipPerThing: 1, fetches: 0, lastWord: 0, keeps: 0 },
    firstDay: '2026-09-07',
    weeks: 3,
    weeksBetween: 1,
  },
  seededRandom(1),
);
/** As they come from the database each time. */
const readAnew = (of: readonly Trace[]): readonly Trace[] => structuredClone(of);

describe(inHand, () => {
  it('gives a try that has not changed as the object it was, and one that has as it is now', () => {
    const before = inHand(wren, readAnew(tries));
    const [first, ...rest] = readAnew(tries);
    const mended = { ...first!, help: 'shown' } as Trace;
    const after = inHand(wren, [mended, ...rest]);
    expect(after[0]).toBe(mended);
    expect(after.slice(1).every((trace, i) => trace === before[i + 1])).toBe(true);
  });

  it('keeps nothing of a try that is no longer there', () => {
    inHand(wren, readAnew(tries));
    expect(inHand(wren, readAnew(tries).slice(1))).toHaveLength(tries.length - 1);
    expect(inHand(wren, [])).toEqual([]);
  });

  it('lets go of whoever has not been asked for longest', () => {
    const before = inHand(jay, readAnew(tries));
    for (let i = 0; i < 11; i++) inHand(`other ${i}` as ChildId, []);
    expect(inHand(jay, readAnew(tries))[0]).toBe(before[0]);
    for (let i = 0; i < 12; i++) inHand(`other ${i}` as ChildId, []);
    expect(inHand(jay, readAnew(tries))[0]).not.toBe(before[0]);
  });
});
