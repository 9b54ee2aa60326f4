// Makes the pictures of docs/screenshots from the demo nursery. Look at each afterwards.
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
      await page.goto(`${url}/devices`);
      await page
        .getByText(/this device/i)
        .first()
        .waitFor();
      await shoot('devices');
    }),
  );
});

async function takeChild(page, shoot) {
  await page.getByRole('navigation', { name: 'Children' }).getByRole('link', { name: 'Caspar' }).click();
  await page.getByText('Next step').waitFor();
  await shoot('child');
  await page.getByRole('link', { name: 'Sit down with Caspar' }).click();
  const mirror = page.getByRole('button', { name: /next thing/ });
  await mirror.waitFor();
  await shoot('laying');
  const size = Number((await mirror.getAttribute('aria-label')).match(/\d+/)[0]);
  for (let tap = 0; tap < size; tap++) await mirror.click({ position: { x: 200 + 9 * tap, y: 150 } });
  await page.getByText('all sent').waitFor();
  await shoot('counting');
  await page.getByRole('button', { name: 'That one again' }).click();
  await page.getByRole('button', { name: 'How many?', exact: true }).click();
  await page.getByText('The answer was').waitFor();
  await shoot('asked');
  await page.getByRole('button', { name: String(size), exact: true }).click();
  await page.getByText(/last-word rule/).waitFor();
  await page.getByText('all sent').waitFor();
  await shoot('after-try');
  await page.getByRole('button', { name: 'End here' }).click();
  const made = page.getByRole('listitem').filter({ hasText: 'counted one twice and left 1 out' });
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
