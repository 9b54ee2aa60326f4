import type { ChildId } from '@dotting/core';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Child } from '../nursery/child.entity.js';
import type { ChildSummary, Glance, Lines, Revised, Steps } from './workOut.js';

/** What was worked out of a child's tries, kept; it can be made again from them at any time. */
@Entity('child_summary')
export class ChildSummaryRow implements ChildSummary {
  @PrimaryColumn({ name: 'child_id', type: 'uuid' })
  childId: ChildId;

  @ManyToOne(() => Child)
  @JoinColumn({ name: 'child_id', foreignKeyConstraintName: 'summary_of_child' })
  child?: Child;

  /** The child's count of evidence that it was made from. */
  @Column({ name: 'made_from', type: 'int' })
  madeFrom: number;

  /** The day it speaks of: statements fade with time. */
  @Column({ name: 'made_for', type: 'date' })
  madeFor: string;

  /** How it was worked out: see `makeup`. */
  @Column({ type: 'int' })
  makeup: number;

  @Column({ type: 'json' })
  glance: Glance;

  @Column({ type: 'json' })
  steps: Steps;

  @Column({ name: 'skill_lines', type: 'json' })
  lines: Lines;

  /** What a new way of working out says otherwise, until somebody has read it. */
  @Column({ type: 'json', nullable: true })
  revised: Revised | null;
}
