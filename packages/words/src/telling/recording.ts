import { readRecord, readSorted, type ReadableTrace } from '@dotting/core';
import type { Words } from '../words.js';
import { amountOf, thingsWords } from './amounts.js';
import { listOf } from './list.js';

/** How a count was put on record: strokes, drawings, and whether they were held against the things; null where none was. */
export function tellRecord(words: Words, trace: ReadableTrace): string | null {
  const record = readRecord(trace);
  if (!record) return null;
  const { by, n, counted, recorded, fifthAcross, checked, slip } = record;
  const { record: tell, checked: tellChecked } = words.tries;
  if (recorded === null && counted === null) return tell.none();
  return [
    ...(counted === null ? [] : [tell.counted({ n: counted })]),
    ...(recorded === null
      ? [tell.none()]
      : [tell[by]({ n: recorded, of: amountOf(words, n, trace.set.things) })]),
    ...(slip === 'forgot-the-number' ? [tell.forgot()] : []),
    ...(fifthAcross === null ? [] : [tell[fifthAcross ? 'across' : 'notAcross']()]),
    ...(checked === null ? [] : [tellChecked[checked]()]),
  ].join(', ');
}

/** What was counted of each kind, and whether the kinds make the whole; null where nothing was sorted. */
export function tellSorted(words: Words, trace: ReadableTrace): string | null {
  const sorted = readSorted(trace);
  if (!sorted) return null;
  const { sorted: tell, checked } = words.tries;
  const counted = sorted.kinds.flatMap(({ things, n, said }) =>
    said === null ? [] : [tell.kind({ said, amount: amountOf(words, n, things) })],
  );
  if (counted.length === 0) return tell.none();
  const { whole, addsUp, most } = sorted;
  return [
    listOf(words, counted),
    ...(whole.said === null ? [] : [tell.whole({ said: whole.said, n: whole.n })]),
    ...(addsUp === null ? [] : [addsUp ? tell.addsUp() : tell.not()]),
    ...(sorted.checked === null ? [] : [checked[sorted.checked]()]),
    ...(most.said === null ? [] : [tell.most({ things: thingsWords(words, most.said) })]),
  ].join(', ');
}
