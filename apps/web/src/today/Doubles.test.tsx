/** @jest-environment jsdom */
import type { DoubleView, TodayView } from '@dotting/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { draw, no, press, serve } from '../common/testing.js';
import { Doubles } from './Doubles.js';

const tried = (id: string, recorder: string, told: string) => ({
  id,
  recorder,
  told,
  startedAt: '2026-03-02T09:30:00.000+01:00',
});
const today = {
  register: [{ id: 'wren', firstName: 'Wren' }],
  doubles: [
    {
      childId: 'wren',
      title: '4 corks in a row',
      tries: [tried('one', 'Tomasz', 'counted to 4'), tried('other', 'Orla', 'counted to 3')],
    },
  ] as unknown as DoubleView[],
} as unknown as TodayView;
const address = 'POST tries/one/double';

test('both are told, and neither counts for more until somebody says so and why', async () => {
  const asked = serve({ [address]: undefined });
  draw(<Doubles today={today} />);
  const part = screen.getByRole('region', { name: 'The same try?' });
  expect(part.textContent).toContain('Wren, 4 corks in a row');
  expect(part.textContent).toContain('Tomasz: counted to 4');
  expect(part.textContent).toContain('Orla: counted to 3');
  expect(screen.queryByRole('group', { name: 'Why this one?' })).toBeNull();
  await press('The same: use Orla’s');
  expect(asked).toEqual([]);
  await press('they sat with the child');
  await waitFor(() => expect(asked).toHaveLength(1));
  expect(asked).toEqual([[address, { other: 'other', counts: 'other', reason: 'they sat with the child' }]]);
});

test('a reason of one’s own is sent as it was typed', async () => {
  const asked = serve({ [address]: undefined });
  draw(<Doubles today={today} />);
  await press('The same: use Tomasz’s');
  await userEvent.type(screen.getByLabelText('Another reason'), '  nearer the tray {Enter}');
  await waitFor(() =>
    expect(asked).toEqual([[address, { other: 'other', counts: 'one', reason: 'nearer the tray' }]]),
  );
});

test('two tries are kept both, and no reason is asked for', async () => {
  const asked = serve({ [address]: undefined });
  draw(<Doubles today={today} />);
  await press('Two tries: keep both');
  await waitFor(() => expect(asked).toEqual([[address, { other: 'other', counts: null }]]));
});

test('what the server says against it is shown', async () => {
  serve({ [address]: no('They were not recorded at once.') });
  draw(<Doubles today={today} />);
  await press('Two tries: keep both');
  expect((await screen.findByRole('alert')).textContent).toBe('They were not recorded at once.');
});
