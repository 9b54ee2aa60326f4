import type { TraceId } from '@dotting/core';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Staff } from '../nursery/staff.entity.js';
import { Try } from './try.entity.js';

/** Two tries that overlap and were answered to be two: nobody is asked again. */
@Entity('told_apart')
export class ToldApart {
  /** The smaller of the two ids. */
  @PrimaryColumn({ name: 'one_id', type: 'uuid' })
  oneId: TraceId;

  @PrimaryColumn({ name: 'other_id', type: 'uuid' })
  otherId: TraceId;

  @ManyToOne(() => Try)
  @JoinColumn({ name: 'one_id', foreignKeyConstraintName: 'told_apart_one' })
  one?: Try;

  @ManyToOne(() => Try)
  @JoinColumn({ name: 'other_id', foreignKeyConstraintName: 'told_apart_other' })
  other?: Try;

  @Column({ name: 'told_by', type: 'uuid' })
  toldBy: string;

  /** ISO 8601, as the server's clock had it; null where it was said before that was kept. */
  @Column({ name: 'told_at', type: 'varchar', length: 35, nullable: true })
  at: string | null;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'told_by', foreignKeyConstraintName: 'told_apart_by' })
  staff?: Staff;
}
