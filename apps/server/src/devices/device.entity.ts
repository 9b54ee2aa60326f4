import type { StaffId } from '@dotting/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';
import { Site } from '../nursery/site.entity.js';
import { Staff } from '../nursery/staff.entity.js';

/** A device signed in for a site: the session, ended by revoking it. */
@Entity('device')
export class Device {
  @PrimaryColumn({ type: 'uuid' })
  id: string;

  @Index('device_site')
  @Column({ name: 'site_id', type: 'uuid' })
  siteId: string;

  @ManyToOne(() => Site)
  @JoinColumn({ name: 'site_id', foreignKeyConstraintName: 'device_of_site' })
  site?: Site;

  /** SHA-256 of the cookie's token: the token itself is stored nowhere. */
  @Index('device_token', { unique: true })
  @Column({ name: 'token_hash', type: 'char', length: 64 })
  tokenHash: string;

  @Column({ name: 'signed_in_by', type: 'uuid' })
  signedInBy: StaffId;

  @ManyToOne(() => Staff)
  @JoinColumn({ name: 'signed_in_by', foreignKeyConstraintName: 'device_signed_in_by' })
  signer?: Staff;

  @Column({ name: 'signed_in_at', type: 'datetime', precision: 3 })
  signedInAt: Date;

  @Column({ name: 'last_seen_at', type: 'datetime', precision: 3 })
  lastSeenAt: Date;

  /** The stay of the adult at the device now; null when nobody is there. */
  @Column({ name: 'presence_id', type: 'uuid', nullable: true })
  presenceId: string | null;

  /** What it could not send when it was signed out is sealed with this, 32 bytes in base64; null until it is asked for. */
  @Column({ name: 'seal_key', type: 'char', length: 44, nullable: true })
  sealKey: string | null;

  @Column({ name: 'revoked_at', type: 'datetime', precision: 3, nullable: true })
  revokedAt: Date | null;
}
