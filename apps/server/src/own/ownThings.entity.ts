import type { OwnThingsBody } from '@dotting/contract';
import type { StaffId } from '@dotting/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Room } from '../nursery/room.entity.js';
import { Staff } from '../nursery/staff.entity.js';

/** A kind of thing that a room has added. It is retired and never deleted: tries were made with it. */
@Entity('own_things')
export class OwnThingsRow {
  @PrimaryColumn({ type: 'uuid' })
  id: string;

  @Index('own_things_room')
  @Column({ name: 'room_id', type: 'uuid' })
  roomId: string;

  @ManyToOne(() => Room)
  @JoinColumn({ name: 'room_id', foreignKeyConstraintName: 'own_things_of_room' })
  room?: Room;

  @Column({ type: 'json' })
  body: OwnThingsBody;

  @Column({ type: 'boolean' })
  retired: boolean;

  @Column({ name: 'changed_by', type: 'uuid' })
  changedBy: StaffId;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'changed_by', foreignKeyConstraintName: 'own_things_by' })
  changer?: Staff;
}
