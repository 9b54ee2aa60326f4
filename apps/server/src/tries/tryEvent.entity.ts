import type { TraceId } from '@dotting/core';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Try } from './try.entity.js';

/** One event of a try; its key is the try's id with `seq`, so that a second sending changes nothing. */
@Entity('try_event')
export class TryEvent {
  @PrimaryColumn({ name: 'try_id', type: 'uuid' })
  tryId: TraceId;

  @PrimaryColumn({ type: 'int' })
  seq: number;

  @ManyToOne(() => Try)
  @JoinColumn({ name: 'try_id', foreignKeyConstraintName: 'event_of_try' })
  try?: Try;

  /** ms from the start of the try. */
  @Column({ type: 'int' })
  t: number;

  @Column({ type: 'varchar', length: 20 })
  kind: string;

  /** What else the event says: word, item, value, … */
  @Column({ type: 'json' })
  facts: object;
}
