import type { TraceId } from '../trace/ids.js';
import { dayOf, type Trace } from '../trace/trace.js';
import type { Grounds } from './statement.js';
import { weaknessesOf } from './weaknesses.js';

/** What a statement rests on: all the tries that say anything of it, and among them those that carry it. */
export function groundsOf(
  all: readonly Trace[],
  supports: readonly Trace[],
): Pick<Grounds, 'tries' | 'weakenedBy' | 'firm'> {
  const weakenedBy = weaknessesOf(supports);
  const firm = !weakenedBy.includes('one-day') && !weakenedBy.includes('one-kind-of-thing');
  return { tries: all.map((trace): TraceId => trace.id), weakenedBy, firm };
}

export function earliestDay(traces: readonly Trace[]): string | null {
  return traces.map(dayOf).reduce<string | null>((one, day) => (one === null || day < one ? day : one), null);
}
