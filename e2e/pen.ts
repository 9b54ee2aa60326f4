import type { Locator, Page } from '@playwright/test';

/** A stroke as points of a numeral 1 high and 0.6 wide, y down. */
export type Drawn = readonly (readonly [x: number, y: number])[];

/** Points of a bow, angles in degrees clockwise from the right. */
export const bow = (x: number, y: number, wide: number, high: number, from: number, to: number): Drawn =>
  Array.from({ length: 15 }, (_, i) => {
    const angle = ((from + ((to - from) * i) / 14) * Math.PI) / 180;
    return [x + wide * Math.cos(angle), y + high * Math.sin(angle)] as const;
  });

/** The other way about, as in a mirror. */
export const mirrored = (strokes: readonly Drawn[]): readonly Drawn[] =>
  strokes.map((stroke) => stroke.map(([x, y]) => [0.6 - x, y] as const));

export const three: readonly Drawn[] = [
  [...bow(0.28, 0.25, 0.27, 0.25, -150, 90), ...bow(0.28, 0.74, 0.3, 0.26, -90, 150)],
];
export const oneFromBelow: readonly Drawn[] = [
  [
    [0.3, 1],
    [0.3, 0],
  ],
];
/** The body first, then its bar. */
export const fiveInTwo: readonly Drawn[] = [
  [[0.08, 0.02], [0.06, 0.42], ...bow(0.26, 0.68, 0.31, 0.31, -120, 150)],
  [
    [0.08, 0.02],
    [0.55, 0.02],
  ],
];
export const seven: readonly Drawn[] = [
  [
    [0, 0],
    [0.6, 0],
    [0.2, 1],
  ],
];
/** A tick down at its left, the beam along the top, then the slope: three strokes, as no library has it. */
export const ourSeven: readonly Drawn[] = [
  [
    [0.02, 0],
    [0.02, 0.28],
  ],
  [
    [0.02, 0],
    [0.6, 0],
  ],
  [
    [0.6, 0],
    [0.2, 1],
  ],
];
export const one: readonly Drawn[] = [
  [
    [0.3, 0],
    [0.3, 1],
  ],
];
export const scribble: readonly Drawn[] = [
  Array.from(
    { length: 60 },
    (_, i) => [0.3 + 0.5 * Math.sin(i * 2.3), 0.5 + 0.45 * Math.cos(i * 1.7)] as const,
  ),
];

/** Beside one another, so far to the right each. */
export const beside = (...digits: readonly (readonly Drawn[])[]): readonly Drawn[] =>
  digits.flatMap((strokes, i) => strokes.map((stroke) => stroke.map(([x, y]) => [x + i * 0.9, y] as const)));

/** Writes with the mouse between the lines of a sheet. */
export async function write(page: Page, sheet: Locator, strokes: readonly Drawn[]): Promise<void> {
  const box = (await sheet.boundingBox())!;
  // The lines stand half the sheet’s height apart.
  const high = box.height / 2;
  const top = box.y + 0.225 * box.height;
  const left = box.x + box.width / 2 - 0.6 * high;
  for (const stroke of strokes) {
    const [first, ...others] = stroke.map(([x, y]) => [left + x * high, top + y * high] as const);
    await page.mouse.move(...first!);
    await page.mouse.down();
    for (const [x, y] of others) await page.mouse.move(x, y, { steps: others.length > 4 ? 2 : 12 });
    await page.mouse.up();
  }
}
