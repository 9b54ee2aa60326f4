import type { ErasureReason } from '@dotting/contract';
import type { ChildId, StaffId } from '@dotting/core';
import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** The proof that all about a child is gone. It outlives what it speaks of, and names nobody's child. */
@Entity('erasure')
export class ErasureRow {
  @PrimaryColumn({ type: 'uuid' })
  id: string;

  @Index('erasure_site')
  @Column({ name: 'site_id', type: 'uuid' })
  siteId: string;

  /** The random id the child had; it stands nowhere else any more. */
  @Column({ name: 'was_child', type: 'uuid' })
  childId: ChildId;

  /** ISO 8601, as the server's clock had it. */
  @Column({ name: 'erased_at', type: 'varchar', length: 35 })
  erasedAt: string;

  @Column({ type: 'varchar', length: 20 })
  reason: ErasureReason;

  /** Null where the time was up. */
  @Column({ name: 'erased_by', type: 'uuid', nullable: true })
  erasedBy: StaffId | null;

  @Column({ name: 'room_name', type: 'varchar', length: 80 })
  room: string;

  /** Rows that went, by table. */
  @Column({ type: 'json' })
  gone: Record<string, number>;

  /** Rows found in the same tables afterwards. */
  @Column({ name: 'rows_left', type: 'int' })
  left: number;
}
