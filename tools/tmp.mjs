import { withAdult, withDemo } from './lib/demo.mjs';
import { runCommand } from './lib/say.mjs';
runCommand(() =>
  withDemo('tmp', (url) =>
    withAdult(url, 'Orla', async (page, comeIn) => {
      page.on('pageerror', (e) => console.log('pageerror', e.message));
      page.on('console', (m) => {
        if (m.type() === 'error') console.log('console', m.text());
      });
      await comeIn();
      await page.getByRole('navigation', { name: 'Children' }).getByRole('link', { name: 'Ines' }).click();
      await page.getByRole('link', { name: 'Sit down with Ines' }).click();
      const shot = (n) => page.screenshot({ path: `/tmp/k-${n}.png` });
      const choose = async (strand, task, n, things) => {
        await page.getByRole('button', { name: 'Change …' }).click();
        await page.getByRole('radio', { name: strand, exact: true }).click();
        await page.getByRole('radio', { name: task }).click();
        if (things) await page.getByRole('radio', { name: things }).click();
        const v = page.getByLabel('How many to lay');
        while (Number(await v.innerText()) !== n)
          await page
            .getByRole('button', { name: Number(await v.innerText()) > n ? 'one fewer' : 'one more' })
            .click();
        if (task === 'Count a ring') await shot('change');
        await page.getByRole('button', { name: 'Lay this' }).click();
      };
      const press = (n) => page.getByRole('button', { name: n, exact: true }).click();
      const mirror = page.getByRole('button', { name: /next thing/ });
      await choose('order', 'Say the numbers', 12);
      for (let i = 0; i < 7; i++) await mirror.click();
      await press('Other word …');
      await press('9');
      await shot('say');
      await press('Done saying');
      await page.waitForTimeout(300);
      await shot('say-read');
      await choose('cardinality', 'Give me so many', 4, 'shells');
      await press('Next try');
      await shot('give');
      await press('6');
      await press('4');
      await page.waitForTimeout(200);
      await shot('give2');
      await press('Done giving');
      await page.waitForTimeout(300);
      await shot('give-read');
      await choose('one-to-one', 'Count a spread', 9, 'jar lids');
      await press('Next try');
      await mirror.click();
      await page.waitForTimeout(300);
      await shot('spread');
      for (let i = 0; i < 8; i++) await mirror.click();
      await press('Done counting');
      await choose('one-to-one', 'Count a ring', 8, 'wooden boats');
      await press('Next try');
      await shot('ring');
      await mirror.click();
      await press('Done counting');
      await choose('cardinality', 'Still so many?', 5, 'corks');
      await press('Next try');
      for (let i = 0; i < 5; i++) await mirror.click();
      await press('How many?');
      await press('5');
      await page.waitForTimeout(200);
      await shot('still');
      await press('How many?');
      await page.waitForTimeout(200);
      await shot('still2');
      await press('5');
      await page.waitForTimeout(300);
      await shot('still-read');
    }),
  ),
);
