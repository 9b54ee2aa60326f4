import type { Caution, Things } from '@dotting/core';
import type { Words } from '../words.js';
import { thingsWords } from './things.js';

interface CautionedChild {
  readonly firstName: string;
  readonly allergies: string;
}

/** A caution in words; null where there is nothing to say of these things. */
export function tellCaution(words: Words, caution: Caution, child: CautionedChild): string | null {
  const { cautions } = words;
  switch (caution.kind) {
    case 'choking':
      return cautions.choking[caution.because]({
        things: thingsWords(words, caution.things),
        name: child.firstName,
      });
    case 'small-parts':
      return cautions.smallParts({ things: thingsWords(words, caution.things) });
    case 'mouthed':
      return cautions.mouthed();
    case 'allergy':
      return cautions.allergy({
        things: thingsWords(words, caution.things),
        allergen: cautions.allergens[caution.allergen](),
        name: child.firstName,
        allergies: child.allergies.trim(),
      });
    case 'care': {
      const things = words.things[caution.things as Things];
      return 'care' in things ? things.care() : null;
    }
  }
}
