import type { MigrationInterface, QueryRunner } from 'typeorm';

const noAction = 'ON DELETE NO ACTION ON UPDATE NO ACTION';

const up = [
  'ALTER TABLE child ADD languages json NULL, ADD needs json NULL',
  "UPDATE child SET languages = JSON_ARRAY(language), needs = '[]'",
  'ALTER TABLE child MODIFY languages json NOT NULL, MODIFY needs json NOT NULL, DROP COLUMN language',
  'ALTER TABLE try ADD access json NULL, ADD mixed_with varchar(35) NULL, ADD same_as uuid NULL',
  `CREATE TABLE ruling (
    id int NOT NULL AUTO_INCREMENT,
    try_id uuid NOT NULL,
    ruled_on varchar(20) NOT NULL,
    holds tinyint NULL,
    reason varchar(200) NOT NULL,
    ruled_by uuid NOT NULL,
    ruled_at varchar(35) NOT NULL,
    PRIMARY KEY (id),
    INDEX ruling_try (try_id),
    CONSTRAINT ruling_of_try FOREIGN KEY (try_id) REFERENCES try (id) ${noAction},
    CONSTRAINT ruling_of_staff FOREIGN KEY (ruled_by) REFERENCES staff (id) ${noAction}
  ) ENGINE=InnoDB`,
  `CREATE TABLE told_apart (
    one_id uuid NOT NULL,
    other_id uuid NOT NULL,
    told_by uuid NOT NULL,
    PRIMARY KEY (one_id, other_id),
    CONSTRAINT told_apart_one FOREIGN KEY (one_id) REFERENCES try (id) ${noAction},
    CONSTRAINT told_apart_other FOREIGN KEY (other_id) REFERENCES try (id) ${noAction},
    CONSTRAINT told_apart_by FOREIGN KEY (told_by) REFERENCES staff (id) ${noAction}
  ) ENGINE=InnoDB`,
  `CREATE TABLE closing (
    id uuid NOT NULL,
    child_id uuid NOT NULL,
    recorded_by uuid NOT NULL,
    closed_at varchar(35) NOT NULL,
    changed json NOT NULL,
    open json NOT NULL,
    note varchar(1000) NOT NULL,
    revision int NOT NULL,
    PRIMARY KEY (id),
    INDEX closing_child (child_id),
    CONSTRAINT closing_of_child FOREIGN KEY (child_id) REFERENCES child (id) ${noAction},
    CONSTRAINT closing_by FOREIGN KEY (recorded_by) REFERENCES staff (id) ${noAction}
  ) ENGINE=InnoDB`,
  `CREATE TABLE language (
    site_id uuid NOT NULL,
    tag varchar(35) NOT NULL,
    name varchar(60) NOT NULL,
    right_to_left tinyint NOT NULL,
    words json NOT NULL,
    PRIMARY KEY (site_id, tag),
    CONSTRAINT language_of_site FOREIGN KEY (site_id) REFERENCES site (id) ${noAction}
  ) ENGINE=InnoDB`,
];

const down = [
  'DROP TABLE language',
  'DROP TABLE closing',
  'DROP TABLE told_apart',
  'DROP TABLE ruling',
  'ALTER TABLE try DROP COLUMN access, DROP COLUMN mixed_with, DROP COLUMN same_as',
  "ALTER TABLE child ADD language varchar(35) NOT NULL DEFAULT 'en'",
  "UPDATE child SET language = JSON_VALUE(languages, '$[0]')",
  'ALTER TABLE child MODIFY language varchar(35) NOT NULL, DROP COLUMN languages, DROP COLUMN needs',
];

/** Needs and languages of a child; rulings, doubles and closings of what was recorded; a site's own number words. */
export class GuidedSitting1795500000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const statement of up) await runner.query(statement);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const statement of down) await runner.query(statement);
  }
}
