import type { GroupKind } from '@dotting/contract';
import type { ChildId, OwnTaskId, StaffId, TaskId } from '@dotting/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Child } from '../nursery/child.entity.js';
import { Room } from '../nursery/room.entity.js';
import { Staff } from '../nursery/staff.entity.js';

/** What a room did as a group: a routine shown, or words said in chorus. */
@Entity('group_time')
export class GroupTime {
  @PrimaryColumn({ type: 'uuid' })
  id: string;

  @Index('group_time_room')
  @Column({ name: 'room_id', type: 'uuid' })
  roomId: string;

  @ManyToOne(() => Room)
  @JoinColumn({ name: 'room_id', foreignKeyConstraintName: 'group_time_of_room' })
  room?: Room;

  @Column({ type: 'varchar', length: 10 })
  kind: GroupKind;

  @Column({ type: 'varchar', length: 60 })
  task: TaskId;

  /** The room’s own task, where it was one: it goes like the task. */
  @Column({ type: 'uuid', nullable: true })
  own: OwnTaskId | null;

  /** YYYY-MM-DD. */
  @Column({ type: 'date' })
  day: string;

  @Column({ name: 'kept_at', type: 'datetime', precision: 3 })
  keptAt: Date;

  @Column({ name: 'recorded_by', type: 'uuid' })
  recordedBy: StaffId;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'recorded_by', foreignKeyConstraintName: 'group_time_by' })
  recorder?: Staff;

  @Column({ name: 'together_to', type: 'smallint', nullable: true })
  togetherTo: number | null;

  @Column({ type: 'varchar', length: 300 })
  note: string;

  /** When its adult took it back, and why (ISO 8601, by the server's clock); it can be put back. */
  @Column({ name: 'taken_back_at', type: 'varchar', length: 35, nullable: true })
  takenBackAt: string | null;

  @Column({ name: 'taken_back_reason', type: 'varchar', length: 200, nullable: true })
  takenBackReason: string | null;
}

/** Who was there. */
@Entity('group_time_child')
export class GroupTimeChild {
  @PrimaryColumn({ name: 'group_time_id', type: 'uuid' })
  groupTimeId: string;

  @ManyToOne(() => GroupTime)
  @JoinColumn({ name: 'group_time_id', foreignKeyConstraintName: 'group_time_child_of_time' })
  groupTime?: GroupTime;

  @Index('group_time_child_child')
  @PrimaryColumn({ name: 'child_id', type: 'uuid' })
  childId: ChildId;

  @ManyToOne(() => Child)
  @JoinColumn({ name: 'child_id', foreignKeyConstraintName: 'group_time_child_of_child' })
  child?: Child;
}
