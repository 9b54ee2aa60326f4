/** Slips with parts and wholes: the part in view, or the whole, taken for the one that is missing; ways not found; a pattern broken. */
export type PartsSlip =
  'said-the-seen' | 'said-the-whole' | 'left-none-out' | 'missed-ways' | 'broke-the-pattern';
