import type { ChildId } from '@dotting/core';
import { v4 as uuid } from 'uuid';

/** An id that nothing has yet. */
export const newId = <Id extends string>(): Id => uuid() as unknown as Id;

/** The child that an address names; whether there is one is for the server to say. */
export const childIdOf = (param: string | undefined): ChildId => (param ?? '') as ChildId;
