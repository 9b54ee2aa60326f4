import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays';
import { parseISO } from 'date-fns/parseISO';
import { languages } from '@dotting/words';
import { words } from '../wording/words.js';

type Format = 'day' | 'short-day' | 'long-day' | 'moment';

const optionsOf: Readonly<Record<Format, Intl.DateTimeFormatOptions>> = {
  day: { weekday: 'long', day: 'numeric', month: 'long' },
  'short-day': { day: 'numeric', month: 'short' },
  'long-day': { dateStyle: 'long' },
  moment: { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' },
};

const formats = new Map<string, Intl.DateTimeFormat>();

/** Writes a date as the language of the app does; each way is made once. */
function formatted(date: string, format: Format): string {
  const key = `${words.language} ${format}`;
  const kept =
    formats.get(key) ?? new Intl.DateTimeFormat(languages[words.language].locale, optionsOf[format]);
  formats.set(key, kept);
  return kept.format(parseISO(date));
}

/** "Wednesday 25 November". */
export const sayDay = (day: string): string => formatted(day, 'day');
/** "25 Nov". */
export const sayShortDay = (day: string): string => formatted(day, 'short-day');
/** "25 November 2026". */
export const sayLongDay = (day: string): string => formatted(day, 'long-day');
/** "25 Nov, 14:05". */
export const sayMoment = (moment: string): string => formatted(moment, 'moment');

export function daysSince(day: string, today: string): number {
  return differenceInCalendarDays(parseISO(today), parseISO(day));
}

/** "today", "13 days ago", "5 weeks ago". */
export const sayAgo = (days: number): string =>
  days < 14
    ? words.dates.ago({ days: Math.max(0, days) })
    : words.dates.weeksAgo({ weeks: Math.floor(days / 7) });

/** "today", "3 d", "5 w": as short as a register has room for. */
export const sayShortAgo = (days: number): string =>
  days < 14
    ? words.dates.shortAgo({ days: Math.max(0, days) })
    : words.dates.shortWeeksAgo({ weeks: Math.floor(days / 7) });

/** "4 years 1 month". */
export function sayAge(months: number): string {
  const [years, rest] = [Math.floor(months / 12), months % 12];
  if (years === 0) return words.dates.months({ months: rest });
  return rest === 0 ? words.dates.years({ years }) : words.dates.yearsAndMonths({ years, months: rest });
}

/** The calendar day on this device, as YYYY-MM-DD. */
export const todayHere = (): string => new Date().toLocaleDateString('sv-SE');
