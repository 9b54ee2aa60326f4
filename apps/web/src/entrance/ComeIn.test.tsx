/** @jest-environment jsdom */
import type { Here, PresentAdult } from '@dotting/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import 'fake-indexeddb/auto';
import { draw, no, orla, press, serve, tomasz } from '../common/testing.js';
import { ComeIn } from './ComeIn.js';

const here = { site: 'Pennywater Lock House', isDemo: true, adults: [tomasz, orla] } as unknown as Here;
const door = (answers: Readonly<Record<string, unknown>>) => {
  const asked = serve(answers);
  const entered: PresentAdult[] = [];
  draw(<ComeIn here={here} onEnter={async (adult) => void entered.push(adult)} />);
  return { asked, entered };
};
const field = () => document.querySelector('input') as HTMLInputElement;
const alert = () => screen.getByRole('alert').textContent;

test('nothing of any child stands there; a name comes before a code', async () => {
  const { asked } = door({});
  expect(document.body.textContent).toContain('Pennywater Lock House · Demo');
  expect(field().readOnly).toBe(true);
  await userEvent.keyboard('4096{Enter}');
  expect(asked).toEqual([]);
});

test('a code by the keys beneath, short of four figures not sent, one too many put right', async () => {
  const { asked, entered } = door({ 'POST adult': tomasz });
  await press('Tomasz');
  for (const key of ['4', '0', '9']) await press(key);
  await userEvent.keyboard('{Enter}');
  expect(asked).toEqual([]);
  await userEvent.keyboard('7{Backspace}6{Enter}');
  await waitFor(() => expect(entered).toEqual([tomasz]));
  expect(asked).toEqual([['POST adult', { staffId: 'tomasz', code: '4096' }]]);
});

test('letters are no code, and what is typed is never shown', async () => {
  door({});
  await press('Orla');
  await userEvent.type(field(), 'lock4o9!6');
  expect([field().value, field().type]).toEqual(['496', 'password']);
});

test('a wrong code is answered in words, and the field is empty for the next', async () => {
  const { entered } = door({ 'POST adult': no('That code isn’t Tomasz’s.') });
  await press('Tomasz');
  await userEvent.type(field(), '9999{Enter}');
  await waitFor(() => expect(alert()).toBe('That code isn’t Tomasz’s.'));
  expect(field().value).toBe('');
  expect(entered).toEqual([]);
  await press('Orla');
  expect(alert()).toBe('');
});

test('without a server only who was here last comes in, with the code she came in with', async () => {
  door({ 'POST adult': tomasz });
  await press('Tomasz');
  await userEvent.type(field(), '4096{Enter}');
  document.body.innerHTML = '';
  const { entered } = door({});
  await press('Orla');
  await userEvent.type(field(), '4096{Enter}');
  await waitFor(() => expect(alert()).toMatch(/only Tomasz, who was here last, can come in/));
  await press('Tomasz');
  await userEvent.type(field(), '1357{Enter}');
  await waitFor(() => expect(alert()).toBe('That code isn’t Tomasz’s.'));
  await userEvent.type(field(), '4096{Enter}');
  await waitFor(() => expect(entered).toEqual([tomasz]));
});
