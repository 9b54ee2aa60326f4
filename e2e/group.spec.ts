import { expect, expectAllSent, press, test } from './sitting.js';

test('a show of hands: twelve children, one screen, a try for each hand', async ({ app, signedIn: page }) => {
  await page.getByRole('link', { name: 'Spotted in play' }).click();
  await page.getByRole('link', { name: 'Show of hands' }).click();
  const offered = page.getByRole('group', { name: 'Numbers to choose from (two or three)' });
  for (const n of ['4', '5']) await offered.getByRole('button', { name: n, exact: true }).click();
  const faces = page.getByRole('group', { name: 'Children' }).getByRole('button');
  await expect(faces.nth(11)).toBeVisible();
  const names = (await faces.allInnerTexts()).map((text) => text.split('\n')[0]!);
  // The last one was thought to be at home, and then was there.
  await faces.nth(11).click();
  await expect(faces.nth(11)).toHaveAccessibleName(`${names[11]!}, not here`);
  await press(page, 'hands for 5');
  await expect(faces.nth(11)).toBeDisabled();
  await press(page, 'who is here');
  await faces.nth(11).click();
  await press(page, 'hands for 5');
  for (let i = 0; i < 8; i++) await faces.nth(i).click();
  await press(page, 'hands for 4');
  for (let i = 7; i < 12; i++) await faces.nth(i).click();
  await expect(faces.nth(7)).toHaveAccessibleName(`${names[7]!}, hand up for 4`);
  await page
    .getByRole('group', { name: 'In the tin there were' })
    .getByRole('button', { name: '5', exact: true })
    .click();
  await press(page, 'Keep 12 hands');
  await expect(page.getByText('12 hands kept. In the tin there were 5.')).toBeVisible();
  await expectAllSent(page);
  expect(await app.eventsOfLatestTry(names[0]!)).toMatchObject([
    { kind: 'ask' },
    { kind: 'answer', value: 5 },
  ]);
  expect(await app.eventsOfLatestTry(names[11]!)).toMatchObject([
    { kind: 'ask' },
    { kind: 'answer', value: 4 },
  ]);
});

test('the shelf: found by a word, opened by a tap, started with a child', async ({ signedIn: page }) => {
  await page.getByRole('link', { name: 'Shelf', exact: true }).click();
  await page.getByLabel('Find a task').fill('cloth');
  await page.getByRole('link', { name: 'How many under the cloth?' }).click();
  const card = page.getByRole('article', { name: 'How many under the cloth?' });
  await expect(card).toContainText('What to watch for');
  await expect(card).toContainText('answered with another number');
  await page.getByLabel('Start with …').click();
  await page.getByRole('option', { name: 'Lowri' }).click();
  await expect(page.getByText('Your own choice.')).toBeVisible();
  await expect(page.getByText('How many under the cloth?').first()).toBeVisible();
  await press(page, 'Ready – start');
  await press(page, 'About this task');
  await expect(page.getByRole('dialog')).toContainText('At home');
});

test('a card prints on one sheet', async ({ signedIn: page }) => {
  await page.goto('/shelf?task=drop-in');
  await expect(page.getByRole('article')).toBeVisible();
  const sheet = await page.pdf({ format: 'A4' });
  expect(sheet.toString('latin1').match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
});
