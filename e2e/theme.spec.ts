import { expect, test } from './sitting.js';

test.use({ adult: 'Orla' });

test('the keyboard’s place is seen on a button as on a link', async ({ signedIn: page }) => {
  const button = page.getByRole('button', { name: 'Orla', exact: true });
  await button.focus();
  await page.keyboard.press('Shift+Tab');
  await page.keyboard.press('Tab');
  await expect(button).toBeFocused();
  await expect(button).toHaveCSS('outline-style', 'solid');
  await expect(button).toHaveCSS('outline-width', '3px');
});

test('every letter of Urdu’s number words has a shape of its own', async ({ signedIn: page }) => {
  await page.goto('/settings/languages');
  const missing = await page.evaluate(async () => {
    await document.fonts.load('24px "Noto Naskh Arabic Variable"', 'گیارہ');
    const faces = [...document.fonts].filter((face) => face.family.includes('Noto Naskh'));
    const loaded = faces.filter((face) => face.status === 'loaded');
    const stack = getComputedStyle(document.body).fontFamily;
    return { loaded: loaded.length, isInStack: stack.includes('Noto Naskh Arabic') };
  });
  expect(missing.loaded).toBeGreaterThan(0);
  expect(missing.isInStack).toBe(true);
});
