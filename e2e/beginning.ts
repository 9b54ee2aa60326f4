import type { Browser, BrowserContextOptions, Page } from '@playwright/test';
import { expect, expectAllSent, press, sitDown, tap } from './sitting.js';

const code = '7294';

/** The first lead sets her nursery up, with what is wrong put right on the way, and comes in. */
export async function setUpNursery(page: Page): Promise<void> {
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
  await page.getByLabel('Your short code').fill(code);
  await press(page, 'Set up the nursery');
  await comeInAsWilma(page);
}

export async function comeInAsWilma(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Wilma' }).click();
  await page.keyboard.type(code);
  await page.keyboard.press('Enter');
}

/** Twenty children, from a file: CootA to CootT. */
export async function bringInTwenty(page: Page): Promise<void> {
  const first = page.getByRole('region', { name: 'First steps' });
  await first.getByRole('link', { name: 'Bring in the register from a file' }).click();
  const rows = Array.from({ length: 20 }, (_, i) => {
    const name = `Coot${String.fromCharCode(65 + i)}`;
    return `${name},Reed,2022-0${1 + (i % 9)}-15,${i % 2 ? 'Reed' : 'Towpath'} Room`;
  });
  await page.locator('input[type=file]').setInputFiles({
    name: 'register.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['First name,Last name,Birth date,Room', ...rows].join('\n')),
  });
  await press(page, 'See what would happen');
  await press(page, 'Import 20 children');
  await expect(page.getByText(/CootA/).first()).toBeVisible();
}

/** The code that she shows on her device, for another. */
export async function pairingCode(page: Page): Promise<string> {
  await page.goto('/settings/devices');
  await press(page, 'Sign in another device');
  return page
    .getByRole('status')
    .getByText(/^[A-Z2-9]{4}-[A-Z2-9]{4}$/)
    .innerText();
}

/** A second device is signed in with the code, and Wilma counts three corks there with CootB. */
export async function firstCountElsewhere(
  browser: Browser,
  { code: given, ...options }: BrowserContextOptions & { readonly code: string },
): Promise<Page> {
  const other = await (await browser.newContext(options)).newPage();
  await other.goto('/');
  await other.getByRole('link', { name: 'I have a code from a lead' }).click();
  await other.getByLabel('Code').fill('ABCD-2345');
  await press(other, 'Sign this device in');
  await expect(other.getByText('That code isn’t right')).toBeVisible();
  await other.getByLabel('Code').fill(given);
  await press(other, 'Sign this device in');
  await comeInAsWilma(other);
  await sitDown(other, 'CootB', 3);
  await tap(other, 3);
  await press(other, 'Done counting');
  await expect(other.getByText('One word and one touch for each of 3 corks.')).toBeVisible();
  await expectAllSent(other);
  return other;
}
