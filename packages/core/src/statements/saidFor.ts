import { groupBy } from '../groupBy.js';
import { observationsOf, type Observations } from '../evidence/observations.js';
import { principles, type Principle } from '../shelf/task.js';
import { ageInMonths } from '../shelf/cautions.js';
import { arrangements, dayOf, type Trace } from '../trace/trace.js';
import { countOutStatement } from './countOut.js';
import { fetchStatement } from './fetch.js';
import { orderStatement } from './order.js';
import { principleStatement, withCardinality } from './principles.js';
import type { Statement, StatementOptions } from './statement.js';
import { trackingStatement } from './tracking.js';

/** The tries of a list by what they say anything of, so that each day asks only those. */
interface Sorted {
  readonly order: readonly Trace[];
  readonly tracking: readonly Trace[];
  readonly fetch: readonly Trace[];
  readonly countOut: readonly Trace[];
  readonly principles: ReadonlyMap<Principle, readonly Trace[]>;
}

interface OfList {
  readonly sorted: Sorted;
  readonly said: Map<string, readonly Statement[]>;
}

const kept = new WeakMap<readonly Trace[], OfList>();

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
  const { sorted, said } = kept.get(tries) ?? { sorted: sortedBySkill(tries), said: new Map() };
  kept.set(tries, { sorted, said });
  const key = `${date} ${birthDate}`;
  const known =
    said.get(key) ?? workedOut(sorted, date, birthDate === null ? null : ageAtFirst(birthDate, tries, date));
  said.set(key, known);
  return known;
}

function sortedBySkill(tries: readonly Trace[]): Sorted {
  const that = (says: (of: Observations) => boolean): readonly Trace[] =>
    tries.filter((trace) => says(observationsOf(trace)));
  return {
    order: that(({ order }) => order !== null),
    tracking: that(({ tracking }) => tracking !== null),
    fetch: that(({ fetch }) => fetch !== null),
    countOut: that(({ countOut }) => countOut !== null),
    principles: new Map(principles.map((one) => [one, that((of) => of.principles[one] !== null)])),
  };
}

function workedOut(sorted: Sorted, date: string, months: number | null): readonly Statement[] {
  const soFar = (tries: readonly Trace[]): readonly Trace[] => tries.filter((trace) => dayOf(trace) <= date);
  const order = [...groupBy(soFar(sorted.order), (trace) => trace.language)].flatMap(([language, spoken]) =>
    orderStatement(language, spoken, date, months),
  );
  const byArrangement = groupBy(soFar(sorted.tracking), (trace) => trace.set.arrangement);
  const tracking = arrangements.flatMap((one) => trackingStatement(one, byArrangement.get(one) ?? [], date));
  const fetch = fetchStatement(soFar(sorted.fetch), date);
  const countOut = countOutStatement(soFar(sorted.countOut), date, months);
  const held = [...sorted.principles].flatMap(([one, tries]) => principleStatement(one, soFar(tries), date));
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
