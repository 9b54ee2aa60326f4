// @ts-check
/** The core by both its doors, once it is built: what the app uses, and its workings. */
export async function loadCore() {
  const [core, workings] = await Promise.all([
    import('../../packages/core/dist/index.js'),
    import('../../packages/core/dist/workings.js'),
  ]);
  return { ...core, ...workings };
}
