import { languages, wordsIn, type AppLanguage } from '@dotting/words';
import type { Page } from '@playwright/test';
import { expect, test } from './sitting.js';
import { aSitting, pagesOfFrame } from './views.js';

test.use({ adult: 'Orla', viewport: { width: 1280, height: 800 } });

/** Texts cut off at a side of the page, or of a box that hides what does not fit. */
const clipped = (page: Page): Promise<readonly string[]> =>
  page.evaluate(() => {
    const width = document.documentElement.clientWidth;
    const found: string[] = [];
    if (document.documentElement.scrollWidth > width) found.push('the page scrolls sideways');
    for (const element of document.querySelectorAll<HTMLElement>('body *')) {
      const text = [...element.childNodes]
        .filter((node) => node.nodeType === Node.TEXT_NODE)
        .map((node) => node.textContent?.trim() ?? '')
        .join(' ')
        .trim();
      const box = element.getBoundingClientRect();
      // Said to a screen reader only, or not drawn at all; what stands in a field of more lines scrolls there.
      if (text === '' || box.width <= 1 || box.height <= 1 || element.matches('textarea, fieldset *'))
        continue;
      if (!element.checkVisibility({ opacityProperty: true, visibilityProperty: true })) continue;
      const range = document.createRange();
      range.selectNodeContents(element);
      const drawn = range.getBoundingClientRect();
      for (let around: HTMLElement | null = element; around; around = around.parentElement) {
        if (getComputedStyle(around).overflowX === 'visible' && around !== document.body) continue;
        const edge = around === document.body ? new DOMRect(0, 0, width, 0) : around.getBoundingClientRect();
        if (drawn.left < edge.left - 1 || drawn.right > edge.right + 1) found.push(text);
        break;
      }
    }
    return found;
  });

/** Speaks the language to the adult from the next page on, until the test is over. */
async function speak(page: Page, language: AppLanguage): Promise<void> {
  const settings = { thumb: 'right', language };
  expect((await page.request.patch('/api/adult', { data: settings })).status()).toBeLessThan(300);
}

for (const language of ['es', 'qrl'] as const)
  test(`in ${languages[language].name} nothing is cut off at 1280×800`, async ({ signedIn: page }) => {
    test.slow();
    await speak(page, language);
    try {
      await page.reload();
      await expect(page.locator('html')).toHaveAttribute('dir', languages[language].direction);
      const words = await wordsIn(language);
      for (const views of [pagesOfFrame(page, words), aSitting(page, words)])
        for await (const view of views) expect.soft(await clipped(page), view).toEqual([]);
    } finally {
      await speak(page, 'en');
    }
  });
