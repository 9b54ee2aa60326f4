/** @jest-environment jsdom */
import type { OfficeView } from '@dotting/contract';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { draw, no, press, serve } from '../common/testing.js';
import { Left } from './Left.js';

const child = (id: string, firstName: string, facts: object) => ({
  id,
  firstName,
  lastName: 'Lock',
  tries: 12,
  leftOn: '2026-01-31',
  eraseOn: '2026-08-31',
  erasedUnasked: null,
  ...facts,
});
const office = (facts: object): OfficeView =>
  ({ day: '2026-03-02', children: [], erasures: [], eraseWaitDays: 14, ...facts }) as unknown as OfficeView;
const page = (facts: object, answers: Readonly<Record<string, unknown>> = {}) => {
  const asked = serve(answers);
  draw(<Left />, { context: office(facts) });
  return { asked, part: (name: string) => screen.getByRole('region', { name }) };
};
const wren = child('wren', 'Wren', {});
const due = child('abeni', 'Abeni', { eraseOn: '2026-02-28', erasedUnasked: '2026-03-14' });

test('nobody left, nobody due, nothing erased: each is said', () => {
  const { part } = page({});
  expect(part('Due to be erased').textContent).toContain('Nobody is due to be erased.');
  expect(part('Leavers').textContent).toContain('No leavers.');
  expect(part('Erased').textContent).toContain('Nothing has been erased yet.');
});

test('a child who still comes, or leaves only next week, is in no list', () => {
  const stays = child('dilys', 'Dilys', { leftOn: null, eraseOn: null });
  const leaves = child('farid', 'Farid', { leftOn: '2026-03-09' });
  const { part } = page({ children: [stays, leaves] });
  expect(part('Leavers').textContent).toContain('No leavers.');
});

test('a child who left comes back in one press', async () => {
  const { asked, part } = page({ children: [wren] }, { 'PATCH office/children/wren': undefined });
  expect(part('Leavers').textContent).toContain('12 tries');
  await press('Has come back');
  await waitFor(() => expect(asked).toEqual([['PATCH office/children/wren', { leftOn: null }]]));
});

test('one is erased for good only with the first name typed; a wrong one is refused in words', async () => {
  const address = 'POST office/children/wren/erase';
  const { asked } = page(
    { children: [wren] },
    { [address]: no('That is not this child’s first name. Nothing was erased.') },
  );
  await press('Erase now …');
  const erase = screen.getByRole('button', { name: 'Erase for good' }) as HTMLButtonElement;
  expect(erase.disabled).toBe(true);
  await userEvent.type(screen.getByLabelText('Type “Wren” to erase'), 'Robin');
  await userEvent.click(erase);
  expect(await screen.findByText('That is not this child’s first name. Nothing was erased.')).toBeTruthy();
  expect(asked).toEqual([[address, { firstName: 'Robin' }]]);
  await press('Cancel');
  expect(screen.queryByLabelText('Type “Wren” to erase')).toBeNull();
});

test('those due say until when they can be brought back, and are erased after a second press', async () => {
  const { asked, part } = page({ children: [due, wren] }, { 'POST office/erasures': [] });
  expect(part('Due to be erased').textContent).toContain('unless you bring Abeni back');
  await press('Erase this child now …');
  expect(asked).toEqual([]);
  await press('Cancel');
  await press('Erase this child now …');
  await press('Erase this child for good');
  await waitFor(() => expect(asked).toEqual([['POST office/erasures', { childIds: ['abeni'] }]]));
});

test('one that is due is brought back; what the server says against it is shown', async () => {
  const { asked, part } = page(
    { children: [due] },
    { 'PATCH office/children/abeni': no('One of these children is no longer due to be erased.') },
  );
  await press('Bring back');
  await waitFor(() => expect(part('Due to be erased').textContent).toContain('no longer due'));
  expect(asked).toHaveLength(1);
});

test('how long a child can be brought back is saved once it is changed', async () => {
  const { asked } = page({}, { 'PUT office/erase-wait': undefined });
  const field = screen.getByLabelText('Days to bring a child back');
  expect(screen.queryByRole('button', { name: 'Save' })).toBeNull();
  await userEvent.clear(field);
  await userEvent.type(field, '30');
  await press('Save');
  await waitFor(() => expect(asked).toEqual([['PUT office/erase-wait', { days: 30 }]]));
});

test('what was erased says why and what went, and its proof holds the very same', () => {
  const erasure = {
    id: 'proof',
    childId: 'a-number',
    room: 'Lower Pound',
    by: 'Orla',
    reason: 'asked',
    erasedAt: '2026-03-01T12:00:00.000Z',
    gone: { try: 12, ruling: 0, kite: 2 },
    left: 0,
  };
  const { part } = page({ erasures: [erasure] });
  const text = part('Erased').textContent;
  expect(text).toContain('on request, by Orla');
  expect(text).toContain('12 tries, 2 in kite. Checked again afterwards: nothing is left.');
  expect(text).not.toContain('corrected');
  const proof = within(part('Erased')).getByRole('link') as HTMLAnchorElement;
  const [, held] = decodeURIComponent(proof.href).split(/,(.*)/s);
  expect(JSON.parse(held!)).toEqual(erasure);
});
