// How soon a line follows the pen on a processor slowed down, and whether each point of it is kept.
import { loadWords } from '../lib/words.mjs';
import { layAndBegin } from './laying.mjs';

const slowDown = 4;
const strokes = 6;
const pointsOfStroke = 90;

/** From a move of the pen to the frame that has it, counted in frames of the same page; and points kept of those seen. */
export async function measurePen(context, sitting) {
  const page = await context.newPage();
  const client = await context.newCDPSession(page);
  await page.goto(sitting);
  await layAndBegin(page, 'numeral-formation', 'write-it');
  const sent = (await loadWords()).english.sending.sent();
  const sheet = page.locator('canvas');
  await sheet.waitFor();
  await page.waitForLoadState('networkidle');
  const kept = [];
  page.on('request', (request) => {
    if (request.method() !== 'PUT' || !request.url().includes('/api/tries/')) return;
    for (const event of request.postDataJSON().events)
      if (event.kind === 'stroke') kept.push(event.points.length);
  });
  await page.evaluate(() => {
    window.pen = { waiting: [], frames: [], seen: 0, ms: [] };
    const { pen } = window;
    window.addEventListener(
      'pointermove',
      (event) => {
        if (event.buttons === 0) return;
        pen.seen += Math.max(1, event.getCoalescedEvents().length);
        pen.waiting.push(event.timeStamp);
      },
      { capture: true },
    );
    const { prototype } = globalThis.CanvasRenderingContext2D;
    const { fill } = prototype;
    prototype.fill = function (...args) {
      fill.apply(this, args);
      const drawn = pen.waiting.splice(0);
      // What is drawn in a frame is on the screen when the next begins.
      requestAnimationFrame((shown) => pen.ms.push(...drawn.map((at) => shown - at)));
    };
  });
  await client.send('Emulation.setCPUThrottlingRate', { rate: slowDown });
  const box = await sheet.boundingBox();
  for (let stroke = 0; stroke < strokes; stroke++) {
    await page.mouse.move(box.x + 60 + 60 * stroke, box.y + 80);
    await page.mouse.down();
    for (let i = 1; i <= pointsOfStroke; i++)
      await page.mouse.move(box.x + 60 + 60 * stroke + 25 * Math.sin(i / 9), box.y + 80 + 3 * i);
    await page.mouse.up();
  }
  await client.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  await page.getByText(sent, { exact: true }).waitFor();
  const { ms, seen } = await page.evaluate(() => window.pen);
  await page.close();
  const frame = 1000 / 60;
  const sorted = ms.map((one) => one / frame).toSorted((a, b) => a - b);
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))].toFixed(1);
  const points = kept.reduce((sum, one) => sum + one, 0);
  return [
    [
      `from the pen to its line, processor ${slowDown} times slower, median of ${sorted.length}`,
      `${at(0.5)} frames`,
    ],
    ['the same, 95th percentile', `${at(0.95)} frames`],
    [`points seen of ${strokes} strokes, beside where each began and ended`, `${seen}`],
    ['points kept, with those', `${points}`],
  ];
}
