import { chooseStrand, expect, expectAllSent, openChild, press, test } from './sitting.js';

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
  for (let i = 7; i < 11; i++) await faces.nth(i).click();
  await expect(faces.nth(7)).toHaveAccessibleName(`${names[7]!}, hand up for 4`);
  await page
    .getByRole('group', { name: 'In the tin there were' })
    .getByRole('button', { name: '5', exact: true })
    .click();
  await press(page, 'Keep 11 hands');
  await expect(page.getByRole('status').filter({ hasText: 'kept' })).toHaveText(
    /^11 hands kept\. In the tin there were 5\. All \d+ who were there have met the game now\.$/,
  );
  await expectAllSent(page);
  expect(await app.eventsOfLatestTry(names[0]!)).toMatchObject([
    { kind: 'ask' },
    { kind: 'answer', value: 5 },
  ]);
  expect(await app.eventsOfLatestTry(names[10]!)).toMatchObject([
    { kind: 'ask' },
    { kind: 'answer', value: 4 },
  ]);
  // Without a hand there is no try; the game was met by all who were there.
  await page.getByRole('link', { name: 'Spotted in play' }).click();
  await page.getByRole('link', { name: 'As a group' }).click();
  await expect(page.getByText('Show of hands').first()).toBeVisible();
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

test('a routine shown to the group is met by who was there; a chorus is the group’s', async ({
  app,
  signedIn: page,
}) => {
  const tries = await app.countTries('Wren');
  await page.goto('/shelf?task=take-out');
  await page.getByRole('link', { name: 'Shown to the group …' }).click();
  await page.getByRole('button', { name: 'Nadia, here' }).click();
  await expect(page.getByRole('button', { name: 'Nadia, not here' })).toBeVisible();
  await press(page, 'Keep it, 11 children were there');
  const line = page.getByText(/shown, .* to 11 children, by Tomasz\./);
  await expect(line).toBeVisible();
  await press(page, 'said together, in chorus');
  await page.getByLabel('Together up to which number (if you noticed)').fill('lots');
  await expect(page.getByText('Write a whole number from 1 to 100, or leave it empty.')).toBeVisible();
  await page.getByLabel('Together up to which number (if you noticed)').fill('17');
  await press(page, 'Keep it, 11 children were there');
  await expect(page.getByText('Together up to 17.')).toBeVisible();
  expect(await app.countTries('Wren')).toBe(tries);
  // Put down by mistake, it is taken back with a reason, kept, and put back.
  await page.getByRole('button', { name: 'Take it back' }).first().click();
  await press(page, 'the wrong day');
  await expect(
    page.getByText('Together up to 17. Taken back. It counts for nobody. Why: the wrong day.'),
  ).toBeVisible();
  await press(page, 'Put it back');
  await expect(page.getByText('Taken back.')).toHaveCount(0);
  await expect(page.getByText('Together up to 17.')).toBeVisible();
});

test('a lesson that comes first holds back what needs it, until the child can do it', async ({
  signedIn: page,
}) => {
  await openChild(page, 'Kamala');
  await press(page, 'Edit');
  await page.getByLabel('Can’t do yet').click();
  await page.getByRole('option', { name: 'rolling a die and finding it' }).click();
  await page.keyboard.press('Escape');
  await press(page, 'Save');
  const lesson = page.getByRole('group', { name: 'Rolling a die and finding it again' });
  await expect(lesson).toContainText('Until then these wait: Along the towpath.');
  await page.getByRole('link', { name: 'Sit down with Kamala' }).first().click();
  await press(page, 'Change task');
  await chooseStrand(page.getByRole('region', { name: 'Say and set out' }), 'Counting on and back');
  await page.getByRole('combobox', { name: 'Task' }).click();
  await expect(page.getByRole('option', { name: 'Go on from a number' })).toBeVisible();
  await expect(page.getByRole('option', { name: 'Along the towpath' })).toHaveCount(0);
  await page.goBack();
  await lesson.getByRole('button', { name: 'Can do it now' }).click();
  await expect(lesson).toHaveCount(0);
});
