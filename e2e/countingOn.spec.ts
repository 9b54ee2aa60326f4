import { expect, expectAllSent, lay, press, sitDown, tap, test } from './sitting.js';
import type { Page } from '@playwright/test';

const told = (page: Page) => page.getByRole('status').filter({ hasText: /\.$/ });
const number = (page: Page, group: string, n: number) =>
  page
    .getByRole('group', { name: group })
    .getByRole('button', { name: String(n), exact: true })
    .click();

test('on and back from a number, said again first or not', async ({ app, signedIn: page }) => {
  await sitDown(page, 'Kamala', 7, 'Go on from a number', null);
  await expect(page.getByText('“I’m at 7. You carry on.”')).toBeVisible();
  await tap(page, 3);
  await press(page, 'Done saying');
  await expect(told(page)).toHaveText('Went on from 7.');
  await press(page, 'Next try');
  await lay(page, 8, 'Count back from a number', null);
  await press(page, 'Said 8 again first');
  await tap(page, 3);
  await press(page, 'Done saying');
  await expect(told(page)).toHaveText('Counted back from 8, saying it again first.');
  await expectAllSent(page);
  const events = await app.eventsOfLatestTry('Kamala');
  expect(events.map(({ word }) => word)).toEqual([8, 7, 6, 5]);
});

test('more fall into the tin: what it comes to, how it was found, and a replay of it', async ({
  signedIn: page,
}) => {
  await sitDown(page, 'Lowri', 8, 'Drop some in');
  await expect(page.getByRole('button', { name: 'Drop them' })).toBeVisible();
  await tap(page, 1);
  await expect(page.getByText(/^“Listen: \d are in the tin/)).toBeVisible();
  await press(page, 'Undo');
  await number(page, 'The answer was', 8);
  await expect(told(page)).toHaveText(/^Asked about \d corks in the tin and \d more, said 8: so it is\.$/);
  await press(page, 'counted on');
  await page.getByRole('button', { name: 'heard it' }).click();
  await expect(told(page)).toHaveText(/Said it was heard\.$/);
  await press(page, 'Finish here');
  await press(page, 'Save and finish');
  await expectAllSent(page);
  await page
    .getByText(/corks in the tin and \d more/)
    .first()
    .click();
});

test('the square it stood on, counted as the first step', async ({ signedIn: page }) => {
  await sitDown(page, 'Mateusz', 4, 'Along the towpath', null);
  await tap(page, 4);
  await number(page, 'How many they did', 3);
  await press(page, 'Done');
  await expect(told(page)).toHaveText(
    'Asked for 4 squares, did 3, counting to 4. One short: perhaps the square it stood on was counted.',
  );
});

test('the game of the frame: the adult is told how to be sure of the last one', async ({
  signedIn: page,
}) => {
  await sitDown(page, 'Dilys', 10, 'Who fills the frame?');
  const stands = page.getByRole('region', { name: 'For you: where the game stands' });
  await expect(stands).toContainText('10 cells left. Place 2 now');
  await press(page, 'Place 2');
  await expect(stands).toContainText(
    '8 cells left. The child can win from here, by leaving you a multiple of 4.',
  );
  await press(page, 'Place 3');
  await expect(stands).toContainText('Place 1 now');
  await press(page, 'left you a number you couldn’t win from');
  await expect(told(page)).toHaveText('Left you a number you couldn’t win from.');
});
