/** The number words of a language, as far as children here count. */
export interface NumberWords {
  /** BCP 47. */
  readonly tag: string;
  readonly name: string;
  readonly rightToLeft: boolean;
  /** From "one" on. */
  readonly words: readonly string[];
}

interface ShippedWords extends NumberWords {
  /** Joins ten and a unit: the building way of saying the teens. */
  readonly joinTen: string;
}

const list = (words: string): readonly string[] => words.split(', ');

/** "dwadzieścia jeden": what follows a full ten, from one to nine. */
const afterTen = (ten: string, units: readonly string[], join = ' '): readonly string[] => [
  ten,
  ...units.slice(0, 9).map((unit) => `${ten}${join}${unit}`),
];

const english = list(
  'one, two, three, four, five, six, seven, eight, nine, ten, eleven, twelve, thirteen, fourteen, fifteen, sixteen, seventeen, eighteen, nineteen',
);
/** The counting by tens that schools use, not the older "un ar ddeg". */
const welsh = list('un, dau, tri, pedwar, pump, chwech, saith, wyth, naw');
const spanish = list(
  'uno, dos, tres, cuatro, cinco, seis, siete, ocho, nueve, diez, once, doce, trece, catorce, quince, dieciséis, diecisiete, dieciocho, diecinueve, veinte, veintiuno, veintidós, veintitrés, veinticuatro, veinticinco, veintiséis, veintisiete, veintiocho, veintinueve, treinta',
);
const polish = list(
  'jeden, dwa, trzy, cztery, pięć, sześć, siedem, osiem, dziewięć, dziesięć, jedenaście, dwanaście, trzynaście, czternaście, piętnaście, szesnaście, siedemnaście, osiemnaście, dziewiętnaście',
);
const urdu = list(
  'ایک, دو, تین, چار, پانچ, چھ, سات, آٹھ, نو, دس, گیارہ, بارہ, تیرہ, چودہ, پندرہ, سولہ, سترہ, اٹھارہ, انیس, بیس, اکیس, بائیس, تئیس, چوبیس, پچیس, چھبیس, ستائیس, اٹھائیس, انتیس, تیس',
);

/** Number words from one to thirty that come with the app. */
export const shippedLanguages: readonly ShippedWords[] = [
  {
    tag: 'en',
    name: 'English',
    rightToLeft: false,
    words: [...english, ...afterTen('twenty', english, '-'), 'thirty'],
    joinTen: '-',
  },
  {
    tag: 'cy',
    name: 'Cymraeg',
    rightToLeft: false,
    words: [
      ...welsh,
      'deg',
      ...afterTen('un deg', welsh).slice(1),
      ...afterTen('dau ddeg', welsh),
      'tri deg',
    ],
    joinTen: ' ',
  },
  { tag: 'es', name: 'español', rightToLeft: false, words: spanish, joinTen: ' y ' },
  {
    tag: 'pl',
    name: 'polski',
    rightToLeft: false,
    words: [...polish, ...afterTen('dwadzieścia', polish), 'trzydzieści'],
    joinTen: ' i ',
  },
  { tag: 'ur', name: 'اردو', rightToLeft: true, words: urdu, joinTen: ' اور ' },
];

/**
 * The word for a number; its digits where the list does not go so far, or names no zero.
 *
 * @example wordFor(shippedLanguages[0]!, 21) // "twenty-one"
 */
export function wordFor({ words }: NumberWords, n: number): string {
  return words[n - 1] ?? String(n);
}

/**
 * The building way of a number from 11 to 19: ten and some. Other numbers keep their usual name.
 *
 * @example tenAndSome(shippedLanguages[0]!, 13) // "ten-three"
 */
export function tenAndSome(language: NumberWords, n: number, twenty: 'digits' | 'tens' = 'tens'): string {
  if (n <= 10 || n >= 20)
    return n === 20 && twenty === 'tens'
      ? `${wordFor(language, 2)} ${wordFor(language, 10)}`
      : wordFor(language, n);
  const join = shippedLanguages.find((one) => one.tag === language.tag)?.joinTen ?? ' ';
  return `${wordFor(language, 10)}${join}${wordFor(language, n - 10)}`;
}

/**
 * The words of a language: shipped, or a list of the site's own; a language that has neither says its
 * numbers by their digits.
 */
export function wordsIn(tag: string, own: readonly NumberWords[]): NumberWords {
  const known = [...shippedLanguages, ...own].find((one) => one.tag === tag);
  return known ?? { tag, name: tag, rightToLeft: false, words: [] };
}
