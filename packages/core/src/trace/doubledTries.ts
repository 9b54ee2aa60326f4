import type { Trace } from './trace.js';

/** Two clocks may differ by so much, in ms, and still show the same try. */
const clocksApartMs = 60_000;

/**
 * Pairs of tries that may be one try recorded at two devices: of one child, in different sittings, of
 * the same task and number, overlapping in time. Tries already known to be the same are left out.
 */
export function doubledTries(traces: readonly Trace[]): readonly (readonly [Trace, Trace])[] {
  const open = traces.filter((trace) => trace.sameAs === undefined);
  const answered = new Set(traces.flatMap((trace) => trace.sameAs ?? []));
  return open.flatMap((one, i) =>
    open
      .slice(i + 1)
      .filter((other) => mayBeSame(one, other) && !answered.has(one.id) && !answered.has(other.id))
      .map((other) => [one, other] as const),
  );
}

/** Whether two tries may be one that was recorded twice. */
export function mayBeSame(one: Trace, other: Trace): boolean {
  return (
    one.childId === other.childId &&
    one.sittingId !== other.sittingId &&
    one.task === other.task &&
    one.set.size === other.set.size &&
    one.target === other.target &&
    one.seen === undefined &&
    other.seen === undefined &&
    overlap(one, other)
  );
}

function overlap(one: Trace, other: Trace): boolean {
  const [from, to] = spanOf(one);
  const [otherFrom, otherTo] = spanOf(other);
  return from <= otherTo + clocksApartMs && otherFrom <= to + clocksApartMs;
}

function spanOf({ startedAt, events }: Trace): readonly [from: number, to: number] {
  const from = Date.parse(startedAt);
  return [from, from + (events.at(-1)?.t ?? 0)];
}
