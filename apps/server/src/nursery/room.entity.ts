import type { OwnSchools } from '@dotting/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Site } from './site.entity.js';

@Entity('room')
export class Room {
  @PrimaryColumn({ type: 'uuid' })
  id: string;

  @Index('room_site')
  @Column({ name: 'site_id', type: 'uuid' })
  siteId: string;

  @ManyToOne(() => Site)
  @JoinColumn({ name: 'site_id', foreignKeyConstraintName: 'room_of_site' })
  site?: Site;

  @Column({ type: 'varchar', length: 80 })
  name: string;

  /** How many months a child who left is kept, before all about it is erased. */
  @Column({ name: 'retention_months', type: 'int', default: 36 })
  retentionMonths: number;

  /** Where practitioners disagree: what this room has chosen; the rest is as usual. */
  @Column({ type: 'json' })
  schools: OwnSchools;
}
