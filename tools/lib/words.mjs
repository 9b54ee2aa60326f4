// @ts-check
/** What is said on the screen, once it is built: the English catalogue and how it tells things. */
export const loadWords = () => import('../../packages/words/dist/index.js');
