import type { Hand } from '@dotting/contract';
import { words } from '../wording/words.js';

export const mouthsChoices = (): readonly (readonly [boolean | null, string])[] => [
  [null, words.fields.notSaid()],
  [true, words.fields.mouths()],
  [false, words.fields.doesNotMouth()],
];

export const handChoices = (): readonly (readonly [Hand | null, string])[] => [
  [null, words.fields.handNotKnown()],
  ['left', words.fields.left()],
  ['right', words.fields.right()],
];
