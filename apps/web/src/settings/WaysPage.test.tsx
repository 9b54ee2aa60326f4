/** @jest-environment jsdom */
import type { PresentAdult, Room } from '@dotting/contract';
import { schoolChoices, schoolNames, schoolsOf, type OwnSchools } from '@dotting/core';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import 'fake-indexeddb/auto';
import { draw, orla, tomasz } from '../common/testing.js';
import { WaysPage } from './WaysPage.js';

function open(own: OwnSchools = {}, adult: PresentAdult = orla) {
  const sent = jest.fn(async () => ({ status: 204, headers: new Headers() }) as Response);
  globalThis.fetch = sent;
  AbortSignal.timeout ??= () => new AbortController().signal;
  const room = { id: 'lower', name: 'Lower Pound', schools: schoolsOf(own) } as Room;
  draw(<WaysPage />, { adult, context: room });
  const line = (name: string) => within(screen.getByRole('group', { name }));
  const bodies = () =>
    (sent.mock.calls as unknown as [string, RequestInit][]).filter(([, { method }]) => method === 'PUT');
  return { line, bodies };
}

test('every line has its choices, each drawn and with its words, the room’s own pressed', () => {
  const { line } = open({ frames: 'pairs', forms: { 7: 'crossed' } });
  const groups = screen.getAllByRole('group');
  // The lines, and the nine digits that are formed in more than one way.
  expect(groups).toHaveLength(schoolNames.length + 9);
  for (const group of groups) {
    const buttons = within(group).getAllByRole('button');
    expect(buttons.length).toBeGreaterThanOrEqual(2);
    expect(buttons.filter((button) => button.getAttribute('aria-pressed') === 'true')).toHaveLength(1);
    for (const button of buttons) {
      expect(button.querySelector('svg')!.childElementCount).toBeGreaterThan(0);
      expect(button.textContent!.length).toBeGreaterThan(1);
    }
    // No two choices of a line look the same.
    const drawings = buttons.map((button) => button.querySelector('svg')!.innerHTML);
    expect(new Set(drawings).size).toBe(drawings.length);
  }
  expect(line('Filling a frame').getByRole('button', { pressed: true }).textContent).toBe('two by two');
  expect(line('How 7 is formed').getByRole('button', { pressed: true }).textContent).toBe('7 crossed');
});

test('a lead sends what she chooses and nothing else; what is chosen already is not sent again', async () => {
  const { line, bodies } = open();
  await userEvent.click(line('The fifth stroke').getByRole('button', { name: 'across, level' }));
  await userEvent.click(line('How 4 is formed').getByRole('button', { name: '4 closed' }));
  await userEvent.click(line('Filling a frame').getByRole('button', { name: 'line by line' }));
  expect(bodies().map(([url]) => url)).toEqual(
    Array(2).fill(expect.stringMatching(/rooms\/lower\/schools$/)),
  );
  expect(bodies().map(([, { body }]) => JSON.parse(String(body)))).toEqual([
    { tally: 'level' },
    { forms: { 4: 'closed' } },
  ]);
  expect(await screen.findByText('Changed. Everyone sees it on Today.')).toBeTruthy();
});

test('a number of the week is asked for only where the room takes one', () => {
  open();
  expect(screen.queryByRole('combobox', { name: 'This week’s number' })).toBeNull();
});

test('a room with a number of the week says which', () => {
  open({ week: 'one', number: 7 });
  expect(screen.getByRole('combobox', { name: 'This week’s number' }).textContent).toBe('7');
});

test('whoever is no lead sees them all and can change none', () => {
  const { bodies } = open({}, tomasz);
  const choices = schoolNames.reduce((sum, name) => sum + schoolChoices[name].length, 0);
  const buttons = screen.getAllByRole('button');
  expect(buttons.length).toBeGreaterThanOrEqual(choices);
  expect(buttons.every((button) => (button as HTMLButtonElement).disabled)).toBe(true);
  expect(bodies()).toEqual([]);
});
