import { counterKinds, counterOf } from './counters.js';

/** What a caution needs to know of the child. */
export interface CautionedChild {
  readonly firstName: string;
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
 */
export function fittingCounters(child: CautionedChild, day: string): readonly string[] {
  const isSafe = (kind: string): boolean => {
    const { small, allergen } = counterOf(kind);
    // What a list of allergies means is for the adult to say: with any list nothing of the kind is proposed.
    const isSpokenAgainst = allergen !== undefined && child.allergies.trim() !== '';
    return !isSpokenAgainst && !(small && isTakenAsMouthing(child, day));
  };
  return counterKinds.filter(isSafe);
}

/**
 * What to look after when these things are laid before this child, most pressing first. It defers
 * to the setting's own rules: a first test, never a licence.
 */
export function cautionsFor(things: string, child: CautionedChild, day: string): readonly string[] {
  const counter = counterOf(things);
  const cautions: string[] = [];
  const underThree = isUnderThree(child, day);
  const mouthing = isTakenAsMouthing(child, day);
  if (counter.small && (underThree || mouthing)) {
    cautions.push(
      `Choking: ${counter.many} are small. ${reasonFor(child, underThree)} Stay within reach or lay something larger; your setting’s rules come first.`,
    );
  } else if (counter.small) {
    cautions.push(`Small parts: stay with ${counter.many} while they are out.`);
  }
  if (mouthing) cautions.push('Anything mouthed goes in the wash pot.');
  if (counter.allergen && child.allergies.trim() !== '') {
    cautions.push(
      `${capitalised(counter.many)} and ${counter.allergen}: ${child.firstName}’s list says ${child.allergies.trim()}. Ask before laying them.`,
    );
  }
  if (counter.care) cautions.push(counter.care);
  return cautions;
}

function reasonFor(child: CautionedChild, underThree: boolean): string {
  if (child.mouths) return `${child.firstName} still mouths things.`;
  if (child.birthDate === null)
    return `${child.firstName} has no birth date here, so is taken as under three.`;
  return underThree ? `${child.firstName} is under three.` : '';
}

function capitalised(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
