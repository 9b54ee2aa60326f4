import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { endHere, expect, expectAllSent, layIn, openChild, press, sitDown, test } from './sitting.js';
import {
  beside,
  fiveInTwo,
  mirrored,
  one,
  oneFromBelow,
  ourSeven,
  scribble,
  seven,
  three,
  write,
  type Drawn,
} from './pen.js';

const told = (page: Page, what: RegExp | string) => expect(page.getByText(what).first()).toBeVisible();
const sheet = (page: Page, n: number) => page.getByRole('img', { name: `The numeral ${n} to write` });

/** Written on the page in the middle of the adult’s screen, and read. */
async function written(page: Page, n: number, strokes: readonly Drawn[]): Promise<void> {
  await write(page, sheet(page, n), strokes);
  await press(page, 'Done writing');
}

test('numerals written: a mirrored three, a one from below, a good five in two strokes, 71 for 17, a scribble', async ({
  app,
  signedIn: page,
}) => {
  await sitDown(page, 'Farid', 3, 'Write the number I say', null);
  // Read in a worker, while the child still writes.
  const reader = page.waitForEvent('worker');
  await write(page, sheet(page, 3), mirrored(three));
  expect((await reader).url()).toContain('ink.worker');
  await press(page, 'Done writing');
  await told(page, /Wrote 3, easy to read, facing the other way, as most children write it now and then/);
  await press(page, 'Next try');
  await layIn(page, 1, 'Write the number I say');
  await written(page, 1, oneFromBelow);
  await told(page, /Wrote 1, easy to read, (begun somewhere else, )?led the other way/);
  await press(page, 'Next try');
  await layIn(page, 5, 'Write the number I say');
  await written(page, 5, fiveInTwo);
  await told(page, 'Wrote 5, easy to read, begun and led as it should be.');
  await press(page, 'Next try');
  await layIn(page, 17, 'Write a number with two digits');
  await written(page, 17, beside(seven, one));
  await told(page, 'Asked for 17, wrote what reads as 71, the two digits the other way round');
  await press(page, 'Next try');
  await layIn(page, 4, 'Write the number I say');
  await written(page, 4, scribble);
  await told(page, 'Asked for 4, scribbled.');
  await expectAllSent(page);
  const events = await app.eventsOfLatestTry('Farid');
  expect(events.map(({ kind }) => kind)).toEqual(['ask', 'stroke']);
  await endHere(page);
  await openChild(page, 'Farid');
  for (const skill of ['Writes numerals', 'Begins and leads numerals', 'Which way numerals face'])
    await expect(page.getByRole('button', { name: skill, exact: true })).toBeVisible();
});

test('a left-handed child has the whole screen: the strip lies away from the hand, a stroke can be taken back', async ({
  app,
  signedIn: page,
}) => {
  // Ines is left-handed.
  await sitDown(page, 'Ines', 3, 'Copy it', null);
  const copied = page.getByRole('img', { name: '3 beside a model' });
  await press(page, 'Give them the whole screen');
  const whole = page.getByRole('dialog', { name: '3 beside a model' });
  const strip = whole.getByRole('button', { name: 'Undo' });
  await expect(strip).toBeDisabled();
  const [stripBox, sheetBox] = [(await strip.boundingBox())!, (await copied.boundingBox())!];
  expect(stripBox.x).toBeGreaterThan(sheetBox.x + sheetBox.width / 2);
  await write(page, copied, scribble);
  await whole.getByRole('button', { name: 'Undo' }).click();
  await write(page, copied, three);
  await whole.getByRole('button', { name: 'Done writing' }).click();
  await told(page, 'Wrote 3, easy to read, begun and led as it should be.');
  await expectAllSent(page);
  const events = await app.eventsOfLatestTry('Ines');
  expect(events.map(({ kind }) => kind)).toEqual(['ask', 'stroke', 'undo', 'stroke']);
});

test('on paper the adult ticks what she saw; in the air it is shown how, with the words for it', async ({
  signedIn: page,
}) => {
  await sitDown(page, 'Nadia', 7, 'Write the number I say', null);
  await press(page, 'easy to read');
  await press(page, 'somewhere else');
  await press(page, 'the right way');
  await press(page, 'in order');
  await press(page, 'the other way');
  await press(page, 'Done writing');
  await told(page, 'Wrote 7, easy to read, facing the other way, as most children write it now and then');
  await told(page, /begun somewhere else\./);
  await press(page, 'Next try');
  await layIn(page, 4, 'Write it in the air');
  await expect(page.getByRole('img', { name: 'How 4 is formed' })).toBeVisible();
  await told(page, 'Lift, and a line down.');
  await press(page, 'at its start');
  await press(page, 'the right way');
  await press(page, 'Done writing');
  await told(page, 'Wrote 4 in the air, begun and led as it should be.');
});

test('what was written can be seen again over time, taken away as InkML, and added to a child; a broken file adds nothing', async ({
  signedIn: page,
}) => {
  await sitDown(page, 'Oluchi', 5, 'Write the number I say', null);
  await written(page, 5, fiveInTwo);
  await told(page, 'Wrote 5, easy to read, begun and led as it should be.');
  await expectAllSent(page);
  await endHere(page);
  await openChild(page, 'Oluchi');
  await press(page, 'Writes numerals');
  const row = page.getByRole('region', { name: 'As it was written, from the first to the last' });
  await expect(row.getByRole('link', { name: /^5, / })).toHaveCount(1);
  const download = page.waitForEvent('download');
  await press(page, 'Download the numerals (InkML)');
  const zip = await (await download).path();
  // The same again is here already; another child has them not.
  await page.getByLabel('Add numerals from a file …').setInputFiles({
    name: 'numerals.zip',
    mimeType: 'application/zip',
    buffer: await readFile(zip),
  });
  await told(page, 'All of these numerals are here already.');
  await row.getByRole('link', { name: /^5, / }).click();
  await press(page, 'Play');
  await told(page, 'How 5 is formed');
  await told(page, 'From the right along the top, down, and round.');
  const one = page.waitForEvent('download');
  await press(page, 'Save as a file (InkML)');
  const inkml = await readFile(await (await one).path(), 'utf8');
  expect(inkml).toContain('<ink xmlns="http://www.w3.org/2003/InkML">');
  expect(inkml.match(/<trace /g)).toHaveLength(2);
  await openChild(page, 'Wren');
  const add = page.getByLabel('Add numerals from a file …');
  const fileOf = (text: string) => ({ name: '5.inkml', mimeType: 'text/xml', buffer: Buffer.from(text) });
  await add.setInputFiles(fileOf(inkml.replace(/<\/trace>/, ', 1 one 3</trace>')));
  await told(page, /^5\.inkml: stroke 1, point \d+: this isn’t a number\. Nothing was added\.$/);
  await add.setInputFiles(fileOf(inkml));
  await told(page, '1 numeral was added.');
  await add.setInputFiles(fileOf(inkml));
  await told(page, 'All of these numerals are here already.');
  await press(page, 'Writes numerals');
  await expect(row.getByRole('link', { name: /^5, / })).toHaveCount(1);
  await told(page, 'Wrote 5, easy to read, begun and led as it should be.');
});

test.describe('a lead', () => {
  test.use({ adult: 'Orla' });

  test('draws a form of the room’s own, with its own words: it is shown, and accepted', async ({
    signedIn: page,
  }) => {
    await page.goto('/settings/ways');
    await press(page, 'How 7 is formed: Draw our own …');
    const dialog = page.getByRole('dialog', { name: 'Draw the 7 as this room forms it' });
    await expect(dialog.getByRole('button', { name: 'Use this form' })).toBeDisabled();
    await write(page, dialog.getByRole('img'), ourSeven);
    await dialog.getByRole('button', { name: 'Use this form' }).click();
    const forms = page.getByRole('group', { name: 'How 7 is formed' });
    await expect(forms.getByRole('button', { name: 'our own 7' })).toHaveAttribute('aria-pressed', 'true');
    await page.getByRole('textbox', { name: 'For 7' }).fill('The gate beam|along|and the paddle');
    await page.getByRole('textbox', { name: 'For 8' }).focus();
    await expect(page.getByText('Changed. Everyone sees it on Today.').first()).toBeVisible();
    await sitDown(page, 'Farid', 7, 'Write it in the air', null);
    await told(page, 'and the paddle');
    await press(page, 'at its start');
    await press(page, 'Done writing');
    await press(page, 'Next try');
    await layIn(page, 7, 'Write the number I say');
    await written(page, 7, ourSeven);
    await told(page, 'Wrote 7, easy to read, begun and led as it should be.');
    await page.goto('/settings/ways');
    await press(page, '7 plain');
    await expect(forms.getByRole('button', { name: 'our own 7' })).toBeHidden();
  });

  test('a photo of the paper is kept where the room allows it, and of no child whose family objects', async ({
    signedIn: page,
  }) => {
    const add = page.getByLabel('Keep a photo of the paper …');
    await sitDown(page, 'Kamala', 7, 'Write the number I say', null);
    await press(page, 'easy to read');
    await press(page, 'Done writing');
    await told(page, 'Wrote 7, easy to read.');
    await expect(add).toBeHidden();
    await endHere(page);
    await page.goto('/settings/ways');
    await page
      .getByRole('group', { name: 'Photos of what is written on paper' })
      .getByRole('button', { name: 'may be taken' })
      .click();
    await expect(page.getByText('Changed. Everyone sees it on Today.').first()).toBeVisible();
    await page.goto('/');
    await sitDown(page, 'Kamala', 7, 'Write the number I say', null);
    await press(page, 'easy to read');
    await press(page, 'Done writing');
    await expectAllSent(page);
    const paper = await page.screenshot({ type: 'jpeg' });
    await add.setInputFiles({ name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
    await told(page, 'This file can’t be opened as a picture. Choose a photo.');
    const kept = page.waitForRequest(/\/api\/tries\/[^/]+\/photo$/);
    await add.setInputFiles({ name: 'paper.jpg', mimeType: 'image/jpeg', buffer: paper });
    await told(page, 'The photo is kept with this try.');
    await endHere(page);
    // The try before it looks just the same.
    await page.goto(new URL((await kept).url()).pathname.replace(/^\/api|\/photo$/g, ''));
    const photo = page.getByRole('img', { name: 'The paper, as it was photographed' });
    await expect(photo).toHaveJSProperty('complete', true);
    expect(await photo.evaluate((one: HTMLImageElement) => one.naturalWidth)).toBeGreaterThan(100);
    await press(page, 'Erase the photo');
    await expect(photo).toBeHidden();
    await openChild(page, 'Kamala');
    await press(page, 'Edit');
    await page.getByRole('combobox', { name: 'Photos of what they write' }).click();
    await page.getByRole('option', { name: 'the family objects' }).click();
    await press(page, 'Save');
    await expect(page.getByRole('button', { name: 'Edit', exact: true })).toBeVisible();
    await sitDown(page, 'Kamala', 7, 'Write the number I say', null);
    await press(page, 'easy to read');
    await press(page, 'Done writing');
    await told(page, 'Wrote 7, easy to read.');
    await expect(add).toBeHidden();
  });
});
