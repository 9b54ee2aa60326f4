import { canBeTried, longestTryMs } from '../trace/bounds.js';
import { settledEvents } from '../trace/settled.js';
import { dayOf, isNumberWord, type HappeningEvent, type Trace } from '../trace/trace.js';

/** Numbers that can be said, asked for or given. */
const LARGEST_NUMBER = 1_000;

/** Something about a try that cannot be, by the path of its field; nothing is computed from such a try. */
export interface Flaw {
  readonly field: string;
  readonly kind: 'date' | 'target' | 'bowls' | 'time' | 'item' | 'number';
}

type Checked = Pick<Trace, 'startedAt' | 'set' | 'direction' | 'target' | 'events'>;

/**
 * What about a try cannot be; null where it can be read. What was stored before a rule was made stays on
 * record, and costs only itself.
 *
 * @param today YYYY-MM-DD; a try of a day to come is flawed too
 */
export function flawOf(trace: Checked, today?: string): Flaw | null {
  return headFlawOf(trace, today) ?? eventFlawOf(trace);
}

/** The same for all of a try but its events. */
export function headFlawOf(trace: Omit<Checked, 'events'>, today?: string): Flaw | null {
  const { target, direction, set } = trace;
  if (!canBeTried(dayOf(trace), today)) return { field: 'startedAt', kind: 'date' };
  // Nought is a numeral, and what is none more to ten.
  const isOfNought = (set.layout?.cards ?? set.layout?.change ?? set.layout?.writing) !== undefined;
  const least = direction === -1 || isOfNought ? 0 : 1;
  if (target !== undefined && !isNumber(target, least)) return { field: 'target', kind: 'target' };
  return setFlawOf(set);
}

function setFlawOf({ size, layout }: Trace['set']): Flaw | null {
  if (!isNumber(size, 0)) return { field: 'set.size', kind: 'number' };
  // The largest bowl of a recipe is the number that was put, and none is asked to stay empty.
  const bowl = layout?.bowls?.findIndex(({ n }) => !isNumber(n, 1) || n > size) ?? -1;
  return bowl < 0 ? null : { field: `set.layout.bowls.${bowl}.n`, kind: 'bowls' };
}

function eventFlawOf({ set, events }: Pick<Trace, 'set' | 'events'>): Flaw | null {
  let latest = 0;
  for (const [i, { t }] of events.entries()) {
    if (!(t >= latest && t <= longestTryMs)) return { field: `events.${i}.t`, kind: 'time' };
    latest = t;
  }
  for (const event of settledEvents(events)) {
    const kind = happeningFlaw(event, set.size);
    if (kind) return { field: `events.${event.seq}`, kind };
  }
  return null;
}

/** What about a single happening cannot be, on a set of so many things. */
export function happeningFlaw(event: HappeningEvent, size: number): 'item' | 'number' | null {
  if ('item' in event && typeof event.item === 'number' && !isNumber(event.item, 0, size - 1)) return 'item';
  if (event.kind === 'count' && event.items?.some((item) => !isNumber(item, 0, size - 1))) return 'item';
  if (event.kind === 'given' && !isNumber(event.value, 0)) return 'number';
  if ('word' in event && isNumberWord(event.word) && !isNumber(event.word, 0)) return 'number';
  return null;
}

const isNumber = (value: number, least: number, most = LARGEST_NUMBER): boolean =>
  Number.isInteger(value) && value >= least && value <= most;
