import fc from 'fast-check';
import {
  deckOf,
  discarded,
  dropTimes,
  firstTurns,
  mostNumbers,
  readNumbers,
  steppedOn,
  shownDots,
  thrown,
  type StandInSetup,
} from './standIns.js';

const setup = (change: Partial<StandInSetup> = {}): StandInSetup => ({
  kind: 'dice',
  game: 1,
  numbers: [1, 2, 3, 4, 5, 6],
  dice: 1,
  cells: 10,
  squares: 10,
  drops: 5,
  even: true,
  tells: 'sound',
  asDots: true,
  form: 'loose',
  right: [],
  sets: 1,
  ...change,
});
const numbers = fc.array(fc.integer({ min: 0, max: 20 }), { minLength: 1, maxLength: mostNumbers });

test.each([
  ['1-6', [1, 2, 3, 4, 5, 6]],
  ['0, 1,1 ; 5', [0, 1, 1, 5]],
  ['7–9 2', [7, 8, 9, 2]],
  ['', null],
  ['6-1', null],
  ['21', null],
  ['a few', null],
  ['1.5', null],
  ['0-20', null],
])('“%s” is read as %p', (text, read) => {
  expect(readNumbers(text)).toEqual(read);
});

test('whatever numbers are on it, a die shows one of them, and the same game shows the same again', () => {
  fc.assert(
    fc.property(numbers, fc.integer({ min: 1, max: 9999 }), fc.nat(50), (on, game, turn) => {
      const one = setup({ numbers: on, game, dice: 2 });
      const shown = thrown(one, turn);
      expect(shown).toHaveLength(2);
      for (const n of shown) expect(on).toContain(n);
      expect(thrown(structuredClone(one), turn)).toEqual(shown);
    }),
  );
});

test('each face comes up, about as often as the others, and another game is another', () => {
  const shown = Array.from({ length: 600 }, (_, turn) => thrown(setup(), turn)[0]!);
  for (const face of [1, 2, 3, 4, 5, 6]) {
    const times = shown.filter((n) => n === face).length;
    expect(times).toBeGreaterThan(60);
    expect(times).toBeLessThan(140);
  }
  expect(firstTurns(setup({ game: 2 }), 20)).not.toEqual(firstTurns(setup(), 20));
});

test('a deck holds each card once; a card looked at goes to the bottom, so the round comes again', () => {
  fc.assert(
    fc.property(numbers, (on) => {
      const cards = setup({ kind: 'cards', numbers: on });
      const deck = deckOf(cards);
      expect(deck.toSorted((a, b) => a - b)).toEqual(on.toSorted((a, b) => a - b));
      expect(discarded(deck).at(-1)).toBe(deck[0]);
      const round = on.reduce((now) => discarded(now), deck);
      expect(round).toEqual(deck);
      expect(firstTurns(cards, 2 * on.length)).toEqual([...deck, ...deck]);
    }),
  );
});

test('drops are as many as asked for, evenly or not, never so close that light would blink too fast', () => {
  const gaps = (even: boolean) => {
    const times = dropTimes(setup({ kind: 'tin', drops: 7, even }));
    expect(times).toHaveLength(7);
    return times.slice(1).map((at, i) => at - times[i]!);
  };
  expect(new Set(gaps(true)).size).toBe(1);
  expect(new Set(gaps(false)).size).toBeGreaterThan(1);
  for (const gap of [...gaps(true), ...gaps(false)]) expect(gap).toBeGreaterThan(334);
});

test('a piece steps onto the next square, back again, and never off the path', () => {
  const path = setup({ kind: 'path', squares: 10 });
  expect(steppedOn(0, path)).toBe(1);
  expect(steppedOn(10, path)).toBe(10);
  expect(steppedOn(3, path, -1)).toBe(2);
  expect(steppedOn(0, path, -1)).toBe(0);
});

test('dots are of the numbers that were set, no more than the form can show, and the same again in the same game', () => {
  const game = setup({ kind: 'dots', numbers: [2, 9], form: 'die', sets: 2 });
  for (let turn = 0; turn < 20; turn++) {
    const shown = shownDots(game, turn);
    expect(shown).toHaveLength(2);
    for (const { n } of shown) expect([2, 6]).toContain(n);
    expect(shownDots(game, turn)).toEqual(shown);
  }
  const ns = Array.from({ length: 40 }, (_, turn) =>
    shownDots(game, turn)
      .map(({ n }) => n)
      .join(),
  );
  expect(new Set(ns).size).toBe(4);
});
