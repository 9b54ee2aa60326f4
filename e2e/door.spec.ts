import { comeIn, expect, expectAllSent, openChild, press, sitDown, tap, test } from './sitting.js';

test.use({ serviceWorkers: 'allow', byHand: true });

/** What the server answers a window of this browser that asks for it straight away. */
const statusOf = (page: import('@playwright/test').Page, path: string): Promise<number> =>
  page.evaluate(async (address) => (await fetch(address)).status, `/api/${path}`);

test.describe('a lead', () => {
  test.use({ adult: 'Orla' });

  test('locks although the server is not reached: nothing of a child is answered, and it is told until it hears', async ({
    signedIn: page,
  }) => {
    let aborted = 0;
    await page.route('**/api/adult?presence=*', async (route) => {
      aborted++;
      if (aborted <= 2) await route.abort();
      else await route.continue();
    });
    expect(await statusOf(page, 'office/children.csv')).toBe(200);
    const heard = page.waitForResponse((response) => response.url().includes('/api/adult?presence='));
    await press(page, 'Orla');
    await page.getByRole('menuitem', { name: 'Lock the screen' }).click();
    await expect(page.getByText('Who is here?')).toBeVisible();
    await expect.poll(() => aborted).toBeGreaterThan(0);
    expect(await statusOf(page, 'office/children.csv')).toBe(403);
    await page.reload();
    await expect(page.getByText('Who is here?')).toBeVisible();
    expect(await statusOf(page, 'office/children.csv')).toBe(403);
    expect((await heard).status()).toBe(204);
  });

  test('signs this device out: what waits is sent first, and nothing of a child stays on it', async ({
    app,
    signedIn: page,
  }) => {
    await sitDown(page, 'Caspar', 5);
    await tap(page, 3);
    await page.goto('/settings/devices');
    const here = page.getByRole('listitem').filter({ hasText: 'this device' });
    await here.getByRole('button', { name: 'Sign out' }).click();
    await expect(page.getByText('Sign this device in once.')).toBeVisible();
    expect(await app.eventsOfLatestTry('Caspar')).toHaveLength(3);
    const held = await page.evaluate(async () => {
      const db = await new Promise<IDBDatabase>((resolve) => {
        const asked = indexedDB.open('dotting');
        asked.onsuccess = () => resolve(asked.result);
      });
      const stores = [...db.objectStoreNames];
      const counts = stores.map(
        (store) =>
          new Promise<number>((resolve) => {
            const asked = db.transaction(store).objectStore(store).count();
            asked.onsuccess = () => resolve(asked.result);
          }),
      );
      const rows = (await Promise.all(counts)).reduce((sum, one) => sum + one, 0);
      return {
        rows,
        steps: Object.keys(localStorage).filter((key) => key.startsWith('dotting-step')).length,
      };
    });
    expect(held).toEqual({ rows: 0, steps: 0 });
  });
});

test('a window closed and opened again later lets nobody in without a code; a reload in between does', async ({
  signedIn: page,
  context,
}) => {
  await sitDown(page, 'Abeni', 5);
  await tap(page, 2);
  await expectAllSent(page);
  await page.reload();
  await tap(page, 1);
  await expectAllSent(page);
  await page.close();
  const later = await context.newPage();
  await later.clock.install({ time: Date.now() + 3 * 60_000 });
  await later.goto('/');
  await expect(later.getByText('Who is here?')).toBeVisible();
  expect(await statusOf(later, 'office')).toBe(403);
  await comeIn(later, 'Tomasz');
  await openChild(later, 'Abeni');
});

test('an idle window does not lock the one in use', async ({ signedIn: page, context }) => {
  // One clock for all windows of the browser.
  await context.clock.install();
  const idle = await context.newPage();
  await idle.goto('/');
  const register = idle.getByRole('navigation', { name: 'Children' });
  await expect(register).toBeVisible();
  await context.clock.fastForward('01:20');
  await openChild(page, 'Abeni');
  await context.clock.fastForward('00:55');
  await expect(register).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Abeni', exact: true })).toBeVisible();
  await context.clock.fastForward('02:10');
  await expect(idle.getByText('Who is here?')).toBeVisible();
});

test('who came in without a network goes on with one, and types no second code', async ({
  signedIn: page,
  context,
}) => {
  await page.clock.install();
  await sitDown(page, 'Abeni', 5);
  await tap(page, 2);
  await expectAllSent(page);
  await context.setOffline(true);
  await page.clock.fastForward('02:01');
  await comeIn(page, 'Tomasz');
  await tap(page, 1);
  const again = page.waitForResponse((response) => response.request().method() === 'POST');
  await context.setOffline(false);
  expect([(await again).url().split('/api/')[1], (await again).status()]).toEqual(['adult', 200]);
  await page.clock.fastForward('00:40');
  await expectAllSent(page);
  await page.goto('/');
  await openChild(page, 'Abeni');
});

test('a try that the server stumbles over holds up no other', async ({ app, signedIn: page }) => {
  let stumbled: string | undefined;
  await page.route('**/api/tries/*', async (route) => {
    stumbled ??= route.request().url();
    if (route.request().url() !== stumbled || route.request().method() !== 'PUT') return route.continue();
    await route.fulfill({
      status: 500,
      contentType: 'application/json',
      body: JSON.stringify({ statusCode: 500, message: 'Something went wrong at the server.', fields: [] }),
    });
  });
  await page.clock.install();
  await sitDown(page, 'Abeni', 3);
  await tap(page, 3);
  await press(page, 'Done counting');
  await press(page, 'Next try');
  await tap(page, 2);
  await expect.poll(() => app.eventsOfLatestTry('Abeni'), { timeout: 20_000 }).toHaveLength(2);
  await page.unroute('**/api/tries/*');
  // It is tried again every 20 seconds.
  await page.clock.fastForward('00:20');
  await expectAllSent(page);
});
