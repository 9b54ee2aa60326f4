import type { Hand } from '@dotting/contract';

export const mouthsChoices: readonly (readonly [boolean | null, string])[] = [
  [null, 'nobody has said'],
  [true, 'still mouths things'],
  [false, 'does not'],
];

export const handChoices: readonly (readonly [Hand | null, string])[] = [
  [null, 'not known'],
  ['left', 'left'],
  ['right', 'right'],
];
