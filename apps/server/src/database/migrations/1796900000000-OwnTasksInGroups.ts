import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Which of the room’s own tasks a group was shown. */
export class OwnTasksInGroups1796900000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE group_time ADD own uuid NULL');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE group_time DROP COLUMN own');
  }
}
