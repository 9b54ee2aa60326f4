import type { MigrationInterface, QueryRunner } from 'typeorm';

const noAction = 'ON DELETE NO ACTION ON UPDATE NO ACTION';

/** What is worked out of each child's tries, kept beside a count of what it was made from; tries that never ended are found at once. */
export class KeptSummaries1795700000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE child ADD evidence int NOT NULL DEFAULT 0');
    await runner.query('CREATE INDEX try_open ON try (ended, child_id)');
    await runner.query(`CREATE TABLE child_summary (
      child_id uuid NOT NULL,
      made_from int NOT NULL,
      made_for date NOT NULL,
      makeup int NOT NULL,
      glance json NOT NULL,
      steps json NOT NULL,
      skill_lines json NOT NULL,
      PRIMARY KEY (child_id),
      CONSTRAINT summary_of_child FOREIGN KEY (child_id) REFERENCES child (id) ${noAction}
    ) ENGINE=InnoDB`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE child_summary');
    await runner.query('DROP INDEX try_open ON try');
    await runner.query('ALTER TABLE child DROP COLUMN evidence');
  }
}
