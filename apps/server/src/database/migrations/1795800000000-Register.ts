import type { MigrationInterface, QueryRunner } from 'typeorm';

const noAction = 'ON DELETE NO ACTION ON UPDATE NO ACTION';

const up = [
  'ALTER TABLE room ADD retention_months int NOT NULL DEFAULT 36',
  'ALTER TABLE staff ADD left_on date NULL',
  "ALTER TABLE child ADD group_name varchar(40) NOT NULL DEFAULT '', ADD left_on date NULL",
  `CREATE TABLE staff_room (
    staff_id uuid NOT NULL,
    room_id uuid NOT NULL,
    PRIMARY KEY (staff_id, room_id),
    CONSTRAINT staff_room_staff FOREIGN KEY (staff_id) REFERENCES staff (id) ${noAction},
    CONSTRAINT staff_room_room FOREIGN KEY (room_id) REFERENCES room (id) ${noAction}
  ) ENGINE=InnoDB`,
  // Until a lead says otherwise all adults go on seeing what they saw: every room of their site.
  `INSERT INTO staff_room (staff_id, room_id)
   SELECT staff.id, room.id FROM staff JOIN room ON room.site_id = staff.site_id`,
  `CREATE TABLE child_seen_by (
    child_id uuid NOT NULL,
    staff_id uuid NOT NULL,
    PRIMARY KEY (child_id, staff_id),
    CONSTRAINT seen_child FOREIGN KEY (child_id) REFERENCES child (id) ${noAction},
    CONSTRAINT seen_by_staff FOREIGN KEY (staff_id) REFERENCES staff (id) ${noAction}
  ) ENGINE=InnoDB`,
  `CREATE TABLE erasure (
    id uuid NOT NULL,
    site_id uuid NOT NULL,
    was_child uuid NOT NULL,
    erased_at varchar(35) NOT NULL,
    reason varchar(20) NOT NULL,
    erased_by uuid NULL,
    room_name varchar(80) NOT NULL,
    gone json NOT NULL,
    rows_left int NOT NULL,
    PRIMARY KEY (id),
    INDEX erasure_site (site_id)
  ) ENGINE=InnoDB`,
];

const down = [
  'DROP TABLE erasure',
  'DROP TABLE child_seen_by',
  'DROP TABLE staff_room',
  'ALTER TABLE child DROP COLUMN group_name, DROP COLUMN left_on',
  'ALTER TABLE staff DROP COLUMN left_on',
  'ALTER TABLE room DROP COLUMN retention_months',
];

/** Rooms and adults, who sees whom, groups, children who left, and the proof of what was erased. */
export class Register1795800000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of up) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of down) await runner.query(statement);
  }
}
