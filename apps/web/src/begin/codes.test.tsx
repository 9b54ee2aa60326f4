/** @jest-environment jsdom */
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import 'fake-indexeddb/auto';
import { draw, no, press, serve } from '../common/testing.js';
import { ForgottenPage } from './ForgottenPage.js';
import { PairPage } from './PairPage.js';

const type = (label: string, text: string) => userEvent.type(screen.getByLabelText(label), text);

describe('a forgotten password', () => {
  const address = 'POST begin/password';

  test('is put in place by a code from the server, and the fields are empty again', async () => {
    const asked = serve({ [address]: undefined });
    draw(<ForgottenPage />);
    await type('Code from the server', 'AB12-CD34');
    await type('New password', 'the reed and the weir');
    await press('Save password');
    expect(await screen.findByText('Your new password is saved. Sign in with it now.')).toBeTruthy();
    expect(asked).toEqual([[address, { code: 'AB12-CD34', password: 'the reed and the weir' }]]);
    expect((screen.getByLabelText('New password') as HTMLInputElement).value).toBe('');
  });

  test('is asked for again where the code is none, or its time is over', async () => {
    const asked = serve({ [address]: no('That code isn’t right, or its time is over. Ask for a new one.') });
    draw(<ForgottenPage />);
    await type('Code from the server', 'AB12');
    await type('New password', 'short');
    await press('Save password');
    const field = screen.getByLabelText('Code from the server');
    await waitFor(() => expect(field.getAttribute('aria-invalid')).toBe('true'));
    expect(asked).toEqual([]);
    await type('Code from the server', '-CD34');
    await type('New password', ' and now long enough');
    await press('Save password');
    expect((await screen.findByRole('alert')).textContent).toMatch(/its time is over/);
  });
});

describe('a device signed in by a code that a lead shows', () => {
  const address = 'POST device/paired';
  afterEach(() => window.history.replaceState(null, '', '/'));

  test('a camera has read the code already', async () => {
    window.history.replaceState(null, '', '/pair#WX34-YZ56');
    const asked = serve({ [address]: undefined });
    draw(<PairPage />);
    expect((screen.getByLabelText('Code') as HTMLInputElement).value).toBe('WX34-YZ56');
    await press('Sign this device in');
    await waitFor(() => expect(asked).toEqual([[address, { code: 'WX34-YZ56' }]]));
  });

  test('nothing is asked of the server for what can be no code', async () => {
    const asked = serve({ [address]: undefined });
    draw(<PairPage />);
    await type('Code', 'lock');
    await press('Sign this device in');
    await waitFor(() => expect(screen.getByLabelText('Code').getAttribute('aria-invalid')).toBe('true'));
    expect(asked).toEqual([]);
  });

  test('without a connection it says so, and the code stays', async () => {
    serve({});
    draw(<PairPage />);
    await type('Code', 'WX34 YZ56');
    await press('Sign this device in');
    expect((await screen.findByRole('alert')).textContent).toMatch(/No connection/);
    expect((screen.getByLabelText('Code') as HTMLInputElement).value).toBe('WX34 YZ56');
  });
});
