import {
  answerers,
  countSteps,
  endings,
  helps,
  needs,
  reasonsGiven,
  strategies,
  type Ended,
  type Trace,
} from '@dotting/core';

/** What a field of a try's head can hold. */
export type HeadField = {
  /** What the try is about, and can never be sent otherwise. */
  readonly isFixed?: true;
  /** Absent where there is nothing to say. */
  readonly isOptional?: true;
} & (
  | { readonly kind: 'id' | 'moment' | 'task' | 'language' | 'sign' | 'yes-no' }
  /** True, or absent. */
  | { readonly kind: 'mark'; readonly isOptional: true }
  | { readonly kind: 'number'; readonly from: number; readonly to: number }
  | { readonly kind: 'text'; readonly most: number }
  | { readonly kind: 'one-of' | 'several-of' | 'one-of-or-null'; readonly of: readonly string[] }
  | { readonly kind: 'one-of-numbers'; readonly of: readonly number[] }
);

/** The head of a try but for what was laid: its set. `ended` is null while it is still going on. */
export type HeadFields = {
  -readonly [
    Name in keyof Omit<Trace, 'id' | 'set' | 'ended' | 'rulings' | 'sameAs' | 'events'>
  ]: Trace[Name];
} & { ended: Ended | null };

/**
 * All that is said of a try as a whole. From here come the rules for what is sent, the database's columns,
 * and the way between the two; a field more is a field of the core's `Trace`, an entry here, and a migration.
 */
export const headFields = {
  childId: { kind: 'id', isFixed: true },
  sittingId: { kind: 'id', isFixed: true },
  recordedBy: { kind: 'id' },
  startedAt: { kind: 'moment', isFixed: true },
  task: { kind: 'task', isFixed: true },
  own: { kind: 'id', isFixed: true, isOptional: true },
  language: { kind: 'language', isFixed: true },
  version: { kind: 'one-of-numbers', of: [2], isFixed: true, isOptional: true },
  step: { kind: 'one-of-numbers', of: countSteps, isFixed: true, isOptional: true },
  second: { kind: 'language', isFixed: true, isOptional: true },
  start: { kind: 'number', from: 0, to: 1000, isFixed: true },
  direction: { kind: 'sign', isFixed: true },
  target: { kind: 'number', from: 0, to: 1000, isOptional: true },
  choices: { kind: 'number', from: 2, to: 20, isOptional: true },
  strategy: { kind: 'one-of', of: strategies, isOptional: true },
  reason: { kind: 'one-of', of: reasonsGiven, isOptional: true },
  help: { kind: 'one-of', of: helps },
  answeredBy: { kind: 'one-of', of: answerers },
  firstTime: { kind: 'yes-no' },
  ended: { kind: 'one-of-or-null', of: endings },
  seen: { kind: 'one-of', of: ['in-passing'], isOptional: true },
  shownMs: { kind: 'number', from: 0, to: 600_000, isOptional: true },
  whole: { kind: 'mark', isOptional: true },
  setAside: { kind: 'text', most: 200, isOptional: true },
  upset: { kind: 'mark', isOptional: true },
  access: { kind: 'several-of', of: needs, isOptional: true },
  mixedWith: { kind: 'language', isOptional: true },
} as const satisfies Readonly<Record<keyof HeadFields, HeadField>>;

export type HeadFieldName = keyof typeof headFields;
export const headFieldNames = Object.keys(headFields) as readonly HeadFieldName[];
