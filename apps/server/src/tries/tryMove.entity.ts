import type { ChildId, StaffId, TraceId } from '@dotting/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryGeneratedColumn } from 'typeorm';
import { Staff } from '../nursery/staff.entity.js';
import { Try } from './try.entity.js';

/** A try that was recorded for the wrong child, and where it went. Rows are only ever added. */
@Entity('try_move')
export class TryMove {
  @PrimaryGeneratedColumn()
  id: number;

  @Index('try_move_try')
  @Column({ name: 'try_id', type: 'uuid' })
  tryId: TraceId;

  @ManyToOne(() => Try)
  @JoinColumn({ name: 'try_id', foreignKeyConstraintName: 'move_of_try' })
  try?: Try;

  /** The random ids the children have here: either may be erased since. */
  @Column({ name: 'from_child', type: 'uuid' })
  fromChild: ChildId;

  @Column({ name: 'to_child', type: 'uuid' })
  toChild: ChildId;

  @Column({ type: 'varchar', length: 200 })
  reason: string;

  @Column({ name: 'moved_by', type: 'uuid' })
  movedBy: StaffId;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'moved_by', foreignKeyConstraintName: 'move_by_staff' })
  staff?: Staff;

  /** ISO 8601, as the server's clock had it. */
  @Column({ name: 'moved_at', type: 'varchar', length: 35 })
  at: string;
}
