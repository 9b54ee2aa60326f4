import {
  endHere,
  expect,
  expectAllSent,
  lay,
  mirror,
  openChild,
  press,
  sitDown,
  tap,
  test,
} from './sitting.js';

test('saying the numbers: words without touches, and the order told', async ({ app, signedIn: page }) => {
  await sitDown(page, 'Kamala', 12, 'Say the numbers', null);
  await expect(page.getByRole('button', { name: 'Word, no touch' })).toBeHidden();
  await tap(page, 5);
  await press(page, 'Different word …');
  await press(page, '7');
  await tap(page, 1);
  await press(page, 'Done saying');
  await expect(page.getByText('In the words: skipped 5 and 6.')).toBeVisible();
  await expectAllSent(page);
  const events = await app.eventsOfLatestTry('Kamala');
  expect(events.map(({ kind, word }) => [kind, word])).toEqual([
    ['say', 1],
    ['say', 2],
    ['say', 3],
    ['say', 4],
    ['say', 5],
    ['amend', undefined],
    ['say', 8],
  ]);
});

test('giving so many: what was handed over, and what it was made into', async ({ app, signedIn: page }) => {
  await sitDown(page, 'Lowri', 4, 'Give me so many', 'shells');
  await expect(page.getByText('“Put 4 on the plate for me.”')).toBeVisible();
  await expect(mirror(page)).toHaveAccessibleName(
    '4 shells from 15: tap for each one put in, with the word said',
  );
  await press(page, '6');
  await press(page, '4');
  await press(page, 'Done giving');
  await expect(page.getByText('Asked for 4 shells, gave 6, then made it 4.')).toBeVisible();
  await endHere(page);
  await expectAllSent(page);
  const events = await app.eventsOfLatestTry('Lowri');
  expect(events.map(({ kind, value }) => [kind, value])).toEqual([
    ['ask', undefined],
    ['given', 6],
    ['given', 4],
  ]);
  await expect(page.getByText('4 shells from 15')).toBeVisible();
});

test('asking once more after the things are spread out', async ({ signedIn: page }) => {
  await sitDown(page, 'Mateusz', 5, 'Still so many?');
  await tap(page, 5);
  await press(page, '5');
  await expect(page.getByText('“And how many are there now?”')).toBeVisible();
  await press(page, '5');
  await expect(
    page.getByText(/the last word counted\. Asked again, said the same without counting\.$/),
  ).toBeVisible();
});

test('the next number comes with its reason, and two slips running bring an easier one', async ({
  signedIn: page,
}) => {
  const sizeOf = async () => Number(/\d+/.exec((await mirror(page).getAttribute('aria-label'))!)![0]);
  const slip = async () => {
    const size = await sizeOf();
    await tap(page, size);
    await press(page, 'Touch, no word');
    await press(page, 'Done counting');
    return size;
  };
  await sitDown(page, 'Oluchi', 12, 'Count scattered things', 'jar lids');
  const first = await slip();
  await expect(page.getByText(/^Next: \S/)).toBeVisible();
  await press(page, 'Next try');
  const second = await slip();
  await expect(page.getByText(/^Next: .*(easier|easy|gently)/)).toBeVisible();
  await press(page, 'Next try');
  // Fewer than three make no spread.
  expect(await sizeOf()).toBeLessThanOrEqual(Math.max(3, Math.min(first, second) - 1));
});

test('choosing otherwise fits on a small tablet too', async ({ signedIn: page }) => {
  await openChild(page, 'Ines');
  await page.getByRole('link', { name: 'Sit down with Ines' }).click();
  await lay(page, 5, 'Count a ring', 'corks');
  await page.getByRole('button', { name: 'Change task' }).click();
  const panel = page.getByRole('region', { name: 'Say and set out' });
  for (const [width, height] of [
    [1280, 800],
    [1024, 768],
  ] as const) {
    await page.setViewportSize({ width, height });
    const things = (await panel.getByRole('button', { name: 'acorn cups' }).boundingBox())!;
    const use = (await panel.getByRole('button', { name: 'Use this' }).boundingBox())!;
    expect(things.y + things.height, `${width}×${height}`).toBeLessThanOrEqual(use.y);
  }
});

test('a count from zero: before the first touch it is the room’s habit, on the first thing it is told', async ({
  signedIn: page,
}) => {
  await sitDown(page, 'Lowri', 3);
  await press(page, 'Zero first');
  await tap(page, 3);
  await press(page, 'Done counting');
  const told = page.getByRole('status').filter({ hasText: /^(One|Of) / });
  await expect(told).toHaveText('One word and one touch for each of 3 corks. Words in order to 3.');

  await press(page, 'Next try');
  await lay(page, 3, 'Count a row', 'corks');
  await tap(page, 1);
  await press(page, 'Different word …');
  await press(page, '0');
  await tap(page, 2);
  await press(page, 'Done counting');
  await expect(told).toHaveText(
    'One word and one touch for each of 3 corks. Words in order to 2. Said zero on the first one, so the last word is one short.',
  );
});

test('a check: counted again after the answer, which stays the answer', async ({ signedIn: page }) => {
  await sitDown(page, 'Lowri', 4);
  await tap(page, 4);
  await press(page, 'How many?');
  await press(page, '4');
  await press(page, 'Counts again to check');
  await tap(page, 5);
  await press(page, 'Done counting');
  await expect(page.getByRole('status').filter({ hasText: /^One / })).toHaveText(
    'One word and one touch for each of 4 corks. Words in order to 4. Asked how many, said 4: the last word counted. Checked by counting again to 5, and kept the first answer.',
  );
});
