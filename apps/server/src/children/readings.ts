import type { ChildId, Trace } from '@dotting/core';

/** What was worked out for each child, until something it rests on changes. */
export class ByChild<Value> {
  private readonly kept = new Map<ChildId, { readonly key: string; readonly value: Value }>();

  /** @param key all that the value depends on */
  get(childId: ChildId, key: string, workOut: () => Value): Value {
    const known = this.kept.get(childId);
    if (known?.key === key) return known.value;
    const value = workOut();
    this.kept.set(childId, { key, value });
    return value;
  }
}

/** Changes with everything about the tries that an estimate reads. */
export function fingerprintOf(traces: readonly Trace[]): string {
  return traces
    .map(({ id, events, ended, setAside, rulings, sameAs, help, answeredBy, mixedWith }) =>
      [id, events.length, ended, setAside, rulings?.length, sameAs, help, answeredBy, mixedWith].join(),
    )
    .join(';');
}
