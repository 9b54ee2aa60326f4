import type { Page } from '@playwright/test';
import { expect, openChild, test } from './sitting.js';

// A child that has been sat down with in other tests fills more than its sheet.
test.use({ untouched: true });

/** How many sheets of A4 a page takes on paper. */
async function sheetsOf(page: Page): Promise<number> {
  const pdf = await page.pdf({ format: 'A4' });
  return pdf.toString('latin1').match(/\/Type \/Page\b(?!s)/g)!.length;
}

test('on paper a child’s page is one sheet, as are Today and the room, with nothing to press', async ({
  signedIn: page,
}) => {
  await expect(page.getByRole('link', { name: /^Sit down with/ }).first()).toBeVisible();
  for (const part of ['Today', 'Room']) {
    await page.getByRole('link', { name: part, exact: true }).click();
    await page.waitForLoadState('networkidle');
    if (part === 'Room') await expect(page.getByRole('button', { name: 'By month' })).toBeVisible();
    expect([part, await sheetsOf(page)]).toEqual([part, 1]);
    await page.emulateMedia({ media: 'print' });
    const pressed = page.getByRole('main').getByRole('button');
    // The heads of the room's table are what it is sorted by, and are read on paper too.
    await expect(pressed).toHaveCount(part === 'Room' ? 8 : 0);
    await expect(page.getByRole('navigation', { name: 'Children' })).toBeHidden();
    await page.emulateMedia({ media: null });
  }
  for (const child of ['Caspar', 'Kamala', 'Ines']) {
    await openChild(page, child);
    await expect(page.getByRole('heading', { name: 'Next steps' })).toBeVisible();
    expect([child, await sheetsOf(page)]).toEqual([child, 1]);
  }
});
