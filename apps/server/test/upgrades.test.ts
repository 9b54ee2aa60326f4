import { randomUUID } from 'node:crypto';
import { DataSource } from 'typeorm';
import { dataSourceOptions } from '../src/database/dataSource.js';
import { ownDatabase } from './copyDatabase.js';

interface Column {
  readonly name: string;
  readonly type: string;
  readonly wide: string;
  readonly isNullable: 'YES' | 'NO';
  readonly initial: string | null;
  readonly extra: string;
}

interface Key {
  readonly of: string;
  readonly column: string;
  readonly to: string;
  readonly toColumn: string;
}

/** The tables of a database, those first that others point to. */
async function tablesOf(dataSource: DataSource): Promise<{ tables: string[]; keys: Key[] }> {
  const rows: { name: string }[] = await dataSource.query(
    'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE() ORDER BY table_name',
  );
  const keys: Key[] = await dataSource.query(
    `SELECT table_name AS \`of\`, column_name AS \`column\`, referenced_table_name AS \`to\`,
       referenced_column_name AS toColumn
     FROM information_schema.key_column_usage
     WHERE table_schema = DATABASE() AND referenced_table_name IS NOT NULL`,
  );
  const waiting = rows.map(({ name }) => name).filter((name) => name !== 'migrations');
  const tables: string[] = [];
  while (waiting.length > 0) {
    const next = waiting.findIndex((name) =>
      keys.every(({ of, to }) => of !== name || to === name || tables.includes(to)),
    );
    if (next < 0) throw new Error(`These point to one another: ${waiting.join(', ')}`);
    tables.push(...waiting.splice(next, 1));
  }
  return { tables, keys };
}

/** One row in a table, pointing to the rows that are there. */
async function fill(dataSource: DataSource, table: string, keys: readonly Key[]): Promise<void> {
  const columns: Column[] = await dataSource.query(
    `SELECT column_name AS name, data_type AS type, column_type AS wide, is_nullable AS isNullable,
       column_default AS initial, extra
     FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = ?`,
    [table],
  );
  const row: Record<string, unknown> = {};
  for (const column of columns.filter(({ extra }) => !extra.includes('auto_increment'))) {
    const key = keys.find((one) => one.of === table && one.column === column.name && one.to !== table);
    if (key) {
      const [found] = await dataSource.query(
        `SELECT \`${key.toColumn}\` AS value FROM \`${key.to}\` LIMIT 1`,
      );
      row[column.name] = found.value;
    } else row[column.name] = madeUp(column);
  }
  const names = Object.keys(row).map((name) => `\`${name}\``);
  const marks = names.map(() => '?').join(', ');
  await dataSource.query(
    `INSERT INTO \`${table}\` (${names.join(', ')}) VALUES (${marks})`,
    Object.values(row),
  );
}

/** Something that the column takes, and that what reads it can read. */
function madeUp({ name, type, wide, isNullable }: Column): unknown {
  switch (type) {
    case 'uuid':
      return isNullable === 'YES' ? null : randomUUID();
    case 'date':
      return '2025-11-03';
    case 'datetime':
      return new Date('2025-11-03T09:00:00Z');
    case 'tinyint':
    case 'smallint':
    case 'int':
      return 1;
    case 'longblob':
    case 'mediumblob':
    case 'blob':
      return Buffer.from([1]);
    case 'longtext':
      return isNullable === 'YES' ? null : name === 'layout' || name === 'schools' ? '{}' : '[]';
    case 'varchar':
    case 'char': {
      if (isNullable === 'YES') return null;
      const width = Number(/\((\d+)\)/.exec(wide)?.[1]);
      return (name.endsWith('_at') ? '2025-11-03T09:00:00.000Z' : `${name} before`).slice(0, width);
    }
    default:
      throw new Error(`Nothing is made up for ${name}, ${wide}`);
  }
}

const allMigrations = dataSourceOptions('mysql://nobody@127.0.0.1/nothing').migrations as { name: string }[];

/** The tables as they were after so many migrations, and then as they are now. */
async function connect(url: string, migrations: readonly unknown[]): Promise<DataSource> {
  return new DataSource({ ...dataSourceOptions(url), migrations: migrations as [] } as never).initialize();
}

test.each(allMigrations.map(({ name }, i) => [name, i + 1] as const))(
  'a database as it was after %s is brought up to date with what is in it',
  async (_, many) => {
    const { url, drop } = await ownDatabase();
    const before = await connect(url, allMigrations.slice(0, many));
    await before.runMigrations({ transaction: 'each' });
    const { tables, keys } = await tablesOf(before);
    for (const table of tables) await fill(before, table, keys);
    await before.destroy();

    const now = await connect(url, allMigrations);
    await now.runMigrations({ transaction: 'each' });
    const after = new Set((await tablesOf(now)).tables);
    for (const table of tables.filter((one) => after.has(one))) {
      const [{ n }] = await now.query(`SELECT COUNT(*) AS n FROM \`${table}\``);
      // What is worked out may be thrown away and made anew; what was recorded may not.
      if (table !== 'child_summary') expect([table, Number(n)]).toEqual([table, 1]);
    }
    for (const { target } of now.entityMetadatas) await now.manager.find(target, { take: 1 });
    const [site] = await now.query('SELECT name FROM site');
    expect(site.name).toBe('name before');
    await now.destroy();
    await drop();
  },
);
