import type { MigrationInterface, QueryRunner } from 'typeorm';

const tables = [
  `CREATE TABLE site (
    id uuid NOT NULL,
    name varchar(80) NOT NULL,
    PRIMARY KEY (id)
  )`,
  `CREATE TABLE room (
    id uuid NOT NULL,
    site_id uuid NOT NULL,
    name varchar(80) NOT NULL,
    PRIMARY KEY (id),
    INDEX room_site (site_id),
    CONSTRAINT room_of_site FOREIGN KEY (site_id) REFERENCES site (id) ON DELETE NO ACTION ON UPDATE NO ACTION
  )`,
  `CREATE TABLE staff (
    id uuid NOT NULL,
    site_id uuid NOT NULL,
    first_name varchar(60) NOT NULL,
    last_name varchar(60) NOT NULL,
    email varchar(200) NOT NULL,
    role varchar(20) NOT NULL,
    thumb varchar(5) NOT NULL,
    password_hash varchar(200) NOT NULL,
    code_hash varchar(200) NOT NULL,
    PRIMARY KEY (id),
    INDEX staff_site (site_id),
    UNIQUE INDEX staff_email (email),
    CONSTRAINT staff_of_site FOREIGN KEY (site_id) REFERENCES site (id) ON DELETE NO ACTION ON UPDATE NO ACTION
  )`,
  `CREATE TABLE device (
    id uuid NOT NULL,
    site_id uuid NOT NULL,
    token_hash char(64) NOT NULL,
    signed_in_by uuid NOT NULL,
    signed_in_at datetime(3) NOT NULL,
    last_seen_at datetime(3) NOT NULL,
    presence_id uuid NULL,
    revoked_at datetime(3) NULL,
    PRIMARY KEY (id),
    INDEX device_site (site_id),
    UNIQUE INDEX device_token (token_hash),
    CONSTRAINT device_of_site FOREIGN KEY (site_id) REFERENCES site (id) ON DELETE NO ACTION ON UPDATE NO ACTION,
    CONSTRAINT device_signed_in_by FOREIGN KEY (signed_in_by) REFERENCES staff (id) ON DELETE NO ACTION ON UPDATE NO ACTION
  )`,
  `CREATE TABLE presence (
    id uuid NOT NULL,
    device_id uuid NOT NULL,
    staff_id uuid NOT NULL,
    since datetime(3) NOT NULL,
    PRIMARY KEY (id),
    CONSTRAINT presence_at_device FOREIGN KEY (device_id) REFERENCES device (id) ON DELETE NO ACTION ON UPDATE NO ACTION,
    CONSTRAINT presence_of_staff FOREIGN KEY (staff_id) REFERENCES staff (id) ON DELETE NO ACTION ON UPDATE NO ACTION
  )`,
  `CREATE TABLE attempt (
    subject varchar(100) NOT NULL,
    wrong int NOT NULL,
    blocked_until datetime(3) NOT NULL,
    PRIMARY KEY (subject)
  )`,
  `CREATE TABLE child (
    id uuid NOT NULL,
    site_id uuid NOT NULL,
    room_id uuid NOT NULL,
    first_name varchar(60) NOT NULL,
    last_name varchar(60) NOT NULL,
    birth_date date NULL,
    mouths tinyint NULL,
    hand varchar(5) NULL,
    allergies varchar(200) NOT NULL,
    language varchar(35) NOT NULL,
    PRIMARY KEY (id),
    INDEX child_site (site_id),
    INDEX child_room (room_id),
    CONSTRAINT child_of_site FOREIGN KEY (site_id) REFERENCES site (id) ON DELETE NO ACTION ON UPDATE NO ACTION,
    CONSTRAINT child_in_room FOREIGN KEY (room_id) REFERENCES room (id) ON DELETE NO ACTION ON UPDATE NO ACTION
  )`,
  `CREATE TABLE try (
    id uuid NOT NULL,
    child_id uuid NOT NULL,
    sitting_id uuid NOT NULL,
    recorded_by uuid NOT NULL,
    started_at varchar(35) NOT NULL,
    task varchar(40) NOT NULL,
    language varchar(35) NOT NULL,
    set_size int NOT NULL,
    set_things varchar(40) NOT NULL,
    set_arrangement varchar(20) NOT NULL,
    set_cue varchar(20) NULL,
    set_pile int NULL,
    set_layout json NULL,
    start_number int NOT NULL,
    direction smallint NOT NULL,
    target int NULL,
    choices int NULL,
    strategy varchar(20) NULL,
    help varchar(20) NOT NULL,
    answered_by varchar(20) NOT NULL,
    first_time tinyint NOT NULL,
    ended varchar(20) NULL,
    seen varchar(20) NULL,
    shown_ms int NULL,
    whole tinyint NOT NULL,
    set_aside varchar(200) NULL,
    revision int NOT NULL,
    PRIMARY KEY (id),
    INDEX try_child (child_id, started_at),
    CONSTRAINT try_of_child FOREIGN KEY (child_id) REFERENCES child (id) ON DELETE NO ACTION ON UPDATE NO ACTION,
    CONSTRAINT try_recorded_by FOREIGN KEY (recorded_by) REFERENCES staff (id) ON DELETE NO ACTION ON UPDATE NO ACTION
  )`,
  `CREATE TABLE try_event (
    try_id uuid NOT NULL,
    seq int NOT NULL,
    t int NOT NULL,
    kind varchar(20) NOT NULL,
    facts json NOT NULL,
    PRIMARY KEY (try_id, seq),
    CONSTRAINT event_of_try FOREIGN KEY (try_id) REFERENCES try (id) ON DELETE NO ACTION ON UPDATE NO ACTION
  )`,
];

const names = ['try_event', 'try', 'child', 'attempt', 'presence', 'device', 'staff', 'room', 'site'];

export class Beginning1764000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const table of tables) await runner.query(`${table} ENGINE=InnoDB`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const name of names) await runner.query(`DROP TABLE ${name}`);
  }
}
