// @ts-check
// Measures what docs/performance.md quotes: reading a count, the estimates, the first load of a sitting, how soon a
// tap shows, the server's memory. Prints one line a figure.
import { measureBrowser } from './bench/browser.mjs';
import { measureBusy } from './bench/busy.mjs';
import { measureEstimates } from './bench/estimates.mjs';
import { measureReading } from './bench/reading.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { ensureProgram } from './lib/debian.mjs';
import { withDemo } from './lib/demo.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { runCommand } from './lib/say.mjs';

runCommand(async () => {
  await ensurePackages();
  await ensureProgram('chromium', 'chromium', '');
  await ensureBuilt();
  const figures = [
    ...(await measureReading()),
    ...(await measureEstimates()),
    ...(await withDemo('bench', measureBrowser)),
    ...(await withDemo('bench', measureBusy)),
  ];
  for (const [what, value] of figures) console.log(`${what.padEnd(64)} ${value}`);
});
