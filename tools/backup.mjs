// @ts-check
// Copies all that is stored to one encrypted file, and checks it. Dotting may go on running.
import { backUp, passphrase } from './lib/backups.mjs';
import { runCommand, say } from './lib/say.mjs';
import { withDatabase } from './lib/withDatabase.mjs';

runCommand(async () => {
  const secret = await passphrase();
  await withDatabase(
    async (url) => {
      say('Copying, and loading the copy to see whether it is whole …');
      say(`Copied to ${await backUp(url, secret)}.`);
    },
    { whileRunning: true },
  );
});
