import type { ChildId } from '@dotting/core';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Child } from '../nursery/child.entity.js';

/** A child that is not here on a day. The row goes when the day is over: it is no mark on the child. */
@Entity('not_here')
export class NotHere {
  @PrimaryColumn({ name: 'child_id', type: 'uuid' })
  childId: ChildId;

  /** YYYY-MM-DD. */
  @Column({ type: 'date' })
  day: string;

  @ManyToOne(() => Child)
  @JoinColumn({ name: 'child_id', foreignKeyConstraintName: 'not_here_child' })
  child?: Child;
}
