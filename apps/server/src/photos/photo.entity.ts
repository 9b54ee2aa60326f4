import type { StaffId, TraceId } from '@dotting/core';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Staff } from '../nursery/staff.entity.js';
import { Try } from '../tries/try.entity.js';

/** What a child wrote on paper, as it was photographed: one picture to a try. */
@Entity('try_photo')
export class TryPhoto {
  @PrimaryColumn({ name: 'try_id', type: 'uuid' })
  tryId: TraceId;

  @ManyToOne(() => Try)
  @JoinColumn({ name: 'try_id', foreignKeyConstraintName: 'photo_of_try' })
  try?: Try;

  /** Without what was told beside the picture. */
  @Column({ type: 'mediumblob' })
  jpeg: Buffer;

  @Column({ name: 'taken_by', type: 'uuid' })
  takenBy: StaffId;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'taken_by', foreignKeyConstraintName: 'photo_by' })
  taker?: Staff;

  @Column({ name: 'taken_at', type: 'datetime', precision: 3 })
  takenAt: Date;
}
