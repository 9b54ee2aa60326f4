export default {
  title: 'Languages',
  intro: 'Counting is the same in any language. The languages a child counts in are on the child’s page.',
  remove: 'Remove this language',
  add: 'Add a language',
  nameHint: 'As you call it',
  tag: 'Short code',
  tagHint: 'Such as “so” or “pt-BR”, or “x-…” where there is none',
  wordsField: 'Number words',
  wordsHint: 'From one up, one word to a line',
  rightToLeft: 'Written from right to left',
  save: 'Add language',
};
