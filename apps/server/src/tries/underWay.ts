import type { PutTry } from '@dotting/contract';
import type { TraceId } from '@dotting/core';

/** More than any nursery counts at once. */
const most = 2_000;

/**
 * The heads of tries that go on, as they were last stored: whoever sends the same again need not have it read, compared
 * and held against the shelf again. What may change at the server meanwhile is not taken from here.
 */
export class UnderWay {
  private readonly heads = new Map<TraceId, string>();

  /** Whether a try is known with this head, of this stay. */
  knows(id: TraceId, put: PutTry): boolean {
    return put.ended === null && this.heads.get(id) === headOf(put);
  }

  /** Remembers it as it was stored; one that has ended is forgotten. */
  remember(id: TraceId, put: PutTry): void {
    this.heads.delete(id);
    if (put.ended !== null) return;
    this.heads.set(id, headOf(put));
    const [oldest] = this.heads.keys();
    if (this.heads.size > most) this.heads.delete(oldest!);
  }
}

const headOf = ({ events: _, ...head }: PutTry): string => JSON.stringify(head);
