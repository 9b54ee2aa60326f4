import { createRequire } from 'node:module';
import type Axe from 'axe-core';
import { english } from '@dotting/words/all';
import type { Page } from '@playwright/test';
import { expect, test } from './sitting.js';
import { aSitting, aTableAndTheDoor, pagesOfFrame, restOfSitting } from './views.js';

declare const axe: typeof Axe;

test.use({ adult: 'Orla' });

test.beforeEach(({ context }) =>
  context.addInitScript({ path: createRequire(import.meta.url).resolve('axe-core/axe.min.js') }),
);

/** The screens it has to fit; in a sitting nothing scrolls on the first three. */
const screens = [
  { name: '1280×800', width: 1280, height: 800, letters: '100%' },
  { name: 'a small tablet', width: 1024, height: 768, letters: '100%' },
  { name: 'a tablet held upright', width: 820, height: 1180, letters: '100%' },
  { name: 'a telephone', width: 390, height: 844, letters: '100%' },
  { name: 'letters twice as large', width: 1280, height: 800, letters: '200%' },
  { name: 'enlarged four times', width: 320, height: 200, letters: '100%' },
] as const;
/** The checks take half a second a view: two screens of the six each time, all of them with EVERY_SCREEN=1. */
const toCheck: ReadonlySet<string> = new Set(
  screens
    .filter(({ name }) => process.env['EVERY_SCREEN'] || ['1280×800', 'a telephone'].includes(name))
    .map(({ name }) => name),
);
const toHold: ReadonlySet<string> = new Set(screens.slice(0, 3).map(({ name }) => name));

/** What runs off the page, is cut off, lies over another, or scrolls where it should not. */
const misfits = (page: Page, mayScrollDown: boolean): Promise<readonly string[]> =>
  page.evaluate((mayScroll) => {
    const found: string[] = [];
    const root = document.documentElement;
    const nameOf = (one: Element): string =>
      `${one.tagName.toLowerCase()} “${(one.getAttribute('aria-label') ?? one.textContent ?? '').trim().slice(0, 30)}”`;
    if (root.scrollWidth > root.clientWidth)
      found.push(`the page scrolls sideways by ${root.scrollWidth - root.clientWidth}`);
    if (!mayScroll && root.scrollHeight > root.clientHeight)
      found.push(`the page scrolls down by ${root.scrollHeight - root.clientHeight}`);
    for (const part of document.querySelectorAll('#root *')) {
      if (part.closest('svg, fieldset, textarea')) continue;
      const { overflowX, overflowY } = getComputedStyle(part);
      if (part.clientWidth > 1 && overflowX !== 'visible' && part.scrollWidth > part.clientWidth + 1)
        found.push(`scrolls sideways: ${nameOf(part)}`);
      if (
        !mayScroll &&
        part.clientHeight > 1 &&
        overflowY !== 'visible' &&
        part.scrollHeight > part.clientHeight + 1
      )
        found.push(`scrolls down: ${nameOf(part)}`);
    }
    /** As much of a box as its scrolling surroundings show. */
    const shownBox = (one: Element): DOMRect | null => {
      const { left, right, ...box } = one.getBoundingClientRect().toJSON() as DOMRect;
      let { top, bottom } = box;
      for (
        let around = one.parentElement;
        around && around !== document.body;
        around = around.parentElement
      ) {
        if (getComputedStyle(around).overflowY === 'visible') continue;
        const edge = around.getBoundingClientRect();
        top = Math.max(top, edge.top);
        bottom = Math.min(bottom, edge.bottom);
      }
      return bottom - top > 1 && right - left > 1 ? new DOMRect(left, top, right - left, bottom - top) : null;
    };
    // What lies over all else is all that can be reached.
    const over = document.querySelector('.MuiModal-root') ?? document;
    const controls = [
      ...over.querySelectorAll(
        'button, a[href]:not([href="#page"]), input, select, textarea, summary, [role=button], [role=radio], [role=combobox], [role=option], [role=menuitem]',
      ),
    ]
      .filter((one) => one.checkVisibility({ opacityProperty: true, visibilityProperty: true }))
      .flatMap((one) => {
        const box = shownBox(one);
        return box ? [{ one, box }] : [];
      });
    for (const { one, box } of controls) {
      if (box.left < -1 || box.right > root.clientWidth + 1) found.push(`runs off: ${nameOf(one)}`);
      if (
        one.matches('button, a') &&
        one.scrollWidth > one.clientWidth + 2 &&
        getComputedStyle(one).display !== 'inline'
      )
        found.push(`cut off: ${nameOf(one)}`);
    }
    for (const [i, { one, box }] of controls.entries())
      for (const { one: other, box: of } of controls.slice(i + 1)) {
        if (one.contains(other) || other.contains(one)) continue;
        const wide = Math.min(box.right, of.right) - Math.max(box.left, of.left);
        const high = Math.min(box.bottom, of.bottom) - Math.max(box.top, of.top);
        if (wide > 2 && high > 2) found.push(`${nameOf(one)} lies over ${nameOf(other)}`);
      }
    return found;
  }, mayScrollDown);

/** What can be found automatically against WCAG 2.2 AA, contrast among it. */
const violations = (page: Page): Promise<readonly string[]> =>
  page.evaluate(async () => {
    const { violations: found } = await axe.run(document, {
      runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
      resultTypes: ['violations'],
      preload: false,
    });
    return found.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 120)).join(' ')}`);
  });

// What floats over the page finds its place and colour a moment later; one look takes seconds on a busy machine.
const soon = expect.configure({ soft: true, timeout: 20_000 });

/** Holds each view against each screen, and leaves it as it was. */
async function holdAgainstAll(page: Page, views: AsyncGenerator<string>, holds: boolean): Promise<void> {
  for await (const view of views) {
    for (const { name, width, height, letters } of screens) {
      await page.setViewportSize({ width, height });
      await page.evaluate((size) => (document.documentElement.style.fontSize = size), letters);
      await soon.poll(() => misfits(page, !holds || !toHold.has(name)), `${view}, ${name}`).toEqual([]);
      if (toCheck.has(name)) await soon.poll(() => violations(page), `${view}, ${name}`).toEqual([]);
    }
    await page.setViewportSize(screens[0]);
    await page.evaluate(() => (document.documentElement.style.fontSize = ''));
  }
}

test('every page of the frame fits every screen and passes the automated checks', async ({
  signedIn: page,
}) => {
  test.slow();
  await holdAgainstAll(page, pagesOfFrame(page, english), false);
});

test('every state of a sitting fits every screen, and holds on a tablet without scrolling', async ({
  signedIn: page,
}) => {
  test.slow();
  await holdAgainstAll(page, aSitting(page, english), true);
  await holdAgainstAll(page, restOfSitting(page), true);
});

test('so do several at one table, the adult’s menu and the door', async ({ signedIn: page }) => {
  test.slow();
  await holdAgainstAll(page, aTableAndTheDoor(page, 'Orla'), false);
});
