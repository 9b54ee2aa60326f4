import type { MigrationInterface, QueryRunner } from 'typeorm';

const up = [
  'ALTER TABLE presence ADD token_hash char(64) NULL',
  'ALTER TABLE site ADD erase_wait_days int NOT NULL DEFAULT 14',
  'ALTER TABLE child ADD erase_shown_on date NULL',
];

const down = [
  'ALTER TABLE child DROP COLUMN erase_shown_on',
  'ALTER TABLE site DROP COLUMN erase_wait_days',
  'ALTER TABLE presence DROP COLUMN token_hash',
];

/** A stay is proved by a token of its own; erasing waits until a lead has seen who is due. */
export class StaysAndWaits1795900000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of up) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of down) await runner.query(statement);
  }
}
