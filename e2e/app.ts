import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import net from 'node:net';
import path from 'node:path';
import type { RowDataPacket } from 'mysql2/promise';
import { ownDatabase, type OwnDatabase } from '../apps/server/test/copyDatabase.js';

const root = path.resolve(import.meta.dirname, '..');

export interface StoredEvent {
  readonly seq: number;
  readonly kind: string;
  readonly word?: number | string;
  readonly items?: readonly number[];
  readonly item?: number | string;
  readonly value?: number | string | null;
  readonly of?: number;
}

/** The built app on a database of its own with the demo nursery; it can be killed and started again. */
export class App {
  private server: ChildProcess | undefined;

  private constructor(
    readonly url: string,
    private readonly port: number,
    private readonly database: OwnDatabase,
  ) {}

  static async open(): Promise<App> {
    return App.at(await ownDatabase(process.env['DEMO_DATABASE_URL']));
  }

  static async at(database: OwnDatabase): Promise<App> {
    const port = await freePort();
    const app = new App(`http://127.0.0.1:${port}`, port, database);
    await app.start();
    return app;
  }

  async start(): Promise<void> {
    const server = spawn(process.execPath, ['apps/server/dist/main.js'], {
      cwd: root,
      stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
      env: {
        ...process.env,
        DATABASE_URL: this.database.url,
        PORT: String(this.port),
        WEB_FOLDER: path.join(root, 'apps/web/dist'),
      },
    });
    this.server = server;
    await new Promise<void>((resolve, reject) => {
      server.on('message', (news: { kind: string }) => {
        if (news.kind === 'ready') resolve();
      });
      server.on('exit', (code) => reject(new Error(`The server ended (${code}) before it was ready`)));
    });
  }

  /** As a power cut would: no goodbye. */
  async kill(): Promise<void> {
    const ended = once(this.server!, 'exit');
    this.server!.kill('SIGKILL');
    await ended;
  }

  async close(): Promise<void> {
    if (this.server?.exitCode === null && this.server.signalCode === null) await this.kill();
    await this.database.drop();
  }

  /** The events stored of the child's latest try, as they are in the database. */
  async eventsOfLatestTry(firstName: string): Promise<StoredEvent[]> {
    const [rows] = await this.database.connection.query<RowDataPacket[]>(
      `SELECT seq, kind, facts FROM try_event WHERE try_id = (
         SELECT try.id FROM try JOIN child ON child.id = try.child_id
         WHERE child.first_name = ? ORDER BY try.started_at DESC LIMIT 1)
       ORDER BY seq`,
      [firstName],
    );
    return rows.map(({ seq, kind, facts }) => ({
      seq,
      kind,
      ...(typeof facts === 'string' ? JSON.parse(facts) : facts),
    }));
  }

  /** For how long the pattern of the child's latest try stood on the screen, as stored; null for not at all. In ms. */
  async latestShownMs(firstName: string): Promise<number | null> {
    const [rows] = await this.database.connection.query<RowDataPacket[]>(
      `SELECT try.shown_ms AS ms FROM try JOIN child ON child.id = try.child_id
       WHERE child.first_name = ? ORDER BY try.started_at DESC LIMIT 1`,
      [firstName],
    );
    return rows[0]!['ms'] as number | null;
  }

  /** How the child's latest sitting was closed, as it is in the database. */
  async latestClosing(
    firstName: string,
  ): Promise<{ changed: { told: string; words: string }[]; note: string }> {
    const [rows] = await this.database.connection.query<RowDataPacket[]>(
      `SELECT changed, note FROM closing JOIN child ON child.id = closing.child_id
       WHERE child.first_name = ? ORDER BY closed_at DESC LIMIT 1`,
      [firstName],
    );
    const { changed, note } = rows[0] ?? { changed: '[]', note: '' };
    return { changed: typeof changed === 'string' ? JSON.parse(changed) : changed, note };
  }

  /** The first names of who recorded the child's latest tries, newest first. */
  async recordersOf(firstName: string, latest: number): Promise<string[]> {
    const [rows] = await this.database.connection.query<RowDataPacket[]>(
      `SELECT staff.first_name AS name FROM try
         JOIN child ON child.id = try.child_id JOIN staff ON staff.id = try.recorded_by
         WHERE child.first_name = ? ORDER BY try.started_at DESC LIMIT ${latest}`,
      [firstName],
    );
    return rows.map((row) => String(row['name']));
  }

  async countTries(firstName: string): Promise<number> {
    const [rows] = await this.database.connection.query<RowDataPacket[]>(
      'SELECT COUNT(*) AS n FROM try JOIN child ON child.id = try.child_id WHERE child.first_name = ?',
      [firstName],
    );
    return Number(rows[0]!['n']);
  }
}

async function freePort(): Promise<number> {
  const server = net.createServer().listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as net.AddressInfo;
  server.close();
  await once(server, 'close');
  return port;
}
