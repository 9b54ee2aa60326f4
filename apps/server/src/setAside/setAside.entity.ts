import type { ChildId, StaffId } from '@dotting/core';
import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** What was refused for good: as its device held it, until a lead has settled it. Nothing reads it but her. */
@Entity('set_aside')
export class SetAsideRow {
  /** The try’s, or the sitting’s whose closing page it is. */
  @PrimaryColumn({ type: 'uuid' })
  id: string;

  @Column({ type: 'varchar', length: 10 })
  what: 'try' | 'closing';

  @Index('set_aside_of_site')
  @Column({ name: 'site_id', type: 'uuid' })
  siteId: string;

  @Column({ name: 'device_id', type: 'uuid' })
  deviceId: string;

  /** It may be in the register no longer. */
  @Index('set_aside_of_child')
  @Column({ name: 'child_id', type: 'uuid' })
  childId: ChildId;

  @Column({ name: 'recorded_by', type: 'uuid' })
  recordedBy: StaffId;

  /** As the device has it. */
  @Column({ type: 'varchar', length: 40 })
  at: string;

  @Column({ type: 'varchar', length: 400 })
  why: string;

  @Column({ type: 'varchar', length: 120 })
  field: string;

  @Column({ type: 'json' })
  body: Record<string, unknown>;

  /** When it came here. */
  @Column({ name: 'kept_at', type: 'datetime', precision: 3 })
  keptAt: Date;

  @Column({ name: 'left_out_by', type: 'uuid', nullable: true })
  leftOutBy: StaffId | null;

  @Column({ name: 'left_out_why', type: 'varchar', length: 200, nullable: true })
  leftOutWhy: string | null;
}
