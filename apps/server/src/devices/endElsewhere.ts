import type { StaffId } from '@dotting/core';
import { In, IsNull, Not, type EntityManager, type FindOptionsWhere } from 'typeorm';
import { Device } from './device.entity.js';
import { Presence } from './presence.entity.js';

/**
 * After a secret has changed: ends an adult’s stays, and signs out the devices that she signed in,
 * but for the one at which it was done.
 */
export async function endElsewhere(
  manager: EntityManager,
  { siteId, deviceId }: { readonly siteId: string; readonly deviceId?: string },
  staffId: StaffId,
): Promise<void> {
  const elsewhere = { siteId, ...(deviceId !== undefined && { id: Not(deviceId) }) };
  await endStays(manager, elsewhere, staffId);
  await manager.update(
    Device,
    { ...elsewhere, signedInBy: staffId, revokedAt: IsNull() },
    { revokedAt: new Date(), presenceId: null },
  );
}

/** Ends an adult’s stays at the devices that are meant. */
export async function endStays(
  manager: EntityManager,
  where: FindOptionsWhere<Device>,
  staffId: StaffId,
): Promise<void> {
  const stays = await manager.findBy(Presence, { staffId });
  await manager.update(
    Device,
    { ...where, presenceId: In(stays.map((stay) => stay.id)) },
    { presenceId: null },
  );
}
