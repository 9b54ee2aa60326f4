/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import 'fake-indexeddb/auto';
import { draw, tomasz } from '../common/testing.js';
import { OwnSettings } from './OwnSettings.js';

const answering = (answer: () => Promise<Response>): jest.Mock => {
  const asked = jest.fn(answer);
  globalThis.fetch = asked;
  AbortSignal.timeout ??= () => new AbortController().signal;
  return asked;
};
const chosen = (name: string) => screen.getByRole('button', { name }).getAttribute('aria-pressed');

test('shows what is set, and says of a language that nobody has read it yet', () => {
  draw(<OwnSettings />, { adult: { ...tomasz, thumb: 'left', language: 'es' } });
  expect([chosen('left'), chosen('right'), chosen('Español')]).toEqual(['true', 'false', 'true']);
  expect(screen.getByText(/^Español: a first draft/)).toBeTruthy();
});

test('sends what is changed together with what stays', async () => {
  const asked = answering(async () => ({ status: 204, headers: new Headers() }) as Response);
  draw(<OwnSettings />);
  await userEvent.click(screen.getByRole('button', { name: 'left' }));
  expect(asked).toHaveBeenCalledTimes(1);
  const [, sent] = asked.mock.calls[0] as [string, RequestInit];
  expect(JSON.parse(String(sent.body))).toEqual({ thumb: 'left', language: 'en' });
});

test('without a connection nothing changes, and it says so', async () => {
  answering(() => Promise.reject(new TypeError('network')));
  draw(<OwnSettings />);
  await userEvent.click(screen.getByRole('button', { name: 'left' }));
  expect((await screen.findByRole('alert')).textContent).toBe(
    'No connection to the server. Nothing was changed. Try again in a moment.',
  );
  expect(chosen('right')).toBe('true');
});

test('single keys are turned off for the device', async () => {
  draw(<OwnSettings />);
  await userEvent.click(screen.getByRole('button', { name: 'off' }));
  expect([chosen('off'), localStorage.getItem('dotting-single-keys')]).toEqual(['true', 'off']);
  await userEvent.click(screen.getByRole('button', { name: 'on' }));
  expect(localStorage.getItem('dotting-single-keys')).toBeNull();
});
