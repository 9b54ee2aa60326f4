import type { StaffId } from '@dotting/core';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Site } from './site.entity.js';

/** Number words that a site has added, from "one" on. */
@Entity('language')
export class Language {
  @PrimaryColumn({ name: 'site_id', type: 'uuid' })
  siteId: string;

  @ManyToOne(() => Site)
  @JoinColumn({ name: 'site_id', foreignKeyConstraintName: 'language_of_site' })
  site?: Site;

  @PrimaryColumn({ type: 'varchar', length: 35 })
  tag: string;

  @Column({ type: 'varchar', length: 60 })
  name: string;

  @Column({ name: 'right_to_left', type: 'boolean' })
  rightToLeft: boolean;

  @Column({ type: 'json' })
  words: string[];

  /** Taken away, and kept so that it can be put back. */
  @Column({ name: 'is_removed', type: 'boolean', default: false })
  isRemoved: boolean;

  /** The words before they were changed the last time. */
  @Column({ type: 'json', nullable: true })
  before: string[] | null;

  /** Who changed it or took it away last, and when (ISO 8601, by the server's clock). */
  @Column({ name: 'changed_by', type: 'uuid', nullable: true })
  changedBy: StaffId | null;

  @Column({ name: 'changed_at', type: 'varchar', length: 35, nullable: true })
  changedAt: string | null;

  /** Why; empty where none was asked for. */
  @Column({ type: 'varchar', length: 200, default: '' })
  reason: string;
}
