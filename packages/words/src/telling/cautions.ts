import { groupBy, type Caution } from '@dotting/core';
import type { Words } from '../words.js';
import { listOf } from './list.js';
import { careOf, thingsWords } from './amounts.js';

interface CautionedChild {
  readonly firstName: string;
  readonly allergies: string;
}

/** Said of several kinds of things in one sentence. */
const alikeOfAll: ReadonlySet<Caution['kind']> = new Set(['choking', 'small-parts', 'mouthed', 'sharp']);

/** Cautions in words, each once: what is so of several kinds of things is said of all of them together. */
export function tellCautions(
  words: Words,
  cautions: readonly Caution[],
  child: CautionedChild,
): readonly string[] {
  const alike = groupBy(cautions, (one) => (alikeOfAll.has(one.kind) ? one.kind : JSON.stringify(one)));
  return [...alike.values()].flatMap((same) => tellCaution(words, same, child) ?? []);
}

/** Cautions that are alike but for the things; null where there is nothing to say of these. */
function tellCaution(words: Words, same: readonly Caution[], child: CautionedChild): string | null {
  const { cautions } = words;
  const caution = same[0]!;
  const things = listOf(
    words,
    [...new Set(same.map((one) => ('things' in one ? one.things : '')))]
      .filter((one) => one !== '')
      .map((one) => thingsWords(words, one)),
  );
  switch (caution.kind) {
    case 'choking':
      return cautions.choking[caution.because]({ things, name: child.firstName });
    case 'small-parts':
      return cautions.smallParts({ things });
    case 'mouthed':
      return cautions.mouthed();
    case 'sharp':
      return cautions.sharp({ things });
    case 'food':
      return cautions.food({ things, food: caution.food });
    case 'food-and-allergy':
      return cautions.foodAndAllergy({
        things,
        food: caution.food,
        name: child.firstName,
        allergies: child.allergies.trim(),
      });
    case 'allergy':
      return cautions.allergy({
        things,
        allergen: cautions.allergens[caution.allergen](),
        name: child.firstName,
        allergies: child.allergies.trim(),
      });
    case 'care':
      return careOf(words, caution.things);
  }
}
