import type { Locator, Page } from '@playwright/test';
import { begin, endHere, expect, expectAllSent, layIn, openChild, press, sitDown, test } from './sitting.js';

const told = (page: Page, what: RegExp | string) => expect(page.getByText(what).first()).toBeVisible();

/** What may be put or told next, or what there is to choose from. */
const options = (page: Page, name: string): Locator => page.getByRole('group', { name });

test('numerals named: a confusion found, told of the child, asked for next, and laid among the others', async ({
  signedIn: page,
}) => {
  await sitDown(page, 'Farid', 4, 'What’s this number?', null);
  await press(page, '4');
  await told(page, 'Shown 4, said 4.');
  await press(page, 'Next try');
  await layIn(page, 6, 'What’s this number?');
  await press(page, '9');
  await told(page, 'Shown 6, said 9.');
  // Whether the other of the two is read tells them apart.
  await expect(page.getByText(/with 9/)).toBeVisible();
  await press(page, 'Next try');
  await press(page, '9');
  await told(page, 'Shown 9, said 9.');
  await press(page, 'Next try');
  await layIn(page, 12, 'What’s this number?');
  await press(page, 'the digits one by one');
  await told(page, 'Shown 12, said its digits one by one.');
  await press(page, 'Next try');
  await layIn(page, 6, 'Find the number');
  // The one it is taken for lies there.
  const cards = options(page, '“Which card did they take?”').or(options(page, 'Which card did they take?'));
  await expect(cards.getByRole('button', { name: '9', exact: true })).toBeVisible();
  // On the tray, as the child would.
  await page.getByRole('button', { name: 'a card with 9' }).click();
  await told(page, 'Asked for 6, took 9.');
  await expectAllSent(page);
  await endHere(page);
  await openChild(page, 'Farid');
  await told(page, /Takes 6 for 9/);
  await press(page, 'Names numerals');
  const table = page.getByRole('table', { name: 'Taken for another' });
  await expect(table.getByRole('row', { name: /^6 9 1/ })).toBeVisible();
  // Each numeral has a dot of its own, from nought.
  await expect(page.getByRole('button', { name: /^9: .*, 1 try$/ })).toBeVisible();
});

test('every six among look-alikes: found, left and taken by mistake, by a touch on each', async ({
  app,
  signedIn: page,
}) => {
  await sitDown(page, 'Kamala', 6, 'Find every one', null);
  const sixes = page.getByRole('button', { name: 'a card with 6' });
  await expect(sixes).toHaveCount(3);
  await sixes.nth(0).click();
  await sixes.nth(1).click();
  await page.getByRole('button', { name: 'a card with 9' }).first().click();
  await press(page, 'That’s all');
  await told(page, 'Found 2 of 3, and took 9.');
  await expectAllSent(page);
  expect((await app.eventsOfLatestTry('Kamala')).map(({ kind }) => kind)).toEqual(['put', 'put', 'put']);
});

test('a walk to letters: the sheet is typed in afterwards, in any order, and put right', async ({
  signedIn: page,
}) => {
  await sitDown(page, 'Oluchi', 8, 'Number walk', null);
  const at = (letter: string) => page.getByRole('button', { name: new RegExp(`^Written at ${letter}(:|$)`) });
  await at('C').click();
  await options(page, 'Written at C').getByRole('button', { name: '11', exact: true }).click();
  await expect(at('C')).toHaveText('Written at C: 11');
  // The first that is open comes next.
  await options(page, 'Written at A').getByRole('button', { name: 'nothing', exact: true }).click();
  await press(page, 'That’s all');
  await told(page, /^Nothing at A, where there are \d+ and 11 at C, where there are \d+\.$/);
  await press(page, 'Not right? Correct it');
  await options(page, 'What was recorded').getByRole('button', { name: 'Written at A: nothing' }).click();
  await press(page, 'Written at A: 0');
  await told(page, /^0 at A, where there are \d+ and 11 at C, where there are \d+\.$/);
});

test('cards in order with some missing, a card for each set, the side of ten and over the zero', async ({
  signedIn: page,
}) => {
  await openChild(page, 'Kamala');
  await page.getByRole('link', { name: 'Sit down with Kamala' }).click();
  await layIn(page, 5, 'Cards in order', 'from 0');
  await begin(page);
  for (const n of [0, 1, 3])
    await options(page, 'Next came')
      .getByRole('button', { name: String(n), exact: true })
      .click();
  // What lies there already is offered no more.
  await expect(options(page, 'Next came').getByRole('button')).toHaveCount(3);
  await press(page, 'That’s all');
  await told(page, 'Right as far as 1, then 3 where 2 comes next.');
  await press(page, 'Next try');
  await layIn(page, 7, 'Which side of ten?', 'more or fewer');
  await told(page, '“Is 7 more than ten, or fewer?”');
  await press(page, 'on the side of the smaller numbers');
  await told(page, '7 and ten on the line: put it with the smaller numbers.');
  await press(page, 'Next try');
  await layIn(page, 14, 'Over the zero of ten');
  await press(page, 'the digits the other way round');
  await told(page, '14 from cards: turned the digits round.');
  await press(page, 'Next try');
  await layIn(page, 3, 'Build a stair');
  for (const n of ['1', '2', '3'])
    await options(page, 'Next came').getByRole('button', { name: n, exact: true }).click();
  await told(page, 'That was all of it.');
  await press(page, 'That’s all');
  await told(page, 'Built the stair to 3.');
});

test('counted and drawn, tallied, sorted: what was recorded is held against what was counted', async ({
  signedIn: page,
}) => {
  const tell = async (slot: string, option: string): Promise<void> => {
    await options(page, slot).getByRole('button', { name: option, exact: true }).click();
  };
  await openChild(page, 'Farid');
  await page.getByRole('link', { name: 'Sit down with Farid' }).click();
  await layIn(page, 6, 'Count, then draw', 'draw them');
  await begin(page);
  await tell('Counted, and the last word was', '6');
  await tell('How many drawn or ringed', '5');
  await tell('Held against the things?', 'not checked');
  await press(page, 'That’s all');
  await told(page, 'Counted 6, drew 5, a different number from the one counted, did not check.');
  await press(page, 'Next try');
  await layIn(page, 6, 'Tally them');
  await tell('How many strokes', '6');
  await tell('The fifth stroke', 'not across');
  await press(page, 'That’s all');
  await told(page, /^Made 6 strokes for 6 .*, the fifth not across\.$/);
  await press(page, 'Next try');
  await layIn(page, 5, 'Sort and chart');
  const kinds = page.getByRole('button', { name: /^How many (?!altogether)/ });
  await expect(kinds).toHaveCount(2);
  for (const name of await kinds.allInnerTexts()) await tell(name, '2');
  await tell('How many altogether', '5');
  await press(page, 'That’s all');
  await told(page, /5 altogether \(there were 5\), the kinds don’t make the whole\.$/);
  await press(page, 'Next try');
  await layIn(page, 3, 'One in each box', 'leave them there');
  await expect(page.getByText(/on a track to 10/).first()).toBeVisible();
});
