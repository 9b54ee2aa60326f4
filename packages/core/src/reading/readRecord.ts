import type { Recording, Trace } from '../trace/trace.js';
import { readSlots, type FilledSlot, type SlotName } from './slots.js';

/** A slip of what is put on record. */
export type RecordSlip =
  'forgot-the-number' | 'recorded-another' | 'fifth-not-across' | 'kinds-not-the-whole';

/** Whether what was recorded was held against what lay there. */
export type Checked = 'agreed' | 'mended' | 'not-checked';

export interface RecordReading {
  readonly by: Recording;
  readonly n: number;
  /** The last word of the count; null where it was not taken down. */
  readonly counted: number | null;
  /** Strokes, rings or drawings; null where nothing was recorded. */
  readonly recorded: number | null;
  /** The fifth stroke lies across; null where there are fewer, or nobody looked. */
  readonly fifthAcross: boolean | null;
  readonly checked: Checked | null;
  readonly slip: RecordSlip | null;
}

const putAt = (slots: readonly FilledSlot[], of: SlotName): string | null =>
  slots.find((slot) => slot.of === of)?.put ?? null;
const numberAt = (slots: readonly FilledSlot[], of: SlotName): number | null => {
  const put = putAt(slots, of);
  return put === null ? null : Number(put);
};

/**
 * Reads how a count was put on record. What it is held against is the child’s own count where that was taken down: a number
 * that was counted wrong and recorded so was not forgotten.
 *
 * @returns null where nothing was to be recorded
 */
export function readRecord(trace: Pick<Trace, 'set' | 'events'>): RecordReading | null {
  const { records: by } = trace.set.layout ?? {};
  const slots = by && readSlots(trace);
  if (!slots) return null;
  const [counted, recorded] = [numberAt(slots, 'counted'), numberAt(slots, 'recorded')];
  const fifth = putAt(slots, 'fifth');
  const fifthAcross = fifth === null ? null : fifth === 'across';
  const wanted = counted ?? trace.set.size;
  const isOther = recorded !== null && recorded !== wanted;
  return {
    by,
    n: trace.set.size,
    counted,
    recorded,
    fifthAcross,
    checked: putAt(slots, 'checked') as Checked | null,
    slip: isOther
      ? counted === null
        ? 'recorded-another'
        : 'forgot-the-number'
      : fifthAcross === false
        ? 'fifth-not-across'
        : null,
  };
}

export interface SortedReading {
  /** What was said of each kind; null for nothing. */
  readonly kinds: readonly { readonly things: string; readonly n: number; readonly said: number | null }[];
  readonly whole: { readonly n: number; readonly said: number | null };
  /** The kinds, as said, make the whole, as said; null until all of it was. */
  readonly addsUp: boolean | null;
  readonly checked: Checked | null;
  readonly most: { readonly things: string; readonly said: string | null };
}

/**
 * Reads how kinds were counted, and whether they make the whole.
 * @returns null where nothing was sorted
 */
export function readSorted(trace: Pick<Trace, 'set' | 'events'>): SortedReading | null {
  if (!trace.set.layout?.sorted) return null;
  const slots = readSlots(trace)!;
  const kinds = slots
    .filter((slot) => slot.of === 'kind')
    .map(({ about, wanted, put }) => ({
      things: about,
      n: Number(wanted),
      said: put === null ? null : Number(put),
    }));
  const said = numberAt(slots, 'whole');
  const most = slots.find((slot) => slot.of === 'most')!;
  const sum = kinds.reduce((all, one) => all + (one.said ?? 0), 0);
  return {
    kinds,
    whole: { n: kinds.reduce((all, { n }) => all + n, 0), said },
    addsUp: said === null ? null : sum === said,
    checked: putAt(slots, 'checked') as Checked | null,
    most: { things: most.wanted!, said: most.put },
  };
}
