import { stat } from 'node:fs/promises';
import path from 'node:path';
import type { Locator } from '@playwright/test';
import { begin, expect, openChild, press, test } from './sitting.js';

test('each page names its tab, and the keyboard’s place moves into it', async ({ signedIn: page }) => {
  await expect(page).toHaveTitle(/ · Dotting$/);
  await openChild(page, 'Dilys');
  await expect(page).toHaveTitle('Dilys · Dotting');
  await expect(page.getByRole('heading', { level: 1, name: 'Dilys' })).toBeFocused();
  await page.getByRole('link', { name: 'Settings' }).click();
  await expect(page).toHaveTitle('Your settings · Dotting');
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
  await page.goto('/nowhere');
  await expect(page).toHaveTitle('There is nothing here · Dotting');
});

test('one heading of the first rank in each state of a sitting', async ({ signedIn: page }) => {
  const first = page.getByRole('heading', { level: 1 });
  await openChild(page, 'Dilys');
  await page.getByRole('link', { name: 'Sit down with Dilys' }).click();
  await expect(page.getByText('minutes with Dilys')).toBeVisible();
  await expect(first).toHaveText(['Dilys']);
  await begin(page);
  await expect(page.getByText('Hold to see what’s recorded')).toBeVisible();
  await expect(first).toHaveText(['Dilys']);
  await press(page, 'Pause');
  await expect(first).toHaveText(['Dilys is taking a break']);
});

test('from the top of a page one key leads past the children and the links to the page itself', async ({
  signedIn: page,
}) => {
  await page.goto('/settings/languages');
  await expect(page.getByRole('heading', { level: 1, name: 'Languages' })).toBeFocused();
  const skip = page.getByRole('link', { name: 'Skip to the page' });
  await expect(skip).not.toBeInViewport();
  expect(await page.evaluate(() => document.querySelector('a[href], button, input')?.textContent)).toBe(
    'Skip to the page',
  );
  await skip.focus();
  await expect(skip).toBeInViewport();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main')).toBeFocused();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Your settings' })).toBeFocused();
  await expect(page).toHaveURL(/\/languages$/);
});

test('a page that breaks leaves the frame standing, and the way to another', async ({ signedIn: page }) => {
  await page.route('**/api/children/*', (route) => route.fulfill({ json: { child: {} } }));
  await page.getByRole('navigation', { name: 'Children' }).getByRole('link', { name: 'Dilys' }).click();
  await expect(page.getByRole('heading', { name: 'This page broke' })).toBeVisible();
  await page.getByRole('link', { name: 'Settings' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Your settings' })).toBeVisible();
  await page.unroute('**/api/children/*');
  await openChild(page, 'Farid');
});

test('what was seen stays when a later answer fails; what was never seen is tried again', async ({
  signedIn: page,
}) => {
  await openChild(page, 'Dilys');
  await expect(page.getByRole('heading', { name: 'Next steps' })).toBeVisible();
  await page.route('**/api/children/*', (route) => route.fulfill({ status: 503, body: '' }));
  await page.getByRole('link', { name: 'Settings' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Your settings' })).toBeVisible();
  // What was fetched within the last five seconds is not asked for again.
  await page.clock.setSystemTime(Date.now() + 10_000);
  const failed = page.waitForResponse((answer) => answer.status() === 503);
  await openChild(page, 'Dilys');
  await failed;
  await expect(page.getByRole('heading', { name: 'Next steps' })).toBeVisible();
  await page.getByRole('navigation', { name: 'Children' }).getByRole('link', { name: 'Farid' }).click();
  await expect(page.getByRole('button', { name: 'Try again' })).toBeVisible();
  await page.unroute('**/api/children/*');
  await press(page, 'Try again');
  await expect(page.getByRole('heading', { level: 1, name: 'Farid' })).toBeVisible();
});

test('with the system’s own colours what is chosen is told by a frame', async ({ signedIn: page }) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await openChild(page, 'Dilys');
  const outline = (of: Locator) => of.evaluate((one) => getComputedStyle(one).outlineStyle);
  expect(
    await outline(page.getByRole('navigation', { name: 'Children' }).getByRole('link', { name: 'Dilys' })),
  ).toBe('solid');
  expect(
    await outline(page.getByRole('navigation', { name: 'Children' }).getByRole('link', { name: 'Farid' })),
  ).toBe('none');
  await page.getByRole('link', { name: 'Sit down with Dilys' }).click();
  const minutes = page.getByRole('button', { name: '4', exact: true });
  await expect(minutes).toHaveAttribute('aria-pressed', 'true');
  expect(await outline(minutes)).toBe('solid');
  expect(await outline(page.getByRole('button', { name: '3', exact: true }))).toBe('none');
});

test('what is opened on a child’s page stands in the address, and back finds the place again', async ({
  signedIn: page,
}) => {
  await openChild(page, 'Farid');
  const skill = page.getByRole('button', { name: 'Counts a row', exact: true });
  await skill.click();
  await expect(skill).toHaveAttribute('aria-expanded', 'true');
  await page.reload();
  await expect(skill).toHaveAttribute('aria-expanded', 'true');
  await page.goBack();
  await expect(skill).toHaveAttribute('aria-expanded', 'false');
  await page.getByRole('group', { name: 'Counts a row' }).getByRole('button', { name: /^3: / }).click();
  await expect(page.getByRole('heading', { name: 'Counts a row, at 3' })).toBeVisible();
  const replay = page.getByRole('link', { name: /^Replay of/ }).last();
  await replay.scrollIntoViewIfNeeded();
  const place = await page.evaluate(() => scrollY);
  expect(place).toBeGreaterThan(100);
  await replay.click();
  await expect(page.getByRole('link', { name: 'Back to the child' })).toBeVisible();
  expect(await page.evaluate(() => scrollY)).toBe(0);
  await page.goBack();
  await expect.poll(() => page.evaluate(() => scrollY)).toBe(place);
  await expect(page.getByRole('heading', { name: 'Counts a row, at 3' })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'All tries, newest first' })).toBeVisible();
});

test('the app comes packed, as it was packed when it was built', async ({ app, signedIn: page }) => {
  const script = await page.locator('link[rel=modulepreload][href*=ground]').getAttribute('href');
  const answer = await page.request.get(`${app.url}${script!}`, { headers: { 'accept-encoding': 'br' } });
  const { size } = await stat(path.join(import.meta.dirname, '..', 'apps', 'web', 'dist', `${script!}.br`));
  expect(answer.headers()).toMatchObject({
    'content-encoding': 'br',
    'content-length': String(size),
    // Its name changes with what is in it.
    'cache-control': 'public, max-age=31536000, immutable',
  });
  expect(answer.headers()).not.toHaveProperty('content-security-policy');
  // The page that names the scripts is asked for anew each time, and is guarded.
  expect((await page.request.get(app.url)).headers()).toMatchObject({
    'cache-control': 'no-cache',
    'content-security-policy': expect.stringContaining("default-src 'self'") as unknown as string,
  });
});

test('the key / finds a child, a setting and a task, and a task asks with whom', async ({
  signedIn: page,
}) => {
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  const field = page.getByRole('combobox');
  await page.keyboard.press('/');
  await expect(field).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(field).toBeHidden();
  await page.keyboard.press('/');
  await field.fill('dil');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Dilys' })).toBeVisible();

  await page.keyboard.press('/');
  await field.fill('single keys');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/settings$/);

  await page.getByRole('button', { name: 'Search' }).click();
  await field.fill('nothing of this name');
  await expect(page.getByText('Nothing is called that.')).toBeVisible();
  await field.fill('count a ring');
  await page.getByRole('option', { name: /^Count a ring/ }).click();
  await expect(page.getByRole('combobox', { name: 'Count a ring – with whom?' })).toBeFocused();
  await field.fill('oluchi');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/sit\//);
  await expect(page.getByText('Count a ring. Your own choice.')).toBeVisible();

  // Whoever does without single keys finds the search by its button alone; in a field / is a letter.
  await page.goto('/settings');
  await page
    .getByRole('group', { name: 'Single keys, on this device' })
    .getByRole('button', { name: 'off' })
    .click();
  await page.keyboard.press('/');
  await expect(field).toBeHidden();
});
