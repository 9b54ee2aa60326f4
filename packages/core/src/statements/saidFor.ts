import { groupBy } from '../common/groupBy.js';
import { observationsOf, type Observations } from '../evidence/observations.js';
import {
  numeralSkills,
  principles,
  thresholdSkills,
  type Principle,
  type ThresholdSkill,
} from '../skills/map.js';
import { ageInMonths } from '../shelf/cautions.js';
import { arrangements, dayOf, type Trace } from '../trace/trace.js';
import { fetchStatement } from './fetch.js';
import { numeralsStatement } from './numerals.js';
import { orderStatement } from './order.js';
import { principleStatement, withCardinality } from './principles.js';
import type { Statement, StatementOptions } from './statement.js';
import { thresholdStatement } from './threshold.js';
import { trackingStatement } from './tracking.js';

/** The tries of a list by what they say anything of, so that each day asks only those. */
interface Sorted {
  readonly order: readonly Trace[];
  readonly tracking: readonly Trace[];
  readonly fetch: readonly Trace[];
  readonly thresholds: ReadonlyMap<ThresholdSkill, readonly Trace[]>;
  readonly principles: ReadonlyMap<Principle, readonly Trace[]>;
  readonly numerals: readonly Trace[];
}

interface OfList {
  /** How many tries the list had: one that was added to is another. */
  readonly of: number;
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
 * @param tries of one child, in any order; a list in which none is put in place of another
 * @param date YYYY-MM-DD
 */
export function saidFor(
  tries: readonly Trace[],
  date: string,
  { birthDate = null }: StatementOptions = {},
): readonly Statement[] {
  const { sorted, said } = keptOf(tries);
  const key = `${date} ${birthDate}`;
  const known =
    said.get(key) ?? workedOut(sorted, date, birthDate === null ? null : ageAtFirst(birthDate, tries, date));
  said.set(key, known);
  return known;
}

function keptOf(tries: readonly Trace[]): OfList {
  const known = kept.get(tries);
  if (known?.of === tries.length) return known;
  const made: OfList = { of: tries.length, sorted: sortedBySkill(tries), said: new Map() };
  kept.set(tries, made);
  return made;
}

function sortedBySkill(tries: readonly Trace[]): Sorted {
  const that = (says: (of: Observations) => boolean): readonly Trace[] =>
    tries.filter((trace) => says(observationsOf(trace)));
  return {
    order: that(({ order }) => order !== null),
    tracking: that(({ tracking }) => tracking !== null),
    fetch: that(({ fetch }) => fetch !== null),
    thresholds: new Map(thresholdSkills.map((one) => [one, that((of) => of.thresholds[one] !== undefined)])),
    numerals: that(({ numerals }) => numerals.length > 0),
    principles: new Map(principles.map((one) => [one, that((of) => of.principles[one] !== undefined)])),
  };
}

function workedOut(sorted: Sorted, date: string, months: number | null): readonly Statement[] {
  const soFar = (tries: readonly Trace[]): readonly Trace[] => tries.filter((trace) => dayOf(trace) <= date);
  const asBefore = <Made extends Statement>(
    of: string,
    tries: readonly Trace[],
    make: (tries: readonly Trace[]) => readonly Made[],
  ): readonly Made[] => keptStatements(`${of} ${date} ${months}`, tries, make);
  const order = [...groupBy(soFar(sorted.order), (trace) => trace.language)].flatMap(([language, spoken]) =>
    asBefore(`order ${language}`, spoken, (tries) => orderStatement(language, tries, date, months)),
  );
  const byArrangement = groupBy(soFar(sorted.tracking), (trace) => trace.set.arrangement);
  const tracking = arrangements.flatMap((one) =>
    asBefore(one, byArrangement.get(one) ?? [], (tries) => trackingStatement(one, tries, date)),
  );
  const fetch = asBefore('fetch', soFar(sorted.fetch), (tries) => fetchStatement(tries, date));
  const crossed = [...sorted.thresholds].flatMap(([one, tries]) =>
    asBefore(one, soFar(tries), (known) => thresholdStatement(one, known, date, months)),
  );
  const held = [...sorted.principles].flatMap(([one, tries]) =>
    asBefore(one, soFar(tries), (known) => principleStatement(one, known, date)),
  );
  const read = numeralSkills.flatMap((one) =>
    asBefore(one, soFar(sorted.numerals), (tries) => numeralsStatement(one, tries, date)),
  );
  return [
    ...order,
    ...tracking,
    ...fetch,
    ...crossed,
    ...read,
    ...held.map((one) => withCardinality(one, fetch, held)),
  ];
}

interface OfTries {
  readonly tries: readonly Trace[];
  readonly made: readonly Statement[];
}

/** Statements kept with one try: of several skills, each on the days of a course, month ends, and those of a sitting. */
const mostKept = 300;
const ofTries = new WeakMap<Trace, Map<string, OfTries>>();

/** What was said of these very tries before, kept with the first of them: a new try changes nothing said of earlier days. */
function keptStatements<Made extends Statement>(
  name: string,
  tries: readonly Trace[],
  make: (tries: readonly Trace[]) => readonly Made[],
): readonly Made[] {
  const [first] = tries;
  if (!first) return make(tries);
  const ofFirst = ofTries.get(first) ?? new Map<string, OfTries>();
  ofTries.set(first, ofFirst);
  const before = ofFirst.get(name);
  if (before?.tries.length === tries.length && tries.every((trace, i) => trace === before.tries[i]))
    return before.made as readonly Made[];
  const made = make(tries);
  ofFirst.delete(name);
  ofFirst.set(name, { tries, made });
  if (ofFirst.size > mostKept) ofFirst.delete(ofFirst.keys().next().value!);
  return made;
}

/** Age in months at the first try: what was expected before it stays what was expected before it. */
function ageAtFirst(birthDate: string, tries: readonly Trace[], date: string): number {
  const first = tries.map(dayOf).reduce((one, day) => (day < one ? day : one), date);
  return ageInMonths(birthDate, first);
}
