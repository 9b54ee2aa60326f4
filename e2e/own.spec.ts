import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { begin, endHere, expect, expectAllSent, openChild, press, test } from './sitting.js';

const told = (page: Page, what: RegExp | string) => expect(page.getByText(what).first()).toBeVisible();
const choose = async (page: Page, list: string, option: string): Promise<void> => {
  await page.getByRole('combobox', { name: list, exact: true }).click();
  await page.getByRole('option', { name: option, exact: true }).click();
};
const fill = (page: Page, field: string, text: string): Promise<void> =>
  page.getByRole('textbox', { name: field, exact: true }).fill(text);

/** A kind of thing of the room’s own, as the form has it. */
async function addThings(
  page: Page,
  one: string,
  many: string,
  { container, sharp, food }: { container?: true; sharp?: true; food?: string } = {},
): Promise<void> {
  await page.goto('/settings/things');
  await press(page, 'Add a kind of thing');
  await fill(page, 'One is called', one);
  await fill(page, 'Several are called', many);
  if (container) await choose(page, 'It’s for', 'holding things');
  if (sharp) await page.getByRole('checkbox', { name: 'Sharp: it has points or edges' }).check();
  if (food) await fill(page, 'If it’s food: what’s in it', food);
  await press(page, 'Save');
  await expect(page.getByRole('region', { name: many, exact: true })).toBeVisible();
}

test('a task of the room’s own: written, tried with a made-up child, then with a real one, and shared as a file', async ({
  signedIn: page,
}) => {
  await addThings(page, 'rope ring', 'rope rings', { sharp: true });
  await addThings(page, 'tar pot', 'tar pots', { container: true });
  // Written from the skill on the map.
  await page.goto('/shelf');
  await page.getByRole('link', { name: 'Write a task' }).click();
  await choose(page, 'Skill', 'Gives n');
  await expect(page.getByRole('combobox', { name: 'How you record it' })).toHaveText('how many they gave');
  await press(page, 'Save');
  await told(page, 'Fill this in: a task can’t do without it.');
  await page.getByRole('textbox', { name: 'Name' }).fill('Rings for the boat');
  await page.getByRole('textbox', { name: 'The child …' }).fill('hands over rope rings for a boat');
  await page.getByRole('textbox', { name: 'Say', exact: true }).fill('Give me {k} rings for the boat.');
  await told(page, /\{k\} is no number we know\. Where the number goes, write \{n\}\./);
  await page.getByRole('textbox', { name: 'Say', exact: true }).fill('Give me {n} rings for the boat.');
  await told(page, 'With 5: “Give me 5 rings for the boat.”');
  await fill(page, 'Numbers', '2, 4, 99');
  await told(page, 'Give whole numbers from 1 to 10, the smallest first, each once.');
  await fill(page, 'Numbers', '2, 4, 6');
  await choose(page, 'Always with', 'rope rings');
  await page.getByRole('combobox', { name: 'Our containers it needs' }).click();
  await page.getByRole('option', { name: 'tar pots' }).click();
  await page.keyboard.press('Escape');
  // Nobody real is asked first.
  await press(page, 'Have a try');
  const trial = page.getByRole('region', { name: 'Try it with a made-up child' });
  await expect(trial.getByRole('heading', { name: '2 rope rings from 15' })).toBeVisible();
  await expect(trial.getByText('What we would say', { exact: true })).toBeVisible();
  await press(page, 'Save');
  await expect(page.getByRole('article', { name: 'Rings for the boat' })).toBeVisible();
  await told(page, 'It is set out, recorded and read like “Give me so many”.');
  // Shared: the file has the things it speaks of.
  const download = page.waitForEvent('download');
  await press(page, 'Save as a file');
  const saved = await download;
  expect(saved.suggestedFilename()).toBe('rings-for-the-boat.dotting-task.json');
  const file = await readFile(await saved.path(), 'utf8');
  expect(JSON.parse(file)).toMatchObject({
    format: 'dotting-task',
    version: 1,
    task: { like: 'give-n', ladder: [2, 4, 6], texts: { name: 'Rings for the boat' } },
    things: [{ many: 'rope rings' }, { many: 'tar pots' }],
  });
  // Shown to everyone first, and kept by its name.
  await page.getByRole('link', { name: 'Shown to the group' }).click();
  await expect(page.getByRole('combobox', { name: 'Task' })).toHaveText('Rings for the boat');
  // A room that begins in chorus offers that first.
  await press(page, 'shown to the group');
  await page.getByRole('button', { name: /^Keep it/ }).click();
  await told(page, /shown, Rings for the boat, to/);
  await page.goBack();
  // Put to a child: its words, its things, and the cautions that follow from them.
  await page.getByRole('combobox', { name: 'Start with …' }).click();
  await page.getByRole('option', { name: 'Ines' }).click();
  await told(page, '“Give me 2 rings for the boat.”');
  await told(page, 'Sharp: hand out the rope rings yourself, and stay with them.');
  await told(page, /tar pots/);
  await begin(page);
  await page.getByRole('button', { name: '2', exact: true }).click();
  await press(page, 'Done giving');
  await expectAllSent(page);
  await endHere(page);
  await expect(page.getByRole('heading', { name: 'Ines', exact: true })).toBeVisible();
  await told(page, 'Rings for the boat');
  await told(page, /2 rope rings from 15/);
  // Not used any more, it keeps its name there and is offered to nobody.
  await page.goto('/shelf');
  await page.getByRole('link', { name: 'Rings for the boat' }).click();
  await press(page, 'Stop using');
  await told(page, 'Not used any more. What was recorded with it keeps its name.');
  await expect(page.getByRole('combobox', { name: 'Start with …' })).toBeHidden();
  await openChild(page, 'Ines');
  await told(page, 'Rings for the boat');
  // Taken in from the file it is a task again, with the things that are there already.
  await page.goto('/shelf/file');
  const input = page.locator('input[type=file]');
  const give = (text: string): Promise<void> =>
    input.setInputFiles({ name: 'shared.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await give(file.replace('"ladder"', 'ladder'));
  await told(page, /Line \d+, column \d+: this isn’t JSON\. Nothing was changed\./);
  await give(file.replace('"like": "give-n"', '"like": "count-stars"'));
  await told(page, /Line 5, task\.like: There is no task of this name/);
  await give(file);
  await expect(page.getByRole('article', { name: 'Rings for the boat' })).toBeVisible();
  await expect(page.getByRole('combobox', { name: 'Start with …' })).toBeVisible();
  await page.goto('/settings/things');
  await expect(page.getByRole('region', { name: 'rope rings' })).toHaveCount(1);
});

test('one of the shelf is copied with its words, changed, and put by an adult who chooses it', async ({
  signedIn: page,
}) => {
  await page.goto('/shelf?task=drop-in');
  await page.getByRole('link', { name: 'Copy and change' }).click();
  await expect(page.getByRole('textbox', { name: 'Say', exact: true })).toHaveValue(
    'Listen: {from} are in the tin, and now some more. How many are in it?',
  );
  await page.getByRole('textbox', { name: 'Name' }).fill('Into the tar pot');
  await page
    .getByRole('textbox', { name: 'Say', exact: true })
    .fill('{from} are in the pot. Listen. How many now?');
  await press(page, 'Save');
  await expect(page.getByRole('article', { name: 'Into the tar pot' })).toBeVisible();
  await openChild(page, 'Farid');
  await page.getByRole('link', { name: 'Sit down with Farid' }).click();
  await press(page, 'Change task');
  await choose(page, 'Strand', 'Our own tasks');
  await choose(page, 'Task', 'Into the tar pot');
  await press(page, 'Use this');
  await told(page, /“\d are in the pot\. Listen\. How many now\?”/);
  // With the network cut it is put, recorded and kept like any other, and sent later.
  await begin(page);
  await page.context().setOffline(true);
  await page.keyboard.press('d');
  await told(page, 'didn’t know');
  await endHere(page);
  await page.context().setOffline(false);
  await expectAllSent(page);
  await told(page, /^Into the tar pot – /);
  // The shelf’s own is as it was.
  await page.goto('/shelf?task=drop-in');
  await told(page, /Listen: \d are in the tin/);
});

test.describe('an assistant', () => {
  test.use({ adult: 'Idris' });

  test('puts them and writes none', async ({ signedIn: page }) => {
    await page.goto('/shelf');
    await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Write a task' })).toBeHidden();
    await page.goto('/settings/things');
    await expect(page.getByRole('heading', { name: 'Counters and containers' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Add a kind of thing' })).toBeHidden();
  });
});
