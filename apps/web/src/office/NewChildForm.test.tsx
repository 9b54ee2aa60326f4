/** @jest-environment jsdom */
import { blankChild, type OfficeView } from '@dotting/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { draw } from '../common/testing.js';
import { NewChildForm } from './NewChildForm.js';

const roomId = '2f1d6a52-2c1b-4d55-8f0e-0f2f6f0b8a11';
const office = { rooms: [{ id: roomId, name: 'Lower Pound', retentionMonths: 12 }] } as unknown as OfficeView;

/** The form, and what it asks of a server that answers so. */
function form(answer: { readonly status: number; readonly body: object } = { status: 200, body: {} }) {
  const sent: unknown[] = [];
  globalThis.fetch = (_, init) => {
    sent.push(JSON.parse(String(init?.body)));
    const { status, body } = answer;
    return Promise.resolve({
      ok: status < 300,
      status,
      headers: new Headers(),
      json: () => Promise.resolve(body),
    } as Response);
  };
  AbortSignal.timeout ??= () => new AbortController().signal;
  let isDone = false;
  draw(<NewChildForm office={office} onDone={() => (isDone = true)} />);
  return { sent, isDone: () => isDone };
}

const add = () => userEvent.click(screen.getByRole('button', { name: 'Add' }));
const choose = async (field: string, option: string) => {
  await userEvent.click(screen.getByRole('combobox', { name: field }));
  await userEvent.click(screen.getByRole('option', { name: option }));
};

test('a child has a field for each column, and is added as it was said', async () => {
  const { sent, isDone } = form();
  await userEvent.type(screen.getByLabelText('First name'), 'Wren');
  await choose('Things in the mouth', 'still mouths things');
  await choose('Hand', 'left');
  await add();
  await waitFor(() => expect(isDone()).toBe(true));
  expect(sent).toEqual([{ ...blankChild, firstName: 'Wren', mouths: true, hand: 'left', roomId }]);
});

test('what is wrong stands at its field in words, and nothing is sent', async () => {
  const { sent } = form();
  await userEvent.type(screen.getByLabelText('Group'), 'g'.repeat(41));
  await add();
  expect(await screen.findByText('Enter the first name.')).toBeTruthy();
  expect(screen.getByText('Keep “Group” under 40 letters.')).toBeTruthy();
  expect(screen.getByLabelText('First name').getAttribute('aria-invalid')).toBe('true');
  expect(sent).toEqual([]);
});

test('what the server refuses stands at its field too', async () => {
  const refusal = {
    statusCode: 409,
    message: 'There is no such room.',
    fields: [{ field: 'roomId', message: 'There is no such room.' }],
  };
  const { isDone } = form({ status: 409, body: refusal });
  await userEvent.type(screen.getByLabelText('First name'), 'Wren');
  await add();
  expect(await screen.findAllByText('There is no such room.')).toHaveLength(2);
  expect(isDone()).toBe(false);
});
