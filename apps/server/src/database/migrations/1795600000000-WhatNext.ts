import type { MigrationInterface, QueryRunner } from 'typeorm';

const noAction = 'ON DELETE NO ACTION ON UPDATE NO ACTION';

const tables = [
  `CREATE TABLE step_decision (
    child_id uuid NOT NULL,
    skill varchar(40) NOT NULL,
    decision varchar(20) NOT NULL,
    evidence varchar(80) NOT NULL,
    reason varchar(200) NOT NULL,
    decided_by uuid NOT NULL,
    PRIMARY KEY (child_id, skill),
    CONSTRAINT step_decision_child FOREIGN KEY (child_id) REFERENCES child (id) ${noAction},
    CONSTRAINT step_decision_staff FOREIGN KEY (decided_by) REFERENCES staff (id) ${noAction}
  ) ENGINE=InnoDB`,
  `CREATE TABLE statement_ruling (
    id int NOT NULL AUTO_INCREMENT,
    child_id uuid NOT NULL,
    skill varchar(40) NOT NULL,
    words varchar(300) NULL,
    reason varchar(200) NOT NULL,
    ruled_by uuid NOT NULL,
    ruled_on date NOT NULL,
    PRIMARY KEY (id),
    INDEX statement_ruling_of (child_id),
    CONSTRAINT statement_ruling_child FOREIGN KEY (child_id) REFERENCES child (id) ${noAction},
    CONSTRAINT statement_ruling_staff FOREIGN KEY (ruled_by) REFERENCES staff (id) ${noAction}
  ) ENGINE=InnoDB`,
  `CREATE TABLE room_move (
    room_id uuid NOT NULL,
    slip varchar(40) NOT NULL,
    saw varchar(200) NOT NULL,
    move varchar(300) NOT NULL,
    PRIMARY KEY (room_id, slip),
    CONSTRAINT move_of_room FOREIGN KEY (room_id) REFERENCES room (id) ${noAction}
  ) ENGINE=InnoDB`,
];

/** What adults decide about next steps and statements, and a room's own table of moves. */
export class WhatNext1795600000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const table of tables) await runner.query(table);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const name of ['room_move', 'statement_ruling', 'step_decision'])
      await runner.query(`DROP TABLE ${name}`);
  }
}
