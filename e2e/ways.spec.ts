import type { Page } from '@playwright/test';
import {
  begin,
  chooseStrand,
  chooseTask,
  expect,
  expectAllSent,
  lay,
  openChild,
  press,
  sitDown,
  test,
} from './sitting.js';

const told = (page: Page, what: RegExp | string) => expect(page.getByText(what).first()).toBeVisible();
const choose = (page: Page, line: string, choice: string): Promise<void> =>
  page.getByRole('group', { name: line }).getByRole('button', { name: choice, exact: true }).click();

test.describe('a lead', () => {
  test.use({ adult: 'Orla' });

  test('changes a way of the room: everyone is told, and tasks are said and drawn so; a child keeps its own', async ({
    signedIn: page,
  }) => {
    await page.goto('/settings/ways');
    await choose(page, 'Fewer or less', '“fewer”, and “less” too');
    await told(page, 'Changed. Everyone sees it on Today.');
    await choose(page, 'How 7 is formed', '7 crossed');
    await choose(page, 'Numbers of the week', 'one number a week');
    await expect(page.getByRole('combobox', { name: 'This week’s number' })).toBeVisible();
    await page.goto('/');
    await told(page, /Orla changed a way of the room on .*: Fewer or less: “fewer”, and “less” too\./);
    await told(page, /This week’s number is 5/);
    await sitDown(page, 'Ines', 6, 'Which has fewer?', null);
    await told(page, '“Which one has fewer? Which has less?”');
    await lay(page, 7, 'What’s this number?', null);
    // The bar of the seven is a stroke of its own.
    const strokes = page.getByRole('img', { name: 'the numeral 7' }).locator('path');
    await expect(strokes).toHaveCount(2);
    // Another child forms it in a way of its own.
    await page.goto('/');
    await openChild(page, 'Dilys');
    await press(page, 'Edit');
    await page.getByRole('combobox', { name: 'Own numeral forms' }).click();
    await page.getByRole('option', { name: '7 plain' }).click();
    await page.keyboard.press('Escape');
    await press(page, 'Save');
    await expect(page.getByRole('button', { name: 'Save' })).toBeHidden();
    await page.getByRole('link', { name: 'Sit down with Dilys' }).click();
    await lay(page, 7, 'What’s this number?', null);
    await begin(page);
    await expect(page.getByRole('img', { name: 'the numeral 7' }).locator('path')).toHaveCount(1);
  });
});

test('nobody else changes them', async ({ signedIn: page }) => {
  await page.goto('/settings/ways');
  const frames = page.getByRole('group', { name: 'Filling a frame' });
  await expect(frames.getByRole('button').first()).toBeDisabled();
});

test('a child that reads by touch: braille is read and written, its slips told, and proposed instead of print', async ({
  app,
  signedIn: page,
}) => {
  await sitDown(page, 'Lowri', 12, 'Read by touch', null);
  await expect(page.getByRole('img', { name: '12 in braille' })).toBeVisible();
  await press(page, 'the digits one by one');
  await told(page, /said its digits one by one/);
  await press(page, 'Next try');
  await lay(page, 5, 'Write it in braille', null);
  // Five without the number sign, a row too low.
  for (const dot of ['dot 2', 'dot 6']) await press(page, dot);
  await press(page, 'Next cell');
  await press(page, 'That’s all');
  await told(
    page,
    /^Asked for 5 in braille \(⠼⠑\), wrote ⠢: left out the number sign and wrote it a row too high or too low\.$/,
  );
  await expectAllSent(page);
  expect(await app.eventsOfLatestTry('Lowri')).toMatchObject([{ kind: 'put', place: '⠢' }]);
  await press(page, 'Next try');
  await lay(page, 12, 'Write it in braille', null);
  // Nonsense is refused beside the field; cells from a display come in one go.
  const typed = page.getByLabel('Or type cells');
  await typed.fill('12');
  await told(page, 'Type braille cells of six dots, such as ⠼⠑.');
  await typed.fill('⠼⠁⠃');
  await typed.press('Enter');
  await press(page, 'That’s all');
  await told(page, 'Wrote 12 in braille: ⠼⠁⠃.');
});

test('one number all round: each way once, in one sit-down, and then enough', async ({ signedIn: page }) => {
  await openChild(page, 'Jory');
  await page.getByRole('combobox', { name: 'One number all round' }).click();
  await page.getByRole('option', { name: 'All round 5' }).click();
  await told(page, /One number all round: 5/);
  await begin(page);
  await page.getByRole('button', { name: 'All to 5, no slips' }).click();
  await press(page, 'Next try');
  await told(page, '“How many are in the picture? Touch each one as you count.”');
  await page.getByRole('button', { name: 'All 5, no slips' }).click();
  await press(page, 'Next try');
  await told(page, '“Show me 5 fingers.”');
  await page
    .getByRole('group', { name: /How many they did|Handed over/ })
    .getByRole('button', { name: '5', exact: true })
    .click();
  await press(page, 'Done');
  await press(page, 'Next try');
  await told(page, /Put one in each cell/);
});

test('what is saved late about a child leaves the plan before the adult as it is', async ({
  signedIn: page,
}) => {
  let answer!: () => void;
  const held = new Promise<void>((resolve) => (answer = resolve));
  await openChild(page, 'Farid');
  await press(page, 'Edit');
  await page.route('**/api/children/*', async (route) => {
    if (route.request().method() === 'PATCH') await held;
    await route.continue();
  });
  await press(page, 'Save');
  await page.getByRole('link', { name: 'Sit down with Farid' }).click();
  await press(page, 'Change task');
  const column = page.getByRole('region', { name: 'Say and set out' });
  await expect(column.getByRole('combobox', { name: 'Strand' })).toBeVisible();
  // Once it is saved, all that is shown is read again.
  const readAgain = page.waitForResponse((response) => response.url().endsWith('/api/here'));
  answer();
  await readAgain;
  await chooseStrand(column, 'Reading numerals');
  await chooseTask(column, 'What’s this number?');
  await expect(column.getByRole('combobox', { name: 'Strand' })).toHaveText('Reading numerals');
});
