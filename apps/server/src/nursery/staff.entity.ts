import type { StaffId } from '@dotting/core';
import type { Adult, Role, Thumb } from '@dotting/contract';
import type { AppLanguage } from '@dotting/words';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Site } from './site.entity.js';

/** An adult of a nursery. A person who works in several has an entry in each, by the same address. */
@Entity('staff')
@Index('staff_email', ['email', 'siteId'], { unique: true })
export class Staff {
  @PrimaryColumn({ type: 'uuid' })
  id: StaffId;

  @Index('staff_site')
  @Column({ name: 'site_id', type: 'uuid' })
  siteId: string;

  @ManyToOne(() => Site)
  @JoinColumn({ name: 'site_id', foreignKeyConstraintName: 'staff_of_site' })
  site?: Site;

  @Column({ name: 'first_name', type: 'varchar', length: 60 })
  firstName: string;

  @Column({ name: 'last_name', type: 'varchar', length: 60 })
  lastName: string;

  @Column({ type: 'varchar', length: 200 })
  email: string;

  @Column({ type: 'varchar', length: 20 })
  role: Role;

  /** The side on which the slips lie in a sitting. */
  @Column({ type: 'varchar', length: 5 })
  thumb: Thumb;

  /** What the app speaks to her. */
  @Column({ type: 'varchar', length: 8, default: 'en' })
  language: AppLanguage;

  /** argon2id */
  @Column({ name: 'password_hash', type: 'varchar', length: 200 })
  passwordHash: string;

  /** argon2id */
  @Column({ name: 'code_hash', type: 'varchar', length: 200 })
  codeHash: string;

  /** From this day on the adult comes in no more; what she recorded stays hers. */
  @Column({ name: 'left_on', type: 'date', nullable: true })
  leftOn: string | null;
}

/** What a device is told of an adult. */
export function asAdult({ id, firstName, role, thumb, language }: Staff): Adult {
  return { id, firstName, role, thumb, language };
}
