import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * The demo nursery is known as such, one person may be in several nurseries, there are codes to be used once, tries
 * recorded for the wrong child are moved, a family's objection is kept, and there is a trail of who did what.
 */
export class BeginForReal1797100000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE site ADD is_demo tinyint NOT NULL DEFAULT 0');
    await runner.query(
      `UPDATE site SET is_demo = 1 WHERE id IN
         (SELECT site_id FROM staff WHERE email LIKE '%@pennywater.example')`,
    );
    await runner.query('ALTER TABLE staff DROP INDEX staff_email');
    await runner.query('CREATE UNIQUE INDEX staff_email ON staff (email, site_id)');
    await runner.query(
      `CREATE TABLE one_time_code (
         id uuid NOT NULL PRIMARY KEY,
         good_for varchar(10) NOT NULL,
         code_hash char(64) NOT NULL,
         site_id uuid NULL,
         staff_id uuid NULL,
         until datetime(3) NOT NULL,
         UNIQUE INDEX one_time_code_hash (code_hash),
         CONSTRAINT one_time_code_of_site FOREIGN KEY (site_id) REFERENCES site (id) ON DELETE NO ACTION ON UPDATE NO ACTION,
         CONSTRAINT one_time_code_of_staff FOREIGN KEY (staff_id) REFERENCES staff (id) ON DELETE NO ACTION ON UPDATE NO ACTION
       )`,
    );
    await runner.query('ALTER TABLE child ADD recording tinyint NULL');
    await runner.query('ALTER TABLE `try` ADD started_by_device varchar(35) NULL');
    await runner.query(
      `CREATE TABLE try_move (
         id int NOT NULL AUTO_INCREMENT PRIMARY KEY,
         try_id uuid NOT NULL,
         from_child uuid NOT NULL,
         to_child uuid NOT NULL,
         reason varchar(200) NOT NULL,
         moved_by uuid NOT NULL,
         moved_at varchar(35) NOT NULL,
         INDEX try_move_try (try_id),
         CONSTRAINT move_of_try FOREIGN KEY (try_id) REFERENCES \`try\` (id) ON DELETE NO ACTION ON UPDATE NO ACTION,
         CONSTRAINT move_by_staff FOREIGN KEY (moved_by) REFERENCES staff (id) ON DELETE NO ACTION ON UPDATE NO ACTION
       )`,
    );
    await runner.query(
      `CREATE TABLE trail (
         id uuid NOT NULL PRIMARY KEY,
         site_id uuid NOT NULL,
         staff_id uuid NOT NULL,
         act varchar(10) NOT NULL,
         part varchar(20) NOT NULL,
         about varchar(10) NOT NULL,
         about_id varchar(36) NOT NULL,
         slot varchar(36) NOT NULL,
         at datetime(3) NOT NULL,
         times int NOT NULL,
         UNIQUE INDEX trail_once (site_id, staff_id, act, part, about_id, slot),
         INDEX trail_of_site (site_id, at)
       )`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE trail');
    await runner.query('DROP TABLE try_move');
    await runner.query('ALTER TABLE `try` DROP COLUMN started_by_device');
    await runner.query('ALTER TABLE child DROP COLUMN recording');
    await runner.query('DROP TABLE one_time_code');
    await runner.query('ALTER TABLE staff DROP INDEX staff_email');
    await runner.query('CREATE UNIQUE INDEX staff_email ON staff (email)');
    await runner.query('ALTER TABLE site DROP COLUMN is_demo');
  }
}
