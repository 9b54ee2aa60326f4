import { figure } from '../common/parameters.js';
import { dayOf, type Help, type Trace } from '../trace/trace.js';

/** What makes a statement rest on less than it seems to. */
export const weaknesses = [
  'cue',
  'help',
  'with-others',
  'in-passing',
  'first-time',
  'one-kind-of-thing',
  'one-beat',
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

/**
 * What has to differ between tries before they say that a skill holds with whatever is laid: the things; of
 * things heard the beat. Null where nothing is laid, or what is laid does not matter.
 */
export type KindOf = ((trace: Trace) => string) | null;

export const thingsOf: KindOf = (trace) => trace.set.things;
export const beatOf: KindOf = (trace) => trace.set.layout?.way ?? 'even';

/** Two kinds, where kinds matter. */
export const hasKinds = (supports: readonly Trace[], kindOf: KindOf): boolean =>
  kindOf === null || new Set(supports.map(kindOf)).size >= figure.steadyKinds;

/** What weakens a statement that these successes carry. */
export function weaknessesOf(supports: readonly Trace[], kindOf: KindOf): readonly Weakness[] {
  const found = new Set<Weakness>();
  const clean = supports.filter((trace) => !ofOneTry.some(([, applies]) => applies(trace)));
  if (clean.length < figure.cleanTries) {
    for (const [weakness, applies] of ofOneTry) if (supports.some(applies)) found.add(weakness);
  }
  if (!hasKinds(supports, kindOf)) found.add(kindOf === beatOf ? 'one-beat' : 'one-kind-of-thing');
  if (new Set(supports.map(dayOf)).size < figure.shownDays) found.add('one-day');
  return weaknesses.filter((weakness) => found.has(weakness));
}
