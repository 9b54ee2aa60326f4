import type { NumeralTry } from '../estimates/numerals.js';
import { figure } from '../common/parameters.js';
import { readAll, readNamed, readPlaced } from '../reading/readCards.js';
import { readGiving } from '../reading/readGiving.js';
import { ruledOf } from '../reading/rulings.js';
import { taskOf } from '../shelf/tasks.js';
import { isNumberWord, type Trace } from '../trace/trace.js';
import type { TryWeight } from './tryWeight.js';

type Read = Omit<NumeralTry, 'weight' | 'day'>;

/**
 * What a try tells of numerals. What is put for a numeral by the way tells of it only where it is right: with another number
 * nobody knows whether it was misread or miscounted.
 */
export function numeralsIn(trace: Trace, weight: TryWeight, day: string): readonly NumeralTry[] {
  return [...asked(trace), ...byTheWay(trace)].flatMap((read) => {
    const counts = read.success ? weight.success : weight.miss;
    return counts > 0 ? [{ ...read, weight: counts, day }] : [];
  });
}

/** A numeral that was to be named, or found among others. */
function asked(trace: Trace): readonly Read[] {
  const ruled = ruledOf(trace, 'task');
  const one = readNamed(trace);
  if (one) {
    const success = ruled ?? one.right;
    if (success === null) return [];
    const { said } = one;
    const instead = !success && said !== null && isNumberWord(said) ? said : null;
    return [{ n: one.n, by: one.kind, success, choices: one.choices, instead }];
  }
  const all = trace.set.layout?.cards?.kind === 'find-all' ? readAll(trace) : null;
  const success = ruled ?? all?.right ?? null;
  if (!all || success === null) return [];
  const instead = success ? null : (all.wrong[0] ?? null);
  return [{ n: all.n, by: 'found', success, choices: figure.allFound, instead }];
}

function byTheWay(trace: Trace): readonly Read[] {
  const choices = figure.readByTheWay;
  const right = (n: number): Read => ({ n, by: 'by-the-way', success: true, choices, instead: null });
  if (taskOf(trace.task).readsNumeral)
    return readGiving(trace).flatMap(({ asked: n, given }) => (given.at(-1) === n ? [right(n)] : []));
  const placed = readPlaced(trace);
  if (placed?.kind !== 'match' || placed.right !== true) return [];
  return placed.places.map(({ wanted }) => right(Number(wanted)));
}
