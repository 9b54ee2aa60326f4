import { randomBytes } from 'node:crypto';
import { createConnection, type Connection, type RowDataPacket } from 'mysql2/promise';

/** A database of its own, on the server that the test command started. */
export interface OwnDatabase {
  readonly url: string;
  readonly connection: Connection;
  drop(): Promise<void>;
}

/** Empty, or with all that another holds: copied in a moment, where making it anew takes seconds. */
export async function ownDatabase(copyOf?: string): Promise<OwnDatabase> {
  const given = process.env['TEST_DATABASE_URL'];
  if (!given) throw new Error('TEST_DATABASE_URL is not set: run the tests with npm test');
  const name = `dotting_test_${randomBytes(6).toString('hex')}`;
  const connection = await createConnection({ uri: given });
  await connection.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4`);
  await connection.changeUser({ database: name });
  if (copyOf !== undefined) await copyTables(connection, nameOf(copyOf), name);
  const url = new URL(given);
  url.pathname = `/${name}`;
  return {
    url: url.href,
    connection,
    drop: async () => {
      await connection.query(`DROP DATABASE ${name}`);
      await connection.end();
    },
  };
}

const nameOf = (url: string): string => new URL(url).pathname.slice(1);

/** Their keys to each other are checked no more than in a dump: they held where they come from. */
async function copyTables(connection: Connection, from: string, to: string): Promise<void> {
  await connection.query('SET SESSION foreign_key_checks = 0, unique_checks = 0');
  const [tables] = await connection.query<RowDataPacket[]>(
    'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = ?',
    [from],
  );
  for (const { name } of tables) {
    const [[made]] = await connection.query<RowDataPacket[]>(`SHOW CREATE TABLE ${from}.\`${name}\``);
    await connection.query(String(made!['Create Table']));
    // What the database works out by itself takes no value.
    const [columns] = await connection.query<RowDataPacket[]>(
      `SELECT column_name AS name FROM information_schema.columns
       WHERE table_schema = ? AND table_name = ? AND generation_expression IS NULL`,
      [from, name],
    );
    const taken = columns.map((column) => `\`${column['name']}\``).join(', ');
    await connection.query(
      `INSERT INTO ${to}.\`${name}\` (${taken}) SELECT ${taken} FROM ${from}.\`${name}\``,
    );
  }
  await connection.query('SET SESSION foreign_key_checks = 1, unique_checks = 1');
}
