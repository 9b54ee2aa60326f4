/**
 * A text that a spreadsheet would take for a formula, also behind blanks, a byte-order mark or with a sign
 * of full width. In files it gets an apostrophe before it.
 */
export const likeFormula = /^[\s\uFEFF]*[=+\-@＝＋－＠]|^[\t\r]/u;
