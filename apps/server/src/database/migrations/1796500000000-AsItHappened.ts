import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The reason a child gave, and whether a room always has a count checked. */
export class AsItHappened1796500000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE try ADD reason varchar(20) NULL');
    await runner.query("ALTER TABLE room ADD checks varchar(20) NOT NULL DEFAULT 'in-doubt'");
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE try DROP COLUMN reason');
    await runner.query('ALTER TABLE room DROP COLUMN checks');
  }
}
