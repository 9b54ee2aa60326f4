import { expect, openChild, press, test } from './sitting.js';

test('next steps: one is pinned, one put away with a reason, and one taken to the tray', async ({
  signedIn: page,
}) => {
  await openChild(page, 'Kamala');
  const steps = page.getByRole('region', { name: 'Next steps' });
  const titles = () => steps.getByRole('heading', { level: 3 }).allInnerTexts();
  await expect(steps.getByRole('heading', { level: 3 })).toHaveCount(4);
  const before = await titles();
  const last = steps.getByRole('group', { name: before[2]!, exact: true }).first();
  await last.getByRole('button', { name: 'Keep at the top' }).click();
  await expect(steps.getByRole('button', { name: 'Don’t keep at the top' })).toBeVisible();
  expect((await titles())[0]).toBe(before[2]);

  await steps.getByRole('button', { name: 'Not now …' }).nth(1).click();
  await steps.getByRole('button', { name: 'too soon' }).click();
  await expect(steps.getByText(/^Put away by Tomasz: .*\(too soon\)/)).toBeVisible();
  expect((await titles()).slice(0, 3)).not.toContain(before[0]);

  await steps.getByRole('link', { name: 'Do this' }).first().click();
  await expect(page.getByText('minutes with Kamala')).toBeVisible();
});

test('a statement is overruled in the adult’s words, its course shown, and comes back as worked out', async ({
  signedIn: page,
}) => {
  await openChild(page, 'Dilys');
  await press(page, 'Says numbers in order');
  await expect(
    page.getByText('How far it was sure on each day (line), and how far likely (shaded).'),
  ).toBeVisible();
  await page.getByLabel('What is true instead?').fill('counts to twenty in Welsh');
  await page.getByLabel('Why?').fill('heard her on the steps');
  await press(page, 'Save my wording');
  await expect(page.getByText('Counts to twenty in Welsh. In Tomasz’s words.')).toBeVisible();
  await expect(page.getByText(/^We worked out: .*heard her on the steps/)).toBeVisible();
  // In the course the day is marked, though nobody looked on it.
  await expect(page.getByText('changed', { exact: true })).toBeVisible();
  await press(page, 'Use what was worked out');
  await expect(page.getByText('In Tomasz’s words.')).toBeHidden();
});

test('the room: every child with small dot-lines, sorted and filtered, and a table that sits together', async ({
  signedIn: page,
}) => {
  await page.getByRole('link', { name: 'Room', exact: true }).click();
  const rows = page.getByRole('row');
  await expect(rows).toHaveCount(13);
  await expect(
    page.getByRole('img', { name: /^Wren, Counts by moving each one: not asked yet/ }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Hester' }).click();
  await expect(page.getByRole('row', { name: /^Wren/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'anyone' }).click();
  await page.getByRole('button', { name: 'Voles' }).click();
  await expect(rows).toHaveCount(5);
  await page
    .getByRole('row', { name: /^Dilys/ })
    .getByRole('link')
    .click();
  await expect(page.getByRole('heading', { level: 1, name: /^Dilys/ })).toBeVisible();
  await page.goBack();
  // Of the other room most are not looked at by other tests: whoever has waited longest comes first.
  await press(page, 'Upper Pound');
  await page.getByRole('button', { name: 'Last seen' }).click();
  await expect(page.getByRole('columnheader', { name: 'Last seen' })).toHaveAttribute(
    'aria-sort',
    'ascending',
  );
  await expect(rows.nth(1)).not.toContainText('today');
  await expect(page.getByRole('region', { name: 'Works together today' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'By month' })).toBeVisible();
});

test('the room changes a move, and the shipped text is recovered', async ({ signedIn: page }) => {
  await page.getByRole('link', { name: 'Settings', exact: true }).click();
  await page.getByRole('link', { name: 'Teaching ideas' }).click();
  const move = page.getByRole('group', { name: 'Counted one twice' });
  await move.getByLabel('Try').fill('one cork at a time over the lock gate');
  await move.getByRole('button', { name: 'Save' }).click();
  await expect(move.getByText(/^Ours: moving each one aside/)).toBeVisible();
  await move.getByRole('button', { name: 'Use ours' }).click();
  await expect(move.getByText(/^Ours:/)).toBeHidden();
});

test('a room adds a language, a child counts in it, and its words stand beside the task', async ({
  signedIn: page,
}) => {
  await page.getByRole('link', { name: 'Settings', exact: true }).click();
  await page.getByRole('link', { name: 'Languages' }).click();
  await page.getByLabel('Name').fill('lock words');
  await page.getByLabel('Short code').fill('x-lock');
  await page.getByLabel('Number words').fill('yan\ntan');
  await press(page, 'Add language');
  await expect(page.getByText('Enter the words from one up, at least three.')).toBeVisible();
  await page.getByLabel('Number words').fill('yan\ntan\ntether\nmether\npip');
  await press(page, 'Add language');
  await expect(page.getByRole('region', { name: 'lock words' })).toContainText('yan, tan, tether');

  await openChild(page, 'Lowri');
  await press(page, 'Edit');
  const about = page.getByRole('region', { name: 'About Lowri' });
  await about.getByLabel('Counts in (usual one first)').click();
  await page.getByRole('option', { name: 'lock words' }).click();
  await page.keyboard.press('Escape');
  await about.getByLabel('Adapt tasks for').click();
  await page.getByRole('option', { name: 'Sight' }).click();
  await page.keyboard.press('Escape');
  await about.getByRole('button', { name: 'Save' }).click();
  await expect(about).toContainText('Tasks are adapted for sight.');
  await page.getByRole('link', { name: 'Sit down with Lowri' }).click();
  await page.getByRole('button', { name: 'lock words' }).click();
  await expect(page.getByText('yan, tan, tether')).toBeVisible();
  await expect(page.getByRole('note', { name: 'For Lowri: sight' })).toBeVisible();
});
