import type { Happening, InkStroke, Item, Question, Word } from './trace.js';

/** What an adult does while a child counts. Slips act on the last tap. */
export type Gesture =
  | { readonly kind: 'next' }
  | { readonly kind: 'thing'; readonly item: Item }
  | { readonly kind: 'zero-first' }
  | { readonly kind: 'one-language' }
  | { readonly kind: 'said-start' }
  | { readonly kind: 'word-no-touch' }
  | { readonly kind: 'touch-no-word' }
  | { readonly kind: 'that-one-again' }
  | { readonly kind: 'other-word'; readonly word: Word }
  | { readonly kind: 'left-one-out' }
  | { readonly kind: 'took-it-back' }
  | { readonly kind: 'started-again' }
  | { readonly kind: 'ask'; readonly question: Question }
  | { readonly kind: 'answer'; readonly value: number | string | null }
  | { readonly kind: 'given'; readonly value: number }
  | { readonly kind: 'put' }
  /** One of a few that can be put, or told, next. */
  | { readonly kind: 'placed'; readonly place: string }
  | { readonly kind: 'stroke'; readonly points: InkStroke }
  | { readonly kind: 'two-in-one' }
  | { readonly kind: 'left-outside' }
  | { readonly kind: 'whole'; readonly to: number }
  | { readonly kind: 'amend'; readonly of: number; readonly event: Happening; readonly reason?: string }
  | { readonly kind: 'take-out'; readonly of: number }
  | { readonly kind: 'undo' };
