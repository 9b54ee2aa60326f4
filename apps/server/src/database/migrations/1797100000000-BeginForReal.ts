import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The demo nursery is known as such, one person may be in several nurseries, and there are codes to be used once. */
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
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE one_time_code');
    await runner.query('ALTER TABLE staff DROP INDEX staff_email');
    await runner.query('CREATE UNIQUE INDEX staff_email ON staff (email)');
    await runner.query('ALTER TABLE site DROP COLUMN is_demo');
  }
}
