import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Who is not here on a day, for as long as the day lasts. */
export class NotHere1796300000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE not_here (
      child_id uuid NOT NULL PRIMARY KEY,
      day date NOT NULL,
      CONSTRAINT not_here_child FOREIGN KEY (child_id) REFERENCES child (id) ON DELETE NO ACTION ON UPDATE NO ACTION
    )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE not_here');
  }
}
