import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Each adult has a language that the app speaks to her. */
export class SpokenTo1796200000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query("ALTER TABLE staff ADD COLUMN language varchar(8) NOT NULL DEFAULT 'en'");
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE staff DROP COLUMN language');
  }
}
