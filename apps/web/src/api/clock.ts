/** A clock that is off by less than this harms nothing. In ms. */
const harmlessMs = 5 * 60_000;

let behindMs = 0;
const listeners = new Set<() => void>();

/** Holds this device's clock against the server's, as its answer says it. */
export function noteServerClock(date: string | null, nowMs: number): void {
  const differenceMs = date === null ? 0 : Date.parse(date) - nowMs;
  const now = Math.abs(differenceMs) > harmlessMs ? differenceMs : 0;
  if (Math.abs(now - behindMs) < harmlessMs) return;
  behindMs = now;
  for (const tell of listeners) tell();
}

/** How far this device's clock is behind the server's, in ms; below 0 where it is ahead, 0 where it is right. */
export const deviceClock = {
  read: (): number => behindMs,
  subscribe: (tell: () => void): (() => void) => {
    listeners.add(tell);
    return () => listeners.delete(tell);
  },
};
