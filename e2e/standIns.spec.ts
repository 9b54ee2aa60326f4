import { expect, press, test } from './sitting.js';

test('dice are set up, turned to the child with nothing else on the screen, and the same game comes again', async ({
  signedIn: page,
}) => {
  await page.getByRole('link', { name: 'Shelf', exact: true }).click();
  await page.getByRole('link', { name: 'On the screen', exact: true }).click();
  const numbers = page.getByLabel('Numbers (such as 1-6, or 2, 2, 5)');
  await numbers.fill('six');
  await expect(page.getByText('Write whole numbers from 0 to 20')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Turn it to the child' })).toBeDisabled();
  await numbers.fill('1-3');
  await page.getByLabel('Game number').fill('7');
  await press(page, 'What will come');
  const coming = (await page.getByText(' · ').innerText()).split(' · ');
  expect(coming).toHaveLength(10);
  await page.getByRole('link', { name: 'Turn it to the child' }).click();
  await expect(page.locator('output')).toHaveText('');
  // Nothing of the frame, and two things to press: the die, and the adult's way back.
  await expect(page.getByRole('button')).toHaveCount(2);
  await expect(page.getByRole('link')).toHaveCount(0);
  // By keyboard and by touch.
  await page.keyboard.press('Space');
  await expect(page.locator('output')).toHaveText(coming[0]!);
  await press(page, 'Throw the die');
  await expect(page.locator('output')).toHaveText(coming[1]!);
  await page.keyboard.press('Escape');
  await expect(numbers).toHaveValue('1-3');
  await page.getByRole('link', { name: 'Turn it to the child' }).click();
  await page.keyboard.press('Enter');
  await expect(page.locator('output')).toHaveText(coming[0]!);
});

test('a child’s tap does not leave; held for a moment the way back does', async ({ signedIn: page }) => {
  await page.goto('/stand-ins?kind=path&numbers=2');
  await page.getByRole('link', { name: 'Turn it to the child' }).click();
  await press(page, 'Throw the die');
  const back = page.getByRole('button', { name: 'Back', exact: true });
  await back.click();
  await press(page, 'Move the boat one square');
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('output')).toHaveText('The die shows 2. The boat is at square 2.');
  await page.keyboard.press('ArrowLeft');
  await expect(page.locator('output')).toHaveText('The die shows 2. The boat is at square 1.');
  await back.click({ delay: 1_200 });
  await expect(page.getByRole('heading', { name: 'On the screen' })).toBeVisible();
});

test('a deck goes round, a frame is filled cell by cell, a tin drops what it was set to', async ({
  signedIn: page,
}) => {
  await page.goto('/turned?kind=cards&numbers=1-4');
  const seen: string[] = [];
  for (let i = 0; i < 5; i++) {
    await press(page, 'Turn the next card');
    await expect(page.locator('output')).toHaveText(/\d/);
    seen.push(await page.locator('output').innerText());
  }
  expect(seen.slice(0, 4).toSorted()).toEqual(['1', '2', '3', '4']);
  expect(seen[4]).toBe(seen[0]);

  await page.goto('/turned?kind=frame&cells=10&numbers=8');
  const cells = page.getByRole('button', { name: /^cell/ });
  await expect(cells).toHaveCount(10);
  await expect(page.locator('[aria-pressed=true]')).toHaveCount(8);
  await cells.nth(8).click();
  await cells.nth(9).press('Space');
  await expect(page.locator('[aria-pressed=true]')).toHaveCount(10);

  await page.goto('/turned?kind=tin&drops=3&tells=light');
  await press(page, 'Let them fall');
  await expect(page.locator('[data-dropped="3"]')).toBeVisible();
});

test('dots for a moment, and a balance that is level only where both sides weigh the same', async ({
  signedIn: page,
}) => {
  await page.goto('/stand-ins?kind=dots&numbers=3');
  await press(page, 'a frame, line by line');
  await page.getByRole('link', { name: 'Turn it to the child' }).click();
  const dots = page.locator('[data-stage] > g').first();
  await press(page, 'Show some');
  await expect(dots.locator('circle')).toHaveCount(3);
  await expect(dots).toBeVisible();
  await expect(dots).toBeHidden();
  // Two sets to compare stand there for as long as it takes.
  await page.goto('/turned?kind=dots&numbers=2&sets=2');
  await press(page, 'Show some');
  await expect(dots.locator('circle')).toHaveCount(4);
  await press(page, 'Show some');
  await expect(dots).toBeVisible();
  await page.goto('/turned?kind=balance&numbers=4&right=3, 1');
  await expect(page.locator('output')).toHaveText('The beam is level.');
  await page.goto('/turned?kind=balance&numbers=3, 2');
  const said = page.locator('output');
  await expect(said).toHaveText('The beam leans to the left side.');
  for (let n = 1; n <= 5; n++) await press(page, 'Put one on the right side');
  await expect(said).toHaveText('The beam is level.');
  await press(page, 'Put one on the left side');
  await expect(said).toHaveText('The beam leans to the left side.');
  await press(page, 'Take one off the left side');
  await press(page, 'Put one on the right side');
  await expect(said).toHaveText('The beam leans to the right side.');
});
