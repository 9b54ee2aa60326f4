import type { StaffId } from '@dotting/core';
import { Entity, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Room } from './room.entity.js';
import { Staff } from './staff.entity.js';

/** An adult sees the children of a room. */
@Entity('staff_room')
export class StaffRoom {
  @PrimaryColumn({ name: 'staff_id', type: 'uuid' })
  staffId: StaffId;

  @PrimaryColumn({ name: 'room_id', type: 'uuid' })
  roomId: string;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'staff_id', foreignKeyConstraintName: 'staff_room_staff' })
  staff?: Staff;

  @ManyToOne(() => Room)
  @JoinColumn({ name: 'room_id', foreignKeyConstraintName: 'staff_room_room' })
  room?: Room;
}
