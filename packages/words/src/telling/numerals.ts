import {
  digitByDigit,
  isTurnedRound,
  readAll,
  readBraille,
  readChoice,
  readNamed,
  readPlaced,
  type Cards,
  type NumeralsStatement,
  type ReadableTrace,
} from '@dotting/core';
import type { Words } from '../words.js';
import { listOf } from './list.js';

/** Numbers as a colleague would say them: "0–5, 7 and 9". */
export function runsOf(words: Words, numbers: readonly number[]): string {
  const runs: number[][] = [];
  for (const n of numbers) {
    const last = runs.at(-1);
    if (last?.at(-1) === n - 1) last.push(n);
    else runs.push([n]);
  }
  const told = runs.flatMap((run) =>
    run.length > 2 ? [`${run[0]}–${run.at(-1)}`] : run.map((one) => String(one)),
  );
  return listOf(words, told);
}

/** Mixed-up pairs that are told of a child. */
const pairsTold = 3;

/** What numerals are taken for: "Takes 6 for 9"; null where none are. */
export function tellMixedUp({ statements }: Words, { mixedUp }: Pick<NumeralsStatement, 'mixedUp'>) {
  const pairs = mixedUp
    .filter(({ said }) => typeof said === 'number')
    .slice(0, pairsTold)
    .map(({ shown, said }) => statements.takenFor({ shown: String(shown), said: String(said) }));
  return pairs.length === 0 ? null : statements.mixesUp({ pairs: pairs.join(', ') });
}

/** A numeral named or found, cards found, put in a row or with their sets; null where there were none. */
export function tellCards(words: Words, trace: ReadableTrace): string | null {
  const { cards } = trace.set.layout ?? {};
  if (!cards) return null;
  return (
    tellBraille(words, trace) ??
    tellNumeral(words, trace) ??
    tellAll(words, trace) ??
    tellPlaced(words, trace) ??
    tellSide(words, cards, trace)
  );
}

/** A numeral as it was brailled, cell by cell. */
function tellBraille(words: Words, trace: ReadableTrace): string | null {
  const reading = readBraille(trace);
  if (!reading) return null;
  const { n, wanted, written, right, slips } = reading;
  const tell = words.tries.braille;
  if (right === null) return tell.none({ n });
  if (right) return tell.right({ n, written });
  const seen = slips.map((slip) => words.moves[slip].saw());
  return tell.other({ n, wanted, written, slips: listOf(words, seen) });
}

function tellNumeral({ tries }: Words, trace: ReadableTrace): string | null {
  const reading = readNamed(trace);
  if (!reading) return null;
  const { kind, n, said } = reading;
  const { numeral } = tries;
  if (said === null) return numeral.none({ n });
  if (said === 'did-not-know') return numeral.didNotKnow({ n });
  if (said === digitByDigit) return numeral[digitByDigit]({ n });
  const told = numeral[kind]({ n, said: typeof said === 'number' ? String(said) : `“${said}”` });
  return typeof said === 'number' && isTurnedRound(n, said) ? numeral.turned({ told }) : told;
}

function tellAll(words: Words, trace: ReadableTrace): string | null {
  const all = readAll(trace);
  if (!all) return null;
  const tell = words.tries.all;
  if (all.right === null) return tell.none();
  if (all.right) return tell.right({ of: String(all.of) });
  const told = tell.some({ found: String(all.found), of: String(all.of) });
  return all.wrong.length === 0 ? told : tell.wrong({ told, wrong: listOf(words, all.wrong.map(String)) });
}

function tellPlaced(words: Words, trace: ReadableTrace): string | null {
  const placed = readPlaced(trace);
  if (!placed) return null;
  const { kind, n, places, rightTo, right } = placed;
  const tell = words.tries.placed;
  if (places.every(({ put }) => put === null)) return tell.none();
  if (right) return tell[kind]({ n });
  if (kind === 'match' || kind === 'hunt') {
    const others = places.flatMap(({ about, wanted, put }) =>
      put === null || put === wanted
        ? []
        : [tell[put === 'blank' ? 'hunt-blank' : (`${kind}-other` as const)]({ put, about, wanted })],
    );
    return others.length > 0 ? listOf(words, others) : tell.so({ n: String(rightTo) });
  }
  const before = places[rightTo - 1]?.wanted;
  const at = places[rightTo]!;
  if (at.put === null) return tell.so({ n: before ?? '' });
  const put = { put: at.put, wanted: at.wanted };
  return before === undefined ? tell.started(put) : tell.first({ n: before, ...put });
}

function tellSide({ tries }: Words, { kind, n }: Cards, trace: ReadableTrace): string {
  const chosen = readChoice(trace)?.chosen;
  const said =
    chosen === 'before-it' || chosen === 'after-it' || isTeen(chosen)
      ? tries.said[chosen]()
      : tries.said.none();
  return kind === 'teen' ? tries.teen({ n, said }) : tries.line({ n, said });
}

const teens = ['made-it', 'turned-round', 'beside-the-zero', 'another-number'] as const;
const isTeen = (chosen: unknown): chosen is (typeof teens)[number] => teens.some((one) => one === chosen);
