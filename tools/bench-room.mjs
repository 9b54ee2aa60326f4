// @ts-check
// Measures a room of 200 children with 300 tries each, which docs/performance.md quotes: its data at the server beside
// the bare SQL that reads the same rows, and how soon it is drawn.
import { fillRoom, measureRoom } from './bench/room.mjs';
import { ensureBuilt } from './lib/build.mjs';
import { ensureProgram } from './lib/debian.mjs';
import { withDemo } from './lib/demo.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { runCommand, say } from './lib/say.mjs';

const children = Number(process.env.CHILDREN ?? 200);
const tries = Number(process.env.TRIES ?? 300);

runCommand(async () => {
  await ensurePackages();
  await ensureProgram('chromium', 'chromium', '');
  await ensureBuilt();
  const figures = await withDemo('bench-room', async (url, databaseUrl) => {
    const roomId = await fillRoom(databaseUrl, { children, tries });
    say('Measuring …');
    return measureRoom(url, databaseUrl, { roomId, children });
  });
  for (const [what, value] of figures) console.log(`${what.padEnd(64)} ${value}`);
});
