import type { Page } from '@playwright/test';
import { begin, expect, layIn, openChild, press, test } from './sitting.js';

/** From the child's page to a laid tray, the number as the task has it. */
async function sitFor(page: Page, child: string, n: number, task: string, way?: string): Promise<void> {
  await openChild(page, child);
  await page.getByRole('link', { name: `Sit down with ${child}` }).click();
  await layIn(page, n, task, way);
  await begin(page);
}

const happened = (page: Page, told: RegExp | string) => expect(page.getByText(told).first()).toBeVisible();

test('all the ways to make four, told as they came, and the one that was not', async ({
  app,
  signedIn: page,
}) => {
  await sitFor(page, 'Kamala', 4, 'All the ways');
  for (const way of ['0 + 4', '1 + 3', '2 + 2', '3 + 1']) await press(page, way);
  await press(page, 'That’s all');
  await happened(
    page,
    'Found 4 of the 5 ways to make 4, not 4+0, the double among them, in order, one part rising.',
  );
  await expect(page.getByText('Sent ✓')).toBeVisible();
  const events = await app.eventsOfLatestTry('Kamala');
  expect(events.map(({ kind }) => kind)).toEqual(['put', 'put', 'put', 'put']);
  // Undone, the last way can be told otherwise.
  await press(page, 'Undo');
  await press(page, '4 + 0');
  await press(page, 'That’s all');
  await happened(page, 'Found all 5 ways to make 4, in order, one part rising.');
  // Put right where it is told: another way than was taken down.
  await press(page, 'Not right? Correct it');
  await page.getByRole('group', { name: 'What was recorded' }).getByRole('button', { name: '0 + 4' }).click();
  await press(page, 'not 4');
  await happened(page, /^Found 4 of the 5 ways to make 4, not 0\+4, .*told one that doesn’t make it\.$/);
});

test('how many more to ten, ten and some built and taken apart, and the part under the cloth', async ({
  signedIn: page,
}) => {
  await sitFor(page, 'Oluchi', 3, 'How many more to ten?');
  await expect(page.getByRole('button', { name: /^7 .* in a frame of ten, to be filled/ })).toBeVisible();
  await press(page, '3');
  await happened(page, /said 3: so it is\./);
  await press(page, 'Next try');
  await layIn(page, 17, 'Ten and some', 'taken apart');
  await happened(page, /Here are 17\. Ten are here: how many are under the cloth/);
  await press(page, '7');
  await happened(page, /said 7: so it is\./);
  await press(page, 'Next try');
  await layIn(page, 14, 'Ten and some', 'put together');
  await happened(page, /Here are ten, and 4 more/);
  await press(page, '14');
  await happened(page, /said 14: so it is\./);
});

test('a partner for each, and a pattern carried on until another is put', async ({ signedIn: page }) => {
  await sitFor(page, 'Farid', 5, 'A partner for each');
  await press(page, 'one is left over');
  await happened(page, /said one is left over\./i);
  await press(page, 'Next try');
  await layIn(page, 3, 'Carry on the pattern', 'this, that, that');
  const kinds = page.getByRole('group', { name: 'Next came' }).getByRole('button');
  await expect(kinds).toHaveCount(2);
  await kinds.nth(0).click();
  await kinds.nth(0).click();
  await press(page, 'That’s all');
  await happened(page, /^Carried .* on for 1, then put .* where .* comes next\.$/);
});

test('a child who says level at the beam’s first movement is seen to', async ({ signedIn: page }) => {
  await sitFor(page, 'Ines', 5, 'Make it level', 'two numerals');
  await expect(
    page.getByRole('img', { name: /^[a-z ]+ to weigh as much as the numeral \d and the numeral \d$/ }),
  ).toBeVisible();
  await press(page, 'Show it to the child');
  const turned = page.getByRole('dialog', { name: 'Show it to the child' });
  const on = turned.getByRole('button', { name: 'Put one on the right side' });
  for (let i = 0; i < 4; i++) await on.click();
  await turned.getByRole('button', { name: 'It is level' }).click();
  await expect(turned).toBeHidden();
  await press(page, 'Done giving');
  await happened(page, /^Asked to make it level with the numeral \d and the numeral \d, gave 4\.$/);
  await expect(page.getByRole('button', { name: 'stopped when it first moved' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await press(page, 'Next try');
  await layIn(page, 3, 'Make it level', 'a picture of so many');
  await press(page, 'Show it to the child');
  await turned.getByRole('button', { name: '3', exact: true }).click();
  await expect(turned.getByText('The beam is level.')).toBeAttached();
  await turned.getByRole('button', { name: 'It is level' }).click();
  await press(page, 'Done giving');
  await happened(page, /level with a picture of 3, gave 3\.$/);
  await expect(page.getByRole('button', { name: 'stopped when it first moved' })).toHaveAttribute(
    'aria-pressed',
    'false',
  );
});

test('two cards; and what was thought first, then tested', async ({ signedIn: page }) => {
  await sitFor(page, 'Kamala', 8, 'Two cards');
  await press(page, 'the left one');
  await happened(page, /^Asked which is more, \d or \d: took the \d\.$/);
  await press(page, 'Next try');
  await layIn(page, 6, 'Think first, then test');
  await press(page, 'the left one');
  await happened(page, '“Now let’s see. Which has more?”');
  await press(page, 'the right one');
  await happened(page, /^Asked which is more, .*; after testing took the /);
});
