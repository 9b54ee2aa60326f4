import { taskWords } from '@dotting/words';
import { english } from '@dotting/words/all';
import { test as base, expect, type Locator, type Page } from '@playwright/test';
import { adults, demoPassword, emailOf } from '../apps/server/src/demo/nursery.js';
import { tasks } from '../packages/core/src/shelf/tasks.js';
import { App } from './app.js';

interface ForEachTest {
  readonly adult: string;
  /** Name and code as an adult gives them: for whoever is to come in again without a network. */
  readonly byHand: boolean;
  readonly signedIn: Page;
}

interface ForEachWorker {
  readonly app: App;
  /** Of another app than those of the tests without it: what is in it is as the demo made it. */
  readonly untouched: boolean;
}

/** Every test has the app, signed in, with an adult at it. */
export const test = base.extend<ForEachTest, ForEachWorker>({
  untouched: [false, { scope: 'worker', option: true }],
  app: [
    // Playwright reads the names of the fixtures needed from the first argument.
    async ({}, use) => {
      const app = await App.open();
      await use(app);
      await app.close();
    },
    { scope: 'worker', timeout: 180_000 },
  ],
  baseURL: async ({ app }, use) => use(app.url),
  adult: ['Tomasz', { option: true }],
  byHand: [false, { option: true }],
  signedIn: async ({ page, adult, byHand, app }, use, { title, errors }) => {
    await (byHand ? signIn(page, '/', adult) : beThere(page, app.url, adult));
    await use(page);
    // Where only the log is left of a run, it tells what stood on the page.
    if (errors.length > 0) console.log(`The page when “${title}” failed:\n${await page.innerText('body')}`);
  },
});

export { expect };

/** Signs a new device in, and lets an adult come in. */
export async function signIn(page: Page, url: string, adult: string): Promise<void> {
  const data = { email: emailOf(adults[0]!), password: demoPassword };
  expect((await page.request.post(`${url.replace(/\/$/, '')}/api/device`, { data })).ok()).toBe(true);
  await page.goto(url);
  await comeIn(page, adult);
}

/** The same as `signIn`, as it is a moment later, without the way there. */
async function beThere(page: Page, url: string, firstName: string): Promise<void> {
  const { request } = page;
  const device = { email: emailOf(adults[0]!), password: demoPassword };
  expect((await request.post('/api/device', { data: device })).ok()).toBe(true);
  const here = (await (await request.get('/api/here')).json()) as {
    adults: { id: string; firstName: string }[];
  };
  const { id } = here.adults.find((one) => one.firstName === firstName)!;
  const { code } = adults.find((one) => one.firstName === firstName)!;
  expect((await request.post('/api/adult', { data: { staffId: id, code } })).ok()).toBe(true);
  // Somebody has just touched the screen.
  await page.context().setStorageState({
    cookies: (await page.context().storageState()).cookies,
    origins: [{ origin: url, localStorage: [{ name: 'dotting-life', value: String(Date.now()) }] }],
  });
  await page.goto('/');
}

/** Chooses the name and types the code; leaves it to the caller to wait for what then shows. */
export async function comeIn(page: Page, firstName: string): Promise<void> {
  const adult = adults.find((one) => one.firstName === firstName)!;
  await page.getByRole('button', { name: firstName, exact: true }).click();
  await page.keyboard.type(adult.code);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Who is here?')).toBeHidden();
}

/** From the register to a laid tray. */
export async function sitDown(
  page: Page,
  child: string,
  size: number,
  task = 'Count a row',
  things: string | null = 'corks',
) {
  await openChild(page, child);
  await page.getByRole('link', { name: `Sit down with ${child}` }).click();
  await lay(page, size, task, things);
  await begin(page);
}

/** From the plan to the laid tray. */
export const begin = (page: Page): Promise<void> => press(page, 'Ready – start');

/** From the tray over the closing page to the child's page. */
export async function endHere(page: Page): Promise<void> {
  await press(page, 'Finish here');
  await press(page, 'Save and finish');
}

/** From the children beside the page, or, where it is narrow, from behind their button. */
export async function openChild(page: Page, child: string, words = english): Promise<void> {
  const children = words.frame.children();
  const one = page.getByRole('navigation', { name: children }).getByRole('link', { name: child });
  const behind = page.getByRole('button', { name: children, exact: true });
  await expect(one.or(behind)).toBeVisible();
  if (await behind.isVisible()) await behind.click();
  await one.click();
  await expect(page.getByRole('heading', { name: child, exact: true })).toBeVisible();
}

/** From the list of strands. */
export async function chooseStrand(column: Locator, strand: string, words = english): Promise<void> {
  const list = column.getByRole('combobox', { name: words.plan.strand() });
  await list.click();
  await column.page().getByRole('option', { name: strand, exact: true }).click();
  await expect(list).toHaveText(strand);
}

/** From among the tasks of the strand: a button each, or a list where there are many. */
export async function chooseTask(column: Locator, task: string, words = english): Promise<void> {
  const list = column.getByRole('combobox', { name: words.plan.task() });
  const button = column.getByRole('button', { name: task, exact: true });
  await expect(list.or(button)).toBeVisible();
  // The column follows a moment after the tap.
  if (await button.isVisible()) {
    await button.click();
    return expect(button).toHaveAttribute('aria-pressed', 'true');
  }
  await list.click();
  await column.page().getByRole('option', { name: task, exact: true }).click();
  await expect(list).toHaveText(task);
}

export async function lay(page: Page, size: number, task: string, things: string | null): Promise<void> {
  await page.getByRole('button', { name: 'Change task' }).click();
  const column = page.getByRole('region', { name: 'Say and set out' });
  const { strand } = tasks.find(({ id }) => taskWords(english, id).name() === task)!;
  await chooseStrand(column, english.strands[strand]());
  await chooseTask(column, task);
  if (things !== null) await column.getByRole('button', { name: things }).click();
  if (tasks.find(({ id }) => taskWords(english, id).name() === task)!.onlyRungs) {
    await column.getByRole('button', { name: String(size), exact: true }).click();
    return press(page, 'Use this');
  }
  const shown = column.getByLabel('How many to set out');
  for (let n = Number(await shown.innerText()); n !== size;) {
    await column.getByRole('button', { name: n > size ? 'one fewer' : 'one more', exact: true }).click();
    n += n > size ? -1 : 1;
    await expect(shown).toHaveText(String(n));
  }
  await page.getByRole('button', { name: 'Use this' }).click();
}

/** The same, in one of the task's ways. */
export async function layIn(page: Page, n: number, task: string, way?: string): Promise<void> {
  await lay(page, n, task, null);
  if (way === undefined) return;
  await press(page, 'Change task');
  await press(page, way);
  await press(page, 'Use this');
}

export const mirror = (page: Page): Locator =>
  page.getByRole('button', { name: /next thing|next word|each one put in|each number said/ });

/** One word with one touch, so many times, anywhere on the mirror. */
export async function tap(page: Page, times: number): Promise<void> {
  for (let i = 0; i < times; i++) await mirror(page).click({ position: { x: 120 + 7 * i, y: 90 } });
}

export const press = (page: Page, name: string): Promise<void> =>
  page.getByRole('button', { name, exact: true }).click();

export async function expectAllSent(page: Page): Promise<void> {
  await expect(page.getByText('Sent ✓')).toBeVisible({ timeout: 30_000 });
}
