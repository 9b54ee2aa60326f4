import type { Gesture } from '../trace/gesture.js';
import type { PassEvent } from '../trace/passes.js';
import { settledEvents, undoneSeqs } from '../trace/settled.js';
import { longestTryMs } from '../trace/bounds.js';
import { outside, placeName } from '../reading/readSharing.js';
import type { Happening, InkStroke, Item, TraceEvent, Word } from '../trace/trace.js';
import {
  currentPass,
  hasGiven,
  isSecond,
  lastStanding,
  lastTap,
  nextWord,
  type RecordedSoFar,
} from './underWay.js';

type Place = Pick<TraceEvent, 'seq' | 't'>;
type Undo = { readonly kind: 'undo'; readonly of: number };

/** When and by whom a gesture was made: `t` in ms from the start of the try, `at` as ISO 8601. */
export interface Moment {
  readonly t: number;
  readonly by: string;
  readonly at: string;
}

/**
 * The events that a gesture adds to a try: nothing when there is nothing it could act on. The one
 * place where taps become a trace; it never changes an event that is already there.
 */
export function record(soFar: RecordedSoFar, gesture: Gesture, moment: Moment): readonly TraceEvent[] {
  const { events } = soFar;
  // Times never fall, and a try left open too long only says that it was.
  const t = Math.min(longestTryMs, Math.max(moment.t, events.at(-1)?.t ?? 0));
  const place = { seq: events.length, t };
  const steps = (length: number, happening: (i: number) => Happening | Undo): readonly TraceEvent[] =>
    Array.from({ length }, (_, i) => ({ ...happening(i), seq: place.seq + i, t }));
  const amendLastTap = (change: (tapped: PassEvent) => Happening): readonly TraceEvent[] => {
    const tapped = lastTap(events);
    return tapped ? [amendment(tapped.seq, change(tapped))] : [];
  };
  /** Moves the last thing put: to where the one before it went, or outside. */
  const amendLastPut = (to: (before: string | undefined) => string | null): readonly TraceEvent[] => {
    const puts = settledEvents(events).filter((event) => event.kind === 'put');
    const last = puts.at(-1);
    const where = last && to(puts.at(-2)?.place);
    return last && where ? [amendment(last.seq, { kind: 'put', place: where })] : [];
  };
  const amendment = (of: number, happening: Happening, reason?: string): TraceEvent => ({
    ...place,
    kind: 'amend',
    of,
    event: { ...happening, seq: of, t: events[of]!.t },
    by: moment.by,
    at: moment.at,
    ...(reason !== undefined && { reason }),
  });

  switch (gesture.kind) {
    case 'next':
      return counted(soFar, place);
    case 'thing':
      return counted(soFar, place, gesture.item);
    case 'whole':
      return wholeCount(soFar, gesture.to, place.t);
    case 'one-language': {
      const last = lastStanding(events);
      return last && isSecond(last) ? [{ ...place, kind: 'undo', of: last.seq }] : [];
    }
    case 'zero-first':
      return [{ ...place, kind: 'say', word: 0 }];
    case 'said-start':
      return [{ ...place, kind: 'say', word: soFar.start - soFar.direction }];
    case 'word-no-touch':
      return amendLastTap((tapped) => ({ kind: 'say', word: wordOf(tapped) ?? nextWord(soFar) }));
    case 'touch-no-word':
      return amendLastTap((tapped) => ({ kind: 'touch', ...namedItem(tapped) }));
    case 'that-one-again':
      return amendLastTap((tapped) => ({
        kind: 'count',
        word: wordOf(tapped) ?? nextWord(soFar),
        item: 'again',
      }));
    case 'other-word':
      return amendLastTap((tapped) =>
        tapped.kind === 'say'
          ? { kind: 'say', word: gesture.word }
          : { ...tapped, kind: 'count', word: gesture.word },
      );
    case 'left-one-out':
      return [{ ...place, kind: 'passed-over' }];
    case 'took-it-back':
      // The word of the second language goes back with its count.
      return steps(lastTap(events) ? (currentPass(events).slice(-1).some(isSecond) ? 2 : 1) : 0, () => ({
        kind: 'take-back',
      }));
    case 'started-again':
      return currentPass(events).length > 0 || hasGiven(events) ? [{ ...place, kind: 'restart' }] : [];
    case 'ask':
      return [{ ...place, kind: 'ask', question: gesture.question }];
    case 'given':
      return [{ ...place, kind: 'given', value: gesture.value }];
    case 'put':
      return [{ ...place, kind: 'put', place: nextPlace(soFar) }];
    case 'placed':
      return [{ ...place, kind: 'put', place: gesture.place }];
    case 'stroke':
      return [{ ...place, kind: 'stroke', points: endingAt(place.t, gesture.points) }];
    case 'two-in-one':
      return amendLastPut((before) => before ?? null);
    case 'left-outside':
      return amendLastPut(() => outside);
    case 'answer':
      return [{ ...place, kind: 'answer', value: gesture.value }];
    case 'amend':
      return [amendment(gesture.of, gesture.event, gesture.reason)];
    case 'take-out':
      return undoneSeqs(events).has(gesture.of) ? [] : [{ ...place, kind: 'undo', of: gesture.of }];
    case 'undo': {
      const last = lastStanding(events);
      const undone = last && isSecond(last) ? [last.seq, last.seq - 1] : last ? [last.seq] : [];
      return steps(undone.length, (i) => ({ kind: 'undo', of: undone[i]! }));
    }
  }
}

/** The next word with what it takes: nothing, a thing, or as many as the step has; then that of the second language. */
function counted(soFar: RecordedSoFar, { seq, t }: Place, item?: Item): readonly TraceEvent[] {
  const word = nextWord(soFar);
  const happening: Happening =
    soFar.spoken && item === undefined
      ? { kind: 'say', word }
      : { kind: 'count', word, ...taken(soFar, item) };
  const second: Happening = { kind: 'say', word, lang: 2 };
  return [{ ...happening, seq, t }, ...(soFar.inTwo ? [{ ...second, seq: seq + 1, t }] : [])];
}

/** By steps, the lowest things that were not taken yet, as many as the step; fewer, or none, where they give out. */
export function taken(
  { events, step = 1, size = 0 }: RecordedSoFar,
  item?: Item,
): { item?: Item; items?: Item[] } {
  if (item !== undefined) return { item };
  if (step === 1) return {};
  const before = new Set(
    currentPass(events).flatMap((event) => (event.kind === 'count' ? (event.items ?? []) : [])),
  );
  const items = Array.from({ length: size }, (_, thing) => thing)
    .filter((thing) => !before.has(thing))
    .slice(0, step);
  return items.length > 0 ? { items } : {};
}

/** Every word from the first to the last, one after the other. */
function wholeCount(soFar: RecordedSoFar, to: number, t: number): readonly TraceEvent[] {
  const words = Math.floor(Math.abs(to - soFar.start) / (soFar.step ?? 1)) + 1;
  return Array.from({ length: words }).reduce<readonly TraceEvent[]>((added) => {
    const events = [...soFar.events, ...added];
    return [...added, ...counted({ ...soFar, events }, { seq: events.length, t })];
  }, []);
}

/** Takes back a whole count that was entered in one tap. */
export function undoWhole(soFar: RecordedSoFar, moment: Moment): readonly TraceEvent[] {
  const undone = undoneSeqs(soFar.events);
  const standing = soFar.events.filter(
    (event) => (event.kind === 'count' || event.kind === 'say') && !undone.has(event.seq),
  );
  return standing.map((event, i) => ({
    seq: soFar.events.length + i,
    t: Math.max(moment.t, soFar.events.at(-1)!.t),
    kind: 'undo' as const,
    of: event.seq,
  }));
}

function wordOf(event: PassEvent): Word | undefined {
  return event.kind === 'count' || event.kind === 'say' ? event.word : undefined;
}

function namedItem(event: PassEvent): { item?: Item } {
  return 'item' in event && typeof event.item === 'number' ? { item: event.item } : {};
}

/** The pen was lifted at the time of the event: what it wrote came before. */
function endingAt(t: number, points: InkStroke): InkStroke {
  const later = t - (points.at(-1)?.t ?? 0);
  return points.map((point) => ({ ...point, t: Math.max(0, point.t + later) }));
}

/** The first place with nothing in it; outside, where all are filled. */
function nextPlace({ events, places = 0 }: RecordedSoFar): string {
  const filled = new Set(
    settledEvents(events).flatMap((event) => (event.kind === 'put' ? [event.place] : [])),
  );
  const free = Array.from({ length: places }, (_, i) => placeName(i)).find((place) => !filled.has(place));
  return free ?? outside;
}
