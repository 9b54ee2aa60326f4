import type { Arrangement, Strategy } from '@dotting/core';
import type { ComponentType } from 'react';
import type { ThumbColumnProps } from '../thumb/props.js';

/** How a kind of task is shown while it is put to a child. */
export interface KindView {
  /** What the child may do next, under the thumb. */
  readonly Thumb: ComponentType<ThumbColumnProps>;
  /** What lies there is taken from: a tap on it is the next one put, not this thing. */
  readonly isStill: boolean;
  /** On the button that ends the try. */
  readonly done: () => string;
  /** On the button that enters all of it without a slip; null where there is none. */
  readonly whole: ((n: number) => string) | null;
  /** How a child may have gone about it. */
  readonly strategies: (arrangement: Arrangement) => readonly (readonly [Strategy, string])[];
}
