/** @jest-environment jsdom */
import { layoutFor, setOf, slotsOf, taskOf, tasks, type TaskId, type TraySet } from '@dotting/core';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { draw } from '../../common/testing.js';
import { CardsDrawing } from './CardsDrawing.js';
import { CardsTray } from './CardsTray.js';
import { mirrorSize } from './mirrorLayout.js';

const setFor = (id: TaskId, n: number, seed = 3, way?: string): TraySet => {
  const task = taskOf(id);
  return setOf(task, n, 'cork', layoutFor(task, n, 'cork', seed, way));
};

interface Box {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** Every card and place of a drawing, in the mirror's units. */
function boxesOf(set: TraySet, put: readonly string[] = []): readonly Box[] {
  const { container, unmount } = render(
    <svg>
      <CardsDrawing set={set} put={put} />
    </svg>,
  );
  const boxes = [...container.querySelectorAll('rect')].map((rect) => {
    const of = (name: string): number => Number(rect.getAttribute(name));
    return { left: of('x'), top: of('y'), right: of('x') + of('width'), bottom: of('y') + of('height') };
  });
  unmount();
  return boxes;
}

const overlap = (a: Box, b: Box): boolean =>
  a.left < b.right - 0.5 && b.left < a.right - 0.5 && a.top < b.bottom - 0.5 && b.top < a.bottom - 0.5;

/** Where cards lie apart from each other; in the others a card lies within the ground of its set. */
const apart = ['find', 'find-all', 'find-pictures', 'row', 'teen'];

const withCards = tasks.filter((task) => setFor(task.id, task.ladder[0]!).layout?.cards !== undefined);

describe.each(withCards.map(({ id, ladder, ways }) => ({ id, ladder, ways: ways ?? [undefined] })))(
  'the cards of $id',
  ({ id, ladder, ways }) => {
    const sets = ways.flatMap((way) =>
      ladder.flatMap((n) => [1, 2].map((seed) => ({ way, n, set: setFor(id, n, seed, way) }))),
    );

    test('lie on the tray, whole, whatever the number', () => {
      const outside = sets.flatMap(({ way, n, set }) =>
        boxesOf(set)
          .filter(
            ({ left, top, right, bottom }) =>
              left < 0 || top < 0 || right > mirrorSize.width || bottom > mirrorSize.height,
          )
          .map(() => ({ way, n })),
      );
      expect(outside).toEqual([]);
    });

    test('lie beside each other, none on another', () => {
      const lying = sets.filter(({ set }) => apart.includes(set.layout!.cards!.kind));
      const over = lying.filter(({ set }) => {
        const boxes = boxesOf(set);
        return boxes.some((a, i) => boxes.slice(i + 1).some((b) => overlap(a, b)));
      });
      expect(over.map(({ way, n }) => ({ way, n }))).toEqual([]);
    });
  },
);

test('there are tasks of every kind to hold this against', () => {
  const kinds = new Set(withCards.map(({ id, ladder }) => setFor(id, ladder[0]!).layout!.cards!.kind));
  expect(apart.every((kind) => kinds.has(kind as never))).toBe(true);
});

test('the card sought is a button like the others, and tells its place', async () => {
  const taken: number[] = [];
  const set = setFor('find-it', 6);
  draw(<CardsTray set={set} put={[]} onTaken={(place) => taken.push(place)} />);
  const cards = screen.getAllByRole('button').filter((one) => one.textContent === '');
  expect(cards).toHaveLength(set.layout!.cards!.cards.length);
  // But for where they lie, nothing tells them apart.
  const looks = cards.map((card) => [card.tagName, card.getAttribute('aria-pressed'), card.tabIndex].join());
  expect(new Set(looks).size).toBe(1);
  const place = set.layout!.cards!.cards.indexOf(6);
  await userEvent.click(cards[place]!);
  expect(taken).toEqual([place]);
});

test('of several, what was taken is not taken twice', async () => {
  const taken: number[] = [];
  draw(<CardsTray set={setFor('find-all', 6)} put={['0', '2']} onTaken={(place) => taken.push(place)} />);
  const cards = screen.getAllByRole('button').filter((one) => one.textContent === '');
  expect(cards.map((card) => (card as HTMLButtonElement).disabled)).toEqual(
    cards.map((_, i) => i === 0 || i === 2),
  );
  await userEvent.click(cards[1]!);
  expect(taken).toEqual([1]);
});

test('where no card is to be taken there is none to press', () => {
  draw(<CardsTray set={setFor('find-it', 6)} put={[]} onTaken={null} />);
  expect(screen.getAllByRole('button').filter((one) => one.textContent === '')).toEqual([]);
});

test('what the fingers read, or write, is not shown on the screen', () => {
  draw(<CardsTray set={setFor('write-braille', 12)} put={[]} onTaken={null} />);
  expect(screen.queryByRole('button', { name: 'Show it to the child' })).toBeNull();
});

test('a card put in a row leaves those below, and lies in its place', () => {
  const set = setFor('in-order', 5, 3, 'gaps');
  const missing = slotsOf(set)!;
  const [first] = missing;
  const cardsIn = (put: readonly string[]): number => boxesOf(set, put).length;
  expect(cardsIn([])).toBe(5 + missing.length);
  expect(cardsIn([first!.wanted!])).toBe(5 + missing.length - 1);
});
