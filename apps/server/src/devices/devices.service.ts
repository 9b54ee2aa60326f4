import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type { ComeIn, Device as DeviceView, DeviceSignIn, PresentAdult } from '@dotting/contract';
import { Injectable } from '@nestjs/common';
import { hash, verify } from '@node-rs/argon2';
import { DataSource, IsNull } from 'typeorm';
import { notFound } from '../http/refusals.js';
import { comesIn } from '../site/sight.service.js';
import { Staff } from '../site/staff.entity.js';
import { AttemptsService } from './attempts.service.js';
import { Device } from './device.entity.js';
import { Presence } from './presence.entity.js';
import type { AtDevice, AtWork } from './present.js';

const minuteMs = 60_000;
/** The app locks after two idle minutes; this is for a device whose app was cut off. */
const presenceIdleMs = 30 * minuteMs;
/** A device not seen for so long has to be signed in again. */
export const deviceIdleMs = 90 * 24 * 60 * minuteMs;

const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex');

/** Signing devices in and out, and adults coming to them and leaving. */
@Injectable()
export class DevicesService {
  /** What a password is checked against when no staff has the e-mail, so that both take as long. */
  private readonly nobodysHash = hash(randomUUID());

  constructor(
    private readonly dataSource: DataSource,
    private readonly attempts: AttemptsService,
  ) {}

  /** @returns the token for the device's cookie */
  async signIn({ email, password }: DeviceSignIn): Promise<string> {
    const address = email.trim().toLowerCase();
    const staff = await this.attempts.guarded(
      `password:${sha256(address)}`,
      async () => {
        const found = await this.dataSource.manager.findOneBy(Staff, { email: address });
        const isRight = await verify(found?.passwordHash ?? (await this.nobodysHash), password);
        return found && isRight && comesIn(found) ? found : null;
      },
      'That e-mail address and password do not go together.',
    );
    const token = randomBytes(32).toString('base64url');
    const now = new Date();
    await this.dataSource.manager.insert(Device, {
      id: randomUUID(),
      siteId: staff.siteId,
      tokenHash: sha256(token),
      signedInBy: staff.id,
      signedInAt: now,
      lastSeenAt: now,
    });
    return token;
  }

  /** The device behind a cookie's token; null when it was never signed in, was revoked or forgotten. */
  async recognise(token: string): Promise<AtDevice | null> {
    const manager = this.dataSource.manager;
    const device = await manager.findOneBy(Device, { tokenHash: sha256(token), revokedAt: IsNull() });
    const idleMs = device ? Date.now() - device.lastSeenAt.getTime() : 0;
    if (!device || idleMs > deviceIdleMs) return null;
    if (idleMs > minuteMs) await manager.update(Device, { id: device.id }, { lastSeenAt: new Date() });
    const presence =
      device.presenceId && idleMs < presenceIdleMs
        ? await manager.findOne(Presence, { where: { id: device.presenceId }, relations: { staff: true } })
        : null;
    return {
      deviceId: device.id,
      siteId: device.siteId,
      adult: presence?.staff && comesIn(presence.staff) ? present(presence.staff, presence.id) : null,
    };
  }

  async comeIn(at: AtDevice, { staffId, code }: ComeIn): Promise<PresentAdult> {
    const staff = await this.dataSource.manager.findOneBy(Staff, { id: staffId, siteId: at.siteId });
    if (!staff || !comesIn(staff)) throw notFound('adult');
    await this.attempts.guarded(
      `code:${staff.id}`,
      async () => ((await verify(staff.codeHash, code)) ? staff : null),
      `That is not ${staff.firstName}’s code.`,
    );
    const presence = { id: randomUUID(), deviceId: at.deviceId, staffId: staff.id, since: new Date() };
    await this.dataSource.transaction(async (manager) => {
      await manager.insert(Presence, presence);
      await manager.update(Device, { id: at.deviceId }, { presenceId: presence.id, lastSeenAt: new Date() });
    });
    return present(staff, presence.id);
  }

  async leave(at: AtDevice): Promise<void> {
    await this.dataSource.manager.update(Device, { id: at.deviceId }, { presenceId: null });
  }

  async list(at: AtWork): Promise<DeviceView[]> {
    const devices = await this.dataSource.manager.find(Device, {
      where: { siteId: at.siteId, revokedAt: IsNull() },
      relations: { signer: true },
      order: { lastSeenAt: 'DESC' },
    });
    return devices.map((device) => ({
      id: device.id,
      signedInBy: device.signer?.firstName ?? '',
      signedInAt: device.signedInAt.toISOString(),
      lastSeenAt: device.lastSeenAt.toISOString(),
      isThis: device.id === at.deviceId,
    }));
  }

  /** Ends a device's session at once, wherever the device is. */
  async revoke(at: AtDevice, deviceId: string): Promise<void> {
    const { affected } = await this.dataSource.manager.update(
      Device,
      { id: deviceId, siteId: at.siteId, revokedAt: IsNull() },
      { revokedAt: new Date(), presenceId: null },
    );
    if (affected !== 1) throw notFound('device');
  }
}

function present(staff: Staff, presence: string): PresentAdult {
  const { id, firstName, role, thumb } = staff;
  return { id, firstName, role, thumb, presence };
}
