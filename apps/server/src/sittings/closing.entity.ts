import type { ClosingLine } from '@dotting/contract';
import type { ChildId, SittingId, StaffId } from '@dotting/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Child } from '../nursery/child.entity.js';
import { Staff } from '../nursery/staff.entity.js';

/** How a sitting was closed: what it changed, in the adult's words. */
@Entity('closing')
export class Closing {
  /** The sitting's. */
  @PrimaryColumn({ type: 'uuid' })
  id: SittingId;

  @Index('closing_child')
  @Column({ name: 'child_id', type: 'uuid' })
  childId: ChildId;

  @ManyToOne(() => Child)
  @JoinColumn({ name: 'child_id', foreignKeyConstraintName: 'closing_of_child' })
  child?: Child;

  @Column({ name: 'recorded_by', type: 'uuid' })
  recordedBy: StaffId;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'recorded_by', foreignKeyConstraintName: 'closing_by' })
  recorder?: Staff;

  @Column({ name: 'closed_at', type: 'varchar', length: 35 })
  closedAt: string;

  @Column({ type: 'json' })
  changed: ClosingLine[];

  @Column({ type: 'json' })
  open: string[];

  @Column({ type: 'varchar', length: 1000 })
  note: string;

  @Column({ type: 'int' })
  revision: number;
}
