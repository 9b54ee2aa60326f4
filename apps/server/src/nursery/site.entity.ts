import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Days that erasing waits where a site has not said otherwise. */
export const usualEraseWait = 14;

/** A nursery: everything else belongs to one, and no query crosses from one to another. */
@Entity('site')
export class Site {
  @PrimaryColumn({ type: 'uuid' })
  id: string;

  @Column({ type: 'varchar', length: 80 })
  name: string;

  /** Days from a lead's first seeing that a child is due to be erased until that is done unasked; at least 7. */
  @Column({ name: 'erase_wait_days', type: 'int', default: 14 })
  eraseWaitDays: number;

  /** Made up, to try everything with. */
  @Column({ name: 'is_demo', type: 'boolean', default: false })
  isDemo: boolean;
}
