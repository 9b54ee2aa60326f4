export default {
  filled: '$property must be filled in',
  word: '$property must be a whole number from 0 to 1000 or a word of at most {longestWord} letters',
  item: '$property must be the place of a thing, counted from 0',
  itemOrAgain: '$property must be the place of a thing, counted from 0, or “again”',
  answer: '$property must be a number, a short text, or null for no answer',
  moment: '$property must be a date and time with its offset, as 2026-03-02T09:30:00+01:00',
  recorded: '$property must be a day from 2024 until now: check the date and time on this device',
  languageTag: '$property must be a language tag such as “en” or “cy”',
  day: '$property must be a real date, as 2026-03-02',
  past: '$property must be a day that has been',
  childsBirth: '$property must be a day of the last twelve years',
  nearDay: '$property must be a day within ten years: check the year',
  happening: '$property must be what happened, of one of the kinds that can happen in a try',
  stroke:
    '$property must be points with x, y and a time, none earlier than the one before, at most 7200 of them',
  strokeWords: '$property must be lines of at most 200 letters, by the digit’s form, as “5-in-one”',
  cells: '$property must be texts of at most 1,000 letters, by the names of the columns',
};
