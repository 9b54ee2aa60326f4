import { readGiving, type ReadableTrace, type Request } from '@dotting/core';
import type { Words } from '../words.js';
import { amountOf } from './amounts.js';
import { saidOf } from './answers.js';
import { listOf } from './list.js';
import { balanceWords } from './laid.js';
import { tellWordSlip } from './spoken.js';

/** Asked for and given, without a word on which is right. */
export function tellGiven(words: Words, trace: ReadableTrace): readonly string[] {
  const { tries } = words;
  return readGiving(trace).flatMap((one) => {
    const {
      things,
      asked,
      given: [first, ...then],
      afresh,
    } = one;
    const { model } = trace.set.layout ?? {};
    const { doing } = trace.set.layout ?? {};
    const amount = doing ? words.sets.doing[doing]({ n: asked }) : amountOf(words, asked, model ?? things);
    const request = requestOf(words, amount, trace);
    if (first === undefined) return tries[doing ? 'didNone' : 'gaveNone']({ request });
    const gave =
      then.length > 0
        ? tries[doing ? 'didThen' : 'gaveThen']({ request, n: first, then: listOf(words, then.map(String)) })
        : tries[doing ? 'did' : 'gave']({ request, n: first });
    const told = afresh > 0 ? tries.afresh({ gave }) : gave;
    const run = tellRun(words, one);
    const isFromItsSquare = doing === 'squares' && one.given.at(-1) === asked - 1;
    return [
      run === null ? told : tries.counting({ gave: told, run }),
      ...(isFromItsSquare ? [tries.startingSquare()] : []),
      ...one.stops.map((stop) => tellStop(words, stop)),
    ];
  });
}

/** What was asked for: so many, as many as another set, or one that stands to it otherwise. */
function requestOf(words: Words, amount: string, { set: { layout } }: ReadableTrace): string {
  const { tries } = words;
  if (layout?.balance) return words.tries.askedLevel({ what: balanceWords(words, layout.balance) });
  if (layout?.beside) return tries.askedBeside[layout.beside]({ amount });
  return layout?.model ? tries.askedAsMany({ amount }) : tries.askedFor({ amount });
}

/** How the words went while the child gave; null where none were taken down. */
function tellRun(words: Words, { words: spoken }: Request): string | null {
  if (!spoken) return null;
  const slips = spoken.slips.map((slip) => tellWordSlip(words, slip));
  if (slips.length === 0) return words.tries.countedTo({ n: spoken.upTo });
  return words.tries.inTheWords({ slips: listOf(words, slips) });
}

/** Asked on the way whether the number was reached. */
function tellStop(words: Words, { amount, said, then }: Request['stops'][number]): string {
  const { stop } = words.tries;
  const at = stop.at({ amount: amount === null ? 'unknown' : String(amount), said: saidOf(words, said) });
  return then === null ? at : stop[then]({ at });
}
