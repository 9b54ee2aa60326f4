/** Slips with numerals: another one named or taken, the digits turned round, a row out of order, a card with another set. */
export type NumeralSlip =
  | 'named-another'
  | 'took-another'
  | 'left-some'
  | 'out-of-order'
  | 'another-card'
  | 'other-side'
  | 'teen-apart';
