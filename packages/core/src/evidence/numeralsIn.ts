import type { NumeralTry } from '../estimates/numerals.js';
import { figure } from '../common/parameters.js';
import { readAll, readNamed, readPlaced } from '../reading/readCards.js';
import { readWritten, type InkSlip } from '../reading/readWritten.js';
import { canFaceRound } from '../numerals/style.js';
import type { NumeralSlip } from '../reading/numeralSlip.js';
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
  return [...asked(trace), ...written(trace), ...byTheWay(trace)].flatMap((read) => {
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

/** A numeral that was written: whether it can be read, how it was formed, and which way it faces, each by itself. */
function written(trace: Trace): readonly Read[] {
  const reading = readWritten(trace);
  if (!reading) return [];
  const { n, wanted, way, as, legible, startOk, directionOk, mirrored, digitOrder } = reading;
  const isInOrder = digitOrder !== 'reversed' && digitOrder !== 'expanded';
  const success = ruledOf(trace, 'task') ?? (legible === null ? null : legible && isInOrder);
  // Of a count that came to another number nobody knows which it would have written for its own.
  const of = wanted === n || success === true ? wanted : null;
  const instead = success === false && as !== null && /^\d+$/.test(as) ? Number(as) : null;
  const isOfHand = way === 'air' || way === 'trace';
  const read = (by: Read['by'], went: boolean | null, choices: number | null): readonly Read[] =>
    of === null || went === null
      ? []
      : [{ n: of, by, success: went, choices, instead: by === 'written' ? instead : null }];
  return [
    ...(isOfHand
      ? []
      : way === 'copy'
        ? read('copied', success, figure.copied)
        : read('written', success, null)),
    ...read(
      'formed',
      startOk === null || directionOk === null ? null : startOk && directionOk,
      figure.formedByChance,
    ),
    ...(isOfHand || !canFaceRound(n)
      ? []
      : read('faced', mirrored === null ? null : !mirrored, figure.facedByChance)),
  ];
}

/** What went wrong with a numeral that was asked for. */
export function slipsOfNumeral(
  trace: Trace,
  { by }: Pick<NumeralTry, 'by'>,
): readonly (InkSlip | NumeralSlip)[] {
  const slips = readWritten(trace)?.slips ?? [];
  const among = (of: readonly InkSlip[]): readonly InkSlip[] => slips.filter((slip) => of.includes(slip));
  switch (by) {
    case 'written':
    case 'copied':
      return among(['wrote-another', 'digits-turned-round', 'wrote-it-as-said']);
    case 'formed':
      return among(['began-elsewhere', 'went-the-other-way']);
    case 'faced':
      return ['faced-round'];
    case 'found':
      return ['took-another'];
    default:
      return ['named-another'];
  }
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
