// @ts-check
/** What is said on the screen, once it is built: the English catalogue and how it tells things. */
export const loadWords = async () => ({
  ...(await import('../../packages/words/dist/index.js')),
  ...(await import('../../packages/words/dist/all.js')),
});
