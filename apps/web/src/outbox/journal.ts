import type { TryHead } from '@dotting/contract';
import type { TraceEvent, TraceId } from '@dotting/core';

/** A step of a sitting that IndexedDB has not yet said to be on the disk. */
export interface Noted {
  readonly id: TraceId;
  readonly head: TryHead;
  readonly revision: number;
  readonly presence: string;
  /** Those that may not be on the disk; their `seq` says where they belong. */
  readonly events: readonly TraceEvent[];
}

const forgottenMs = 24 * 3_600_000;

const keyStart = 'dotting-step:';
const keyOf = (sitting: string): string => `${keyStart}${sitting}`;

/**
 * Notes a step at once, before IndexedDB gets to it: a page that is reloaded or closed in the milliseconds
 * between finds it here. Where the browser has no room for it, IndexedDB alone keeps the step.
 */
export function noteStep(sitting: string, noted: Noted): void {
  try {
    localStorage.setItem(keyOf(sitting), JSON.stringify(noted));
  } catch {
    localStorage.removeItem(keyOf(sitting));
  }
}

export function forgetStep(sitting: string): void {
  localStorage.removeItem(keyOf(sitting));
}

/** Forgets the steps of all sittings. */
export function forgetSteps(): void {
  for (const key of stepKeys()) localStorage.removeItem(key);
}

export function notedStep(sitting: string): Noted | null {
  const text = localStorage.getItem(keyOf(sitting));
  return text === null ? null : (JSON.parse(text) as Noted);
}

/** Noted so long ago that it belongs to nothing that is still going on. */
export const isForgotten = ({ head }: Noted): boolean =>
  Date.now() - Date.parse(head.startedAt) >= forgottenMs;

/** The sittings of which a step is noted. */
export const sittingsNoted = (): readonly string[] => stepKeys().map((key) => key.slice(keyStart.length));

const stepKeys = (): readonly string[] =>
  Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? '').filter((key) =>
    key.startsWith(keyStart),
  );

/** A sitting's tries with what was noted and is not among them yet; the same list where nothing is missing. */
export function caughtUp(tries: readonly Noted[], noted: Noted): readonly Noted[] {
  const before = tries.find((one) => one.id === noted.id);
  const events = before?.events ?? [];
  const missing = noted.events.filter((event) => event.seq >= events.length);
  const isNewer = !before || noted.revision > before.revision;
  // With a gap steps before it are lost, and what comes after cannot be read without them.
  const hasGap = missing[0] !== undefined && missing[0].seq > events.length;
  if (hasGap || (missing.length === 0 && !isNewer)) return tries;
  const after = { ...(isNewer ? noted : before), events: [...events, ...missing] };
  return before ? tries.map((one) => (one.id === noted.id ? after : one)) : [...tries, after];
}
