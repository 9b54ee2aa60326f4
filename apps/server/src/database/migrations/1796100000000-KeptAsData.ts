import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Summaries keep what is so, and no longer sentences about it: all are made again when they are asked for. */
export class KeptAsData1796100000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('DELETE FROM child_summary');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DELETE FROM child_summary');
  }
}
