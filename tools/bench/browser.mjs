import { gzipSync } from 'node:zlib';
import { withAdult } from '../lib/demo.mjs';
import { loadWords } from '../lib/words.mjs';

const slowDown = 4;
const taps = 40;

/** A sitting's first load, and how soon a tap shows on a processor slowed down. */
export async function measureBrowser(url) {
  const { memoryMb } = await (await fetch(`${url}/api/health`)).json();
  return withAdult(url, 'Tomasz', async (page, comeIn) => {
    await comeIn();
    const toSitting = page.getByRole('link', { name: /Sit down with/ }).first();
    const sitting = `${url}${await toSitting.getAttribute('href')}`;
    return [
      ['server memory after start, with the demo nursery just loaded', `${memoryMb} MB`],
      ...(await measureLoad(page.context(), sitting)),
      ...(await measureTaps(page.context(), sitting)),
    ];
  });
}

/** What the page itself asks for until the tray is shown, past every cache. */
async function measureLoad(context, sitting) {
  const page = await context.newPage();
  const client = await context.newCDPSession(page);
  await client.send('Network.enable');
  await client.send('Network.setCacheDisabled', { cacheDisabled: true });
  await client.send('Network.setBypassServiceWorker', { bypass: true });
  const scripts = [];
  page.on('response', (response) => {
    if (response.request().resourceType() === 'script') scripts.push(response);
  });
  await page.goto(sitting);
  const { sitting: words } = (await loadWords()).english;
  await page.getByRole('button', { name: words.changeTask() }).waitFor();
  const sizes = await Promise.all(scripts.map(async (script) => gzipSync(await script.body()).length));
  await page.close();
  const kilobytes = sizes.reduce((sum, size) => sum + size, 0) / 1000;
  return [[`script of a sitting’s first load, gzip, ${sizes.length} files`, `${kilobytes.toFixed(0)} kB`]];
}

/** A count to tap along with, whatever is proposed. */
async function layARow(page) {
  const { sitting, strands, tasks } = (await loadWords()).english;
  const column = page.getByRole('region', { name: sitting.sayAndSetOut() });
  await page.getByRole('button', { name: sitting.changeTask() }).click();
  await column.getByRole('button', { name: strands['one-to-one'](), exact: true }).click();
  await column.getByRole('button', { name: tasks['count-row'].name(), exact: true }).click();
  await page.getByRole('button', { name: sitting.useThis() }).click();
  await page.getByRole('button', { name: sitting.start() }).click();
}

/** From the finger to the next paint, as the browser's own event timing has it (in steps of 8 ms, from 16 up). */
async function measureTaps(context, sitting) {
  const page = await context.newPage();
  const client = await context.newCDPSession(page);
  await page.goto(sitting);
  await layARow(page);
  const mirror = page.getByRole('button', { name: /next thing/ });
  await mirror.waitFor();
  await page.waitForLoadState('networkidle');
  await page.evaluate(() => {
    window.paints = [];
    new PerformanceObserver((list) => {
      const downs = list.getEntries().filter(({ name }) => name === 'pointerdown');
      window.paints.push(...downs.map(({ duration }) => duration));
    }).observe({ type: 'event', durationThreshold: 16 });
  });
  await client.send('Emulation.setCPUThrottlingRate', { rate: slowDown });
  for (let tap = 0; tap < taps; tap++) {
    await mirror.click({ position: { x: 100 + 5 * tap, y: 120 } });
    await page.evaluate(
      () => new Promise((painted) => requestAnimationFrame(() => requestAnimationFrame(painted))),
    );
  }
  const [first, ...others] = await page.evaluate(() => window.paints);
  const sorted = others.toSorted((a, b) => a - b);
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
  const slower = `processor ${slowDown} times slower`;
  return [
    [`a tap to its paint, ${slower}, median of ${sorted.length}`, `${at(0.5)} ms`],
    ['the same, 90th percentile', `${at(0.9)} ms`],
    ['the same, longest', `${at(1)} ms`],
    ['the very first tap of a page just loaded', `${first} ms`],
  ];
}
