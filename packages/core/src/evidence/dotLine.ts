import { largestSize } from '../shelf/tasks.js';
import type { TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import { outcomesFor, type Outcome, type Skill } from './outcomes.js';

/** Full: steady. Half: comes and goes. Ring: tried and not there yet. Speck: nobody has looked. */
export type DotForm = 'full' | 'half' | 'ring' | 'speck';

export interface Dot {
  readonly n: number;
  readonly form: DotForm;
  /** The tries the form rests on. */
  readonly tries: readonly TraceId[];
}

export interface DotLine {
  readonly skill: Skill;
  /** One dot per number from 1; a single dot, n = 0, for a skill without a number axis. */
  readonly dots: readonly Dot[];
}

/** What it takes to call a number steady until estimates come. */
const STEADY = { tries: 2, days: 2, kindsOfThings: 2 } as const;

/**
 * Draws a skill from its tries, each number from its own tries alone: smaller numbers are not
 * filled by inference.
 */
export function dotLineFor(skill: Skill, traces: readonly Trace[]): DotLine {
  const outcomes = outcomesFor(skill, traces);
  if (skill === 'last-word') return { skill, dots: [dotOf(0, outcomes)] };
  const farthest = Math.max(largestSize, ...outcomes.map((outcome) => outcome.n));
  const numbers = Array.from({ length: farthest }, (_, i) => i + 1);
  return {
    skill,
    dots: numbers.map((n) =>
      dotOf(
        n,
        outcomes.filter((outcome) => outcome.n === n),
      ),
    ),
  };
}

function dotOf(n: number, outcomes: readonly Outcome[]): Dot {
  return { n, form: formOf(outcomes), tries: outcomes.map((outcome) => outcome.traceId) };
}

function formOf(outcomes: readonly Outcome[]): DotForm {
  if (outcomes.length === 0) return 'speck';
  const holding = outcomes.filter((outcome) => outcome.holds);
  if (holding.length === 0) return 'ring';
  const unaided = holding.filter((outcome) => outcome.unaided);
  const isSteady =
    holding.length === outcomes.length &&
    unaided.length >= STEADY.tries &&
    new Set(unaided.map((outcome) => outcome.day)).size >= STEADY.days &&
    new Set(unaided.map((outcome) => outcome.things)).size >= STEADY.kindsOfThings;
  return isSteady ? 'full' : 'half';
}
