import {
  frames,
  patternForms,
  paths,
  readNumbers,
  standInKinds,
  tellings,
  type PatternForm,
  type StandInKind,
  type StandInSetup,
} from '@dotting/core';

const usualNumbers: Readonly<Record<StandInKind, string>> = {
  dice: '1-6',
  spinner: '1-5',
  path: '1-3',
  cards: '0-10',
  tin: '1',
  frame: '9, 8, 7',
  dots: '1-4',
  balance: '5',
};

const fewestDrops = 1;
const mostDrops = 20;
const largestGame = 9999;

/** What stands in the address: as it was typed, so that what is wrong can be shown. */
export interface TypedSetup {
  readonly kind: StandInKind;
  readonly numbers: string;
  readonly game: string;
  readonly drops: string;
  readonly dice: '1' | '2';
  readonly cells: string;
  readonly squares: string;
  readonly gaps: 'even' | 'uneven';
  readonly tells: StandInSetup['tells'];
  readonly shows: 'dots' | 'numerals';
  readonly form: PatternForm;
  readonly sets: '1' | '2';
  /** Numerals on the right of a balance; none where it is left empty. */
  readonly right: string;
}

/** The set-up as the address has it; what it does not say is as usual. */
export function typedIn(params: URLSearchParams): TypedSetup {
  const kind = standInKinds.find((one) => one === params.get('kind')) ?? 'dice';
  return {
    kind,
    numbers: params.get('numbers') ?? usualNumbers[kind],
    game: params.get('game') ?? '1',
    drops: params.get('drops') ?? '5',
    dice: params.get('dice') === '2' ? '2' : '1',
    cells: params.get('cells') ?? '10',
    squares: params.get('squares') ?? '10',
    gaps: params.get('gaps') === 'uneven' ? 'uneven' : 'even',
    tells: tellings.find((one) => one === params.get('tells')) ?? 'sound',
    shows: params.get('shows') === 'numerals' ? 'numerals' : 'dots',
    sets: params.get('sets') === '2' ? '2' : '1',
    right: params.get('right') ?? '',
    form: patternForms.find((one) => one === params.get('form')) ?? 'loose',
  };
}

export type Wrong = 'numbers' | 'game' | 'drops' | 'right';

/** What was typed as a set-up, or which of it is wrong. */
export function setupOf(typed: TypedSetup): StandInSetup | { readonly wrong: Wrong } {
  const numbers = readNumbers(typed.numbers);
  const right = typed.right.trim() === '' ? [] : readNumbers(typed.right);
  const game = wholeIn(typed.game, 1, largestGame);
  const drops = wholeIn(typed.drops, fewestDrops, mostDrops);
  if (numbers === null) return { wrong: 'numbers' };
  if (right === null) return { wrong: 'right' };
  if (game === null) return { wrong: 'game' };
  if (drops === null) return { wrong: 'drops' };
  return {
    kind: typed.kind,
    numbers,
    game,
    drops,
    dice: typed.dice === '2' ? 2 : 1,
    cells: frames.find((one) => String(one) === typed.cells) ?? 10,
    squares: paths.find((one) => String(one) === typed.squares) ?? 10,
    even: typed.gaps === 'even',
    tells: typed.tells,
    asDots: typed.shows === 'dots',
    form: typed.form,
    sets: typed.sets === '2' ? 2 : 1,
    right,
  };
}

function wholeIn(text: string, from: number, to: number): number | null {
  const n = Number(text.trim());
  return text.trim() !== '' && Number.isInteger(n) && n >= from && n <= to ? n : null;
}
