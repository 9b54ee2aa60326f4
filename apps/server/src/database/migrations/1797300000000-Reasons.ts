import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Why a try counts as another, and why a language was changed or taken away; a time as a group is taken back, and kept. */
export class Reasons1797300000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE `try` ADD same_as_reason varchar(200) NULL');
    await runner.query("ALTER TABLE language ADD reason varchar(200) NOT NULL DEFAULT ''");
    await runner.query(
      'ALTER TABLE group_time ADD taken_back_at varchar(35) NULL, ADD taken_back_reason varchar(200) NULL',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    // What was taken back does not count again.
    await runner.query(
      'DELETE FROM group_time_child WHERE group_time_id IN (SELECT id FROM group_time WHERE taken_back_at IS NOT NULL)',
    );
    await runner.query('DELETE FROM group_time WHERE taken_back_at IS NOT NULL');
    await runner.query('ALTER TABLE group_time DROP COLUMN taken_back_at, DROP COLUMN taken_back_reason');
    await runner.query('ALTER TABLE language DROP COLUMN reason');
    await runner.query('ALTER TABLE `try` DROP COLUMN same_as_reason');
  }
}
