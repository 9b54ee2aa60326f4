/** @jest-environment jsdom */
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { draw } from '../common/testing.js';
import { AdultMenu } from './AdultMenu.js';

test('behind the adult’s name are her settings and the lock', async () => {
  draw(<AdultMenu />);
  expect(screen.queryByRole('menu')).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Tomasz' }));
  // Its code comes when it is first opened.
  await screen.findByRole('menu');
  expect(screen.getAllByRole('menuitem').map((one) => one.textContent)).toEqual([
    'Your settings',
    'Lock the screen',
  ]);
});
