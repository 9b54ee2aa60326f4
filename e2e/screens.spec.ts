import { endHere, expect, expectAllSent, mirror, openChild, press, sitDown, tap, test } from './sitting.js';

test('a whole sitting by keyboard alone', async ({ app, signedIn: page }) => {
  await sitDown(page, 'Abeni', 4);
  const keys = async (...pressed: string[]) => {
    for (const key of pressed) await page.keyboard.press(key);
  };
  await keys('Space', 'Space', 'w', 'Space', 'Space', 'Space', 'b', 'Space', 'u', 'Space', 'h');
  await expect(page.getByText('The answer was')).toBeVisible();
  await keys('d');
  await expect(
    page.getByText(/^Of 4 corks: said a word with no touch.*Asked how many, didn’t know\.$/),
  ).toBeVisible();
  await keys('Space');
  await expect(mirror(page)).toBeVisible();
  await keys('1');
  const told = page.getByText(/^One word and one touch for each of \d+ corks?/);
  await expect(told).toBeVisible();
  const size = Number(/\d+/.exec(await told.innerText())![0]);
  await keys('?');
  await expect(page.getByRole('heading', { name: 'Keys' })).toBeVisible();
  await expectAllSent(page);
  expect(await app.eventsOfLatestTry('Abeni')).toHaveLength(size);
});

test('single keys can be turned off, and stay off after a reload', async ({ signedIn: page }) => {
  await sitDown(page, 'Lowri', 3);
  await tap(page, 1);
  await page.keyboard.press('?');
  await page.getByRole('button', { name: 'off', exact: true }).click();
  await page.getByRole('button', { name: 'Back to the tray' }).click();
  await page.reload();
  await expect(mirror(page)).toBeVisible();
  await page.keyboard.press('h');
  await page.getByRole('button', { name: 'Keys', exact: true }).click();
  await page.getByRole('button', { name: 'on', exact: true }).click();
  await expect(page.getByText('The answer was')).toBeHidden();
  await page.keyboard.press('h');
  await expect(page.getByText('The answer was')).toBeVisible();
});

test('undo takes back any number of steps, back to the empty tray', async ({ app, signedIn: page }) => {
  await sitDown(page, 'Abeni', 5);
  await tap(page, 3);
  await press(page, 'Touch, no word');
  await press(page, 'How many?');
  for (let i = 0; i < 5; i++) await press(page, 'Undo');
  await tap(page, 1);
  await expectAllSent(page);
  const events = await app.eventsOfLatestTry('Abeni');
  expect(events.filter((event) => event.kind === 'undo').map((event) => event.of)).toEqual([4, 3, 2, 1, 0]);
  expect(events.at(-1)).toMatchObject({ kind: 'count', word: 1 });
});

test('thing by thing, touching one twice is counting it twice', async ({ app, signedIn: page }) => {
  await sitDown(page, 'Caspar', 3);
  await press(page, 'Tap each thing');
  const tray = page.getByRole('button', { name: /tap the thing the child touched/ });
  const { width, height } = (await tray.boundingBox())!;
  for (const at of [0.5, 0.5, 0.64]) await tray.click({ position: { x: at * width, y: height / 2 } });
  await press(page, 'Done counting');
  await expect(
    page.getByText('Of 3 corks: counted one twice and missed one. Words in order to 3.'),
  ).toBeVisible();
  await expectAllSent(page);
  expect((await app.eventsOfLatestTry('Caspar')).map((event) => event.item)).toEqual([1, 1, 2]);
});

test('a reading is put right where it is shown, and the first record is kept', async ({
  app,
  signedIn: page,
}) => {
  await sitDown(page, 'Dilys', 3);
  await tap(page, 3);
  await press(page, 'Done counting');
  await press(page, 'Not right? Correct it');
  await press(page, '3');
  await press(page, 'Said something else …');
  await page.getByLabel('Another number, or the word as you heard it').fill('fiveteen');
  await press(page, 'Said');
  await expect(
    page.getByText(/In the words: said “fiveteen” where another number belongs, after 2/),
  ).toBeVisible();
  await expectAllSent(page);
  const events = await app.eventsOfLatestTry('Dilys');
  expect(events.map((event) => event.kind)).toEqual(['count', 'count', 'count', 'amend']);
  expect(events[2]).toMatchObject({ word: 3 });
});

test('a try set aside counts for nothing on the child’s page', async ({ signedIn: page }) => {
  await sitDown(page, 'Jory', 9, 'Count a row', 'wooden boats');
  await tap(page, 9);
  await press(page, 'Done counting');
  await press(page, 'Don’t count it …');
  await press(page, 'the tray was bumped');
  await expect(page.getByText(/^Not counted \(the tray was bumped\)/)).toBeVisible();
  await endHere(page);
  const row = page.getByRole('group', { name: 'Counts a row' });
  await expect(page.getByText(/^Not counted \(the tray was bumped\)/)).toBeVisible();
  await expect(row.getByRole('button', { name: /^9: / })).toHaveCount(0);
});

test('the screen counts nothing along and tells no right from wrong', async ({ signedIn: page }) => {
  await sitDown(page, 'Farid', 5);
  const look = async () => ({
    text: await page.locator('main').innerText(),
    tray: await mirror(page).innerHTML(),
  });
  await tap(page, 1);
  await expectAllSent(page);
  const afterOne = await look();
  await tap(page, 6);
  await expectAllSent(page);
  expect(await look()).toEqual(afterOne);
  await page.getByRole('button', { name: 'Hold to see what’s recorded' }).hover();
  await page.mouse.down();
  await expect(page.getByText('1 · 2 · 3 · 4 · 5 · 6 · 7')).toBeVisible();
  await page.mouse.up();
  await expect(page.getByText('1 · 2 · 3 · 4 · 5 · 6 · 7')).toBeHidden();
});

test('no birth date is treated as under three and as mouthing until someone says otherwise', async ({
  signedIn: page,
}) => {
  await openChild(page, 'Jory');
  const about = page.getByRole('region', { name: 'About Jory' });
  await expect(about).toContainText(
    'Nobody has said whether things go in the mouth. With no birth date, we take care as for a child under 3 who mouths things.',
  );
  await sitDown(page, 'Jory', 4);
  const cautions = page.getByRole('list', { name: 'Take care' });
  await expect(cautions).toContainText('Choking risk: corks are small and Jory has no birth date here.');
  await press(page, 'Leave');
  await about.getByRole('button', { name: 'Edit' }).click();
  await about.getByLabel('Birth date').fill('2021-06-01');
  await about.getByLabel('Things in the mouth').click();
  await page.getByRole('option', { name: 'doesn’t' }).click();
  await about.getByRole('button', { name: 'Save' }).click();
  await expect(about).toContainText('Doesn’t put things in the mouth.');
  await sitDown(page, 'Jory', 4);
  await expect(cautions).toContainText('Small parts: stay with the corks while they are out.');
  await expect(cautions).not.toContainText('Choking');
});

test.describe('with the left thumb', () => {
  test.use({ adult: 'Ngozi' });

  test('the slips lie at the left', async ({ signedIn: page }) => {
    await sitDown(page, 'Ines', 6);
    const thumb = (await page.getByRole('region', { name: 'Under your thumb' }).boundingBox())!;
    const say = (await page.getByRole('region', { name: 'Say and set out' }).boundingBox())!;
    expect(thumb.x).toBe(0);
    expect(say.x).toBeGreaterThan(600);
  });
});

test('wrong input is answered by its field, in words', async ({ app, browser }) => {
  const page = await browser.newPage();
  await page.goto(app.url);
  await page.getByLabel('Email').fill('nonsense');
  await press(page, 'Sign this device in');
  await expect(page.getByText('Enter the email address as name@place.example.')).toBeVisible();
  await expect(page.getByText('Enter the password.')).toBeVisible();
  await page.getByLabel('Email').fill('orla@pennywater.example');
  await page.getByLabel('Password').fill('not this');
  await press(page, 'Sign this device in');
  await expect(page.getByRole('alert')).toHaveText('That email address and password don’t go together.');
  await page.close();
});

test('an address that leads nowhere says so', async ({ signedIn: page }) => {
  await page.goto('/children/00000000-0000-4000-8000-000000000000');
  await expect(page.getByText('There is no such child here.')).toBeVisible();
  await page.goto('/nowhere');
  await expect(page.getByText('This address leads nowhere. Go to Today to see who is due.')).toBeVisible();
});
