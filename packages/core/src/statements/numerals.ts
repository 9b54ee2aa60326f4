import { figure } from '../common/parameters.js';
import { numeralsLearned, speaksOf, type NumeralBy } from '../estimates/numerals.js';
import { mixedUpIn } from '../evidence/mixedUp.js';
import { observationsOf } from '../evidence/observations.js';
import { isAskedFor } from '../evidence/went.js';
import { numerals } from '../numerals/lookAlikes.js';
import type { NumeralSkill } from '../skills/map.js';
import { dayOf, type Trace } from '../trace/trace.js';
import type { NumeralsStatement } from './statement.js';
import { isUnaided, weaknessesOf } from './weaknesses.js';

/** A numeral was read, or not, in a try. */
interface Look {
  readonly trace: Trace;
  readonly n: number;
  readonly isAsked: boolean;
  readonly success: boolean;
}

/**
 * Which numerals a child names, or finds among others. Known: named right on two days, and so probably learned by all that
 * was seen; finding it tells less, and what was read by the way less again. Likely: asked at all, and probable enough.
 *
 * @param tries that say anything of a numeral, by the way too
 */
export function numeralsStatement(
  skill: NumeralSkill,
  tries: readonly Trace[],
  date: string,
): readonly NumeralsStatement[] {
  const told = tries.flatMap((trace) =>
    observationsOf(trace)
      .numerals.filter(speaksOf(skill))
      .map((one) => ({ trace, ...one })),
  );
  // Who names a numeral finds it, and not the other way round.
  const isAsked = (by: NumeralBy): boolean =>
    by !== 'by-the-way' && by !== 'copied' && (by !== 'found' || skill === 'find-numeral');
  const looks = told.map(({ trace, n, by, success }): Look => ({ trace, n, isAsked: isAsked(by), success }));
  if (!told.some((one) => isAskedFor(skill, one))) return [];
  const learned = numeralsLearned(told, date);
  const askedFor = (n: number): readonly Look[] => looks.filter((one) => one.n === n && one.isAsked);
  const rightOf = (n: number): readonly Trace[] =>
    askedFor(n)
      .filter(({ success }) => success)
      .map(({ trace }) => trace);
  const isKnown = (n: number): boolean => {
    const unaided = rightOf(n).filter(isUnaided);
    return learned[n]! >= figure.numeralKnown && new Set(unaided.map(dayOf)).size >= figure.shownDays;
  };
  const asked = numerals.filter((n) => askedFor(n).length > 0);
  const known = asked.filter(isKnown);
  const likely = asked.filter(
    (n) => !known.includes(n) && learned[n]! >= figure.numeralLikely && rightOf(n).length > 0,
  );
  return [
    {
      skill,
      by: skill,
      certainty: known.length > 0 ? 'sure' : likely.length > 0 ? 'likely' : 'unclear',
      known,
      likely,
      open: asked.filter((n) => !known.includes(n) && !likely.includes(n)),
      mixedUp: mixedUpIn(told.filter(({ by }) => isAsked(by)).map(({ trace }) => trace)),
      tries: [...new Set(told.map(({ trace }) => trace.id))],
      weakenedBy: weaknessesOf((known.length > 0 ? known : likely).flatMap(rightOf), null),
    },
  ];
}
