import type { MigrationInterface, QueryRunner } from 'typeorm';

const ofRoom = (table: string): string => `CREATE TABLE ${table} (
    id uuid NOT NULL PRIMARY KEY,
    room_id uuid NOT NULL,
    body json NOT NULL,
    retired tinyint NOT NULL,
    changed_by uuid NOT NULL,
    KEY ${table}_room (room_id),
    CONSTRAINT ${table}_of_room FOREIGN KEY (room_id) REFERENCES room (id) ON DELETE NO ACTION ON UPDATE NO ACTION,
    CONSTRAINT ${table}_by FOREIGN KEY (changed_by) REFERENCES staff (id) ON DELETE NO ACTION ON UPDATE NO ACTION
  )`;

const up = [ofRoom('own_task'), ofRoom('own_things'), 'ALTER TABLE `try` ADD own uuid NULL'];
const down = ['ALTER TABLE `try` DROP COLUMN own', 'DROP TABLE own_things', 'DROP TABLE own_task'];

/** Tasks that a room has written, kinds of things that it has added, and which own task a try was of. */
export class OwnTasks1796800000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of up) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of down) await runner.query(statement);
  }
}
