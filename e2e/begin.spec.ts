import { App } from './app.js';
import { bringInTwenty, firstCountElsewhere, pairingCode, setUpNursery } from './beginning.js';
import { expect, test } from './sitting.js';

test('a nursery of one’s own beside the demo: set up, register brought in, a second device, a first count', async ({
  browser,
}) => {
  const app = await App.open();
  const page = await (await browser.newContext({ baseURL: app.url })).newPage();
  await page.goto('/');
  await page.getByRole('link', { name: 'Set up your own nursery' }).click();
  await setUpNursery(page);
  await bringInTwenty(page);
  const code = await pairingCode(page);
  await firstCountElsewhere(browser, { baseURL: app.url, code });
  expect(await app.countTries('CootB')).toBe(1);
  await app.close();
});
