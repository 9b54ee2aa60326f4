import type { MigrationInterface, QueryRunner } from 'typeorm';

const up = [
  'ALTER TABLE child ADD photos tinyint NULL',
  `CREATE TABLE try_photo (
    try_id uuid NOT NULL PRIMARY KEY,
    jpeg mediumblob NOT NULL,
    taken_by uuid NOT NULL,
    taken_at datetime(3) NOT NULL,
    CONSTRAINT photo_of_try FOREIGN KEY (try_id) REFERENCES \`try\` (id) ON DELETE NO ACTION ON UPDATE NO ACTION,
    CONSTRAINT photo_by FOREIGN KEY (taken_by) REFERENCES staff (id) ON DELETE NO ACTION ON UPDATE NO ACTION
  )`,
];
const down = ['DROP TABLE try_photo', 'ALTER TABLE child DROP COLUMN photos'];

/** Photos of what was written on paper, and whether a family objects. */
export class Photos1797000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of up) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of down) await runner.query(statement);
  }
}
