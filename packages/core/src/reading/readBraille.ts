import { brailleOf, inOtherCode, mirroredCell, numberSign, type BrailleCode } from '../numerals/braille.js';
import type { Trace } from '../trace/trace.js';
import { putInto } from './slots.js';

/** Slips of a numeral brailled: the sign left out, a cell turned over, a row too high or low, cells in another order. */
export type BrailleSlip =
  'sign-left-out' | 'cell-mirrored' | 'wrong-row' | 'cells-turned-round' | 'another-cell';

export interface BrailleReading {
  readonly n: number;
  readonly code: BrailleCode;
  readonly wanted: string;
  readonly written: string;
  /** Null where nothing was written. */
  readonly right: boolean | null;
  readonly slips: readonly BrailleSlip[];
}

/**
 * Reads a numeral as it was brailled, cell by cell.
 * @returns null where none was to be
 */
export function readBraille({ set, events }: Pick<Trace, 'set' | 'events'>): BrailleReading | null {
  const { cards } = set.layout ?? {};
  if (cards?.kind !== 'braille') return null;
  const code: BrailleCode = cards.code === 'maths' ? 'maths' : 'literary';
  const wanted = brailleOf(cards.n, code);
  const written = putInto(events).join('');
  const slips = written === '' ? [] : slipsIn(written, wanted, code);
  return { n: cards.n, code, wanted, written, right: written === '' ? null : slips.length === 0, slips };
}

function slipsIn(written: string, wanted: string, code: BrailleCode): readonly BrailleSlip[] {
  if (written === wanted) return [];
  const hasSign = written.startsWith(numberSign);
  const [cells, due] = [hasSign ? written.slice(1) : written, wanted.slice(1)];
  const sign: readonly BrailleSlip[] = hasSign ? [] : ['sign-left-out'];
  return [...sign, ...slipsOfCells(cells, due, code)];
}

function slipsOfCells(cells: string, due: string, code: BrailleCode): readonly BrailleSlip[] {
  if (cells === due) return [];
  const turned = [...due].toReversed().join('');
  if (due.length > 1 && cells === turned) return ['cells-turned-round'];
  if (cells.length !== due.length) return ['another-cell'];
  const found = [...due].flatMap((cell, i): readonly BrailleSlip[] => {
    const put = cells[i]!;
    if (put === cell) return [];
    if (put === inOtherCode(cell, code)) return ['wrong-row'];
    return put === mirroredCell(cell) ? ['cell-mirrored'] : ['another-cell'];
  });
  return [...new Set(found)];
}
