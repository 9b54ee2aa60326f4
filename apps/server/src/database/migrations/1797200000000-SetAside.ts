import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * What the server refused is kept for a lead to settle; a try that came after its child, adult or device had left is marked; who
 * said that two tries are one, or two, is kept with when; a language that is changed or taken away can be put back.
 */
export class SetAside1797200000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE set_aside (
         id uuid NOT NULL PRIMARY KEY,
         what varchar(10) NOT NULL,
         site_id uuid NOT NULL,
         device_id uuid NOT NULL,
         child_id uuid NOT NULL,
         recorded_by uuid NOT NULL,
         at varchar(40) NOT NULL,
         why varchar(400) NOT NULL,
         field varchar(120) NOT NULL,
         body json NOT NULL,
         kept_at datetime(3) NOT NULL,
         left_out_by uuid NULL,
         left_out_why varchar(200) NULL,
         INDEX set_aside_of_site (site_id),
         INDEX set_aside_of_child (child_id)
       )`,
    );
    await runner.query('ALTER TABLE `try` ADD is_late tinyint NOT NULL DEFAULT 0');
    await runner.query('ALTER TABLE `try` ADD same_as_by uuid NULL, ADD same_as_at varchar(35) NULL');
    await runner.query('ALTER TABLE told_apart ADD told_at varchar(35) NULL');
    await runner.query('ALTER TABLE device ADD seal_key char(44) NULL');
    await runner.query(
      `ALTER TABLE language ADD is_removed tinyint NOT NULL DEFAULT 0, ADD \`before\` json NULL,
         ADD changed_by uuid NULL, ADD changed_at varchar(35) NULL`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE device DROP COLUMN seal_key');
    await runner.query('DELETE FROM language WHERE is_removed = 1');
    await runner.query(
      'ALTER TABLE language DROP COLUMN is_removed, DROP COLUMN `before`, DROP COLUMN changed_by, DROP COLUMN changed_at',
    );
    await runner.query('ALTER TABLE told_apart DROP COLUMN told_at');
    await runner.query('ALTER TABLE `try` DROP COLUMN same_as_by, DROP COLUMN same_as_at');
    await runner.query('ALTER TABLE `try` DROP COLUMN is_late');
    await runner.query('DROP TABLE set_aside');
  }
}
