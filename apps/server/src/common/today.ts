// Made once: each costs more than what is asked of it.
const day = new Intl.DateTimeFormat('sv-SE', { dateStyle: 'short' });

/** The calendar day where the server stands, as YYYY-MM-DD. */
export const today = (now = new Date()): string => day.format(now);
