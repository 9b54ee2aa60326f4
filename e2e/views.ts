import { taskWords, type Words } from '@dotting/words';
import { english } from '@dotting/words/all';
import type { Page, Request } from '@playwright/test';
import { chooseStrand, chooseTask, expect, lay, openChild, press, tap } from './sitting.js';
import { standInKinds } from '../packages/core/src/shelf/task.js';

export const addresses = [
  '/',
  '/room',
  '/seen',
  '/hands',
  '/group',
  '/stand-ins',
  '/shelf',
  '/shelf/write?like=drop-in',
  '/shelf/file',
  '/settings',
  '/settings/ways',
  '/settings/things',
  '/settings/ideas',
  '/settings/languages',
  '/settings/devices',
  '/office',
  '/office/file',
  '/office/people',
  '/office/left',
  '/office/trail',
  '/childs-side',
  '/set-up',
  '/pair',
  '/forgotten',
] as const;

/** Outside the frame, each loaded anew. */
const alone: ReadonlySet<string> = new Set(['/childs-side', '/set-up', '/pair', '/forgotten']);

const underWay = new WeakMap<Page, Set<Request>>();

/** Nothing is fetched, and what came is drawn: two looks in turn, two frames apart, see nothing under way. */
async function quiet(page: Page): Promise<void> {
  const requests = underWay.get(page) ?? new Set<Request>();
  if (!underWay.has(page)) {
    underWay.set(page, requests);
    page.on('request', (one) => requests.add(one));
    page.on('requestfinished', (one) => requests.delete(one));
    page.on('requestfailed', (one) => requests.delete(one));
    await page.waitForLoadState('networkidle');
  }
  for (let calm = 0; calm < 2;) {
    await page.evaluate(
      () => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))),
    );
    calm = requests.size === 0 ? calm + 1 : 0;
  }
}

/** To another page as the app's links lead there, without loading the app anew. */
async function goTo(page: Page, address: string): Promise<void> {
  const { pathname } = new URL(page.url());
  // The first is loaded, and so is what stands alone or was left for it.
  if (address === '/' || alone.has(address) || alone.has(pathname)) await page.goto(address);
  else {
    await page.evaluate((to) => {
      // A page that has come takes the keyboard's place from here.
      (document.activeElement as HTMLElement | null)?.blur();
      history.pushState(null, '', to);
      dispatchEvent(new PopStateEvent('popstate', { state: null }));
    }, address);
    await page.waitForFunction(() => document.activeElement?.matches('main, h1'));
  }
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await quiet(page);
}

/** A sign of life: on a busy machine two idle minutes go by between pages, and the screen locks. */
const touch = (page: Page): Promise<void> => page.keyboard.press('Shift');

/** Each page of the frame in turn, and a child’s, ready to be looked at; for a lead, in the language she reads. */
export async function* pagesOfFrame(page: Page, words: Words): AsyncGenerator<string> {
  for (const address of addresses) {
    await goTo(page, address);
    await touch(page);
    yield address;
  }
  for (const kind of standInKinds) {
    await page.goto(`/turned?kind=${kind}`);
    await expect(page.getByRole('button', { name: words.standIns.leave(), exact: true })).toBeVisible();
    await touch(page);
    yield `the ${kind} turned to the child`;
  }
  await page.goto('/settings/things');
  await press(page, words.ownThings.add());
  yield 'adding a kind of thing';
  await page.goto('/shelf/write?like=count-row');
  await press(page, words.ownTasks.go());
  await expect(page.getByText(words.ownTasks.wouldSay(), { exact: true })).toBeVisible();
  await page.evaluate(() => globalThis.scrollTo(0, 0));
  yield 'a task tried with a made-up child';
  await page.goto('/office');
  await press(page, words.office.addChild());
  yield 'adding a child';
  await page.goto('/');
  await openChild(page, 'Farid', words);
  await quiet(page);
  yield 'a child';
  await page.locator('a[href^="/tries/"]').first().click();
  await expect(page.getByRole('button', { name: words.replay.next() })).toBeVisible();
  yield 'a replay';
  await page.keyboard.press('/');
  await expect(page.getByRole('combobox', { name: words.search.what() })).toBeFocused();
  yield 'the search';
}

/** A sitting with Farid from the plan to after a try, in the language the adult reads. */
export async function* aSitting(page: Page, words: Words): AsyncGenerator<string> {
  await page.goto('/');
  await openChild(page, 'Farid', words);
  await page
    .getByRole('link', { name: words.common.sitDownWith({ name: 'Farid' }), exact: true })
    .first()
    .click();
  await expect(page.getByRole('button', { name: words.sitting.start() })).toBeVisible();
  yield 'the plan';
  await press(page, words.sitting.changeTask());
  yield 'another task';
  const column = page.getByRole('region', { name: words.sitting.sayAndSetOut() });
  await chooseStrand(column, words.strands['one-to-one'](), words);
  await chooseTask(column, taskWords(words, 'count-row').name(), words);
  await press(page, words.sitting.useThis());
  await press(page, words.sitting.start());
  yield 'the tray';
  await page.keyboard.press('Space');
  await page.keyboard.press('h');
  await expect(page.getByLabel(words.thumb.otherWord())).toBeVisible();
  yield 'how many';
  await page.keyboard.press('1');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: words.after.notRight() })).toBeVisible();
  await quiet(page);
  yield 'after a try';
}

/** Goes on after a try with another task, laid. */
async function next(page: Page, size: number, task: string, things: string | null): Promise<void> {
  await lay(page, size, task, things);
  await press(page, 'Next try');
}

/** Two at one table; then what stands before the door: the names of who may come in, and a device not signed in. */
export async function* aTableAndTheDoor(page: Page, adult: string): AsyncGenerator<string> {
  await page.goto('/');
  await press(page, english.today.group());
  for (const child of ['Abeni', 'Dilys']) await press(page, child);
  yield 'a group';
  await page.getByRole('link', { name: english.today.sitDownWithN({ n: 2 }) }).click();
  await press(page, english.sitting.start());
  yield 'two at one table';
  await page.goto('/');
  await press(page, adult);
  await expect(page.getByRole('menuitem', { name: english.frame.lock() })).toBeVisible();
  yield 'the adult’s menu';
  // A press can be lost while the menu still moves to its place after the screen was turned.
  await expect(async () => {
    const lock = page.getByRole('menuitem', { name: english.frame.lock() });
    if (await lock.isVisible()) await lock.click();
    await expect(page.getByText(english.entrance.who())).toBeVisible({ timeout: 5_000 });
  }).toPass({ timeout: 30_000, intervals: [1_000] });
  yield 'who is here';
  await page.context().clearCookies();
  await page.goto('/');
  await expect(page.getByLabel('Password')).toBeVisible();
  yield 'signing the device in';
}

/** What else a sitting can come to, in English; goes on where `aSitting` ended. */
export async function* restOfSitting(page: Page): AsyncGenerator<string> {
  await press(page, english.after.notRight());
  yield 'putting it right';
  await next(page, 20, 'Count, moving each aside', 'acorn cups');
  yield 'twenty laid';
  await tap(page, 3);
  yield 'twenty, counting';
  await press(page, english.slips.otherWord());
  yield 'another word';
  await press(page, '4');
  await press(page, 'How many?');
  await press(page, '20');
  await expect(page.getByRole('button', { name: english.after.notRight() })).toBeVisible();
  yield 'after twenty';
  await next(page, 12, 'Say the numbers', null);
  await tap(page, 2);
  yield 'saying';
  await press(page, 'Done saying');
  await next(page, 4, 'Give me so many', 'shells');
  yield 'giving';
  await press(page, '3');
  await press(page, 'Done giving');
  yield 'after giving';
  await next(page, 5, 'Which has more?', null);
  yield 'sets side by side';
  await press(page, 'Show it to the child');
  const turned = page.getByRole('dialog', { name: 'Show it to the child' });
  await expect(turned.getByRole('button', { name: 'the left one' })).toBeVisible();
  yield 'sets shown to the child';
  await turned.getByRole('button', { name: 'the left one' }).click();
  await expect(page.getByText(/^Asked which is more/)).toBeVisible();
  await next(page, 4, 'How many dots?', null);
  yield 'dots to be shown';
  await press(page, english.childSide.device());
  await expect(page.getByText(/^On the other device open/)).toBeVisible();
  yield 'a word for another device';
  await press(page, english.childSide.here());
  await lay(page, 10, 'All the ways', 'acorn cups');
  yield 'all the ways';
  await lay(page, 8, 'Number walk', null);
  yield 'a walk to letters';
  await lay(page, 6, 'Find every one', null);
  yield 'numerals to find';
  await lay(page, 8, 'Sort and chart', 'corks');
  yield 'kinds to sort';
  await lay(page, 12, 'Write it in braille', null);
  yield 'a numeral to braille';
  await lay(page, 7, 'Write the number I say', null);
  yield 'a numeral to write';
  await press(page, english.thumb.giveScreen());
  const sheet = page.getByRole('dialog', { name: 'The numeral 7 to write' });
  await expect(sheet.getByRole('img')).toBeVisible();
  yield 'a page to write on, turned to the child';
  await sheet.getByRole('button', { name: english.standIns.leave() }).press('Enter');
  await expect(sheet).toBeHidden();
  await lay(page, 4, 'Write it in the air', null);
  yield 'a numeral in the air';
  await lay(page, 5, 'Make it level', 'corks');
  yield 'a balance';
  await press(page, 'Show it to the child');
  const balance = page.getByRole('dialog', { name: 'Show it to the child' });
  await balance
    .getByRole('button', { name: english.standIns.putOn({ side: english.standIns.right() }) })
    .click();
  yield 'a balance shown to the child';
  await balance.getByRole('button', { name: english.standIns.isLevel() }).click();
  await press(page, 'Done giving');
  await expect(page.getByText(/^Asked to make it level/)).toBeVisible();
  await page.keyboard.press('?');
  yield 'the keys';
  await press(page, english.sitting.toTray());
  await press(page, 'Pause');
  yield 'a pause';
  await press(page, english.sitting.goOn());
  await press(page, english.sitting.endHere());
  await expect(page.getByRole('button', { name: 'Save and finish' })).toBeVisible();
  yield 'the closing page';
}
