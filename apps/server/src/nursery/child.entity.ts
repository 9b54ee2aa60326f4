import type { Hand } from '@dotting/contract';
import type { ChildId, Need } from '@dotting/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Room } from './room.entity.js';
import { Site } from './site.entity.js';

@Entity('child')
export class Child {
  @PrimaryColumn({ type: 'uuid' })
  id: ChildId;

  @Index('child_site')
  @Column({ name: 'site_id', type: 'uuid' })
  siteId: string;

  @ManyToOne(() => Site)
  @JoinColumn({ name: 'site_id', foreignKeyConstraintName: 'child_of_site' })
  site?: Site;

  @Index('child_room')
  @Column({ name: 'room_id', type: 'uuid' })
  roomId: string;

  @ManyToOne(() => Room)
  @JoinColumn({ name: 'room_id', foreignKeyConstraintName: 'child_in_room' })
  room?: Room;

  @Column({ name: 'first_name', type: 'varchar', length: 60 })
  firstName: string;

  @Column({ name: 'last_name', type: 'varchar', length: 60 })
  lastName: string;

  /** YYYY-MM-DD; null when nobody has entered it. */
  @Column({ name: 'birth_date', type: 'date', nullable: true })
  birthDate: string | null;

  /** Null until someone has said. */
  @Column({ type: 'boolean', nullable: true })
  mouths: boolean | null;

  @Column({ type: 'varchar', length: 5, nullable: true })
  hand: Hand | null;

  @Column({ type: 'varchar', length: 200 })
  allergies: string;

  /** BCP 47 tags of the languages the child counts in, the usual one first. */
  @Column({ type: 'json' })
  languages: string[];

  /** What a task is done otherwise for. */
  @Column({ type: 'json' })
  needs: Need[];

  /** A group within the room; empty for none. */
  @Column({ name: 'group_name', type: 'varchar', length: 40, default: '' })
  group: string;

  /** The last day here, after which only leads find the child; null while it comes. */
  @Column({ name: 'left_on', type: 'date', nullable: true })
  leftOn: string | null;

  /** The day on which a lead was first shown that the child is due to be erased; null until then. */
  @Column({ name: 'erase_shown_on', type: 'date', nullable: true })
  eraseShownOn: string | null;

  /** Counts the changes of what a summary of the child rests on. */
  @Column({ type: 'int', default: 0 })
  evidence: number;
}
