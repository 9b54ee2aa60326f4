import { groupBy } from '../groupBy.js';
import { principles } from '../shelf/task.js';
import { ageInMonths } from '../shelf/cautions.js';
import { arrangements, dayOf, type Trace } from '../trace/trace.js';
import { countOutStatement } from './countOut.js';
import { fetchStatement } from './fetch.js';
import { orderStatement } from './order.js';
import { principleStatement, withCardinality } from './principles.js';
import type { Statement, StatementOptions } from './statement.js';
import { trackingStatement } from './tracking.js';

const kept = new WeakMap<readonly Trace[], Map<string, readonly Statement[]>>();

/**
 * What may be said of a child on a date: an entry for each skill of the map that was tried, and for the order
 * of the words one for each language. Every screen, sentence, export and bench reads this and nothing else.
 * Nothing beyond what was tried; time lifts nothing. Kept for a list of tries, because the course, the steps
 * and the looks to come all ask for the same days.
 *
 * @param tries of one child, in any order; a list that is never added to
 * @param date YYYY-MM-DD
 */
export function saidFor(
  tries: readonly Trace[],
  date: string,
  { birthDate = null }: StatementOptions = {},
): readonly Statement[] {
  const ofList = kept.get(tries) ?? new Map<string, readonly Statement[]>();
  kept.set(tries, ofList);
  const key = `${date} ${birthDate}`;
  const said = ofList.get(key) ?? workedOut(tries, date, birthDate);
  ofList.set(key, said);
  return said;
}

function workedOut(tries: readonly Trace[], date: string, birthDate: string | null): readonly Statement[] {
  const upToDate = tries.filter((trace) => dayOf(trace) <= date);
  const months = birthDate === null ? null : ageAtFirst(birthDate, upToDate, date);
  const order = [...groupBy(upToDate, (trace) => trace.language)].flatMap(([language, spoken]) =>
    orderStatement(language, spoken, date, months),
  );
  const tracking = arrangements.flatMap((arrangement) =>
    trackingStatement(
      arrangement,
      upToDate.filter((trace) => trace.set.arrangement === arrangement),
      date,
    ),
  );
  const fetch = fetchStatement(upToDate, date);
  const countOut = countOutStatement(upToDate, date, months);
  const held = principles.flatMap((principle) => principleStatement(principle, upToDate, date));
  return [
    ...order,
    ...tracking,
    ...fetch,
    ...countOut,
    ...held.map((one) => withCardinality(one, fetch, held)),
  ];
}

/** Age in months at the first try: what was expected before it stays what was expected before it. */
function ageAtFirst(birthDate: string, tries: readonly Trace[], date: string): number {
  const first = tries.map(dayOf).reduce((one, day) => (day < one ? day : one), date);
  return ageInMonths(birthDate, first);
}
