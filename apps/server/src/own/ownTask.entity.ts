import type { OwnTaskBody } from '@dotting/contract';
import type { OwnTaskId, StaffId } from '@dotting/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Room } from '../nursery/room.entity.js';
import { Staff } from '../nursery/staff.entity.js';

/** A task that a room has written. It is retired and never deleted: tries were made of it. */
@Entity('own_task')
export class OwnTaskRow {
  @PrimaryColumn({ type: 'uuid' })
  id: OwnTaskId;

  @Index('own_task_room')
  @Column({ name: 'room_id', type: 'uuid' })
  roomId: string;

  @ManyToOne(() => Room)
  @JoinColumn({ name: 'room_id', foreignKeyConstraintName: 'own_task_of_room' })
  room?: Room;

  @Column({ type: 'json' })
  body: OwnTaskBody;

  @Column({ type: 'boolean' })
  retired: boolean;

  @Column({ name: 'changed_by', type: 'uuid' })
  changedBy: StaffId;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'changed_by', foreignKeyConstraintName: 'own_task_by' })
  changer?: Staff;
}
