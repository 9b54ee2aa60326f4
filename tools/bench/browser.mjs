import { withAdult } from '../lib/demo.mjs';
import { loadWords } from '../lib/words.mjs';
import { layAndBegin } from './laying.mjs';
import { measurePen } from './pen.mjs';

const slowDown = 4;
const taps = 40;
const loads = 5;
const slower = `processor ${slowDown} times slower`;

/** First loads, and how soon a tap and the end of a count show on a processor slowed down. */
export async function measureBrowser(url) {
  const { memoryMb } = await (await fetch(`${url}/api/health`)).json();
  return withAdult(url, 'Tomasz', async (page, comeIn) => {
    await comeIn();
    // Another child for the pen: a sit-down that has begun goes on where it was.
    const toSit = page.getByRole('link', { name: /Sit down with/ });
    const [sitting, another] = await Promise.all(
      [0, 1].map(async (child) => `${url}${await toSit.nth(child).getAttribute('href')}`),
    );
    return [
      ['server memory after start, with the demo nursery just loaded', `${memoryMb} MB`],
      ...(await measureLoad(page.context(), 'Today', url, (words) => ({
        role: 'link',
        name: new RegExp(words.common.sitDownWith({ name: '.*' })),
      }))),
      ...(await measureLoad(page.context(), 'a sitting', sitting, (words) => ({
        role: 'button',
        name: words.sitting.changeTask(),
      }))),
      ...(await measureTaps(page.context(), sitting)),
      ...(await measurePen(page.context(), another)),
    ];
  });
}

/**
 * What a page asks for until it can be used, past every cache, and when on a slower processor it is first painted and
 * can be used.
 */
async function measureLoad(context, what, address, readyWhen) {
  const page = await context.newPage();
  const client = await context.newCDPSession(page);
  await client.send('Network.enable');
  await client.send('Network.setCacheDisabled', { cacheDisabled: true });
  await client.send('Network.setBypassServiceWorker', { bypass: true });
  const { role, name } = readyWhen((await loadWords()).english);
  const load = async () => {
    await page.goto(address);
    await page.getByRole(role, { name }).first().waitFor();
  };
  const scripts = new Set();
  let bytes = 0;
  client.on('Network.responseReceived', ({ requestId, type }) => type === 'Script' && scripts.add(requestId));
  const count = ({ requestId, encodedDataLength }) =>
    (bytes += scripts.has(requestId) ? encodedDataLength : 0);
  client.on('Network.loadingFinished', count);
  await load();
  client.off('Network.loadingFinished', count);
  await client.send('Emulation.setCPUThrottlingRate', { rate: slowDown });
  const times = [];
  for (let run = 0; run < loads; run++) {
    await load();
    times.push(
      await page.evaluate(() => ({
        painted: performance.getEntriesByName('first-contentful-paint')[0].startTime,
        ready: performance.now(),
      })),
    );
  }
  await page.close();
  const middle = (of) => Math.round(times.map(of).toSorted((a, b) => a - b)[Math.floor(loads / 2)]);
  return [
    [`script of ${what}’s first load, as sent`, `${Math.round(bytes / 1000)} kB`],
    [`first paint of ${what}, ${slower}, median of ${loads}`, `${middle((one) => one.painted)} ms`],
    ['the same, until it can be used', `${middle((one) => one.ready)} ms`],
  ];
}

/** From the finger to the next paint, as the browser's own event timing has it (in steps of 8 ms, from 16 up). */
async function measureTaps(context, sitting) {
  const page = await context.newPage();
  const client = await context.newCDPSession(page);
  await page.goto(sitting);
  await layAndBegin(page, 'one-to-one', 'count-row');
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
  return [
    [`a tap to its paint, ${slower}, median of ${sorted.length}`, `${at(0.5)} ms`],
    ['the same, 90th percentile', `${at(0.9)} ms`],
    ['the same, longest', `${at(1)} ms`],
    ['the very first tap of a page just loaded', `${first} ms`],
    [`*Done counting* to the paint of what was seen, ${slower}`, `${await untilTold(page)} ms`],
  ];
}

/** From the press of *Done counting* to the paint that tells what was seen. */
async function untilTold(page) {
  const { kinds, after } = (await loadWords()).english;
  const done = page.getByRole('button', { name: kinds.doneCounting(), exact: true });
  await page.evaluate((words) => {
    window.pressed = new Promise((told) => {
      window.addEventListener(
        'click',
        ({ timeStamp }) => {
          const look = () => {
            const isTold = [...document.querySelectorAll('button')].some((one) => one.textContent === words);
            if (!isTold) return requestAnimationFrame(look);
            // The frame in which it stands is painted before the next one begins.
            requestAnimationFrame(() => told(Math.round(performance.now() - timeStamp)));
          };
          requestAnimationFrame(look);
        },
        { once: true, capture: true },
      );
    });
  }, after.notRight());
  await done.click();
  return page.evaluate(() => window.pressed);
}
