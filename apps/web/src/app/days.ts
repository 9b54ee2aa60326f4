import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays';
import { parseISO } from 'date-fns/parseISO';

const longDay = new Intl.DateTimeFormat(undefined, { weekday: 'long', day: 'numeric', month: 'long' });
const shortDay = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short' });
const dayOfYear = new Intl.DateTimeFormat(undefined, { dateStyle: 'long' });
const dayAndTime = new Intl.DateTimeFormat(undefined, {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
});

/** "Wednesday 25 November", as the reader's locale writes it. */
export const sayDay = (day: string): string => longDay.format(parseISO(day));
export const sayShortDay = (day: string): string => shortDay.format(parseISO(day));
/** "25 November 2026". */
export const sayLongDay = (day: string): string => dayOfYear.format(parseISO(day));
export const sayMoment = (moment: string): string => dayAndTime.format(parseISO(moment));

export function daysSince(day: string, today: string): number {
  return differenceInCalendarDays(parseISO(today), parseISO(day));
}

/** "today", "3 d", "5 w": how long ago, as short as a register has room for. */
export function sayAgo(days: number): string {
  if (days < 1) return 'today';
  return days < 14 ? `${days} d` : `${Math.floor(days / 7)} w`;
}

/** "4 years 1 month". */
export function sayAge(months: number): string {
  const part = (count: number, unit: string) =>
    count === 0 ? [] : [`${count} ${unit}${count === 1 ? '' : 's'}`];
  return (
    [...part(Math.floor(months / 12), 'year'), ...part(months % 12, 'month')].join(' ') || 'under a month'
  );
}

/** The calendar day on this device, as YYYY-MM-DD. */
export const todayHere = (): string => new Date().toLocaleDateString('sv-SE');
