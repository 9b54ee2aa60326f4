import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Counts by steps and in two languages; a try says that it is of the second version. */
export class CountsAsTheyHappen1796400000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'ALTER TABLE try ADD version smallint NULL, ADD step smallint NULL, ADD `second` varchar(35) NULL',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE try DROP COLUMN version, DROP COLUMN step, DROP COLUMN `second`');
  }
}
