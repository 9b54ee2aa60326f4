import { counters, counterOf, type Allergen, type Counter } from './counters.js';

/** What a caution needs to know of the child. */
export interface CautionedChild {
  /** YYYY-MM-DD; null when nobody has entered it. */
  readonly birthDate: string | null;
  /** Null until someone has said. */
  readonly mouths: boolean | null;
  readonly allergies: string;
}

/** Months in the small-parts rules' "under three". */
const UNDER_THREE_MONTHS = 36;

/** Whole months from the birth date to the day, both YYYY-MM-DD. */
export function ageInMonths(birthDate: string, day: string): number {
  const [birthYear, birthMonth, birthDay] = birthDate.split('-').map(Number) as [number, number, number];
  const [year, month, dayOfMonth] = day.split('-').map(Number) as [number, number, number];
  return (year - birthYear) * 12 + month - birthMonth - (dayOfMonth < birthDay ? 1 : 0);
}

/** With no birth date the child is taken as under three. */
function isUnderThree(child: CautionedChild, day: string): boolean {
  return child.birthDate === null || ageInMonths(child.birthDate, day) < UNDER_THREE_MONTHS;
}

/** A child under three, or of unknown age, is taken as mouthing until someone says otherwise. */
export function isTakenAsMouthing(child: CautionedChild, day: string): boolean {
  return child.mouths ?? isUnderThree(child, day);
}

/**
 * The kinds of things that nothing known of a child speaks against, in the order of the shelf: what is
 * proposed is chosen among them. An adult may still lay another, with its cautions before her.
 *
 * @param day YYYY-MM-DD
 * @param own kinds that the room has added: they follow those of the shelf
 */
export function fittingCounters(
  child: CautionedChild,
  day: string,
  own: readonly Counter[] = [],
): readonly string[] {
  const isSafe = ({ small, sharp, food, allergen }: Counter): boolean => {
    // What a list of allergies means is for the adult to say: with any list nothing of the kind is proposed.
    const isSpokenAgainst = (allergen ?? food) !== undefined && child.allergies.trim() !== '';
    return !isSpokenAgainst && !((small || sharp) && isTakenAsMouthing(child, day));
  };
  return [...counters, ...own].filter(isSafe).map(({ id }) => id);
}

/** Why a child is taken as one who might swallow small things. */
export type ChokingBecause = 'mouths' | 'no-birth-date' | 'under-three';

/** Something to look after, as the catalogue words it. */
export type Caution =
  | { readonly kind: 'choking'; readonly things: string; readonly because: ChokingBecause }
  | { readonly kind: 'small-parts'; readonly things: string }
  | { readonly kind: 'mouthed' }
  | { readonly kind: 'sharp'; readonly things: string }
  | { readonly kind: 'food'; readonly things: string; readonly food: string }
  | { readonly kind: 'food-and-allergy'; readonly things: string; readonly food: string }
  | { readonly kind: 'allergy'; readonly things: string; readonly allergen: Allergen }
  | { readonly kind: 'care'; readonly things: string };

/**
 * What to look after when these things are laid before this child, most pressing first. It defers
 * to the setting's own rules: a first test, never a licence.
 */
export function cautionsFor(
  things: string,
  child: CautionedChild,
  day: string,
  own: readonly Counter[] = [],
): readonly Caution[] {
  const { small, sharp, food, mouthable, allergen } = counterOf(things, own);
  const hasAllergies = child.allergies.trim() !== '';
  const mouthing = isTakenAsMouthing(child, day);
  const cautions: Caution[] = [];
  if (small)
    cautions.push(
      isUnderThree(child, day) || mouthing
        ? { kind: 'choking', things, because: chokingBecause(child) }
        : { kind: 'small-parts', things },
    );
  if (sharp) cautions.push({ kind: 'sharp', things });
  if (food !== undefined) cautions.push({ kind: hasAllergies ? 'food-and-allergy' : 'food', things, food });
  if (mouthing || mouthable) cautions.push({ kind: 'mouthed' });
  if (allergen && hasAllergies) cautions.push({ kind: 'allergy', things, allergen });
  return [...cautions, { kind: 'care', things }];
}

function chokingBecause({ mouths, birthDate }: CautionedChild): ChokingBecause {
  if (mouths) return 'mouths';
  return birthDate === null ? 'no-birth-date' : 'under-three';
}
