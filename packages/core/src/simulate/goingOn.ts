import { figure } from '../common/parameters.js';
import type { HiddenAbility } from './child.js';

/** So many numbers sooner a made-up child gives way going back than going on. */
export const harderBack = 2;

/** Chance of going on from n: it comes a little after the words themselves. */
export function chanceOfGoingOn({ goesOnTo, orderTo, lapse }: HiddenAbility, n: number): number {
  const threshold = goesOnTo ?? orderTo - figure.goingOnBehind;
  return (1 - lapse) / (1 + Math.exp(-(threshold + 0.5 - n)));
}
