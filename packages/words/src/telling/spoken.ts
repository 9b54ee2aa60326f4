import {
  isFetching,
  readChange,
  readGoingOn,
  type ReadableTrace,
  type TryReading,
  type Word,
  type WordSlip,
} from '@dotting/core';
import type { Words } from '../words.js';
import { listOf } from './list.js';
import { describeSet } from './things.js';

/** How the words went, on from one or from another number. */
export function tellWords(
  words: Words,
  reading: TryReading,
  trace: ReadableTrace,
): readonly (string | null)[] {
  const { change } = trace.set.layout ?? {};
  if (isFetching(trace)) return [];
  const { working } = reading;
  if (working !== null && working !== 'all')
    return [words.tries.working[working](), tellChange(words, trace)];
  const isFromANumber = change && trace.set.arrangement === 'none' && Math.abs(change.by) > 1;
  if (!isFromANumber) return [tellOrder(words, reading, trace), tellChange(words, trace)];
  const { from, way, saidIt } = readGoingOn(trace);
  const told = words.tries.goingOn[trace.direction === 1 ? 'on' : 'back'][way]({ n: from });
  return [
    saidIt && way === 'went-on' ? words.tries.goingOn.saidIt({ told }) : told,
    way === 'another' ? tellOrder(words, reading, trace) : null,
  ];
}

function tellOrder(
  words: Words,
  { order }: TryReading,
  { start, direction, step = 1 }: ReadableTrace,
): string | null {
  const { tries } = words;
  if (order.slips.length > 0)
    return tries.inTheWords({
      slips: listOf(
        words,
        order.slips.map((slip) => tellWordSlip(words, slip)),
      ),
    });
  if (order.upTo === start - direction * step) return null;
  return step === 1 ? tries.inOrderTo({ n: order.upTo }) : tries.bySteps({ step, n: order.upTo });
}

/** One slip of the words: "skipped 6", "said “fiveteen” where another number belongs, after 4". */
export function tellWordSlip(words: Words, slip: WordSlip): string {
  const said = listOf(words, slip.words.map(quoted));
  const of = words.tries.words;
  switch (slip.kind) {
    case 'skipped':
    case 'repeated':
    case 'swapped':
      return of[slip.kind]({ words: said });
    case 'replaced':
    case 'inserted':
    case 'looped-back':
      return of[slip.kind]({ words: said, after: slip.after });
  }
}

const quoted = (word: Word): string => (typeof word === 'number' ? String(word) : `“${word}”`);

/** What was said of a number that had so many put to it or taken from it. */
function tellChange(words: Words, trace: ReadableTrace): string | null {
  const change = readChange(trace);
  if (!change) return null;
  const { tries } = words;
  const { from, by, said, right } = change;
  const of = describeSet(words, {
    ...trace.set,
    layout: { change: trace.set.layout?.change ?? { from, by } },
  });
  if (said === null || said === 'did-not-know') return tries.change.none({ of });
  return right
    ? tries.change.right({ of, said: String(said) })
    : tries.change.other({ of, said: String(said), n: from + by });
}
