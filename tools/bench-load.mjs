// @ts-check
// Measures many devices at once, which docs/performance.md quotes: one event a second from each, beside bare inserts
// of the same rows, and a hundred sign-ins while others count. DEVICES=50,200 SECONDS=30
import { bareInserts, counting, signedIn, signInsBeside } from './bench/load.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { withDemo } from './lib/demo.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { runCommand, say } from './lib/say.mjs';

const sizes = (process.env.DEVICES ?? '50,200').split(',').map(Number);
const seconds = Number(process.env.SECONDS ?? 30);

runCommand(async () => {
  await ensurePackages();
  await ensureBuilt();
  await withDemo('bench-load', async (url, databaseUrl) => {
    say(`Signing ${Math.max(...sizes)} devices in …`);
    const devices = await signedIn(url, Math.max(...sizes));
    for (const size of sizes) {
      say(`${size} devices at one event a second …`);
      const [beginning, after] = await counting(url, devices.slice(0, size), seconds);
      print(`${size} devices, their first 5 s`, beginning);
      print(`${size} devices, after that`, after);
      print(`${size} a second, bare inserts`, await bareInserts(databaseUrl, size, seconds));
    }
    say('A hundred sign-ins while 20 devices count …');
    for (const [what, figures] of await signInsBeside(url, devices.slice(0, 20))) print(what, figures);
  });
});

/**
 * @param {string} what
 * @param {import('./bench/load.mjs').Figures} figures
 */
function print(what, { asked, answered, perSecond, p50, p95, p99 }) {
  const times = [p50, p95, p99].map((ms) => ms.toFixed(0).padStart(5)).join(' ');
  console.log(
    `${what.padEnd(34)} asked ${asked}, answered ${answered}, ${perSecond.toFixed(0)} a second; p50, p95, p99 (ms): ${times}`,
  );
}
