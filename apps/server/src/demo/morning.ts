import { today } from '../common/today.js';

const dayMs = 86_400_000;

/** A morning so many days ago: ISO 8601 with offset. */
export const morning = (daysAgo: number): string =>
  `${today(new Date(Date.now() - daysAgo * dayMs))}T10:40:00.000+00:00`;
