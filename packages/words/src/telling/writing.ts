import { readWritten, strokesOfTry, type ReadableTrace, type WrittenReading } from '@dotting/core';
import type { Words } from '../words.js';

/** How a numeral was written: what it is read as first, then how the hand got there; null where none was to be. */
export function tellWriting(words: Words, trace: ReadableTrace): string | null {
  if (!trace.set.layout?.writing) return null;
  const tell = words.tries.writing;
  const reading = readWritten(trace);
  if (!reading) return tell.none();
  const counted = trace.set.layout.writing.counted && reading.wanted !== reading.n ? reading.wanted : null;
  return [
    ...(counted === null ? [] : [tell.counted({ n: counted })]),
    tellWritten(words, reading, strokesOfTry(trace.events).length > 0),
    ...tellHand(words, reading),
  ].join(', ');
}

function tellWritten({ tries }: Words, reading: WrittenReading, hasStrokes: boolean): string {
  const tell = tries.writing;
  const { way, wanted: n, as, legible, digitOrder, ink } = reading;
  if (hasStrokes && ink === null && reading.startOk === null && legible === null) return tell.unsure({ n });
  if (way === 'air' || way === 'trace') return tell[way]({ n });
  if (digitOrder === 'reversed' || digitOrder === 'expanded')
    return as === null ? tell.notYet({ n }) : tell.another({ n, as });
  if (legible !== false) return tell.legible({ n });
  if (as === 'letter' || as === 'shape' || as === 'scribble') return tell.as[as]({ n });
  return as === null || as === String(n) ? tell.notYet({ n }) : tell.another({ n, as });
}

/** How the hand got there: where it began, which way it went, which way the numeral looks. */
function tellHand({ tries }: Words, reading: WrittenReading): readonly string[] {
  const tell = tries.writing;
  const { startOk, directionOk, orderOk, mirrored, digitOrder, ink, legible } = reading;
  const isFormed = startOk === true && directionOk === true && orderOk !== false && legible !== false;
  return [
    ...(ink?.turned ? [tell.turned()] : []),
    ...(mirrored === true ? [tell.mirrored()] : []),
    ...(digitOrder === 'reversed' ? [tell.reversed()] : []),
    ...(digitOrder === 'expanded' ? [tell.expanded()] : []),
    ...(digitOrder === 'right-first' ? [tell.rightFirst()] : []),
    ...(ink?.missing ?? []).map((part) => tell.missing[part]()),
    ...(ink?.closedOk === false ? [tell.unclosed()] : []),
    ...(ink && ink.lifts.extra > 0 ? [tell.lifted()] : []),
    ...(ink && ink.lifts.missing > 0 ? [tell.joined()] : []),
    ...(startOk === false ? [tell.start()] : []),
    ...(directionOk === false ? [tell.direction()] : []),
    ...(orderOk === false ? [tell.order()] : []),
    ...(isFormed ? [tell.formed()] : []),
    ...(legible === false ? [] : reading.onTheLines.map((fault) => tell.lines[fault]())),
  ];
}
