/** @jest-environment jsdom */
import type { GroupTimeView } from '@dotting/contract';
import { screen, waitFor } from '@testing-library/react';
import { draw, no, press, serve } from '../common/testing.js';
import { GroupTimes } from './GroupTimes.js';

const time: GroupTimeView = {
  id: 'one',
  kind: 'shown',
  title: 'Count a ring',
  day: '2026-03-02',
  recorder: 'Tomasz',
  children: 7,
  togetherTo: null,
  note: '',
  isOwn: true,
  takenBack: null,
};
const all = 'GET rooms/lower/group-times';
const back = 'rooms/lower/group-times/one/taken-back';
const drawn = async (facts: Partial<GroupTimeView>, answers: Readonly<Record<string, unknown>> = {}) => {
  const asked = serve({ [all]: { times: [{ ...time, ...facts }] }, ...answers });
  draw(<GroupTimes roomId="lower" />);
  return { asked, part: await screen.findByRole('region', { name: 'As a group, lately' }) };
};

test('nothing stands there where nothing was kept', async () => {
  serve({ [all]: { times: [] } });
  const { container } = draw(<GroupTimes roomId="lower" />);
  await waitFor(() => expect(container.textContent).toBe(''));
});

test('what was done, with how many, by whom, and how far together', async () => {
  const { part } = await drawn({ kind: 'chorus', togetherTo: 14, note: 'by the lock', isOwn: false });
  expect(part.textContent).toContain('in chorus, Count a ring, 7 children, with Tomasz.');
  expect(part.textContent).toContain('Together up to 14. by the lock');
});

test('only who put it down takes it back', async () => {
  await drawn({ isOwn: false });
  expect(screen.queryByRole('button')).toBeNull();
});

test('it is taken back with a reason', async () => {
  const { asked } = await drawn({}, { [`POST ${back}`]: undefined });
  await press('Take it back');
  expect(asked).toEqual([]);
  await press('the wrong children');
  await waitFor(() => expect(asked).toEqual([[`POST ${back}`, { reason: 'the wrong children' }]]));
});

test('what was taken back says why, and is put back in one press', async () => {
  const takenBack = { at: '2026-03-02T12:00:00.000Z', reason: 'the wrong day' };
  const { asked, part } = await drawn({ takenBack }, { [`DELETE ${back}`]: undefined });
  expect(part.textContent).toContain('Taken back. It counts for nobody. Why: the wrong day.');
  await press('Put it back');
  await waitFor(() => expect(asked).toEqual([[`DELETE ${back}`, null]]));
});

test('what the server says against it is shown', async () => {
  const { part } = await drawn({}, { [`POST ${back}`]: no('There is no such group time here.') });
  await press('Take it back');
  await press('it was not done after all');
  await waitFor(() => expect(part.textContent).toContain('There is no such group time here.'));
});
