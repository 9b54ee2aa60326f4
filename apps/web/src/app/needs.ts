import type { Need } from '@dotting/core';

/** What a child's need is called. */
export const needWords: Record<Need, string> = {
  vision: 'Seeing',
  hearing: 'Hearing',
  movement: 'Moving',
  speech: 'Speaking',
  language: 'Language',
  attention: 'Attention',
};
