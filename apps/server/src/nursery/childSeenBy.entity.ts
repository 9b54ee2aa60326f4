import type { ChildId, StaffId } from '@dotting/core';
import { Entity, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Staff } from './staff.entity.js';
import { Child } from './child.entity.js';

/** An adult from another room sees the child too. */
@Entity('child_seen_by')
export class ChildSeenBy {
  @PrimaryColumn({ name: 'child_id', type: 'uuid' })
  childId: ChildId;

  @PrimaryColumn({ name: 'staff_id', type: 'uuid' })
  staffId: StaffId;

  @ManyToOne(() => Child)
  @JoinColumn({ name: 'child_id', foreignKeyConstraintName: 'seen_child' })
  child?: Child;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'staff_id', foreignKeyConstraintName: 'seen_by_staff' })
  staff?: Staff;
}
