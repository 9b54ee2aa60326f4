/** @jest-environment jsdom */
import { layoutFor, setOf, taskOf, type TaskId } from '@dotting/core';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { draw } from '../../common/testing.js';
import { BrailleKeys } from './BrailleKeys.js';
import { Slots } from './Slots.js';

/** The slots of a task as they are filled, one tap after the other. */
function Filling({
  id,
  n,
  way,
  told,
}: {
  readonly id: TaskId;
  readonly n: number;
  readonly way?: string;
  readonly told: string[];
}) {
  const [put, setPut] = useState<readonly string[]>([]);
  const task = taskOf(id);
  const set = setOf(task, n, 'cork', layoutFor(task, n, 'cork', 3, way));
  return (
    <Slots
      set={set}
      put={put}
      onPlaced={(place) => {
        told.push(place);
        setPut([...put, place]);
      }}
    />
  );
}

function fill(id: TaskId, n: number, way?: string) {
  const told: string[] = [];
  draw(<Filling id={id} n={n} told={told} {...(way && { way })} />);
  const choose = (slot: string, option: string): Promise<void> =>
    userEvent.click(within(screen.getByRole('group', { name: slot })).getByRole('button', { name: option }));
  return { told, choose };
}

test('what is told of a tally comes one after the other, and then that was all', async () => {
  const { told, choose } = fill('tally-it', 6);
  await choose('How many strokes', '6');
  await choose('The fifth stroke', 'across');
  await choose('Held against the things?', 'checked: right');
  expect(told).toEqual(['recorded=6', 'fifth=across', 'checked=agreed']);
  expect(screen.getByText('That was all of it.')).toBeTruthy();
});

test('with fewer than five there is no fifth stroke to ask about', async () => {
  const { choose } = fill('tally-it', 3);
  await choose('How many strokes', '3');
  expect(screen.queryByRole('group', { name: 'The fifth stroke' })).toBeNull();
});

test('sets are given their cards in any order; a card that was put is offered no more, and can be put right', async () => {
  const { told, choose } = fill('card-to-set', 8);
  const chips = () => screen.getAllByRole('button', { name: /^With the set of/ });
  const [first, second] = chips().map((chip) => chip.textContent!.replace('With the set of ', '')) as [
    string,
    string,
  ];
  await userEvent.click(chips()[1]!);
  await choose(`With the set of ${second}`, first);
  expect(chips()[1]!.textContent).toBe(`With the set of ${second}: ${first}`);
  // On to the first that is open; the card that lies there is not offered.
  const open = within(screen.getByRole('group', { name: `With the set of ${first}` }));
  expect(open.queryByRole('button', { name: first })).toBeNull();
  await userEvent.click(chips()[1]!);
  await choose(`With the set of ${second}`, second);
  expect(told).toEqual([`${second}=${first}`, `${second}=${second}`]);
});

test('the next of a row has no place of its own to choose', async () => {
  const { told, choose } = fill('in-order', 4, 'from-one');
  expect(screen.queryByRole('button', { pressed: true })).toBeNull();
  for (const card of ['1', '2']) await choose('Next came', card);
  expect(told).toEqual(['1', '2']);
  expect(within(screen.getByRole('group', { name: 'Next came' })).getAllByRole('button')).toHaveLength(2);
});

test('all options look alike: none is marked as the right one', () => {
  fill('hunt', 6);
  const options = within(screen.getByRole('group', { name: 'Written at A' })).getAllByRole('button');
  expect(new Set(options.map((option) => option.className)).size).toBeLessThanOrEqual(2);
  expect(options.every((option) => option.getAttribute('aria-pressed') === null)).toBe(true);
});

describe('braille written', () => {
  const keys = (put: readonly string[] = []) => {
    const cells: string[] = [];
    draw(<BrailleKeys put={put} onPlaced={(cell) => cells.push(cell)} />);
    const press = (name: string): Promise<void> => userEvent.click(screen.getByRole('button', { name }));
    return { cells, press };
  };

  test('dots go up and down again before the cell is kept, and the next begins without any', async () => {
    const { cells, press } = keys();
    expect(screen.getByRole('button', { name: 'Next cell' })).toHaveProperty('disabled', true);
    for (const dot of ['dot 1', 'dot 4', 'dot 5', 'dot 4']) await press(dot);
    await press('Next cell');
    expect(cells).toEqual(['⠑']);
    expect(screen.getByRole('button', { name: 'dot 1' }).getAttribute('aria-pressed')).toBe('false');
  });

  test('cells that are typed come one by one; what is no cell is refused beside the field', async () => {
    const { cells } = keys(['⠼']);
    expect(screen.getByText('Written so far: ⠼')).toBeTruthy();
    const field = screen.getByLabelText('Or type cells');
    await userEvent.type(field, 'x5{Enter}');
    expect(screen.getByText(/^Type braille cells of six dots/)).toBeTruthy();
    expect(cells).toEqual([]);
    await userEvent.clear(field);
    await userEvent.type(field, '⠁⠃{Enter}');
    expect(cells).toEqual(['⠁', '⠃']);
    expect(field).toHaveProperty('value', '');
  });
});
