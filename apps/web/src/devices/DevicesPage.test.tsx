/** @jest-environment jsdom */
import type { Device } from '@dotting/contract';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import 'fake-indexeddb/auto';
import { draw, no, press, serve } from '../common/testing.js';
import { DevicesPage } from './DevicesPage.js';

const at = '2026-03-02T12:00:00.000Z';
const devices: Device[] = [
  { id: 'this', signedInBy: 'Orla', signedInAt: at, lastSeenAt: at, isThis: true },
  { id: 'lost', signedInBy: 'Tomasz', signedInAt: at, lastSeenAt: at, isThis: false },
];
const page = async (answers: Readonly<Record<string, unknown>>) => {
  const asked = serve({ 'GET devices': devices, ...answers });
  draw(<DevicesPage />);
  return { asked, lines: await screen.findAllByRole('listitem') };
};
const signOut = (line: HTMLElement) =>
  userEvent.click(within(line).getByRole('button', { name: 'Sign out' }));

test('each says who signed it in, and which is this one', async () => {
  const { lines } = await page({});
  expect(lines[0]!.textContent).toMatch(/Signed in by Orla.*this device/);
  expect(lines[1]!.textContent).toMatch(/Signed in by Tomasz.*last used/);
});

test('one that was lost is signed out', async () => {
  const { asked, lines } = await page({ 'DELETE devices/lost': undefined });
  await signOut(lines[1]!);
  await waitFor(() => expect(asked).toEqual([['DELETE devices/lost', null]]));
});

test('this one goes once all of it is sent', async () => {
  const { asked, lines } = await page({ 'DELETE devices/this': undefined });
  await signOut(lines[0]!);
  await waitFor(() => expect(asked).toEqual([['DELETE devices/this', null]]));
});

test('what the server says against it is shown', async () => {
  const { lines } = await page({ 'DELETE devices/lost': no('There is no such device here.') });
  await signOut(lines[1]!);
  expect((await screen.findByRole('alert')).textContent).toBe('There is no such device here.');
});

test('without a connection the page says so, and tries again when it is asked to', async () => {
  serve({});
  draw(<DevicesPage />);
  const again = await screen.findByRole('button', { name: 'Try again' }, { timeout: 5_000 });
  serve({ 'GET devices': devices });
  await userEvent.click(again);
  expect(await screen.findAllByRole('listitem')).toHaveLength(2);
});

describe('a code for another device', () => {
  const pairing = { code: 'WX34-YZ56', until: at };

  test('stands there with the address, for a camera too', async () => {
    await page({ 'POST devices/pairing': { ...pairing, address: 'https://lockhouse.local' } });
    await press('Sign in another device');
    const told = await screen.findByRole('status');
    expect(told.textContent).toContain('WX34-YZ56');
    expect(told.textContent).toContain('https://lockhouse.local');
    expect(await screen.findByRole('img', { name: /camera/ })).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Another code' })).toBeTruthy();
  });

  test('where only this machine reaches the app, it says how others can, and shows no square', async () => {
    await page({ 'POST devices/pairing': { ...pairing, address: null } });
    await press('Sign in another device');
    const told = await screen.findByRole('status');
    expect(told.textContent).toContain('npm run serve');
    expect(screen.queryByRole('img')).toBeNull();
  });

  test('is for leads: what the server says is shown', async () => {
    await page({ 'POST devices/pairing': no('Your role does not allow this. Ask the lead.') });
    await press('Sign in another device');
    expect((await screen.findByRole('alert')).textContent).toMatch(/Ask the lead/);
  });
});
