import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a new way of working out says otherwise of a child, until somebody has read it. */
export class RevisedSayings1796000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE child_summary ADD revised json NULL');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE child_summary DROP COLUMN revised');
  }
}
