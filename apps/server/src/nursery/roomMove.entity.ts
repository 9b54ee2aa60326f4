import type { TellingSlip } from '@dotting/core';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Room } from './room.entity.js';

/** What a room does about a slip, in place of the shipped move. */
@Entity('room_move')
export class RoomMoveRow {
  @PrimaryColumn({ name: 'room_id', type: 'uuid' })
  roomId: string;

  @ManyToOne(() => Room)
  @JoinColumn({ name: 'room_id', foreignKeyConstraintName: 'move_of_room' })
  room?: Room;

  @PrimaryColumn({ type: 'varchar', length: 40 })
  slip: TellingSlip;

  @Column({ type: 'varchar', length: 200 })
  saw: string;

  @Column({ type: 'varchar', length: 300 })
  move: string;
}
