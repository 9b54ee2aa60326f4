import type { TraceId } from '@dotting/core';
import type { Moment } from '../common/moments.js';

/** When something happens, from outside: nothing in a sitting reads a clock. */
export interface Now extends Moment {
  /** A new id, should a try begin. */
  readonly newId: TraceId;
}
