import type { ChildId, SkillId, StaffId } from '@dotting/core';
import type { StepDecision } from '@dotting/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm';
import { Staff } from '../nursery/staff.entity.js';
import { Child } from '../nursery/child.entity.js';

/** A next step that an adult pinned or put away, and the evidence it had then. */
@Entity('step_decision')
export class StepDecisionRow {
  @PrimaryColumn({ name: 'child_id', type: 'uuid' })
  childId: ChildId;

  @ManyToOne(() => Child)
  @JoinColumn({ name: 'child_id', foreignKeyConstraintName: 'step_decision_child' })
  child?: Child;

  @PrimaryColumn({ type: 'varchar', length: 40 })
  skill: SkillId;

  @Column({ type: 'varchar', length: 20 })
  decision: StepDecision;

  @Column({ type: 'varchar', length: 80 })
  evidence: string;

  @Column({ type: 'varchar', length: 200 })
  reason: string;

  @Column({ name: 'decided_by', type: 'uuid' })
  decidedBy: StaffId;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'decided_by', foreignKeyConstraintName: 'step_decision_staff' })
  staff?: Staff;
}

/** A statement about a child overruled by an adult. Rows are only ever added; the last of a skill stands. */
@Entity('statement_ruling')
export class StatementRulingRow {
  @PrimaryGeneratedColumn()
  id: number;

  @Index('statement_ruling_of')
  @Column({ name: 'child_id', type: 'uuid' })
  childId: ChildId;

  @ManyToOne(() => Child)
  @JoinColumn({ name: 'child_id', foreignKeyConstraintName: 'statement_ruling_child' })
  child?: Child;

  @Column({ type: 'varchar', length: 40 })
  skill: SkillId;

  /** Null takes the one before back. */
  @Column({ type: 'varchar', length: 300, nullable: true })
  words: string | null;

  @Column({ type: 'varchar', length: 200 })
  reason: string;

  @Column({ name: 'ruled_by', type: 'uuid' })
  ruledBy: StaffId;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'ruled_by', foreignKeyConstraintName: 'statement_ruling_staff' })
  staff?: Staff;

  @Column({ name: 'ruled_on', type: 'date' })
  day: string;
}
