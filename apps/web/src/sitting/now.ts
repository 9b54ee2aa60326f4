import type { TraceId } from '@dotting/core';

/** When something happens, from outside: nothing in a sitting reads a clock. */
export interface Now {
  /** ms since the epoch. */
  readonly ms: number;
  /** ISO 8601 with the local offset. */
  readonly iso: string;
  /** A new id, should a try begin. */
  readonly newId: TraceId;
}
