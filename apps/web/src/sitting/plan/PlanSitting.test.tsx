/** @jest-environment jsdom */
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { draw } from '../../common/testing.js';
import type { Sitting } from '../../outbox/sitting.js';
import type { Action } from '../after.js';
import { fresh } from '../testing.js';
import { PlanSitting } from './PlanSitting.js';

/** The plan as it is shown, and what was chosen in it. */
function plan(sitting: Partial<Sitting> = {}): readonly Action[] {
  const chosen: Action[] = [];
  draw(
    <PlanSitting
      sitting={{ ...fresh, ...sitting }}
      givesWay={false}
      dispatch={(action) => chosen.push(action)}
    />,
  );
  return chosen;
}

const young = { ...fresh.child, birthDate: '2025-03-01' };

test('says how long, what it begins with, and what to lay', () => {
  plan();
  expect(screen.getByRole('heading', { level: 2 }).textContent).toBe('4 minutes with Wren');
  expect(screen.getAllByRole('listitem').map((one) => one.textContent)).toContain('8 corks');
});

test('another time and other things are one tap each', async () => {
  const chosen = plan();
  await userEvent.click(screen.getByRole('button', { name: '2' }));
  await userEvent.click(screen.getByRole('button', { name: 'shells' }));
  expect(chosen).toMatchObject([{ whole: { minutes: 2 } }, { plan: { things: 'shell' } }]);
});

test('a child under three, or of no known age, is shown the care that small things want', () => {
  plan({ child: young });
  expect(screen.getByText(/^Choking risk: corks are small/)).toBeTruthy();
  document.body.replaceChildren();
  plan({ child: { ...fresh.child, birthDate: null, mouths: null } });
  expect(screen.getByText(/^Choking risk: corks are small/)).toBeTruthy();
  document.body.replaceChildren();
  plan();
  expect(screen.queryByText(/^Choking risk/)).toBeNull();
});

test('what the task is adapted for can be chosen for this time', async () => {
  const chosen = plan({ child: { ...fresh.child, needs: ['vision'] } });
  const adapt = screen.getByRole('group', { name: 'Adapt tasks for' });
  await userEvent.click(within(adapt).getByRole('button', { name: 'sight' }));
  expect(chosen).toHaveLength(1);
});
