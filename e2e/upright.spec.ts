import { expect, openChild, test } from './sitting.js';

test.use({ viewport: { width: 820, height: 1180 }, adult: 'Orla' });

test('a tablet held upright shows every button of Today, of a child and of the office', async ({
  signedIn: page,
}) => {
  const runsOff = () =>
    page.evaluate(() => {
      const controls = [...document.querySelectorAll<HTMLElement>('button, a[href], input, [role=button]')];
      return controls
        .filter((one) => one.checkVisibility())
        .map((one) => ({ name: one.innerText || one.ariaLabel, right: one.getBoundingClientRect().right }))
        .filter(({ right }) => right > window.innerWidth);
    });
  await expect(page.getByRole('link', { name: /^Sit down with/ }).first()).toBeVisible();
  expect(await runsOff()).toEqual([]);
  const sideways = () => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  expect(await sideways()).toBe(0);
  await openChild(page, 'Caspar');
  expect(await runsOff()).toEqual([]);
  await page.getByRole('link', { name: 'Office' }).click();
  await expect(page.getByRole('heading', { name: 'Office' })).toBeVisible();
  expect(await runsOff()).toEqual([]);
  expect(await sideways()).toBe(0);
});

test('the keyboard’s place is seen on a button as on a link', async ({ signedIn: page }) => {
  const button = page.getByRole('button', { name: 'Orla' });
  await button.focus();
  await page.keyboard.press('Shift+Tab');
  await page.keyboard.press('Tab');
  await expect(button).toBeFocused();
  expect(await button.evaluate((one) => getComputedStyle(one).outlineStyle)).toBe('solid');
  expect(
    await button.evaluate((one) => parseFloat(getComputedStyle(one).outlineWidth)),
  ).toBeGreaterThanOrEqual(3);
});

test('every letter of Urdu’s number words has a shape of its own', async ({ signedIn: page }) => {
  await page.goto('/languages');
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
