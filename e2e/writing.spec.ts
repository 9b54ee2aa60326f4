import type { Page } from '@playwright/test';
import { endHere, expect, expectAllSent, layIn, openChild, press, sitDown, test } from './sitting.js';
import {
  beside,
  fiveInTwo,
  mirrored,
  one,
  oneFromBelow,
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
  await written(page, 3, mirrored(three));
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
