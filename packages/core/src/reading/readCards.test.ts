import fc from 'fast-check';
import { answered, put, tryOf } from '../testing/tryOf.js';
import { rightChoice } from './readChoice.js';
import { readAll, readNamed, readPlaced } from './readCards.js';
import { insteadOf, nextSlot, openOptions } from './placeable.js';
import { placeIn, slotsOf } from './slots.js';

describe(readNamed, () => {
  test('named: what was said last stands; nothing said says nothing', () => {
    expect(readNamed(tryOf('name-it', 7, answered(1)))).toMatchObject({ n: 7, said: 1, right: false });
    const mended = [...answered(1), ...answered(7)];
    expect(readNamed(tryOf('name-it', 7, mended))).toMatchObject({ said: 7, right: true, choices: null });
    expect(readNamed(tryOf('name-it', 7, answered(null)))).toMatchObject({ said: null, right: null });
    expect(readNamed(tryOf('name-it', 0, answered(0)))).toMatchObject({ n: 0, right: true });
    expect(readNamed(tryOf('count-row', 4, []))).toBeNull();
  });

  test('found: among so many cards', () => {
    const reading = readNamed(tryOf('find-it', 6, answered(9, 'find')));
    expect(reading).toMatchObject({ kind: 'found', said: 9, right: false, choices: 4 });
  });
});

describe(readAll, () => {
  const all = (n: number, take: (card: number) => boolean) => {
    const { cards } = tryOf('find-all', n, []).set.layout!.cards!;
    const places = cards.flatMap((card, i) => (take(card) ? [String(i)] : []));
    return readAll(tryOf('find-all', n, put(...places)))!;
  };

  test('found, missed and wrongly taken are told apart; twice the same card is once', () => {
    expect(all(6, (card) => card === 6)).toMatchObject({ of: 3, found: 3, wrong: [], right: true });
    const look = all(6, (card) => card === 9);
    expect(look).toMatchObject({ found: 0, right: false });
    expect(new Set(look.wrong)).toEqual(new Set([9]));
    const first = tryOf('find-all', 6, []).set.layout!.cards!.cards.indexOf(6);
    expect(readAll(tryOf('find-all', 6, put(String(first), String(first))))).toMatchObject({ found: 1 });
    expect(readAll(tryOf('find-all', 6, put('99')))).toMatchObject({ right: null });
  });
});

describe(readPlaced, () => {
  test('a row: right as far as it goes, then another card; only what is missing is put', () => {
    expect(readPlaced(tryOf('in-order', 5, put('1', '2', '3', '4', '5')))).toMatchObject({ right: true });
    expect(readPlaced(tryOf('in-order', 5, put('1', '2', '4')))).toMatchObject({ right: false, rightTo: 2 });
    expect(readPlaced(tryOf('in-order', 5, put('1', '2')))).toMatchObject({ right: null, rightTo: 2 });
    const gaps = tryOf('in-order', 9, [], { way: 'gaps' });
    const { cards, given } = gaps.set.layout!.cards!;
    expect(given).toContain(1);
    expect(slotsOf(gaps.set)!.map(({ wanted }) => Number(wanted))).toEqual(
      cards.filter((card) => !given!.includes(card)),
    );
    expect(tryOf('in-order', 5, [], { way: 'from-nought' }).set.layout!.cards!.cards[0]).toBe(0);
  });

  test('each set its card, in whatever order, and put right where it stands', () => {
    const { cards } = tryOf('card-to-set', 8, []).set.layout!.cards!;
    const right = cards.toReversed().map((card) => `${card}=${card}`);
    expect(readPlaced(tryOf('card-to-set', 8, put(...right)))).toMatchObject({ right: true });
    const [one, other] = cards as [number, number];
    const swapped = put(`${one}=${other}`, ...right.slice(0, -1));
    expect(readPlaced(tryOf('card-to-set', 8, swapped))!.right).toBe(false);
    expect(readPlaced(tryOf('card-to-set', 8, [...swapped, ...put(...right)]))!.right).toBe(true);
  });

  test('a walk: a letter left empty is one that is not right', () => {
    const { cards } = tryOf('hunt', 8, []).set.layout!.cards!;
    const written = cards.map((card, i) => `${'ABCDEF'[i]}=${card}`);
    expect(readPlaced(tryOf('hunt', 8, put(...written)))!.right).toBe(true);
    expect(readPlaced(tryOf('hunt', 8, put(...written.slice(0, -1), 'F=blank')))!.right).toBe(false);
  });
});

test('what comes next is offered without what lies there already, and anything put can be put otherwise', () => {
  const { set } = tryOf('in-order', 5, []);
  expect(openOptions(set, nextSlot(set, ['1', '3'])!, ['1', '3'])).toEqual(['2', '4', '5']);
  expect(insteadOf(set, '3')).toEqual(['1', '2', '4', '5']);
  fc.assert(
    fc.property(
      fc.constantFrom('hunt', 'card-to-set', 'tally-it', 'sort-and-chart', 'ring-or-draw'),
      (id) => {
        const laid = tryOf(id as 'hunt', 7, []).set;
        for (const slot of slotsOf(laid)!)
          for (const option of slot.options)
            expect(insteadOf(laid, placeIn(slot, option))).toHaveLength(slot.options.length - 1);
      },
    ),
    { numRuns: 5 },
  );
});

test('the side of ten, and the card over the zero', () => {
  expect(rightChoice(tryOf('line-sides', 7, []).set)).toBe('before-it');
  expect(rightChoice(tryOf('line-sides', 12, []).set)).toBe('after-it');
  expect(rightChoice(tryOf('teen-cards', 14, []).set)).toBe('made-it');
});
