import { english } from '@dotting/words/all';
import { expect, press, test } from './sitting.js';

test.use({ serviceWorkers: 'allow' });

test('a newer version waits until it is taken, and says so in the frame, never in a sitting', async ({
  signedIn: page,
}) => {
  const notice = page.getByText('There’s a newer Dotting.');
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect(notice).toBeHidden();
  // As a newer version would: another worker for the same pages, which waits for this one to end.
  await page.evaluate(() => navigator.serviceWorker.register('/sw.js?newer').then(() => undefined));
  await expect(notice).toBeVisible();
  await page
    .getByRole('link', { name: /^Sit down with/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: 'Ready – start' })).toBeVisible();
  await expect(notice).toBeHidden();
});

test('taken, the page is loaded anew with it', async ({ signedIn: page }) => {
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.evaluate(() => navigator.serviceWorker.register('/sw.js?newer').then(() => undefined));
  const loaded = page.waitForEvent('load');
  await press(page, english.frame.useNewVersion());
  await loaded;
  expect(await page.evaluate(() => navigator.serviceWorker.controller?.scriptURL)).toMatch(/newer$/);
  await expect(page.getByRole('link', { name: /^Sit down with/ }).first()).toBeVisible();
});
