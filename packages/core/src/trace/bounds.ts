/** No try was recorded before this day. */
const earliestDay = '2024-01-01';

/** Longest try, in ms: a tray left standing over a holiday. Past that the times say nothing. */
export const longestTryMs = 14 * 24 * 3_600_000;

/** Nobody of this age, in years, counts corks here any more: the year was mistyped. */
const oldestChildYears = 12;

/**
 * Whether a try can have been recorded on the day: not before there was anything to record it with, nor
 * after the day that follows the reader's own, which may be another than the recorder's.
 *
 * @param day YYYY-MM-DD
 * @param today YYYY-MM-DD; without it nothing is too late
 */
export function canBeTried(day: string, today?: string): boolean {
  return isDay(day) && day >= earliestDay && (today === undefined || day <= dayAfter(today, 1));
}

/** Whether a child of this register can have been born on the day, both YYYY-MM-DD. */
export function canBeBorn(day: string, today: string): boolean {
  const year = Number(today.slice(0, 4)) - oldestChildYears;
  return isDay(day) && day >= `${year}${today.slice(4)}` && day <= dayAfter(today, 1);
}

/** By the calendar’s own rule: it is asked of every try that is read. */
function isDay(text: string): boolean {
  const [, year, month, day] = (/^(\d{4})-(\d{2})-(\d{2})$/.exec(text) ?? []).map(Number);
  if (year === undefined || month === undefined || day === undefined) return false;
  const isLeap = (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;
  const most = month === 2 && isLeap ? 29 : (daysOfMonths[month - 1] ?? 0);
  return day >= 1 && day <= most;
}

const daysOfMonths = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const;

/** So many days after the day, both YYYY-MM-DD. */
export function dayAfter(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);
}
