import type { StaffId } from '@dotting/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Room } from '../nursery/room.entity.js';
import { Staff } from '../nursery/staff.entity.js';

/** A way of the room that a lead has changed: who, when, and to what. */
@Entity('school_change')
export class SchoolChange {
  @PrimaryColumn({ type: 'uuid' })
  id: string;

  @Index('school_change_room')
  @Column({ name: 'room_id', type: 'uuid' })
  roomId: string;

  @ManyToOne(() => Room)
  @JoinColumn({ name: 'room_id', foreignKeyConstraintName: 'school_change_of_room' })
  room?: Room;

  /** The line that was changed: one of the schools, “language”, “number”, or a digit. */
  @Column({ type: 'varchar', length: 20 })
  line: string;

  @Column({ type: 'varchar', length: 40 })
  choice: string;

  @Column({ name: 'changed_by', type: 'uuid' })
  changedBy: StaffId;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'changed_by', foreignKeyConstraintName: 'school_change_by' })
  changer?: Staff;

  @Column({ name: 'changed_at', type: 'datetime', precision: 3 })
  changedAt: Date;
}
