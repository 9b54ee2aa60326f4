import type { TrailAct, TrailPart } from '@dotting/contract';
import type { StaffId } from '@dotting/core';
import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** What an entry is about, for finding its name as long as there is one. */
export type About = 'child' | 'room' | 'adult' | 'none';

/**
 * Who looked at, changed, took away or erased what. It holds no content and no child's name, only the random id
 * a child has here, so that it may outlive the child.
 */
@Entity('trail')
@Index('trail_once', ['siteId', 'staffId', 'act', 'part', 'aboutId', 'slot'], { unique: true })
@Index('trail_of_site', ['siteId', 'at'])
export class TrailRow {
  @PrimaryColumn({ type: 'uuid' })
  id: string;

  @Column({ name: 'site_id', type: 'uuid' })
  siteId: string;

  @Column({ name: 'staff_id', type: 'uuid' })
  staffId: StaffId;

  @Column({ type: 'varchar', length: 10 })
  act: TrailAct;

  @Column({ type: 'varchar', length: 20 })
  part: TrailPart;

  @Column({ type: 'varchar', length: 10 })
  about: About;

  @Column({ name: 'about_id', type: 'varchar', length: 36 })
  aboutId: string;

  /** Looks of the same hour are one line; anything else is a line each. */
  @Column({ type: 'varchar', length: 36 })
  slot: string;

  @Column({ type: 'datetime', precision: 3 })
  at: Date;

  @Column({ type: 'int' })
  times: number;
}
