import type { MigrationInterface, QueryRunner } from 'typeorm';

const up = [
  'ALTER TABLE room ADD schools json NULL',
  "UPDATE room SET schools = IF(checks = 'always', JSON_OBJECT('checks', checks), JSON_OBJECT())",
  'ALTER TABLE room MODIFY schools json NOT NULL',
  'ALTER TABLE room DROP COLUMN checks',
  `CREATE TABLE school_change (
    id uuid NOT NULL PRIMARY KEY,
    room_id uuid NOT NULL,
    line varchar(20) NOT NULL,
    choice varchar(40) NOT NULL,
    changed_by uuid NOT NULL,
    changed_at datetime(3) NOT NULL,
    KEY school_change_room (room_id),
    CONSTRAINT school_change_of_room FOREIGN KEY (room_id) REFERENCES room (id) ON DELETE NO ACTION ON UPDATE NO ACTION,
    CONSTRAINT school_change_by FOREIGN KEY (changed_by) REFERENCES staff (id) ON DELETE NO ACTION ON UPDATE NO ACTION
  )`,
  'ALTER TABLE child ADD touch varchar(8) NULL',
  'ALTER TABLE child ADD hand_help varchar(6) NULL',
  'ALTER TABLE child ADD own_forms json NULL',
  "UPDATE child SET own_forms = '[]'",
  'ALTER TABLE child MODIFY own_forms json NOT NULL',
];

const down = [
  'ALTER TABLE child DROP COLUMN own_forms',
  'ALTER TABLE child DROP COLUMN hand_help',
  'ALTER TABLE child DROP COLUMN touch',
  'DROP TABLE school_change',
  "ALTER TABLE room ADD checks varchar(20) NOT NULL DEFAULT 'in-doubt'",
  "UPDATE room SET checks = 'always' WHERE JSON_VALUE(schools, '$.checks') = 'always'",
  'ALTER TABLE room DROP COLUMN schools',
];

/** Where practitioners disagree: what a room has chosen, who changed it when, and a child’s own ways. */
export class WaysOfTheRoom1796700000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of up) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of down) await runner.query(statement);
  }
}
