import type { Locator, Page } from '@playwright/test';
import { expect, mirror, test } from './sitting.js';

/** How an adult reaches what is on the screen: nothing here is done with a mouse. */
interface Hand {
  readonly on: (control: Locator) => Promise<void>;
  readonly countOne: () => Promise<void>;
  /** Asks how many, and takes the answer down. */
  readonly ask: (answer: number) => Promise<void>;
}

const byKeys = (page: Page): Hand => ({
  on: async (control) => {
    await control.focus();
    await page.keyboard.press('Enter');
  },
  countOne: () => page.keyboard.press('Space'),
  ask: async (answer) => {
    await page.keyboard.press('h');
    await expect(page.getByText('The answer was')).toBeVisible();
    await page.keyboard.press(String(answer));
    await page.keyboard.press('Enter');
  },
});

const byTouch = (page: Page): Hand => ({
  on: (control) => control.tap(),
  countOne: () => mirror(page).tap({ position: { x: 120, y: 90 } }),
  ask: async (answer) => {
    await page.getByRole('button', { name: 'How many?', exact: true }).tap();
    await page.getByRole('button', { name: String(answer), exact: true }).tap();
  },
});

const sizes = { lying: { width: 1280, height: 800 }, upright: { width: 820, height: 1180 } } as const;
const hands = { 'by keyboard alone': byKeys, 'by touch alone': byTouch } as const;
const children = ['Abeni', 'Caspar', 'Ines', 'Oluchi'];

for (const [of, handOf] of Object.entries(hands))
  for (const [held, viewport] of Object.entries(sizes))
    test.describe(`a tablet ${held}`, () => {
      test.use({ viewport, hasTouch: handOf === byTouch });

      test(`a whole sitting ${of}, from the child’s page to what was learned`, async ({
        app,
        signedIn: page,
      }) => {
        const hand = handOf(page);
        const button = (name: string): Locator => page.getByRole('button', { name, exact: true });
        const child = children.shift()!;
        const before = await app.countTries(child);
        if (held === 'upright') await hand.on(button('Children'));
        await hand.on(page.getByRole('navigation', { name: 'Children' }).getByRole('link', { name: child }));
        await hand.on(page.getByRole('link', { name: `Sit down with ${child}` }).first());
        await hand.on(button('Change task'));
        const column = page.getByRole('region', { name: 'Say and set out' });
        await hand.on(column.getByRole('combobox', { name: 'Strand' }));
        await hand.on(page.getByRole('option', { name: 'One-to-one', exact: true }));
        await hand.on(column.getByRole('combobox', { name: 'Task' }));
        await hand.on(page.getByRole('option', { name: 'Count a row', exact: true }));
        await hand.on(button('Use this'));
        await hand.on(button('Ready – start'));

        const laid = Number(/\d+/.exec((await mirror(page).getAttribute('aria-label'))!)![0]);
        for (let i = 0; i < laid; i++) await hand.countOne();
        await hand.ask(laid);
        await expect(
          page.getByRole('status').filter({ hasText: `One word and one touch for each of ${laid} ` }),
        ).toBeVisible();
        await hand.on(button('Finish here'));
        await hand.on(button('Save and finish'));

        await expect(page.getByRole('heading', { level: 1, name: child })).toBeVisible();
        expect(await app.countTries(child)).toBe(before + 1);
      });
    });
