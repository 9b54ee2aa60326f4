/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import 'fake-indexeddb/auto';
import { draw, tomasz } from '../common/testing.js';
import { AdultMenu } from './AdultMenu.js';

const open = async (adult = tomasz) => {
  draw(<AdultMenu />, adult);
  await userEvent.click(screen.getByRole('button', { name: adult.firstName }));
  // Its code comes when it is first opened.
  await screen.findByRole('menu');
};
const items = () => screen.getAllByRole('menuitem').map((one) => one.textContent);

test('offers the languages that can be chosen, and says which nobody has read', async () => {
  await open();
  expect(items()).toEqual([
    'Buttons on the left',
    'Speak EspañolFirst draft: no native speaker has read it yet',
    'Lock the screen',
  ]);
});

test('only a lead is offered the devices', async () => {
  await open({ ...tomasz, role: 'lead' });
  expect(items()).toContain('Signed-in devices');
});

test('without a connection nothing changes, and it says so', async () => {
  globalThis.fetch = () => Promise.reject(new TypeError('network'));
  AbortSignal.timeout ??= () => new AbortController().signal;
  await open();
  await userEvent.click(screen.getByRole('menuitem', { name: 'Buttons on the left' }));
  expect((await screen.findByRole('alert')).textContent).toBe(
    'No connection to the server. Nothing was changed. Try again in a moment.',
  );
});
