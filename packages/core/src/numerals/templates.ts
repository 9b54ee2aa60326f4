/** On to a point in a straight line, or by a cubic curve over two more: x and y in a box 0.6 wide and 1 high, y down. */
type Segment =
  | readonly [x: number, y: number]
  | readonly [x1: number, y1: number, x2: number, y2: number, x: number, y: number];

/** One stroke, from where the hand begins. */
export interface Stroke {
  readonly from: readonly [x: number, y: number];
  readonly to: readonly Segment[];
}

const stroke = (from: Stroke['from'], ...to: readonly Segment[]): Stroke => ({ from, to });

/** How wide the box of a digit is, for one that is 1 high. */
export const digitWidth = 0.6;

/**
 * The ways in which each digit is formed, in the order and direction of its strokes. Where practitioners differ a digit has
 * several, the first of them the commonest; none is wrong.
 */
export const digitForms = {
  0: {
    oval: [
      stroke(
        [0.3, 0],
        [0.1, 0, 0, 0.2, 0, 0.5],
        [0, 0.8, 0.1, 1, 0.3, 1],
        [0.5, 1, 0.6, 0.8, 0.6, 0.5],
        [0.6, 0.2, 0.5, 0, 0.3, 0],
      ),
    ],
  },
  1: {
    plain: [stroke([0.3, 0], [0.3, 1])],
    flag: [stroke([0.08, 0.25], [0.34, 0], [0.34, 1])],
    foot: [stroke([0.08, 0.25], [0.32, 0], [0.32, 1]), stroke([0.06, 1], [0.58, 1])],
  },
  2: {
    round: [
      stroke(
        [0.03, 0.25],
        [0.06, 0.05, 0.2, 0, 0.3, 0],
        [0.48, 0, 0.58, 0.12, 0.58, 0.27],
        [0.58, 0.5, 0.2, 0.75, 0, 1],
        [0.6, 1],
      ),
    ],
    looped: [
      stroke(
        [0.03, 0.25],
        [0.06, 0.05, 0.2, 0, 0.3, 0],
        [0.48, 0, 0.58, 0.12, 0.58, 0.27],
        [0.58, 0.55, 0.32, 0.8, 0.1, 0.97],
        [-0.03, 1.03, -0.03, 0.84, 0.1, 0.85],
        [0.26, 0.87, 0.36, 1.04, 0.6, 0.97],
      ),
    ],
  },
  3: {
    round: [
      stroke(
        [0.04, 0.12],
        [0.12, 0.02, 0.2, 0, 0.29, 0],
        [0.47, 0, 0.55, 0.1, 0.55, 0.23],
        [0.55, 0.38, 0.42, 0.47, 0.24, 0.47],
        [0.47, 0.47, 0.6, 0.58, 0.6, 0.73],
        [0.6, 0.9, 0.46, 1, 0.28, 1],
        [0.16, 1, 0.06, 0.96, 0, 0.87],
      ),
    ],
    'flat-topped': [
      stroke(
        [0.03, 0],
        [0.56, 0],
        [0.27, 0.4],
        [0.48, 0.4, 0.6, 0.53, 0.6, 0.7],
        [0.6, 0.88, 0.46, 1, 0.28, 1],
        [0.16, 1, 0.06, 0.96, 0, 0.87],
      ),
    ],
  },
  4: {
    open: [stroke([0.12, 0], [0.02, 0.6], [0.6, 0.6]), stroke([0.44, 0.28], [0.44, 1])],
    closed: [stroke([0.6, 0.67], [0, 0.67], [0.43, 0], [0.43, 1])],
  },
  5: {
    'in-one': [
      stroke(
        [0.55, 0],
        [0.1, 0],
        [0.07, 0.42],
        [0.14, 0.37, 0.22, 0.35, 0.3, 0.35],
        [0.48, 0.35, 0.6, 0.47, 0.6, 0.67],
        [0.6, 0.87, 0.46, 1, 0.27, 1],
        [0.15, 1, 0.06, 0.96, 0, 0.88],
      ),
    ],
    'bar-last': [
      stroke(
        [0.1, 0],
        [0.07, 0.42],
        [0.14, 0.37, 0.22, 0.35, 0.3, 0.35],
        [0.48, 0.35, 0.6, 0.47, 0.6, 0.67],
        [0.6, 0.87, 0.46, 1, 0.27, 1],
        [0.15, 1, 0.06, 0.96, 0, 0.88],
      ),
      stroke([0.1, 0], [0.55, 0]),
    ],
  },
  6: {
    curved: [
      stroke(
        [0.48, 0],
        [0.2, 0.1, 0, 0.4, 0, 0.68],
        [0, 0.88, 0.12, 1, 0.3, 1],
        [0.48, 1, 0.6, 0.88, 0.6, 0.7],
        [0.6, 0.52, 0.48, 0.42, 0.31, 0.42],
        [0.16, 0.42, 0.03, 0.52, 0, 0.68],
      ),
    ],
    straight: [
      stroke(
        [0.38, 0],
        [0.05, 0.58],
        [-0.06, 0.8, 0.08, 1, 0.3, 1],
        [0.48, 1, 0.6, 0.88, 0.6, 0.71],
        [0.6, 0.54, 0.48, 0.44, 0.32, 0.44],
        [0.2, 0.44, 0.1, 0.5, 0.05, 0.58],
      ),
    ],
  },
  7: {
    plain: [stroke([0, 0], [0.6, 0], [0.2, 1])],
    crossed: [stroke([0, 0], [0.6, 0], [0.2, 1]), stroke([0.14, 0.5], [0.56, 0.5])],
  },
  8: {
    'in-one': [
      stroke(
        [0.53, 0.16],
        [0.49, 0.05, 0.4, 0, 0.3, 0],
        [0.15, 0, 0.06, 0.1, 0.06, 0.22],
        [0.06, 0.48, 0.58, 0.45, 0.58, 0.76],
        [0.58, 0.9, 0.46, 1, 0.3, 1],
        [0.14, 1, 0.02, 0.9, 0.02, 0.76],
        [0.02, 0.47, 0.5, 0.42, 0.53, 0.16],
      ),
    ],
    'two-rings': [
      stroke(
        [0.3, 0],
        [0.17, 0, 0.07, 0.1, 0.07, 0.22],
        [0.07, 0.35, 0.17, 0.45, 0.3, 0.45],
        [0.43, 0.45, 0.53, 0.35, 0.53, 0.22],
        [0.53, 0.1, 0.43, 0, 0.3, 0],
      ),
      stroke(
        [0.3, 0.45],
        [0.14, 0.45, 0.02, 0.57, 0.02, 0.72],
        [0.02, 0.88, 0.14, 1, 0.3, 1],
        [0.46, 1, 0.58, 0.88, 0.58, 0.72],
        [0.58, 0.57, 0.46, 0.45, 0.3, 0.45],
      ),
    ],
  },
  9: {
    'in-one': [
      stroke(
        [0.55, 0.28],
        [0.55, 0.1, 0.43, 0, 0.28, 0],
        [0.12, 0, 0.02, 0.12, 0.02, 0.28],
        [0.02, 0.44, 0.12, 0.55, 0.28, 0.55],
        [0.43, 0.55, 0.55, 0.44, 0.55, 0.28],
        [0.55, 0.7, 0.46, 0.9, 0.3, 1],
      ),
    ],
    'ring-and-stem': [
      stroke(
        [0.28, 0],
        [0.12, 0, 0.02, 0.12, 0.02, 0.28],
        [0.02, 0.44, 0.12, 0.55, 0.28, 0.55],
        [0.43, 0.55, 0.55, 0.44, 0.55, 0.28],
        [0.55, 0.12, 0.43, 0, 0.28, 0],
      ),
      stroke([0.55, 0], [0.55, 1]),
    ],
  },
} as const satisfies Readonly<Record<number, Readonly<Record<string, readonly Stroke[]>>>>;

export type Digit = keyof typeof digitForms;
export type FormOf<Of extends Digit> = keyof (typeof digitForms)[Of] & string;

/** A stroke as the path of an SVG, so many units high, its box’s left edge at `left`. */
export function pathOf({ from, to }: Stroke, height = 1, left = 0): string {
  const at = (numbers: readonly number[]): string =>
    numbers.map((one, i) => +((i % 2 === 0 ? left : 0) + one * height).toFixed(3)).join(' ');
  return `M${at(from)}${to.map((one) => `${one.length === 2 ? 'L' : 'C'}${at(one)}`).join('')}`;
}
