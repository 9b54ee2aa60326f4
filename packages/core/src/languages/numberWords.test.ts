import cy from 'cldr-rbnf/rbnf/cy.json';
import en from 'cldr-rbnf/rbnf/en.json';
import es from 'cldr-rbnf/rbnf/es.json';
import pl from 'cldr-rbnf/rbnf/pl.json';
import { ToWords } from 'to-words';
import { shippedLanguages, tenAndSome, wordFor, wordsIn } from './numberWords.js';

type Rules = Readonly<Record<string, unknown>>;

/**
 * Spells a number below a hundred by the rules of Unicode's CLDR (its rule-based number format):
 * "→→" the rest, "←%rule←" the tens by another rule, "[…]" only with a rest.
 */
function spellOut(rules: Rules, name: string, n: number): string {
  const table = (rules[name] as readonly (readonly [string, string])[])
    .filter(([base]) => /^\d+$/.test(base))
    .map(([base, text]) => [Number(base), text.replace(/;$/, '')] as const);
  const [base, text] = table.findLast(([from]) => from <= n)!;
  const divisor = base >= 10 ? 10 : 1;
  const rest = n % divisor;
  return text
    .replace(/\[([^\]]*)\]/, (_, optional: string) => (rest === 0 ? '' : optional))
    .replace('→→', () => spellOut(rules, name, rest))
    .replace(/←(%[^←]*)←/, (_, other: string) => spellOut(rules, other, Math.floor(n / divisor)))
    .replace(/=(%[^=]*)=/, (_, other: string) => spellOut(rules, other, n))
    .replaceAll('\u00ad', '');
}

const rulesOf = (data: { readonly rbnf: { readonly rbnf: { readonly SpelloutRules: Rules } } }): Rules =>
  data.rbnf.rbnf.SpelloutRules;
const upTo = (n: number) => Array.from({ length: n }, (_, i) => i + 1);
const listOf = (tag: string) => shippedLanguages.find((one) => one.tag === tag)!.words;

describe('the number words, against an independent list', () => {
  test.each([
    ['en', rulesOf(en), '%spellout-cardinal'],
    ['es', rulesOf(es), '%spellout-numbering'],
    ['pl', rulesOf(pl), '%spellout-cardinal-masculine'],
  ] as const)('%s is as CLDR spells it', (tag, rules, name) => {
    expect(listOf(tag)).toEqual(upTo(30).map((n) => spellOut(rules, name, n)));
  });

  test('cy is as CLDR spells it, but that ten alone is "deg", as children say it', () => {
    const spelled = upTo(30).map((n) => spellOut(rulesOf(cy), '%spellout-cardinal-masculine', n));
    expect(spelled[9]).toBe('un deg');
    expect(listOf('cy')).toEqual(spelled.map((word, i) => (i === 9 ? 'deg' : word)));
  });

  test('ur, for which CLDR has no rules, is as another list has it', () => {
    const words = new ToWords({ localeCode: 'ur-PK' });
    expect(listOf('ur')).toEqual(upTo(30).map((n) => words.convert(n)));
  });
});

describe('what the lists must have', () => {
  test.each(shippedLanguages.map((one) => [one.tag, one] as const))(
    '%s: thirty words, none twice',
    (_, one) => {
      expect(one.words).toHaveLength(30);
      expect(new Set(one.words).size).toBe(30);
    },
  );

  test('only Urdu runs from right to left, and its letters do', () => {
    for (const { tag, rightToLeft, words } of shippedLanguages) {
      expect(rightToLeft).toBe(tag === 'ur');
      expect(words.every((word) => /^[\u0600-\u06ff ]+$/.test(word))).toBe(rightToLeft);
    }
  });
});

test('ten-and-some names build on ten; Welsh has them as its usual names', () => {
  const [english, welsh, spanish] = shippedLanguages;
  expect([11, 13, 19, 20].map((n) => tenAndSome(english!, n))).toEqual([
    'ten-one',
    'ten-three',
    'ten-nine',
    'two ten',
  ]);
  expect(tenAndSome(spanish!, 15)).toBe('diez y cinco');
  expect(tenAndSome(welsh!, 13)).toBe('deg tri');
  expect(tenAndSome(english!, 7)).toBe('seven');
});

test('a list of the room’s own is used like any other, and digits stand where words end', () => {
  const own = [
    { tag: 'x-lock', name: 'lock-keepers’ words', rightToLeft: false, words: ['yan', 'tan', 'tether'] },
  ];
  expect(wordFor(wordsIn('x-lock', own), 3)).toBe('tether');
  expect(wordFor(wordsIn('x-lock', own), 4)).toBe('4');
  expect(wordFor(wordsIn('xx', own), 4)).toBe('4');
  expect(wordFor(wordsIn('ur', own), 10)).toBe('دس');
});
