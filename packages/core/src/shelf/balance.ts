/** How far a beam leans for each one more on a side, and at the most. (degrees) */
const leanOfOne = 4;
const mostLean = 16;
/** It swings about where it comes to rest: so quickly from side to side, and so slowly less. (ms) */
const swingMs = 700;
const dampedMs = 600;
/** Smaller swings are not seen. (degrees) */
const still = 0.4;

/** How a beam leans at rest, by what lies on either side: negative where the left is heavier. In degrees. */
export const leanOf = (left: number, right: number): number =>
  Math.max(-mostLean, Math.min(mostLean, leanOfOne * (right - left)));

/** How it leans so many ms after it was moved: a damped swing from one lean to another. In degrees. */
export const swingAt = (from: number, to: number, ms: number): number =>
  to + (from - to) * Math.exp(-ms / dampedMs) * Math.cos((2 * Math.PI * ms) / swingMs);

/** For how long it is seen to swing after it was moved. In ms. */
export const settlesIn = (from: number, to: number): number =>
  from === to ? 0 : Math.max(0, dampedMs * Math.log(Math.abs(from - to) / still));
