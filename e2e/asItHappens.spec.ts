import { expect, expectAllSent, lay, press, sitDown, tap, test } from './sitting.js';
import type { Page } from '@playwright/test';

/** Something about the task that lies there, chosen before its first tap. */
async function choose(page: Page, ...names: readonly string[]): Promise<void> {
  await press(page, 'Change task');
  const column = page.getByRole('region', { name: 'Say and set out' });
  for (const name of names) {
    await column.getByRole('button', { name, exact: true }).click();
    await expect(column.getByRole('button', { name, exact: true })).toHaveAttribute('aria-pressed', 'true');
  }
  await press(page, 'Use this');
}

const told = (page: Page) => page.getByRole('status').filter({ hasText: /\.$/ });

test('a count from nought, and one from wherever the child begins', async ({ signedIn: page }) => {
  await sitDown(page, 'Kamala', 6, 'Say the numbers', null);
  await choose(page, '0');
  await tap(page, 7);
  await press(page, 'Done saying');
  await expect(told(page)).toHaveText('Words in order to 6.');
  await press(page, 'Next try');
  await lay(page, 6, 'Say the numbers', null);
  await choose(page, 'wherever they begin');
  await page.getByRole('group', { name: 'Began at' }).getByRole('button', { name: '4', exact: true }).click();
  await tap(page, 2);
  await press(page, 'Done saying');
  await expect(told(page)).toHaveText('Words in order to 6.');
  await expectAllSent(page);
});

test('by twos, two things to a touch', async ({ app, signedIn: page }) => {
  await sitDown(page, 'Lowri', 6, 'Count a row');
  await choose(page, '2s');
  await tap(page, 3);
  await press(page, 'How many?');
  await press(page, '6');
  await expect(told(page)).toHaveText(/^One word and one touch for each of 6 corks\. By 2s in order to 6\./);
  await expectAllSent(page);
  const events = await app.eventsOfLatestTry('Lowri');
  expect(events.slice(0, 3).map(({ word, items }) => [word, items])).toEqual([
    [2, [0, 1]],
    [4, [2, 3]],
    [6, [4, 5]],
  ]);
});

test('both languages on each thing, one of them forgotten once', async ({ signedIn: page }) => {
  await sitDown(page, 'Mateusz', 3, 'Count a row');
  await press(page, 'Change task');
  const second = page.getByRole('group', { name: 'Says each number also in' });
  await second.getByRole('button').nth(1).click();
  await press(page, 'Use this');
  await tap(page, 2);
  await press(page, 'One language only');
  await tap(page, 1);
  await press(page, 'Done counting');
  await expect(told(page)).toHaveText(
    'One word and one touch for each of 3 corks. Words in order to 3. One language only on one.',
  );
});

test('a handful: it grows with the taps, and is known by the second count', async ({
  app,
  signedIn: page,
}) => {
  await sitDown(page, 'Dilys', 8, 'A handful');
  await tap(page, 4);
  await press(page, 'How many?');
  await press(page, '4');
  await expect(told(page)).toHaveText(/Nobody has said how many there were\.$/);
  await press(page, 'Counts again to check');
  await tap(page, 5);
  await press(page, 'Done counting');
  await expect(page.getByText('There were 5')).toBeVisible();
  await expect(told(page)).toHaveText(/^Of 5 corks: missed one\./);
  // She had looked too: there were six.
  await press(page, 'No, another number');
  await page
    .getByRole('group', { name: 'How many there were' })
    .getByRole('button', { name: '6', exact: true })
    .click();
  await expect(told(page)).toHaveText(/^Of 6 corks: missed 2\./);
  await expectAllSent(page);
  expect((await app.eventsOfLatestTry('Dilys')).length).toBeGreaterThan(9);
});

test('the words while giving, and a stop on the way', async ({ signedIn: page }) => {
  await sitDown(page, 'Lowri', 10, 'Fill the cup');
  await tap(page, 5);
  await press(page, 'said no');
  await tap(page, 4);
  await press(page, 'Done giving');
  await press(page, 'Not right? Correct it');
  await press(page, 'Not right? Correct it');
  await expect(told(page)).toHaveText(/gave none/);
  await press(page, 'Undo');
  await page
    .getByRole('group', { name: 'Handed over' })
    .getByRole('button', { name: '10', exact: true })
    .click();
  await press(page, 'Done giving');
  await expect(told(page)).toHaveText(
    'Asked for 10 corks, gave 10, counting to 9. Asked at 5 if they were there, said they weren’t there yet, and went on from there.',
  );
});

test('seven in a frame of ten, and how many more', async ({ signedIn: page }) => {
  await sitDown(page, 'Kamala', 7, 'One in each cell');
  await tap(page, 7);
  await tap(page, 7);
  await press(page, 'How many more?');
  await expect(page.getByText('“How many more would fill it?”')).toBeVisible();
  await press(page, '2');
  await expect(told(page)).toHaveText(/Said 2 more would fill it; it takes 3\.$/);
  await press(page, 'empty cells');
  await expect(told(page)).toHaveText(/The empty cells were in view, so it counts for less\.$/);
});

test('an empty set is asked about like every set', async ({ signedIn: page }) => {
  await sitDown(page, 'Dilys', 0, 'How many?');
  await press(page, 'How many?');
  await press(page, '0');
  await expect(told(page)).toHaveText(/said 0 without counting/i);
});

test.describe('a room that always checks', () => {
  test.use({ adult: 'Orla' });

  test('covers the things before it asks how many', async ({ signedIn: page }) => {
    await page.goto('/settings/ways');
    await page.getByRole('group', { name: 'Counting again' }).getByRole('button', { name: 'always' }).click();
    await expect(page.getByText('Changed. Everyone sees it on Today.')).toBeVisible();
    await page.goto('/');
    await sitDown(page, 'Dilys', 4, 'How many?');
    await expect(page.getByText(/Cover them before you ask how many/)).toBeVisible();
  });
});
