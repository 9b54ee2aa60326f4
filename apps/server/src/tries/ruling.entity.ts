import type { RuledOn, StaffId, TraceId } from '@dotting/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryGeneratedColumn } from 'typeorm';
import { Staff } from '../nursery/staff.entity.js';
import { Try } from './try.entity.js';

/** An adult's word against what was read of a try. Rows are only ever added. */
@Entity('ruling')
export class RulingRow {
  @PrimaryGeneratedColumn()
  id: number;

  @Index('ruling_try')
  @Column({ name: 'try_id', type: 'uuid' })
  tryId: TraceId;

  @ManyToOne(() => Try)
  @JoinColumn({ name: 'try_id', foreignKeyConstraintName: 'ruling_of_try' })
  try?: Try;

  @Column({ name: 'ruled_on', type: 'varchar', length: 20 })
  on: RuledOn;

  /** Null takes an earlier ruling back. */
  @Column({ type: 'boolean', nullable: true })
  holds: boolean | null;

  @Column({ type: 'varchar', length: 200 })
  reason: string;

  @Column({ name: 'ruled_by', type: 'uuid' })
  ruledBy: StaffId;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'ruled_by', foreignKeyConstraintName: 'ruling_of_staff' })
  staff?: Staff;

  /** ISO 8601, as the server's clock had it. */
  @Column({ name: 'ruled_at', type: 'varchar', length: 35 })
  at: string;
}
