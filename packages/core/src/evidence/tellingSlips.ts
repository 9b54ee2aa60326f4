import type { ComparingSlip } from '../reading/readComparing.js';
import type { GoingOnSlip } from '../reading/goingOnSlip.js';
import { gaveAll } from '../reading/readGiving.js';
import type { BrailleSlip } from '../reading/readBraille.js';
import type { NumeralSlip } from '../reading/numeralSlip.js';
import type { InkSlip } from '../reading/readWritten.js';
import type { RecordSlip } from '../reading/readRecord.js';
import type { PartsSlip } from '../reading/partsSlip.js';
import type { PairingSlipKind } from '../reading/readPairing.js';
import type { SharingSlipKind } from '../reading/readSharing.js';
import type { TotalReading } from '../reading/readTotal.js';
import type { WordSlipKind } from '../reading/readWords.js';
import type { Trace } from '../trace/trace.js';

/** A slip that tells what stands in the way. */
export type TellingSlip =
  | PairingSlipKind
  | WordSlipKind
  | SharingSlipKind
  | Extract<TotalReading, { shown: false }>['kind']
  | 'counted-again'
  | GoingOnSlip
  | 'gave-another-number'
  | 'chose-another'
  | ComparingSlip
  | 'counted-the-seen'
  | PartsSlip
  | NumeralSlip
  | BrailleSlip
  | RecordSlip
  | InkSlip;

/** One, with the number or the thing at which it came; null where that is nothing to ask, or nobody saw. */
export interface SlipAt {
  readonly slip: TellingSlip;
  readonly at: number | null;
}

/** What is handed over can only be another number. */
export const slipsOfGiving = (trace: Trace): readonly SlipAt[] =>
  gaveAll(trace) === false ? [{ slip: 'gave-another-number', at: trace.target ?? null }] : [];
