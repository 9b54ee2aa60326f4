import fc from 'fast-check';
import { canBeBorn, canBeTried, dayAfter } from './bounds.js';

const aDay = fc.integer({ min: 0, max: 3650 }).map((days) => dayAfter('2024-01-01', days));

test('every day of the calendar can be tried on, from when there was anything to try with', () => {
  fc.assert(fc.property(aDay, (day) => canBeTried(day)));
  expect(canBeTried('2023-12-31')).toBe(false);
});

test.each([
  '2026-02-29',
  '2028-02-30',
  '2100-02-29',
  '2026-04-31',
  '2026-13-01',
  '2026-00-10',
  '2026-01-00',
  '2026-1-01',
  '2026-01-01T00:00',
  'tomorrow',
  '',
])('“%s” is no day', (day) => expect(canBeTried(day)).toBe(false));

test('the days that only some years have', () => {
  expect(['2024-02-29', '2028-02-29'].map((day) => canBeTried(day))).toEqual([true, true]);
});

test('a try is not of the day after next: another zone may be a day ahead, no more', () => {
  fc.assert(
    fc.property(aDay, fc.integer({ min: -30, max: 30 }), (today, days) => {
      fc.pre(dayAfter(today, days) >= '2024-01-01');
      expect(canBeTried(dayAfter(today, days), today)).toBe(days <= 1);
    }),
  );
});

test('a child of twelve years and of tomorrow can be born, an older one not', () => {
  const today = '2026-03-02';
  expect(['2014-03-02', '2020-02-29', '2026-03-03'].map((day) => canBeBorn(day, today))).toEqual([
    true,
    true,
    true,
  ]);
  expect(
    ['2014-03-01', '1986-03-02', '2026-03-04', '2021-02-29'].map((day) => canBeBorn(day, today)),
  ).toEqual([false, false, false, false]);
});
