import type { StaffId } from '@dotting/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Site } from '../nursery/site.entity.js';
import { Staff } from '../nursery/staff.entity.js';

/** What a one-time code is good for: another password, a new device, another nursery on this server. */
export type CodeFor = 'password' | 'device' | 'nursery';

/** A code that was printed or shown, and can be used once, within its time. */
@Entity('one_time_code')
export class OneTimeCodeRow {
  @PrimaryColumn({ type: 'uuid' })
  id: string;

  @Column({ name: 'good_for', type: 'varchar', length: 10 })
  goodFor: CodeFor;

  /** SHA-256 of its eight signs: the code itself is stored nowhere. */
  @Index('one_time_code_hash', { unique: true })
  @Column({ name: 'code_hash', type: 'char', length: 64 })
  codeHash: string;

  @Column({ name: 'site_id', type: 'uuid', nullable: true })
  siteId: string | null;

  @ManyToOne(() => Site)
  @JoinColumn({ name: 'site_id', foreignKeyConstraintName: 'one_time_code_of_site' })
  site?: Site;

  /** Whose password, or who shows it. */
  @Column({ name: 'staff_id', type: 'uuid', nullable: true })
  staffId: StaffId | null;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'staff_id', foreignKeyConstraintName: 'one_time_code_of_staff' })
  staff?: Staff;

  @Column({ type: 'datetime', precision: 3 })
  until: Date;
}
