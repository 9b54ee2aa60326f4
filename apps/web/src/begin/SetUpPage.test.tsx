/** @jest-environment jsdom */
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import 'fake-indexeddb/auto';
import { draw, no, press, serve } from '../common/testing.js';
import { SetUpPage } from './SetUpPage.js';

const first = { hasDemo: true, isFirst: true };
const fields = {
  'Name of the nursery': 'The Lock House',
  'Room 1': 'Upper Pound',
  'First name': 'Maren',
  'Last name': 'Lock',
  Email: 'maren@lockhouse.example',
  Password: 'a long towpath',
  'Your short code': '4096',
};
const fill = async (given: Readonly<Record<string, string>>) => {
  for (const [label, text] of Object.entries(given)) {
    await userEvent.clear(screen.getByLabelText(label));
    await userEvent.type(screen.getByLabelText(label), text);
  }
};
const page = async (begin: object, answers: Readonly<Record<string, unknown>> = {}) => {
  const asked = serve({ 'GET begin': begin, ...answers });
  draw(<SetUpPage />);
  await waitFor(() => expect(screen.getByLabelText('Name of the nursery')).toBeTruthy());
  return asked;
};
const wrongIn = (label: string): string | null => screen.getByLabelText(label).getAttribute('aria-invalid');

test('the first nursery needs no code, and the demo is kept or goes', async () => {
  const asked = await page(first, { 'POST begin': undefined });
  await screen.findByText('The demo nursery');
  expect(screen.queryByLabelText('Code from the server')).toBeNull();
  await fill(fields);
  await press('Add a room');
  await fill({ 'Room 2': 'Lower Pound' });
  await press('Remove it now');
  await press('Español');
  await press('Set up the nursery');
  await waitFor(() => expect(asked).toHaveLength(1));
  expect(asked[0]).toEqual([
    'POST begin',
    {
      site: 'The Lock House',
      rooms: ['Upper Pound', 'Lower Pound'],
      firstName: 'Maren',
      lastName: 'Lock',
      email: 'maren@lockhouse.example',
      password: 'a long towpath',
      code: '4096',
      language: 'es',
      removesDemo: true,
    },
  ]);
  expect(await screen.findByText('another page').catch(() => null)).toBeNull();
});

test('another nursery is set up with a code from the server', async () => {
  const asked = await page({ hasDemo: true, isFirst: false }, { 'POST begin': undefined });
  await fill({ ...fields, 'Code from the server': 'abcd efgh' });
  expect(screen.queryByText('The demo nursery')).toBeNull();
  await press('Set up the nursery');
  await waitFor(() => expect(asked).toHaveLength(1));
  expect(asked[0]![1]).toMatchObject({ oneTimeCode: 'abcd efgh', removesDemo: false });
});

test('what is wrong is told at its field, and nothing is sent', async () => {
  const asked = await page(first, { 'POST begin': undefined });
  await fill({ ...fields, Password: 'short', 'Your short code': '1234' });
  await press('Add a room');
  await fill({ 'Room 2': 'upper pound' });
  await press('Set up the nursery');
  await waitFor(() => expect(wrongIn('Password')).toBe('true'));
  expect([wrongIn('Your short code'), wrongIn('Room 2'), wrongIn('Email')]).toEqual([
    'true',
    'true',
    'false',
  ]);
  expect(asked).toEqual([]);
  await press('Remove room 2');
  expect(screen.queryByLabelText('Room 2')).toBeNull();
});

test('what the server refuses stands at its field, and what was typed stays', async () => {
  await page(first, { 'POST begin': no('This email address is already in use. Enter another.', 'email') });
  await fill(fields);
  await press('Set up the nursery');
  await waitFor(() => expect(wrongIn('Email')).toBe('true'));
  expect((screen.getByLabelText('Name of the nursery') as HTMLInputElement).value).toBe('The Lock House');
});
