import type { MigrationInterface, QueryRunner } from 'typeorm';

const up = [
  'ALTER TABLE try ADD upset tinyint NOT NULL DEFAULT 0',
  'ALTER TABLE try MODIFY upset tinyint NOT NULL',
  'ALTER TABLE child ADD not_yet json NULL',
  "UPDATE child SET not_yet = '[]'",
  'ALTER TABLE child MODIFY not_yet json NOT NULL',
  `CREATE TABLE group_time (
    id uuid NOT NULL PRIMARY KEY,
    room_id uuid NOT NULL,
    kind varchar(10) NOT NULL,
    task varchar(60) NOT NULL,
    day date NOT NULL,
    kept_at datetime(3) NOT NULL,
    recorded_by uuid NOT NULL,
    together_to smallint NULL,
    note varchar(300) NOT NULL,
    KEY group_time_room (room_id),
    CONSTRAINT group_time_of_room FOREIGN KEY (room_id) REFERENCES room (id) ON DELETE NO ACTION ON UPDATE NO ACTION,
    CONSTRAINT group_time_by FOREIGN KEY (recorded_by) REFERENCES staff (id) ON DELETE NO ACTION ON UPDATE NO ACTION
  )`,
  `CREATE TABLE group_time_child (
    group_time_id uuid NOT NULL,
    child_id uuid NOT NULL,
    PRIMARY KEY (group_time_id, child_id),
    KEY group_time_child_child (child_id),
    CONSTRAINT group_time_child_of_time FOREIGN KEY (group_time_id) REFERENCES group_time (id) ON DELETE NO ACTION ON UPDATE NO ACTION,
    CONSTRAINT group_time_child_of_child FOREIGN KEY (child_id) REFERENCES child (id) ON DELETE NO ACTION ON UPDATE NO ACTION
  )`,
];

const down = [
  'DROP TABLE group_time_child',
  'DROP TABLE group_time',
  'ALTER TABLE child DROP COLUMN not_yet',
  'ALTER TABLE try DROP COLUMN upset',
];

/** What the whole group was shown or did together, lessons that come first, and tries that a child was too upset for. */
export class GroupTimes1796600000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of up) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of down) await runner.query(statement);
  }
}
