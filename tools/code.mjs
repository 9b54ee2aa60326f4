// @ts-check
// Prints a code that works once: for another password, or for a further nursery on this server.
//   npm run code -- password someone@nursery.example
//   npm run code -- nursery
import { runCommand, Sorry } from './lib/say.mjs';
import { withDatabase } from './lib/withDatabase.mjs';

const [goodFor, email] = process.argv.slice(2);
const usage = 'Say what for: npm run code -- password someone@nursery.example, or npm run code -- nursery';

runCommand(async () => {
  if (goodFor !== 'nursery' && (goodFor !== 'password' || !email)) throw new Sorry(usage);
  await withDatabase(give, { whileRunning: true });
});

async function give(url) {
  const { openDatabase } = await import('../apps/server/dist/database/dataSource.js');
  const { giveCode } = await import('../apps/server/dist/devices/oneTimeCodes.js');
  const dataSource = await openDatabase(url);
  try {
    if (goodFor === 'nursery') {
      const { code } = await giveCode(dataSource.manager, 'nursery');
      console.log(
        `\n  ${code}\n\n  Good for setting up one nursery, within a day: sign in, “Set up a nursery”.\n`,
      );
      return;
    }
    for (const { id, site, site_id: siteId } of await accountsOf(dataSource)) {
      const { code } = await giveCode(dataSource.manager, 'password', { siteId, staffId: id });
      console.log(
        `\n  ${code}   ${email}, ${site}\n\n  Good once, for an hour: sign in, “Forgotten password”.\n`,
      );
    }
  } finally {
    await dataSource.destroy();
  }
}

async function accountsOf(dataSource) {
  const accounts = await dataSource.query(
    `SELECT staff.id, site_id, site.name AS site FROM staff JOIN site ON site.id = staff.site_id
     WHERE email = ? AND (left_on IS NULL OR left_on > CURRENT_DATE)`,
    [email.trim().toLowerCase()],
  );
  if (accounts.length === 0) throw new Sorry(`Nobody here has the email address ${email}.`);
  return accounts;
}
