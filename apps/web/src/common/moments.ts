import { formatISO } from 'date-fns/formatISO';

/** A moment of this device: ms since the epoch, and as ISO 8601 with the local offset. */
export interface Moment {
  readonly ms: number;
  readonly iso: string;
}

export function momentAt(ms: number): Moment {
  const date = new Date(ms);
  // formatISO leaves out the milliseconds.
  const rest = String(date.getMilliseconds()).padStart(3, '0');
  return { ms, iso: formatISO(date).replace(/(?<=T\d\d:\d\d:\d\d)/, `.${rest}`) };
}
