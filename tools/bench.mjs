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
  const parts = [
    measureReading,
    measureEstimates,
    () => withDemo('bench', measureBrowser),
    () => withDemo('bench', measureBusy),
  ];
  // Each is told when it is there: what a later part breaks on takes nothing from those before it.
  for (const measure of parts)
    for (const [what, value] of await measure()) console.log(`${what.padEnd(64)} ${value}`);
});
