import { adults, demoPassword, emailOf } from '../apps/server/src/demo/nursery.js';
import { comeIn, endHere, expect, expectAllSent, openChild, press, sitDown, tap, test } from './sitting.js';

test('from signing in to the child’s page: eight corks, one counted twice, the last word as answer', async ({
  app,
  page,
}) => {
  await page.goto('/');
  await page.getByLabel('Email').fill(emailOf(adults[0]!));
  await page.getByLabel('Password').fill(demoPassword);
  await press(page, 'Sign this device in');
  await comeIn(page, 'Tomasz');
  await sitDown(page, 'Wren', 8);
  await expect(page.getByText('Wren has no birth date')).toBeHidden();
  await expect(page.getByText(/Wren is under 3/).first()).toBeVisible();
  await tap(page, 5);
  await press(page, 'Counted twice');
  await tap(page, 4);
  await press(page, 'How many?');
  await expect(page.getByText('“How many are there?”')).toBeVisible();
  await press(page, '9');

  const told =
    'Of 8 corks: counted one twice. Words in order to 9. Asked how many, said 9: the last word counted.';
  await expect(page.getByText(told)).toBeVisible();
  await endHere(page);

  await expect(page.getByRole('heading', { name: 'Wren', exact: true })).toBeVisible();
  await expect(page.getByText(told)).toBeVisible();
  const row = page.getByRole('group', { name: 'Counts a row' });
  await expect(row.getByRole('button', { name: '8: not yet, 1 try' })).toBeVisible();
  const lastWord = page.getByRole('group', { name: 'Last word = how many' });
  await expect(
    lastWord.getByRole('button', { name: 'went well at least once, not clear yet, 1 try' }),
  ).toBeVisible();
  await expect(page.getByRole('region', { name: 'Next steps' })).toContainText(/Try .+\./);

  await expectAllSent(page);
  const events = await app.eventsOfLatestTry('Wren');
  expect(events.map(({ kind, word, value }) => [kind, word ?? value])).toEqual([
    ...[1, 2, 3, 4, 5].map((word) => ['count', word]),
    ['amend', undefined],
    ...[6, 7, 8, 9].map((word) => ['count', word]),
    ['ask', undefined],
    ['answer', 9],
  ]);
});

test('a dot opens the tries it rests on', async ({ signedIn: page }) => {
  await openChild(page, 'Caspar');
  const row = page.getByRole('group', { name: 'Counts a row' });
  const dot = row.getByRole('button', { name: /^4: / });
  const tries = Number(/(\d+) tr/.exec((await dot.getAttribute('aria-label'))!)![1]);
  await dot.click();
  const shown = page.getByRole('region', { name: 'Tries' });
  await expect(shown.getByRole('heading')).toHaveText('Counts a row, at 4');
  await expect(shown.getByRole('listitem').filter({ hasText: /^.*\b4 / })).toHaveCount(Math.min(tries, 6));
});

test('today says who has waited longest, and an unfinished try is found again', async ({
  signedIn: page,
}) => {
  await expect(
    page
      .getByRole('listitem')
      .first()
      .getByRole('button', { name: 'Sit down' })
      .or(page.getByRole('link', { name: /Sit down with/ }).first()),
  ).toBeVisible();
  await sitDown(page, 'Nadia', 4, 'Count a row', 'shells');
  await tap(page, 2);
  await expectAllSent(page);
  await page.goto('/');
  const unfinished = page.getByRole('region', { name: 'Left unfinished' });
  await expect(unfinished).toContainText('Nadia, 4 shells in a row, Tomasz');
  // Other tests beside may have left one of Nadia’s too.
  await unfinished.getByText('Nadia, 4 shells in a row').getByRole('link', { name: 'Nadia' }).click();
  await tap(page, 2);
  await press(page, 'Done counting');
  await expect(
    page.getByText('One word and one touch for each of 4 shells. Words in order to 4.'),
  ).toBeVisible();
});

test('Today says what to do first and what to fetch; a child that is not here is moved on in one press', async ({
  signedIn: page,
}) => {
  await page.goto('/');
  const lines = page.getByRole('main').getByRole('list').getByRole('listitem');
  const first = lines.first();
  await expect(first).toBeVisible();
  const shown = await lines.count();
  const name = (await first.getByRole('heading').or(first.getByRole('link')).first().innerText()).trim();
  await expect(page.getByText(/^To set out this morning: .*\d+ /)).toBeVisible();
  // All of why on demand, in place.
  const why = first.getByRole('button', { name: /^Why .*\?$/ });
  await why.click();
  await expect(why).toHaveAttribute('aria-expanded', 'true');
  await expect(first.getByText(/Try .*\.$/)).toBeVisible();

  await press(page, `${name} is not here today`);
  const back = page.getByRole('button', { name: `${name} is here after all` });
  await expect(back).toBeVisible();
  await expect(page.getByRole('link', { name: `Sit down with ${name}` })).toBeHidden();
  // The keyboard’s place is with the next child, not lost with the line that went.
  await expect(lines.first().getByRole('button', { name: / is not here today$/ })).toBeFocused();
  // The next who is due comes up in her place.
  await expect(lines).toHaveCount(shown);
  await back.click();
  await expect(page.getByRole('link', { name: `Sit down with ${name}` })).toBeVisible();
  await expect(back).toBeHidden();
});
