import { readChoice, readSeeing, type ReadableTrace, type Trace } from '@dotting/core';
import type { Words } from '../words.js';
import { patternsOf } from './laid.js';

/** What was said of what was shown, and for how long it was; null where nothing was. */
export function tellSeeing(
  words: Words,
  trace: ReadableTrace & Partial<Pick<Trace, 'strategy' | 'shownMs'>>,
): string | null {
  const { patterns } = trace.set.layout ?? {};
  const seeing = readSeeing(trace);
  if (!seeing || !patterns) return null;
  const { seeing: tell } = words.tries;
  const what = patternsOf(words, patterns);
  const { said, isCounted, isSeen, n } = seeing;
  const told =
    said === null || said === 'did-not-know'
      ? tell.none({ what })
      : isSeen
        ? tell.seen({ what, said: String(said) })
        : isCounted && said === n
          ? tell.right({ what, said: String(said) })
          : tell.other({ what, said: String(said) });
  const seconds = ((trace.shownMs ?? 0) / 1000).toLocaleString(words.language, { maximumFractionDigits: 2 });
  return trace.shownMs === undefined ? told : tell.time({ told, s: seconds });
}

/** What was said of two patterns held against each other; null where there were none. */
export function tellTwoLooks(words: Words, trace: ReadableTrace): string | null {
  const [one, other] = trace.set.layout?.patterns ?? [];
  const choice = one && other ? readChoice(trace) : null;
  if (!choice) return null;
  const { said } = words.tries;
  const told =
    choice.chosen === 'as-many' || choice.chosen === 'not-as-many' ? said[choice.chosen]() : said.none();
  return words.tries.ofTwo({ what: patternsOf(words, [one!, other!]), said: told });
}
