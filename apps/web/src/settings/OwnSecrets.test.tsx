/** @jest-environment jsdom */
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import 'fake-indexeddb/auto';
import { draw, no, press, serve, tomasz } from '../common/testing.js';
import { comeInOffline } from '../entrance/offlineCode.js';
import { OwnSecrets } from './OwnSecrets.js';

const part = (name: string) => within(screen.getByRole('region', { name }));
const type = (label: string, text: string) => userEvent.type(screen.getByLabelText(label), text);

test('a new code is saved by the one of now, and opens the device without a network', async () => {
  const asked = serve({ 'PUT adult/code': undefined });
  draw(<OwnSecrets />);
  await press('Change code');
  await type('Code now', '4096');
  await type('New code', '8361');
  await userEvent.click(part('Your code').getByRole('button', { name: 'Change code' }));
  expect(await screen.findByText('Your new code is saved.')).toBeTruthy();
  expect(asked).toEqual([['PUT adult/code', { now: '4096', next: '8361' }]]);
  expect(await comeInOffline(tomasz.id, '8361', 0)).toMatchObject({ kind: 'welcome' });
  expect(await comeInOffline(tomasz.id, '4096', 0)).toMatchObject({ kind: 'no' });
  await press('Change code');
  expect(screen.queryByText('Your new code is saved.')).toBeNull();
});

test('a code that anybody would guess is refused before it is sent', async () => {
  const asked = serve({ 'PUT adult/code': undefined });
  draw(<OwnSecrets />);
  await press('Change code');
  await type('Code now', '4096');
  await type('New code', '1111');
  await userEvent.click(part('Your code').getByRole('button', { name: 'Change code' }));
  await waitFor(() => expect(screen.getByLabelText('New code').getAttribute('aria-invalid')).toBe('true'));
  expect(asked).toEqual([]);
});

test('a wrong password of now is told at its field, and cancelling forgets what was typed', async () => {
  serve({ 'PUT adult/password': no('That isn’t your password now.', 'now') });
  draw(<OwnSecrets />);
  await press('Change password');
  await type('Password now', 'the old towpath');
  await type('New password', 'a longer towpath');
  await userEvent.click(part('Your password').getByRole('button', { name: 'Change password' }));
  await waitFor(() =>
    expect(screen.getByLabelText('Password now').getAttribute('aria-invalid')).toBe('true'),
  );
  await press('Cancel');
  await press('Change password');
  expect((screen.getByLabelText('Password now') as HTMLInputElement).value).toBe('');
});
