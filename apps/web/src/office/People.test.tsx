/** @jest-environment jsdom */
import type { OfficeView } from '@dotting/contract';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { draw, no, orla, press, serve } from '../common/testing.js';
import { People } from './People.js';

const room = (id: string, name: string) => ({ id, name, retentionMonths: 36 });
const lower = '2f1d6a52-2c1b-4d55-8f0e-0f2f6f0b8a11';
const adult = (id: string, firstName: string, facts: object = {}) => ({
  id,
  firstName,
  lastName: 'Lock',
  role: 'practitioner',
  rooms: [lower],
  leftOn: null,
  ...facts,
});
const office = (facts: object = {}): OfficeView =>
  ({
    day: '2026-03-02',
    rooms: [room(lower, 'Lower Pound')],
    adults: [adult('tomasz', 'Tomasz')],
    ...facts,
  }) as unknown as OfficeView;
const page = (facts: object = {}, answers: Readonly<Record<string, unknown>> = {}) => {
  const asked = serve({ 'GET begin': { hasDemo: false, isFirst: false }, ...answers });
  draw(<People />, { adult: orla, context: office(facts) });
  return asked;
};
const line = (name: string) => within(screen.getByRole('listitem', { name }));
const edit = (name: string) => userEvent.click(line(name).getByRole('button', { name: 'Edit' }));
const retype = async (label: string, text: string) => {
  await userEvent.clear(screen.getByLabelText(label));
  if (text !== '') await userEvent.type(screen.getByLabelText(label), text);
};

test('each adult says what she sees, and who left stands apart', () => {
  page({
    adults: [
      adult('tomasz', 'Tomasz'),
      adult('orla', 'Orla', { role: 'lead', rooms: [] }),
      adult('idris', 'Idris', { role: 'assistant', rooms: [] }),
      adult('bram', 'Bram', { leftOn: '2026-01-31' }),
    ],
  });
  const told = ['Tomasz Lock', 'Orla Lock', 'Idris Lock', 'Bram Lock'].map(
    (name) => screen.getByRole('listitem', { name }).textContent,
  );
  expect(told[0]).toContain('sees Lower Pound');
  expect(told[1]).toContain('sees all children');
  expect(told[2]).toContain('sees only the children they are named for');
  expect(told[3]).toContain('until 2026-01-31');
  const apart = screen.getByText('No longer here');
  expect(
    apart.compareDocumentPosition(screen.getByRole('listitem', { name: 'Bram Lock' })) &
      Node.DOCUMENT_POSITION_FOLLOWING,
  ).not.toBe(0);
});

test('a last day is sent with the role and rooms that stay', async () => {
  const asked = page({}, { 'PATCH office/adults/tomasz': undefined });
  await edit('Tomasz Lock');
  await retype('Leaves on', '2026-03-31');
  await press('Save');
  await waitFor(() => expect(asked).toHaveLength(1));
  expect(asked[0]).toEqual([
    'PATCH office/adults/tomasz',
    { role: 'practitioner', rooms: [lower], leftOn: '2026-03-31' },
  ]);
  await waitFor(() => expect(screen.queryByLabelText('Leaves on')).toBeNull());
});

test('what the server refuses keeps the form open, and says why', async () => {
  page({}, { 'PATCH office/adults/tomasz': no('Somebody has to be the lead.') });
  await edit('Tomasz Lock');
  await press('Save');
  expect((await screen.findByRole('alert')).textContent).toBe('Somebody has to be the lead.');
  expect(screen.getByLabelText('Leaves on')).toBeTruthy();
});

test('a new code and password are told once, until they are passed on', async () => {
  const secrets = { id: 'tomasz', code: '8361', password: 'reed weir lock' };
  page({}, { 'POST office/adults/tomasz/secrets': secrets });
  await edit('Tomasz Lock');
  await press('New code and password');
  const told = await screen.findByRole('status');
  expect(told.textContent).toContain('For Tomasz: code 8361, password reed weir lock');
  await press('I’ve passed them on');
  expect(screen.queryByText(/reed weir lock/)).toBeNull();
});

test('a room is renamed, and how long it keeps a leaver is a number', async () => {
  const address = `PUT office/rooms/${lower}`;
  const asked = page({}, { [address]: undefined });
  await edit('Lower Pound');
  await retype('Months a leaver is kept', '');
  await press('Save');
  const months = screen.getByLabelText('Months a leaver is kept');
  await waitFor(() => expect(months.getAttribute('aria-invalid')).toBe('true'));
  expect(asked).toEqual([]);
  await retype('Name', 'The Pound');
  await retype('Months a leaver is kept', '24');
  await press('Save');
  await waitFor(() => expect(asked).toEqual([[address, { name: 'The Pound', retentionMonths: 24 }]]));
});

test('a room with children in it is not removed, and it says so', async () => {
  const asked = page({}, { [`DELETE office/rooms/${lower}`]: no('Children are still in this room.') });
  await edit('Lower Pound');
  await press('Remove this room');
  expect((await screen.findByRole('alert')).textContent).toBe('Children are still in this room.');
  expect(asked).toEqual([[`DELETE office/rooms/${lower}`, null]]);
});

test('a new room has an id of its own, and cancelling leaves none', async () => {
  const asked = page();
  await press('Add room');
  const open = line('New room');
  await userEvent.type(open.getByLabelText('Name'), 'Towpath');
  await userEvent.click(open.getByRole('button', { name: 'Cancel' }));
  expect(screen.queryByRole('listitem', { name: 'New room' })).toBeNull();
  await press('Add room');
  await userEvent.type(screen.getByLabelText('Name'), 'Towpath');
  await press('Save');
  await waitFor(() => expect(asked).toHaveLength(1));
  expect(asked[0]![0]).toMatch(/^PUT office\/rooms\/[0-9a-f-]{36}$/);
  expect(asked[0]![1]).toEqual({ name: 'Towpath', retentionMonths: 36 });
});
