import { readAll, readNamed } from '../reading/readCards.js';
import { readWritten } from '../reading/readWritten.js';
import type { Trace, Word } from '../trace/trace.js';

/** One numeral taken for another. */
export interface MixedUp {
  readonly shown: number;
  readonly said: Word;
  readonly times: number;
}

/** What was said or taken for what, and how often. */
export function mixedUpIn(tries: readonly Trace[]): readonly MixedUp[] {
  const times = new Map<string, MixedUp>();
  for (const trace of tries)
    for (const [shown, said] of mistaken(trace)) {
      const key = `${shown} ${said}`;
      times.set(key, { shown, said, times: (times.get(key)?.times ?? 0) + 1 });
    }
  return [...times.values()].toSorted(
    (a, b) => b.times - a.times || a.shown - b.shown || (String(a.said) < String(b.said) ? -1 : 1),
  );
}

function mistaken(trace: Trace): readonly (readonly [shown: number, said: Word])[] {
  const one = readNamed(trace);
  if (one?.right === false && one.said !== 'did-not-know') return [[one.n, one.said!]];
  const written = readWritten(trace);
  if (written?.legible === false && written.as !== null && /^\d+$/.test(written.as))
    return [[written.wanted, Number(written.as)]];
  const all = trace.set.layout?.cards?.kind === 'find-all' ? readAll(trace) : null;
  return all ? [...new Set(all.wrong)].map((said) => [all.n, said] as const) : [];
}

/** Numerals that a child mixes up with one, either way, the commonest first. */
export const mixedUpWith = (n: number, tries: readonly Trace[]): readonly number[] => [
  ...new Set(
    mixedUpIn(tries).flatMap(({ shown, said }) =>
      shown === n && typeof said === 'number' ? [said] : said === n ? [shown] : [],
    ),
  ),
];
