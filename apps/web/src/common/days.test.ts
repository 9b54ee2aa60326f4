import { daysSince, sayAge, sayAgo } from './days.js';

test.each([
  ['2026-11-25', '2026-11-25', 'today'],
  ['2026-11-24', '2026-11-25', 'yesterday'],
  ['2026-11-12', '2026-11-25', '13 days ago'],
  ['2026-11-11', '2026-11-25', '2 weeks ago'],
  ['2026-10-20', '2026-11-25', '5 weeks ago'],
])('a look on %s, on %s, was “%s”', (look, today, said) => {
  expect(sayAgo(daysSince(look, today))).toBe(said);
});

test('a day is a calendar day, also where the clocks change', () => {
  expect(daysSince('2026-10-24', '2026-10-26')).toBe(2);
  expect(daysSince('2026-03-28', '2026-03-30')).toBe(2);
});

test.each([
  [0, 'under a month'],
  [1, '1 month'],
  [12, '1 year'],
  [41, '3 years 5 months'],
])('%i months is “%s”', (months, said) => {
  expect(sayAge(months)).toBe(said);
});
