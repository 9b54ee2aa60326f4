// @ts-check
// Makes the pictures of docs/screenshots from the demo nursery. Look at each afterwards.
import { Buffer } from 'node:buffer';
import path from 'node:path';
import { ensureBuilt } from './lib/build.mjs';
import { ensureProgram } from './lib/debian.mjs';
import { withAdult, withDemo } from './lib/demo.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { root } from './lib/run.mjs';
import { runCommand } from './lib/say.mjs';

runCommand(async () => {
  await ensurePackages();
  await ensureProgram('chromium', 'chromium', '');
  await ensureBuilt();
  await withDemo('screenshots', (url) =>
    withAdult(url, 'Orla', async (page, comeIn) => {
      const shoot = async (name) => {
        await page.evaluate(() => document.fonts.ready.then(() => undefined));
        await page.screenshot({
          path: path.join(root, 'docs/screenshots', `${name}.png`),
          animations: 'disabled',
        });
      };
      await page.getByText('Who is here?').waitFor();
      await shoot('come-in');
      await comeIn();
      await page
        .getByRole('link', { name: /Sit down with/ })
        .first()
        .waitFor();
      await shoot('today');
      await takeChild(page, shoot);
      await page.goto(`${url}/room`);
      await page.getByRole('region', { name: 'By month' }).waitFor();
      await shoot('room');
      await takeTable(page, url, shoot);
      await takeOffice(page, url, shoot);
      await page.goto(`${url}/settings/ways`);
      await page.getByRole('heading', { name: /^Ways of the room/ }).waitFor();
      await page.getByRole('navigation', { name: 'Children' }).getByRole('link').first().waitFor();
      await page.evaluate(() => globalThis.scrollTo(0, 0));
      await shoot('settings');
      await page.goto(`${url}/shelf?task=drop-in`);
      await page.getByRole('article', { name: 'Drop some in' }).waitFor();
      await shoot('shelf');
      await takeTurned(page, url, shoot);
      await takeComparing(page, url, shoot);
      await takeWriting(page, url, shoot);
    }),
  );
});

/** A balance as a child has it before it. */
async function takeTurned(page, url, shoot) {
  await page.goto(`${url}/turned?kind=balance&numbers=3, 2`);
  for (let corks = 0; corks < 4; corks++)
    await page.getByRole('button', { name: 'Put one on the right side' }).click();
  await page.getByText('The beam leans to the left side.').waitFor({ state: 'attached' });
  await shoot('turned');
}

async function takeChild(page, shoot) {
  await page.getByRole('navigation', { name: 'Children' }).getByRole('link', { name: 'Caspar' }).click();
  await page.getByRole('heading', { name: 'Next steps' }).waitFor();
  await shoot('child');
  await page.getByRole('link', { name: 'Sit down with Caspar' }).click();
  await page.getByText('minutes with Caspar').waitFor();
  // It comes after the first paint.
  await page.getByRole('combobox', { name: 'Then' }).waitFor();
  await shoot('plan');
  await lay(page, 'One-to-one', 'Count a row');
  await page.getByRole('button', { name: 'Ready – start' }).click();
  const mirror = page.getByRole('button', { name: /next thing/ });
  await mirror.waitFor();
  await shoot('laying');
  const size = Number((await mirror.getAttribute('aria-label')).match(/\d+/)[0]);
  for (let tap = 0; tap < size; tap++) await mirror.click({ position: { x: 200 + 9 * tap, y: 150 } });
  await page.getByText('Sent ✓').waitFor();
  await shoot('counting');
  await page.setViewportSize({ width: 820, height: 1180 });
  await shoot('upright');
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.getByRole('button', { name: 'Counted twice' }).click();
  await page.getByRole('button', { name: 'How many?', exact: true }).click();
  await page.getByText('The answer was').waitFor();
  await page.getByRole('button', { name: String(size), exact: true }).click();
  await page.getByText(/the last word counted/).waitFor();
  await page.getByText('Sent ✓').waitFor();
  await shoot('after-try');
  await page.getByRole('button', { name: 'Finish here' }).click();
  await page.getByRole('heading', { name: 'What we learned' }).waitFor();
  await shoot('closing');
  await page.getByRole('button', { name: 'Save and finish' }).click();
  const made = page.getByRole('listitem').filter({ hasText: 'counted one twice and missed one' });
  await made
    .first()
    .getByRole('link', { name: /^Replay of/ })
    .click();
  await page
    .getByRole('group', { name: 'What happened' })
    .getByRole('button')
    .nth(size - 1)
    .click();
  await page.getByText(/^Here: /).waitFor();
  await shoot('replay');
}

/** A list from a file, and what would happen to each row. */
async function takeOffice(page, url, shoot) {
  const list = [
    'Forename;Surname;Date of birth;Room;Counts in;Group',
    'Wren;Tolley;;Lower Pound;;Herons',
    'Tansy;Moor;3/4/2022;Lower Pound;cy;Voles',
    'Rafe;Sill;31/02/2022;Weir Cottage;;',
  ];
  await page.goto(`${url}/office/file`);
  await page.getByLabel('Choose a file').setInputFiles({
    name: 'autumn.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(list.join('\n')),
  });
  await page.getByRole('button', { name: 'See what would happen' }).click();
  const report = page.getByRole('region', { name: 'What would happen' });
  await report.getByText('Nothing is stored yet.', { exact: false }).waitFor();
  await report.getByRole('listitem').last().scrollIntoViewIfNeeded();
  await shoot('office');
}

/** What a left-handed child has written over the months; then the page that she writes on. */
async function takeWriting(page, url, shoot) {
  await page.goto(url);
  await page.getByRole('button', { name: 'Upper Pound' }).click();
  await page.getByRole('navigation', { name: 'Children' }).getByRole('link', { name: 'Hana' }).click();
  await page.getByRole('button', { name: 'Writes numerals', exact: true }).click();
  const rows = page.getByRole('region', { name: /^As it was written/ });
  await rows.getByRole('listitem').last().waitFor();
  await page.getByRole('button', { name: 'Writes numerals', exact: true }).evaluate((one) => {
    globalThis.scrollTo(0, one.getBoundingClientRect().top + globalThis.scrollY - 90);
  });
  await shoot('written');
  await page.getByRole('link', { name: 'Sit down with Hana' }).click();
  await page.getByText('minutes with Hana').waitFor();
  await lay(page, 'Writing numerals', 'Copy it');
  await page.getByRole('button', { name: 'Ready – start' }).click();
  await page.getByRole('button', { name: 'Give them the whole screen' }).click();
  const sheet = page.getByRole('dialog').getByRole('img');
  await sheet.waitFor();
  const { x, y, width, height } = await sheet.boundingBox();
  const drawn = [
    [0.52, 0.24],
    [0.45, 0.36],
    [0.41, 0.5],
    [0.41, 0.62],
    [0.46, 0.72],
    [0.52, 0.7],
    [0.54, 0.61],
    [0.5, 0.53],
    [0.44, 0.56],
    [0.415, 0.62],
  ];
  for (const [i, [left, top]] of drawn.entries()) {
    await page.mouse.move(x + left * width, y + top * height, { steps: i === 0 ? 1 : 8 });
    if (i === 0) await page.mouse.down();
  }
  await page.mouse.up();
  await shoot('writing');
}

/** Another task than the one proposed. */
async function lay(page, strand, task) {
  const column = page.getByRole('region', { name: 'Say and set out' });
  await page.getByRole('button', { name: 'Change task' }).click();
  await column.getByRole('combobox', { name: 'Strand' }).click();
  await page.getByRole('option', { name: strand, exact: true }).click();
  const list = column.getByRole('combobox', { name: 'Task' });
  if (await list.isVisible()) {
    await list.click();
    await page.getByRole('option', { name: task, exact: true }).click();
  } else await column.getByRole('button', { name: task, exact: true }).click();
  for (let i = Number(await column.getByLabel('How many to set out').innerText()); i < 6; i++)
    await column.getByRole('button', { name: 'one more' }).click();
  await page.getByRole('button', { name: 'Use this' }).click();
}

/** Sets to be compared, with how they are laid. */
async function takeComparing(page, url, shoot) {
  await page.goto(url);
  await page.getByRole('navigation', { name: 'Children' }).getByRole('link', { name: 'Farid' }).click();
  await page.getByRole('link', { name: 'Sit down with Farid' }).click();
  await page.getByText('minutes with Farid').waitFor();
  await lay(page, 'Comparing sets', 'Which has more?');
  await page.getByRole('button', { name: 'Ready – start' }).click();
  await page.getByRole('img', { name: /which is more/ }).waitFor();
  await shoot('comparing');
}

/** Several children at one table, and a puppet's count to judge. */
async function takeTable(page, url, shoot) {
  await page.goto(url);
  await page.getByRole('button', { name: 'Start a group' }).click();
  for (const child of ['Dilys', 'Ines', 'Lowri'])
    await page.getByRole('button', { name: child, exact: true }).click();
  await page.getByRole('link', { name: 'Sit down with 3' }).click();
  await lay(page, 'One-to-one', 'Otter counts things');
  await page.getByRole('button', { name: 'Ready – start' }).click();
  await page.getByRole('button', { name: 'Let Otter count' }).click();
  await page.locator('[data-touched="2"], [data-touched="3"]').waitFor();
  await shoot('table');
  await page.goto(url);
}
