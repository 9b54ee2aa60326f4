import type {
  AnsweredBy,
  Arrangement,
  ChildId,
  Cue,
  Ended,
  Help,
  Layout,
  Need,
  SittingId,
  StaffId,
  Strategy,
  TraceId,
} from '@dotting/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Child } from '../nursery/child.entity.js';
import { Staff } from '../nursery/staff.entity.js';

/** The head of a try's trace; its events are rows of try_event. */
@Entity('try')
@Index('try_child', ['childId', 'startedAt'])
// The few that never ended, out of all there are.
@Index('try_open', ['ended', 'childId'])
export class Try {
  @PrimaryColumn({ type: 'uuid' })
  id: TraceId;

  @Column({ name: 'child_id', type: 'uuid' })
  childId: ChildId;

  @ManyToOne(() => Child)
  @JoinColumn({ name: 'child_id', foreignKeyConstraintName: 'try_of_child' })
  child?: Child;

  @Column({ name: 'sitting_id', type: 'uuid' })
  sittingId: SittingId;

  @Column({ name: 'recorded_by', type: 'uuid' })
  recordedBy: StaffId;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'recorded_by', foreignKeyConstraintName: 'try_recorded_by' })
  recorder?: Staff;

  /** As the device wrote it, with its offset: the day of a try is the recorder's own. */
  @Column({ name: 'started_at', type: 'varchar', length: 35 })
  startedAt: string;

  @Column({ type: 'varchar', length: 40 })
  task: string;

  @Column({ type: 'varchar', length: 35 })
  language: string;

  @Column({ name: 'set_size', type: 'int' })
  setSize: number;

  @Column({ name: 'set_things', type: 'varchar', length: 40 })
  setThings: string;

  @Column({ name: 'set_arrangement', type: 'varchar', length: 20 })
  setArrangement: Arrangement;

  @Column({ name: 'set_cue', type: 'varchar', length: 20, nullable: true })
  setCue: Cue | null;

  @Column({ name: 'set_pile', type: 'int', nullable: true })
  setPile: number | null;

  @Column({ name: 'set_layout', type: 'json', nullable: true })
  setLayout: Layout | null;

  @Column({ name: 'start_number', type: 'int' })
  start: number;

  @Column({ type: 'smallint' })
  direction: 1 | -1;

  @Column({ type: 'int', nullable: true })
  target: number | null;

  @Column({ type: 'int', nullable: true })
  choices: number | null;

  @Column({ type: 'varchar', length: 20, nullable: true })
  strategy: Strategy | null;

  @Column({ type: 'varchar', length: 20 })
  help: Help;

  @Column({ name: 'answered_by', type: 'varchar', length: 20 })
  answeredBy: AnsweredBy;

  @Column({ name: 'first_time', type: 'boolean' })
  firstTime: boolean;

  /** Null while the try is going on. */
  @Column({ type: 'varchar', length: 20, nullable: true })
  ended: Ended | null;

  @Column({ type: 'varchar', length: 20, nullable: true })
  seen: 'in-passing' | null;

  @Column({ name: 'shown_ms', type: 'int', nullable: true })
  shownMs: number | null;

  @Column({ type: 'boolean' })
  whole: boolean;

  @Column({ name: 'set_aside', type: 'varchar', length: 200, nullable: true })
  setAside: string | null;

  @Column({ type: 'json', nullable: true })
  access: readonly Need[] | null;

  @Column({ name: 'mixed_with', type: 'varchar', length: 35, nullable: true })
  mixedWith: string | null;

  /** The same try as another, which counts in its place. */
  @Column({ name: 'same_as', type: 'uuid', nullable: true })
  sameAs: TraceId | null;

  /** Counts the changes of the head on the device: an older head never replaces a newer. */
  @Column({ type: 'int' })
  revision: number;
}
