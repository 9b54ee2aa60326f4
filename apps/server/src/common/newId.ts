import { randomUUID } from 'node:crypto';

/** An id that nothing has yet. */
export const newId = <Id extends string>(): Id => randomUUID() as unknown as Id;
