import { usualChild } from '../packages/core/src/simulate/child.js';
import { trueTracking } from '../packages/core/src/simulate/population.js';
import { seededRandom } from '../packages/core/src/common/random.js';
import {
  begin,
  comeIn,
  endHere,
  expect,
  expectAllSent,
  lay,
  mirror,
  openChild,
  press,
  signIn,
  sitDown,
  tap,
  test,
} from './sitting.js';
import { letChildTry } from './simulatedChild.js';

test('a whole guided sitting with a simulated child: the closing page says no more than is so, and what is open', async ({
  app,
  signedIn: page,
}) => {
  test.setTimeout(360_000);
  // Knows the words and keeps track well; counts all over again when asked how many.
  const ability = {
    ...usualChild,
    orderTo: 29,
    orderSlope: 0.5,
    lapse: 0,
    slipPerThing: 0.012,
    lastWord: 0,
    recounts: 1,
  };
  const random = seededRandom(41);
  await page.clock.install();
  await press(page, 'Upper Pound');
  await openChild(page, 'Sunniva');
  await page.getByRole('link', { name: 'Sit down with Sunniva' }).click();
  await page.getByRole('button', { name: '6', exact: true }).click();
  await lay(page, 4, 'Count a row', 'corks');
  await page.getByRole('combobox', { name: 'Then, if there’s time' }).click();
  await page.getByRole('option', { name: 'How many?' }).click();
  await begin(page);
  const put: string[] = [];
  for (let i = 0; i < 20; i++) {
    put.push((await letChildTry(page, ability, random)).id);
    // As long as such a try takes with a child.
    await page.clock.fastForward('00:25');
    const why = await page.getByText(/^Next: /).innerText();
    if (/enough for today|Finish here, or change the task|a good place to finish/.test(why)) break;
    await press(page, 'Next try');
  }
  // Where all of a question went wrong an easy count ends it well.
  expect(new Set(put.slice(0, -1))).toEqual(new Set(['count-row', 'how-many']));
  expect(put.at(-1)).toBe('count-aside');
  await press(page, 'Finish here');

  const changed = page.getByRole('region', { name: 'What we learned' });
  const open = page.getByRole('region', { name: 'Still to find out' });
  await expect(changed.getByRole('textbox').first()).toBeVisible();
  const lines = await changed
    .getByRole('textbox')
    .evaluateAll((boxes) => boxes.map((box) => (box as HTMLTextAreaElement).value));
  const row = lines.find((line) => /in a row/.test(line));
  const sureTo = Number(/counts (\d+) in a row – sure/.exec(row!)?.[1] ?? 0);
  expect(sureTo).toBeLessThanOrEqual(trueTracking(ability, 20));
  expect(lines.join(' ')).toMatch(/says numbers in order to \d+/);
  // What was likely before may stand there as what it was, never as what is so now.
  expect(lines.join(' ')).not.toMatch(/Sunniva (likely )?answers/);
  await expect(open).toContainText('Last word = how many: not clear yet');

  await changed.getByRole('textbox', { name: row! }).fill('Keeps track of a good handful.');
  await page.getByLabel('Anything else worth noting').fill('Counts again each time she is asked.');
  await press(page, 'Save and finish');
  await expect(page.getByRole('heading', { name: 'Sunniva', exact: true })).toBeVisible();
  await expectAllSent(page);
  const closing = await app.latestClosing('Sunniva');
  expect(closing.note).toBe('Counts again each time she is asked.');
  expect(closing.changed.find((line) => line.told === row)!.words).toBe('Keeps track of a good handful.');
});

test('the network cut from the second try to the last: tries and closing page are kept, then sent', async ({
  app,
  signedIn: page,
  context,
}) => {
  const before = await app.countTries('Mateusz');
  await sitDown(page, 'Mateusz', 3);
  await tap(page, 3);
  await press(page, 'Done counting');
  await expectAllSent(page);
  await context.setOffline(true);
  for (let i = 0; i < 2; i++) {
    await press(page, 'Next try');
    await page.getByRole('button', { name: /no slips$/ }).click();
    await expect(page.getByText(/^One word and one touch for each/)).toBeVisible();
  }
  await press(page, 'Finish here');
  await page.getByLabel('Anything else worth noting').fill('sang while he counted');
  await press(page, 'Save and finish');
  await expect(page.getByText('No connection').first()).toBeVisible();
  await context.setOffline(false);
  await expectAllSent(page);
  expect(await app.countTries('Mateusz')).toBe(before + 3);
  expect((await app.latestClosing('Mateusz')).note).toBe('sang while he counted');
});

test('a pause keeps the sitting, and it goes on where it was', async ({ signedIn: page }) => {
  await sitDown(page, 'Ines', 6);
  await tap(page, 6);
  await press(page, 'Done counting');
  await press(page, 'Pause');
  await expect(page.getByRole('heading', { name: 'Ines is taking a break' })).toBeVisible();
  await page.reload();
  await press(page, 'Carry on');
  await expect(page.getByText(/^One word and one touch for each of 6 corks/)).toBeVisible();
});

test('two children at one table: one tap changes the child, each has tries of its own', async ({
  app,
  signedIn: page,
}) => {
  const before = { Kamala: await app.countTries('Kamala'), Lowri: await app.countTries('Lowri') };
  await press(page, 'Start a group');
  for (const child of ['Kamala', 'Lowri'])
    await page.getByRole('button', { name: child, exact: true }).click();
  await page.getByRole('link', { name: 'Sit down with 2' }).click();
  const faces = page.getByRole('navigation', { name: 'At the table' });
  await expect(faces.getByRole('button')).toHaveCount(2);
  await lay(page, 3, 'Count a row', 'corks');
  await begin(page);
  await tap(page, 2);
  await faces.getByRole('button', { name: 'Lowri' }).click();
  await lay(page, 4, 'Count a row', 'corks');
  await begin(page);
  await tap(page, 4);
  await press(page, 'Done counting');
  await faces.getByRole('button', { name: 'Kamala' }).click();
  await tap(page, 1);
  await press(page, 'Done counting');
  await expect(page.getByText(/^One word and one touch for each of 3 corks/)).toBeVisible();
  await endHere(page);
  await endHere(page);
  await expectAllSent(page);
  expect(await app.countTries('Kamala')).toBe(before.Kamala + 1);
  expect(await app.countTries('Lowri')).toBe(before.Lowri + 1);
  expect(await app.eventsOfLatestTry('Lowri')).toHaveLength(4);
});

test('seen in passing: child, what was seen, number, and it is on record', async ({
  app,
  signedIn: page,
}) => {
  await page.getByRole('link', { name: 'Spotted in play' }).click();
  await page.getByRole('button', { name: 'Nadia', exact: true }).click();
  await page.getByRole('button', { name: 'gave a number when asked' }).click();
  await page.getByRole('button', { name: '3', exact: true }).click();
  await expect(page.getByText('Recorded: Nadia gave 3 when asked.')).toBeVisible();
  await expectAllSent(page);
  const events = await app.eventsOfLatestTry('Nadia');
  expect(events.map(({ kind, value }) => [kind, value])).toEqual([
    ['ask', undefined],
    ['given', 3],
  ]);
  await press(page, 'Take it back');
  await expect(page.getByText('Taken back. It does not count.')).toBeVisible();
});

test('two devices at one child: both are kept, and one question says which counts', async ({
  app,
  signedIn: page,
  browser,
}) => {
  const other = await (await browser.newContext()).newPage();
  await signIn(other, app.url, 'Hester');
  for (const device of [page, other]) {
    await sitDown(device, 'Dilys', 4, 'Count pictures', 'wooden boats');
    await tap(device, 4);
    await press(device, 'Done counting');
    await expectAllSent(device);
    await endHere(device);
    await expectAllSent(device);
  }
  await page.goto('/');
  // Of other children others may be asked about.
  const asked = page.getByRole('region', { name: 'The same try?' }).filter({ hasText: 'Dilys' });
  await expect(asked).toContainText('Dilys, 4 wooden boats as pictures');
  await asked.getByRole('button', { name: 'The same: use Hester’s' }).click();
  await press(page, 'they sat with the child');
  await expect(asked).toBeHidden();
  await openChild(page, 'Dilys');
  await expect(
    page.getByText(/^The same try was recorded on another device, and that one counts\./),
  ).toBeVisible();
  await other.close();
});

test('each kind of task by keyboard alone', async ({ signedIn: page }) => {
  const kinds: readonly [
    child: string,
    task: string,
    size: number,
    things: string | null,
    keys: string[],
    told: RegExp,
  ][] = [
    ['Dilys', 'Say the numbers', 5, null, ['Space', 'Space', 'Space', 'f'], /words in order to 3/i],
    [
      'Ines',
      'Count a row',
      3,
      'corks',
      ['Space', 'Space', 'Space', 'h', '3', 'Enter'],
      /the last word counted/,
    ],
    ['Jory', 'Give me so many', 4, 'corks', ['6', 'Enter', '4', 'Enter', 'f'], /gave 6, then made it 4/],
    [
      'Kamala',
      'One in each cell',
      3,
      'corks',
      ['Space', 'Space', 'i', 'Space', 'c', 'Space', 'f'],
      /put two in one cell/i,
    ],
    [
      'Lowri',
      'A lid to each jar',
      4,
      null,
      ['Space', 'Space', 'Space', 'Space', 'Space', '1'],
      /said there were enough/,
    ],
    ['Mateusz', 'Otter says the numbers', 5, null, ['y', '2'], /said it wasn’t right/],
    [
      'Nadia',
      'Still so many?',
      4,
      'corks',
      ['4', 'Enter', '4', 'Enter'],
      /asked again, said the same without counting/i,
    ],
  ];
  for (const [child, task, size, things, keys, told] of kinds) {
    await page.goto('/');
    await sitDown(page, child, size, task, things);
    await expect(mirror(page).or(page.getByRole('img').first()).first()).toBeVisible();
    for (const key of keys) {
      await page.keyboard.press(key);
      if (key === 'h') await expect(page.getByText('The answer was')).toBeVisible();
    }
    await expect(page.getByRole('status').filter({ hasText: told }), task).toBeVisible();
    await page.keyboard.press('?');
    await expect(page.getByRole('heading', { name: 'Keys' })).toBeVisible();
  }
});

test('a sitting is handed to another adult in the middle, and after one that was too much the next is gentler', async ({
  app,
  signedIn: page,
}) => {
  await sitDown(page, 'Mateusz', 4);
  await tap(page, 4);
  await press(page, 'Done counting');
  await press(page, 'Next try');
  await press(page, 'Pause');
  await press(page, 'Hand over …');
  await comeIn(page, 'Hester');
  await page.goto('/');
  await page.getByText('Tomasz left this for you:').getByRole('link', { name: 'Mateusz' }).click();
  await press(page, 'Carry on');
  await tap(page, 2);
  await press(page, 'Finish gently');
  await press(page, 'didn’t want to');
  await expect(page.getByText('enough for today')).toBeVisible();
  await press(page, 'Finish here');
  await press(page, 'Save and finish');
  await expectAllSent(page);
  expect(await app.recordersOf('Mateusz', 2)).toEqual(['Hester', 'Tomasz']);
  await page.getByRole('link', { name: 'Sit down with Mateusz' }).first().click();
  await expect(page.getByRole('heading', { name: '2 minutes with Mateusz' })).toBeVisible();
  await expect(
    page.getByText('Last time Mateusz didn’t want to: shorter, easier and with other things today.'),
  ).toBeVisible();
});
