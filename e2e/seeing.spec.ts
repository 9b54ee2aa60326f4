import type { Page } from '@playwright/test';
import { begin, endHere, expect, expectAllSent, lay, openChild, press, sitDown, test } from './sitting.js';

const showForAMoment = 'Show for a moment';

/** For how long a flash could be seen, and how far out that may be: its eye looks once a frame. In ms. */
interface Seen {
  readonly ms: number;
  readonly within: number;
}

/** Frame by frame: how the dots of a stage could be seen, as the browser drew it, one for each flash. */
async function watchDots(page: Page): Promise<() => Promise<Seen[]>> {
  await page.evaluate(() => {
    const seen: { ms: number; within: number }[] = [];
    let since: { readonly at: number; readonly frame: number } | null = null;
    let before = performance.now();
    const look = (now: number): void => {
      // On a busy machine a frame is long just then: the change was drawn in it or in the one before.
      const frame = now - before;
      before = now;
      const dots = document.querySelector<SVGGElement>('[data-stage] > g');
      const isSeen =
        dots !== null && dots.childElementCount > 0 && getComputedStyle(dots).visibility === 'visible';
      if (isSeen) since ??= { at: now, frame };
      else if (since) {
        seen.push({ ms: now - since.at, within: since.frame + frame });
        since = null;
      }
      requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
    Object.assign(window, { seenByEye: seen });
  });
  return () => page.evaluate(() => (window as unknown as { seenByEye: Seen[] }).seenByEye);
}

test('dots for a moment on this screen: once, its true time kept, said at once or counted', async ({
  app,
  signedIn: page,
}) => {
  await sitDown(page, 'Kamala', 3, 'How many dots?', null);
  const look = await watchDots(page);
  await press(page, showForAMoment);
  await expect(page.getByText(/^Shown for 0\.\d\d s\. Once only/)).toBeVisible();
  await expect(page.getByRole('button', { name: showForAMoment, exact: true })).toBeDisabled();
  await press(page, 'said at once');
  await press(page, '3');
  await expect(page.getByText(/^3 dots shown: said 3 at once \(on screen for 0\.\d+ s\)\.$/)).toBeVisible();
  await expectAllSent(page);
  const events = await app.eventsOfLatestTry('Kamala');
  expect(events.map(({ kind }) => kind)).toEqual(['ask', 'answer']);
  const [seen, ...others] = await look();
  expect(others).toEqual([]);
  expect(Math.abs(seen!.ms - (await app.latestShownMs('Kamala'))!)).toBeLessThanOrEqual(seen!.within + 1);
  await press(page, 'counted them');
  await expect(page.getByText(/^3 dots shown: said 3, by counting/)).toBeVisible();
});

test('the times of many flashes are told as the browser drew them', async ({ signedIn: page }) => {
  test.slow();
  await sitDown(page, 'Oluchi', 4, 'A full line, and some', null);
  const look = await watchDots(page);
  const told: number[] = [];
  for (let flash = 1; flash <= 5; flash++) {
    await press(page, showForAMoment);
    told.push(1000 * Number(/[\d.]+/.exec(await page.getByText(/^Shown for/).innerText())![0]));
    await press(page, '5');
    if (flash === 5) break;
    await press(page, 'Next try');
    await lay(page, 4 + (flash % 3), 'A full line, and some', null);
  }
  const seen = await look();
  console.log(`  flashes of 700 ms: ${seen.map(({ ms }) => ms.toFixed(0)).join(' ')}`);
  expect(seen).toHaveLength(5);
  // Told in hundredths of a second.
  for (const [i, { ms, within }] of seen.entries())
    expect(Math.abs(ms - told[i]!)).toBeLessThanOrEqual(within + 6);
});

test('another device, paired by a word for this sit-down, shows the dots and nothing of a child', async ({
  app,
  signedIn: page,
  browser,
}) => {
  await sitDown(page, 'Farid', 2, 'How many dots?', null);
  await press(page, 'another device');
  const tray = page.getByRole('region', { name: 'Tray' });
  const asked = tray.getByText(/^On the other device open/);
  await expect(asked).toBeVisible();
  const word = await asked.locator('xpath=following-sibling::p').innerText();

  const context = await browser.newContext({ reducedMotion: 'reduce', baseURL: app.url });
  const side = await context.newPage();
  await side.goto('/childs-side');
  const typed = async (one: string): Promise<void> => {
    await side.getByLabel('Word').fill(one);
    await side.getByRole('button', { name: 'Pair', exact: true }).click();
  };
  await typed('not-a-word');
  await expect(side.getByText(/^That word isn’t right, or it was used already/)).toBeVisible();
  await typed(word.toUpperCase());
  await expect(side.getByRole('main', { name: 'The child’s side' })).toBeVisible();
  await expect(tray.getByText('The other screen is ready.')).toBeVisible();
  const look = await watchDots(side);
  await press(page, showForAMoment);
  await expect(tray.getByText(/^Shown for 0\.\d\d s/)).toBeVisible();
  expect(await look()).toHaveLength(1);
  expect(await side.innerText('body')).toBe('');
  expect(await side.evaluate(() => JSON.stringify(Object.entries(localStorage)))).not.toContain('Farid');
  await press(page, '2');
  await expect(page.getByText(/^2 dots shown: said 2/)).toBeVisible();
  await endHere(page);
  // With the sit-down the pairing is over, and the word lets nobody in.
  await expect(side.getByText('This screen is not paired any more. Type a new word.')).toBeVisible();
  await typed(word);
  await expect(side.getByText(/^That word isn’t right|^Too many wrong/)).toBeVisible();
  await context.close();
});

test('a second window needs no network', async ({ signedIn: page, context }) => {
  await openChild(page, 'Kamala');
  await page.getByRole('link', { name: 'Sit down with Kamala' }).click();
  await lay(page, 3, 'Dots as on a die', null);
  await begin(page);
  const opened = page.waitForEvent('popup');
  await press(page, 'a second window');
  const side = await opened;
  const tray = page.getByRole('region', { name: 'Tray' });
  await expect(tray.getByText('The other screen is ready.')).toBeVisible();
  await context.setOffline(true);
  await side.bringToFront();
  await page.getByRole('button', { name: showForAMoment, exact: true }).click();
  await expect(tray.getByText(/^Shown for 0\.\d\d s/)).toBeVisible();
  await context.setOffline(false);
  await side.close();
  await expect(tray.getByText('The other screen is not there.')).toBeVisible();
});

test('two frames are held against each other for as long as it takes, and why is kept', async ({
  signedIn: page,
}) => {
  await sitDown(page, 'Oluchi', 6, 'The same number?', null);
  await press(page, 'Show it to the child');
  const turned = page.getByRole('dialog', { name: 'Show it to the child' });
  await expect(turned.locator('[data-stage] rect')).toHaveCount(20);
  await page.keyboard.press('Escape');
  await expect(turned).toBeHidden();
  await press(page, 'the same');
  await expect(
    page.getByText(
      /^\d in a frame, (line by line|two by two) and \d+ in a frame, .*: said that was the same\.$/,
    ),
  ).toBeVisible();
  await press(page, 'nothing added');
  await expect(page.getByText(/Said nothing was added or taken\.$/)).toBeVisible();
});
