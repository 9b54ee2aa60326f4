import type { Page } from '@playwright/test';
import type { App } from './app.js';
import { comeIn, expect, expectAllSent, press, sitDown, tap, test } from './sitting.js';

test.use({ serviceWorkers: 'allow', byHand: true });

/** What is stored of the child's latest try comes to be exactly a count up to n, and all is then sent. */
async function expectCounted(app: App, page: Page, child: string, n: number): Promise<void> {
  const stored = async () =>
    (await app.eventsOfLatestTry(child)).map(({ seq, kind, word }) => [seq, kind, word]);
  const tapped = Array.from({ length: n }, (_, i) => [i, 'count', i + 1]);
  await expect.poll(stored, { timeout: 30_000 }).toEqual(tapped);
  await expectAllSent(page);
  expect(await stored()).toEqual(tapped);
}

test('a reload in the middle of a count', async ({ app, signedIn: page }) => {
  await sitDown(page, 'Dilys', 8);
  await tap(page, 5);
  // At once, before the device's disk need have the last of them.
  await page.reload();
  await tap(page, 3);
  await expectCounted(app, page, 'Dilys', 8);
});

test('the server killed in the middle of a sitting', async ({ app, signedIn: page }) => {
  const before = await app.countTries('Farid');
  await page.clock.install();
  await sitDown(page, 'Farid', 6);
  await tap(page, 2);
  await expectAllSent(page);
  await app.kill();
  await tap(page, 4);
  await press(page, 'Done counting');
  await expect(page.getByText('No connection – 1 try kept on this device')).toBeVisible();
  await press(page, 'Next try');
  await tap(page, 3);
  await app.start();
  // It is tried again every 20 seconds.
  await page.clock.fastForward('00:20');
  await expectCounted(app, page, 'Farid', 3);
  expect(await app.countTries('Farid')).toBe(before + 2);
});

test('no network, and a reload without it', async ({ app, signedIn: page, context }) => {
  await sitDown(page, 'Kamala', 7);
  await tap(page, 2);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await context.setOffline(true);
  await tap(page, 2);
  await expect(page.getByText('No connection – 1 try kept on this device')).toBeVisible();
  await page.reload();
  await expect(page.getByText('No connection – 1 try kept on this device')).toBeVisible();
  await tap(page, 3);
  await context.setOffline(false);
  await expectCounted(app, page, 'Kamala', 7);
});

test('an answer of the server that gets lost on its way: the events are sent again, and stored once', async ({
  app,
  signedIn: page,
}) => {
  await page.route(
    '**/api/tries/*',
    async (route) => {
      await route.fetch();
      await route.abort();
    },
    { times: 2 },
  );
  await sitDown(page, 'Lowri', 5);
  await tap(page, 5);
  await expectCounted(app, page, 'Lowri', 5);
});

test('two idle minutes lock the screen and keep the sitting', async ({ app, signedIn: page }) => {
  await page.clock.install();
  await sitDown(page, 'Mateusz', 6);
  await tap(page, 3);
  await expectAllSent(page);
  const soon = page.getByText('The screen is about to lock. Touch it to stay.');
  await page.clock.fastForward('01:45');
  await expect(soon).toBeVisible();
  await tap(page, 1);
  await expect(soon).toBeHidden();
  await page.clock.fastForward('01:35');
  await expect(soon).toBeHidden();
  await page.clock.fastForward('02:01');
  await expect(page.getByText('Who is here?')).toBeVisible();
  await expect(page.getByText('Mateusz')).toBeHidden();
  await page.reload();
  await expect(page.getByText('Who is here?')).toBeVisible();
  await comeIn(page, 'Tomasz');
  await tap(page, 2);
  await expectCounted(app, page, 'Mateusz', 6);
});

test('locked without a network, the adult who was there comes back with her code, and nobody with another', async ({
  app,
  signedIn: page,
  context,
}) => {
  await page.clock.install();
  await sitDown(page, 'Oluchi', 4);
  await tap(page, 2);
  await expectAllSent(page);
  await context.setOffline(true);
  await page.clock.fastForward('02:01');
  await expect(page.getByText('Who is here?')).toBeVisible();
  await page.getByRole('button', { name: 'Tomasz' }).click();
  await page.keyboard.type('0000');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toHaveText('That code isn’t Tomasz’s.');
  await page.getByRole('button', { name: 'Orla' }).click();
  await page.keyboard.type('2407');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toHaveText(
    'No connection to the server: only Tomasz, who was here last, can come in.',
  );
  await comeIn(page, 'Tomasz');
  await tap(page, 2);
  // The first thing said to the server again gets lost too: she stays where she is.
  const lost = page.waitForEvent('requestfailed', (sent) => sent.url().endsWith('/api/adult'));
  await page.route('**/api/adult', (route) => route.abort(), { times: 1 });
  await context.setOffline(false);
  await lost;
  await page.clock.fastForward('00:30');
  await expectCounted(app, page, 'Oluchi', 4);
});

test('another adult at the same device has a sitting of her own, and the first one’s tries are still sent', async ({
  app,
  signedIn: page,
  context,
}) => {
  await sitDown(page, 'Ines', 5);
  await tap(page, 2);
  await expectAllSent(page);
  await context.setOffline(true);
  await tap(page, 1);
  await context.setOffline(false);
  await page.goto('/');
  await press(page, 'Tomasz');
  await page.getByRole('menuitem', { name: 'Lock the screen' }).click();
  await comeIn(page, 'Hester');
  await expectCounted(app, page, 'Ines', 3);
  await sitDown(page, 'Ines', 4);
  await tap(page, 4);
  await expectCounted(app, page, 'Ines', 4);
});
