/** The calendar day where the server stands, as YYYY-MM-DD. */
export function today(now = new Date()): string {
  return new Intl.DateTimeFormat('sv-SE', { dateStyle: 'short' }).format(now);
}
