import type { TraySet } from '../trace/trace.js';
import { otherParts, waysOf } from './readParts.js';

/** What can be put or told next, one of these: the ways to take a number apart, or the things of a pattern. */
export function placeableOf({ size, layout }: Pick<TraySet, 'size' | 'layout'>): readonly string[] {
  if (layout?.parts) return [...waysOf(size), otherParts];
  return [...new Set(layout?.carry?.unit ?? [])];
}
