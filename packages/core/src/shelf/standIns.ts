import { pick, seededRandom, seedFrom } from '../common/random.js';
import { dropsFor } from './layout.js';
import type { DotPattern, PatternForm } from '../trace/trace.js';
import { mostDots } from './dots.js';
import type { StandInKind } from './task.js';

/** So that it fits a die, a spinner or a hand of cards. */
export const mostNumbers = 20;
const largest = 20;

/** Cells of a frame: five, ten, or two tens. */
export const frames = [5, 10, 20] as const;
export const tellings = ['sound', 'light', 'both'] as const;

/** Squares of a path. */
export const paths = [10, 15, 20] as const;

/** How a stand-in is set up: the same set-up plays the same game. */
export interface StandInSetup {
  readonly kind: StandInKind;
  /** The game’s number: a whole number from 1 on. */
  readonly game: number;
  /** What the die, the spinner, the cards or the frame can show. */
  readonly numbers: readonly number[];
  readonly dice: 1 | 2;
  /** Cells of the frame. */
  readonly cells: (typeof frames)[number];
  /** Squares of the path. */
  readonly squares: (typeof paths)[number];
  /** Drops into the tin. */
  readonly drops: number;
  readonly even: boolean;
  /** How the tin tells that one has fallen. */
  readonly tells: (typeof tellings)[number];
  /** Of a balance: the numerals that lie on the right; those on the left are its numbers. */
  readonly right: readonly number[];
  /** One set of dots for a moment, or two to be held against each other for as long as it takes. */
  readonly sets: 1 | 2;
  /** How the dots lie that are shown for a moment. */
  readonly form: PatternForm;
  /** A pattern of dots where there is one, or the numeral. */
  readonly asDots: boolean;
}

/**
 * Numbers as an adult writes them: “1-6”, or “2, 2, 5”.
 *
 * @returns null where they cannot be read: none, too many, or not whole numbers from 0 to the largest
 */
export function readNumbers(text: string, most = largest): readonly number[] | null {
  const parts = text.split(/[\s,;]+/).filter((part) => part !== '');
  const numbers = parts.flatMap((part): readonly number[] => {
    const [, from, to] = /^(\d{1,3})(?:[-–](\d{1,3}))?$/.exec(part) ?? [];
    if (from === undefined) return [NaN];
    const [low, high] = [Number(from), Number(to ?? from)];
    return high < low ? [NaN] : Array.from({ length: high - low + 1 }, (_, i) => low + i);
  });
  const fit = numbers.length >= 1 && numbers.length <= mostNumbers;
  return fit && numbers.every((n) => n <= most) ? numbers : null;
}

const randomOf = ({ kind, game }: StandInSetup, turn: number) =>
  seededRandom(seedFrom(`${kind} ${game} ${turn}`));

/** What lies on top on a turn, from 0: one number for each die; the spinner’s, the frame’s and the path’s die have one. */
export function thrown(setup: StandInSetup, turn: number): readonly number[] {
  const random = randomOf(setup, turn);
  return Array.from({ length: setup.kind === 'dice' ? setup.dice : 1 }, () => pick(random, setup.numbers));
}

/** The dots that are shown on a turn, one set or two; as many as the form can show. */
export function shownDots({ form, game, numbers, sets }: StandInSetup, turn: number): readonly DotPattern[] {
  const most = form === 'die' ? 6 : mostDots;
  return Array.from({ length: sets }, (_, place) => {
    const seed = seedFrom(`dots ${game} ${turn} ${place}`);
    return { form, n: Math.min(most, pick(seededRandom(seed), numbers)), seed };
  });
}

/** The cards as they lie at first, the top one first. */
export function deckOf(setup: StandInSetup): readonly number[] {
  const random = randomOf(setup, 0);
  const cards = [...setup.numbers];
  for (let i = cards.length - 1; i > 0; i--) {
    const other = Math.floor(random() * (i + 1));
    [cards[i], cards[other]] = [cards[other]!, cards[i]!];
  }
  return cards;
}

/** The deck after its top card was looked at and put to the bottom. */
export const discarded = ([top, ...rest]: readonly number[]): readonly number[] =>
  top === undefined ? rest : [...rest, top];

/** When each drop falls, in ms from the beginning. */
export const dropTimes = (setup: StandInSetup): readonly number[] =>
  dropsFor(setup.drops, setup.even, randomOf(setup, 0));

/** Where the piece stands after a step: the first step is onto the next square, and the last square ends the way. */
export const steppedOn = (at: number, { squares }: StandInSetup, by: 1 | -1 = 1): number =>
  Math.min(squares, Math.max(0, at + by));

/** The first turns of a game, for the adult: what the dice, spinner, cards or frame will show. */
export function firstTurns(setup: StandInSetup, turns: number): readonly number[] {
  if (setup.kind !== 'cards') return Array.from({ length: turns }, (_, turn) => thrown(setup, turn)).flat();
  const deck = deckOf(setup);
  return Array.from({ length: turns }, (_, turn) => deck[turn % deck.length]!);
}
