import type { StaffId } from '@dotting/core';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Staff } from '../nursery/staff.entity.js';
import { Device } from './device.entity.js';

/** One stay of an adult at a device. Its id goes with each try recorded in it, and is told nobody else. */
@Entity('presence')
export class Presence {
  @PrimaryColumn({ type: 'uuid' })
  id: string;

  @Column({ name: 'device_id', type: 'uuid' })
  deviceId: string;

  @ManyToOne(() => Device)
  @JoinColumn({ name: 'device_id', foreignKeyConstraintName: 'presence_at_device' })
  device?: Device;

  @Column({ name: 'staff_id', type: 'uuid' })
  staffId: StaffId;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'staff_id', foreignKeyConstraintName: 'presence_of_staff' })
  staff?: Staff;

  @Column({ type: 'datetime', precision: 3 })
  since: Date;

  /** SHA-256 of the stay's own token, which the page drops to lock; null for one that is over for good. */
  @Column({ name: 'token_hash', type: 'char', length: 64, nullable: true })
  tokenHash: string | null;
}
