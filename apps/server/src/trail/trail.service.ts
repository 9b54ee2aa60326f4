import { randomUUID } from 'node:crypto';
import type { TrailEntry, TrailFilter, TrailView } from '@dotting/contract';
import { likeFormula } from '@dotting/contract';
import { Injectable } from '@nestjs/common';
import Papa from 'papaparse';
import { DataSource, LessThan } from 'typeorm';
import type { AtWork } from '../common/present.js';
import { spoken } from '../wording/spoken.js';
import type { Leaves } from './traces.js';
import { TrailRow, type About } from './trail.entity.js';

/** So many lines are shown; a file has them all. */
const mostShown = 300;
/** So long the trail is kept. In days. */
export const trailDays = 2 * 365;
const dayMs = 86_400_000;

interface Told extends Omit<TrailEntry, 'at' | 'about'> {
  readonly at: Date;
  readonly about: string | null;
}

/** Who looked at, changed, took away and erased what. */
@Injectable()
export class TrailService {
  constructor(private readonly dataSource: DataSource) {}

  async leave(
    { siteId, adult }: AtWork,
    { act, part }: Leaves,
    about: About,
    aboutId: string,
  ): Promise<void> {
    const at = new Date();
    const slot = act === 'looked' ? at.toISOString().slice(0, 13) : randomUUID();
    await this.dataSource.query(
      `INSERT INTO trail (id, site_id, staff_id, act, part, about, about_id, slot, at, times)
       VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, 1)
       ON DUPLICATE KEY UPDATE times = times + 1, at = VALUES(at)`,
      [randomUUID(), siteId, adult.id, act, part, about, aboutId, slot, at],
    );
  }

  /** The child that a try is of; undefined where there is no such try. */
  async childOf(tryId: string): Promise<string | undefined> {
    const [row]: { child: string }[] = await this.dataSource.query(
      'SELECT child_id AS child FROM `try` WHERE id = ?',
      [tryId],
    );
    return row?.child;
  }

  async view(at: AtWork, filter: TrailFilter): Promise<TrailView> {
    const { where, values } = which(at, filter);
    const [entries, [{ all }]] = await Promise.all([
      this.find(at, filter, mostShown),
      this.dataSource.query<[{ all: string }]>(
        `SELECT COUNT(*) AS \`all\` FROM trail WHERE ${where}`,
        values,
      ),
    ]);
    return { entries, more: Number(all) - entries.length };
  }

  async asCsv(at: AtWork, filter: TrailFilter): Promise<string> {
    const { acts, parts } = spoken().trail;
    const lines = (await this.find(at, filter)).map(({ act, part, ...rest }) => ({
      ...rest,
      act: acts[act](),
      part: parts[part](),
    }));
    return Papa.unparse(lines, {
      columns: ['at', 'adult', 'act', 'part', 'about', 'times'],
      newline: '\r\n',
      escapeFormulae: likeFormula,
    });
  }

  async forgetOld(): Promise<void> {
    await this.dataSource.manager.delete(TrailRow, {
      at: LessThan(new Date(Date.now() - trailDays * dayMs)),
    });
  }

  private async find(at: AtWork, filter: TrailFilter, most?: number): Promise<TrailEntry[]> {
    const { where, values } = which(at, filter);
    const rows: Told[] = await this.dataSource.query(
      `SELECT trail.at, trail.act, trail.part, trail.times,
         CONCAT(staff.first_name, ' ', staff.last_name) AS adult,
         CASE trail.about
           WHEN 'child' THEN (SELECT CONCAT(first_name, ' ', last_name) FROM child WHERE child.id = about_id)
           WHEN 'room' THEN (SELECT name FROM room WHERE room.id = about_id)
           WHEN 'adult' THEN (SELECT CONCAT(first_name, ' ', last_name) FROM staff AS other WHERE other.id = about_id)
         END AS about
       FROM trail JOIN staff ON staff.id = trail.staff_id
       WHERE ${where}
       ORDER BY trail.at DESC ${most === undefined ? '' : 'LIMIT ?'}`,
      most === undefined ? values : [...values, most],
    );
    return rows.map((row) => ({ ...row, at: row.at.toISOString(), about: (row.about ?? '').trim() }));
  }
}

/** The lines of a site that are asked for, as a condition with its values. */
function which({ siteId }: AtWork, { adult, child, act }: TrailFilter) {
  const wheres = [
    ['trail.site_id = ?', siteId],
    ['trail.staff_id = ?', adult],
    ['trail.about_id = ?', child],
    ['trail.act = ?', act],
  ].filter(([, value]) => value !== undefined);
  return {
    where: wheres.map(([where]) => where).join(' AND '),
    values: wheres.map(([, value]) => value),
  };
}
