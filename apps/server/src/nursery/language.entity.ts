import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Site } from './site.entity.js';

/** Number words that a site has added, from "one" on. */
@Entity('language')
export class Language {
  @PrimaryColumn({ name: 'site_id', type: 'uuid' })
  siteId: string;

  @ManyToOne(() => Site)
  @JoinColumn({ name: 'site_id', foreignKeyConstraintName: 'language_of_site' })
  site?: Site;

  @PrimaryColumn({ type: 'varchar', length: 35 })
  tag: string;

  @Column({ type: 'varchar', length: 60 })
  name: string;

  @Column({ name: 'right_to_left', type: 'boolean' })
  rightToLeft: boolean;

  @Column({ type: 'json' })
  words: string[];
}
