import { App } from './app.js';
import { expect, expectAllSent, press, sitDown, tap, test } from './sitting.js';

test('a nursery of one’s own: set up, register brought in, a second device, a first count', async ({
  browser,
}) => {
  const app = await App.open();
  const page = await (await browser.newContext({ baseURL: app.url })).newPage();
  await page.goto('/');
  await page.getByRole('link', { name: 'Set up your own nursery' }).click();
  await press(page, 'Set up the nursery');
  await expect(page.getByText('Give the nursery a name.')).toBeVisible();

  await page.getByLabel('Name of the nursery').fill('Sluice Cottage');
  await page.getByRole('textbox', { name: 'Room 1' }).fill('Reed Room');
  await press(page, 'Add a room');
  await page.getByRole('textbox', { name: 'Room 2' }).fill('Towpath Room');
  await page.getByLabel('First name').fill('Wilma');
  await page.getByLabel('Last name').fill('Oar');
  await page.getByLabel('Email').fill('wilma@sluice.example');
  await page.getByLabel('Password').fill('seven corks in a jar');
  await page.getByLabel('Your short code').fill('1234');
  await press(page, 'Set up the nursery');
  await expect(page.getByText('not easy to guess')).toBeVisible();
  await page.getByLabel('Your short code').fill('7294');
  await press(page, 'Set up the nursery');

  await page.getByRole('button', { name: 'Wilma' }).click();
  await page.keyboard.type('7294');
  await page.keyboard.press('Enter');
  const first = page.getByRole('region', { name: 'First steps' });
  await first.getByRole('link', { name: 'Bring in the register from a file' }).click();
  const names = Array.from({ length: 20 }, (_, i) => `Coot${String.fromCharCode(65 + i)}`);
  const rows = names.map(
    (name, i) => `${name},Reed,2022-0${1 + (i % 9)}-15,${i % 2 ? 'Reed' : 'Towpath'} Room`,
  );
  await page.locator('input[type=file]').setInputFiles({
    name: 'register.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['First name,Last name,Birth date,Room', ...rows].join('\n')),
  });
  await press(page, 'See what would happen');
  await press(page, 'Import 20 children');
  await expect(page.getByText(/CootA/).first()).toBeVisible();

  await page.goto('/settings/devices');
  await press(page, 'Sign in another device');
  const code = await page
    .getByRole('status')
    .getByText(/^[A-Z2-9]{4}-[A-Z2-9]{4}$/)
    .innerText();
  const second = await browser.newContext({ baseURL: app.url });
  const other = await second.newPage();
  await other.goto('/');
  await other.getByRole('link', { name: 'I have a code from a lead' }).click();
  await other.getByLabel('Code').fill('ABCD-2345');
  await press(other, 'Sign this device in');
  await expect(other.getByText('That code isn’t right')).toBeVisible();
  await other.getByLabel('Code').fill(code);
  await press(other, 'Sign this device in');
  await other.getByRole('button', { name: 'Wilma' }).click();
  await other.keyboard.type('7294');
  await other.keyboard.press('Enter');
  await sitDown(other, 'CootB', 3);
  await tap(other, 3);
  await press(other, 'Done counting');
  await expect(other.getByText('One word and one touch for each of 3 corks.')).toBeVisible();
  await expectAllSent(other);
  expect(await app.countTries('CootB')).toBe(1);
  await app.close();
});
