import type { Skill } from '@dotting/core';

/** What a skill is called, and what it means in plain words. */
export const skillWords: Record<Skill, { readonly name: string; readonly plain: string }> = {
  order: { name: 'Stable order', plain: 'the number words, the same and in order every time' },
  'one-to-one-aside': { name: 'One-to-one, moving each aside', plain: 'one word and one move to each thing' },
  'one-to-one-row': { name: 'One-to-one, in a row', plain: 'one word and one touch to each thing' },
  'last-word': {
    name: 'Last word says how many',
    plain: 'asked how many, answers with the last word of the count',
  },
};
