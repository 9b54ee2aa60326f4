/** Slips with numerals: another named or taken, some not found, a row out of order, a card with another set, a teen apart. */
export type NumeralSlip =
  | 'named-another'
  | 'took-another'
  | 'left-some'
  | 'out-of-order'
  | 'another-card'
  | 'other-side'
  | 'teen-apart';
