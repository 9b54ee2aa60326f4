import { figure } from '../estimates/parameters.js';
import { dayOf, type Help, type Trace } from '../trace/trace.js';

/** What makes a statement rest on less than it seems to. */
export const weaknesses = [
  'cue',
  'help',
  'with-others',
  'in-passing',
  'first-time',
  'one-kind-of-thing',
  'one-day',
] as const;
export type Weakness = (typeof weaknesses)[number];

const helping: ReadonlySet<Help> = new Set(['prompted', 'shown', 'guided']);

const ofOneTry: readonly (readonly [Weakness, (trace: Trace) => boolean])[] = [
  ['cue', (trace) => trace.set.cue !== undefined],
  ['help', (trace) => helping.has(trace.help)],
  ['with-others', (trace) => trace.answeredBy !== 'alone'],
  ['in-passing', (trace) => trace.seen === 'in-passing'],
  ['first-time', (trace) => trace.firstTime],
];

/** By itself: no help but a kind word, no company, no cue. */
export const isUnaided = ({ help, answeredBy, set }: Trace): boolean =>
  !helping.has(help) && answeredBy === 'alone' && set.cue === undefined;

/** Two tries free of all this stand by themselves. */
const CLEAN_TRIES = 2;

/** What weakens a statement that these successes carry. */
export function weaknessesOf(supports: readonly Trace[]): readonly Weakness[] {
  const found = new Set<Weakness>();
  const clean = supports.filter((trace) => !ofOneTry.some(([, applies]) => applies(trace)));
  if (clean.length < CLEAN_TRIES) {
    for (const [weakness, applies] of ofOneTry) if (supports.some(applies)) found.add(weakness);
  }
  const withThings = supports.filter((trace) => trace.set.arrangement !== 'none');
  const kinds = new Set(withThings.map((trace) => trace.set.things)).size;
  if (supports.length === 0 || (withThings.length > 0 && kinds < figure.steadyKinds)) {
    found.add('one-kind-of-thing');
  }
  if (new Set(supports.map(dayOf)).size < figure.shownDays) found.add('one-day');
  return weaknesses.filter((weakness) => found.has(weakness));
}
