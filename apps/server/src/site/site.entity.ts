import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A nursery: everything else belongs to one, and no query crosses from one to another. */
@Entity('site')
export class Site {
  @PrimaryColumn({ type: 'uuid' })
  id: string;

  @Column({ type: 'varchar', length: 80 })
  name: string;
}
