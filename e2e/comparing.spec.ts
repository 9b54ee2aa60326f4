import { begin, endHere, expect, expectAllSent, lay, openChild, press, sitDown, test } from './sitting.js';
import type { Locator, Page } from '@playwright/test';

/** How the sets are laid, from the left: how many, and how long each row is (mm). */
async function laid(column: Locator): Promise<readonly { n: number; length: number }[]> {
  const lines = await column.getByText(/^(Left|Middle|Right): /).allInnerTexts();
  return lines.map((line) => ({
    n: Number(/\d+/.exec(line)?.[0] ?? 0),
    length: Number(/(\d+) mm long/.exec(line)?.[1] ?? 0),
  }));
}

/** Takes the longer of two rows, whatever is in it. */
async function takeTheLonger(page: Page): Promise<void> {
  const column = page.getByRole('region', { name: 'Say and set out' });
  await expect(column.getByText(/^Left: /)).toBeVisible();
  const [left, right] = await laid(column);
  await press(page, left!.length > right!.length ? 'the left one' : 'the right one');
  await expect(page.getByText(/^Asked which is more, /).first()).toBeVisible();
}

test('a child who goes by length is found out, and the sentence opens its pairs', async ({
  app,
  signedIn: page,
}) => {
  test.slow();
  await sitDown(page, 'Oluchi', 6, 'The longer row', 'jar lids');
  const column = page.getByRole('region', { name: 'Say and set out' });
  for (let pair = 1; pair <= 10; pair++) {
    await takeTheLonger(page);
    if (pair === 10) break;
    await press(page, 'Next try');
    // Once there have been enough of them in one go the app asks something else.
    await expect(column.getByText('Then say')).toBeHidden();
    if (await column.getByText('mind how long each row is').isHidden())
      await lay(page, 6, 'The longer row', 'jar lids');
  }
  await endHere(page);
  await expectAllSent(page);
  const events = await app.eventsOfLatestTry('Oluchi');
  expect(events.map(({ kind }) => kind)).toEqual(['ask', 'answer']);
  const found = page.getByText(/^Goes by length: took the set that lay longer/);
  await expect(found).toBeVisible();
  await expect(page.getByText(/^Went by how long it lay in \d+ of the last \d+ tries$/)).toBeVisible();
  await found.locator('..').getByRole('link', { name: 'try 1', exact: true }).click();
  await expect(page.getByRole('img', { name: /^\d+ or \d+ [a-z ]+ \(which is more\)$/ })).toBeVisible();
  await expect(page.getByText(/took the \d [a-z ]+, the longer one\.$/)).toBeVisible();
});

test('fewer is asked for by itself; one of three; and the same or not', async ({ signedIn: page }) => {
  await openChild(page, 'Kamala');
  await page.getByRole('link', { name: 'Sit down with Kamala' }).click();
  await lay(page, 5, 'Which has fewer?', null);
  await begin(page);
  await press(page, 'the right one');
  await expect(page.getByText(/^Asked which is fewer, .*: took the /)).toBeVisible();
  await press(page, 'Next try');
  await lay(page, 6, 'Most of three', null);
  await expect(page.getByText(/^Middle: /)).toBeVisible();
  await press(page, 'Show it to the child');
  const turned = page.getByRole('dialog', { name: 'Show it to the child' });
  await expect(turned.getByRole('button')).toHaveCount(4);
  await turned.getByRole('button', { name: 'the middle one' }).click();
  await expect(turned).toBeHidden();
  await expect(page.getByText(/^Asked which is most, .*: took the /)).toBeVisible();
  await press(page, 'Next try');
  await lay(page, 4, 'The same, or not?', null);
  await press(page, 'the same');
  await expect(page.getByText(/^Asked if they are the same, .*: said they are the same\.$/)).toBeVisible();
});
