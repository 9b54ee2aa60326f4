import { endHere, expect, expectAllSent, openChild, press, sitDown, tap, test } from './sitting.js';

test('a try is replayed step by step, with the slip where it happened', async ({ signedIn: page }) => {
  await sitDown(page, 'Ines', 4);
  await tap(page, 2);
  await press(page, 'Counted twice');
  await tap(page, 2);
  await press(page, 'Done counting');
  await endHere(page);
  await page.getByRole('link', { name: 'Replay of 4 corks in a row' }).first().click();
  await expect(page.getByRole('heading', { name: '4 corks in a row' })).toBeVisible();

  const happened = page.getByRole('group', { name: 'What happened' }).getByRole('button');
  await expect(happened).toHaveText(['1', '2, again', '3', '4']);
  await press(page, 'Next');
  await expect(page.getByRole('status').filter({ hasText: 'Here:' })).toBeHidden();
  await press(page, 'Next');
  await expect(page.getByText('Here: counted one twice.')).toBeVisible();
  await press(page, 'Back');
  await expect(page.getByText('Here: counted one twice.')).toBeHidden();

  await page.getByRole('button', { name: 'four times' }).click();
  await press(page, 'Play');
  await expect(happened.last()).toHaveAttribute('aria-current', 'step');
  await expect(page.getByRole('button', { name: 'Play' })).toBeVisible();
  await page.getByRole('link', { name: 'Back to the child' }).click();
  await expect(page.getByRole('heading', { name: 'Ines', exact: true })).toBeVisible();
});

test('a try that is not there says so', async ({ signedIn: page }) => {
  await openChild(page, 'Ines');
  await page.goto('/tries/00000000-0000-4000-8000-000000000000');
  await expect(page.getByText('There is no such try here.')).toBeVisible();
});

test('a step is put right in the replay, and a reading overruled, each with a reason and the original kept', async ({
  app,
  signedIn: page,
}) => {
  await sitDown(page, 'Oluchi', 3, 'Count a ring', 'acorn cups');
  await tap(page, 3);
  await press(page, 'Done counting');
  await expectAllSent(page);
  await endHere(page);
  await page.getByRole('link', { name: 'Replay of 3 acorn cups in a ring' }).first().click();
  const happened = page.getByRole('group', { name: 'What happened' }).getByRole('button');
  await happened.nth(2).click();
  await press(page, 'Correct this step');
  await press(page, 'Word, no touch');
  await press(page, 'I tapped the wrong thing');
  await expect(page.getByText('Of 3 acorn cups: said a word with no touch and missed one')).toBeVisible();
  await expect(page.getByText('1 step was corrected. What was recorded first is kept.')).toBeVisible();

  await press(page, 'Change the result');
  await page.getByRole('button', { name: 'one-to-one' }).click();
  await page.getByRole('button', { name: 'it went well' }).click();
  await page.getByLabel('Another reason').fill('the cork had rolled off');
  await press(page, 'Save');
  await expect(page.getByText('Corrected: one word to each (the cork had rolled off).')).toBeVisible();
  const events = await app.eventsOfLatestTry('Oluchi');
  expect(events.map((event) => event.kind)).toEqual(['count', 'count', 'count', 'amend']);
});
