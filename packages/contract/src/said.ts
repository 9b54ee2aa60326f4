import type { Words } from '@dotting/words';

let speaker = (): Words => {
  throw new Error('Nothing can be said before it is known in whose words: call sayWith first');
};

/** Says from where the words of what is refused come: of whoever is here, or is being answered. */
export function sayWith(words: () => Words): void {
  speaker = words;
}

/** A message in the words of whoever reads it, chosen when it is shown. */
export const said = (message: (words: Words) => string) => (): string => message(speaker());
