import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type {
  ComeIn,
  Device as DeviceView,
  DeviceSignIn,
  OwnCode,
  OwnPassword,
  PairingView,
  PresentAdult,
  Sealing,
} from '@dotting/contract';
import type { StaffId } from '@dotting/core';
import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource, IsNull, type EntityManager } from 'typeorm';
import { giveCode, useCode } from './oneTimeCodes.js';
import { notFound, RefusedException } from '../http/refusals.js';
import { comesIn } from '../sight/sight.service.js';
import { asAdult, Staff } from '../nursery/staff.entity.js';
import { AttemptsService } from './attempts.service.js';
import { Device } from './device.entity.js';
import { endElsewhere } from './endElsewhere.js';
import { Presence } from './presence.entity.js';
import { Address } from '../common/address.js';
import type { AtDevice, AtWork } from '../common/present.js';
import { fitsSecret, hashSecret } from './secrets.js';
import { spoken } from '../wording/spoken.js';

const minuteMs = 60_000;
/** The app locks after two idle minutes; this is for a device whose app was cut off. */
const stayIdleMs = 30 * minuteMs;
/** No stay is longer than a working day, however busy. */
const longestStayMs = 12 * 60 * minuteMs;
/** A device not seen for so long has to be signed in again. */
export const deviceIdleMs = 90 * 24 * 60 * minuteMs;
/** So long after it was signed out a device may still deliver what was recorded at it before. */
const deliveryMs = 30 * 24 * 60 * minuteMs;

const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex');

/** A device with the stay at it, and the adult whose stay it is. */
interface Recognised extends Omit<PresentAdult, 'id'> {
  readonly deviceId: string;
  readonly siteId: string;
  readonly lastSeenAt: Date;
  readonly revokedAt: Date | null;
  readonly since: Date;
  readonly tokenHash: string;
  readonly id: StaffId | null;
  readonly leftOn: string | null;
}

const recognising = `
  SELECT device.id AS deviceId, device.site_id AS siteId, device.last_seen_at AS lastSeenAt,
    device.revoked_at AS revokedAt, device.presence_id AS presence,
    presence.since, presence.token_hash AS tokenHash,
    staff.id, staff.first_name AS firstName, staff.role, staff.thumb, staff.language, staff.left_on AS leftOn
  FROM device
    LEFT JOIN presence ON presence.id = device.presence_id
    LEFT JOIN staff ON staff.id = presence.staff_id
  WHERE device.token_hash = ?`;

/** Signing devices in and out, and adults coming to them and leaving. */
@Injectable()
export class DevicesService {
  /** What a password is checked against when no staff has the email, so that both take as long. */
  private readonly nobodysHash = hashSecret(randomUUID());

  constructor(
    private readonly dataSource: DataSource,
    private readonly attempts: AttemptsService,
    private readonly address: Address,
  ) {}

  /**
   * @returns the token for the device's cookie
   * @throws RefusedException with the nurseries to choose from, where the address and password fit in several
   */
  async signIn({ email, password, siteId }: DeviceSignIn): Promise<string> {
    const address = email.trim().toLowerCase();
    const { manager } = this.dataSource;
    const accounts = await manager.find(Staff, {
      where: { email: address },
      relations: { site: true },
      order: { id: 'ASC' },
    });
    const right = await this.attempts.guarded(
      // By the account that the database found: to it an address with accents is the same as one without.
      `password:${accounts[0]?.id ?? sha256(address)}`,
      async () => {
        const hashes = accounts.map((one) => one.passwordHash);
        const fits = await Promise.all(
          (hashes.length > 0 ? hashes : [await this.nobodysHash]).map((one) => fitsSecret(one, password)),
        );
        const found = accounts.filter((one, i) => fits[i] && comesIn(one));
        return found.length > 0 ? found : null;
      },
      spoken().refusals.wrongPassword(),
    );
    const chosen = right.length === 1 ? right[0] : right.find((one) => one.siteId === siteId);
    if (!chosen) {
      const sites = right.map((one) => ({ id: one.siteId, name: one.site!.name }));
      throw new RefusedException(HttpStatus.CONFLICT, spoken().refusals.whichSite(), [], { sites });
    }
    return this.add(manager, chosen.siteId, chosen.id);
  }

  /** @returns the token of the device that was given the code */
  async signInBy(code: string, address: string): Promise<string> {
    const { manager } = this.dataSource;
    const { siteId, staffId } = await this.attempts.guarded(
      `once:${address}`,
      () => useCode(manager, 'device', code),
      spoken().refusals.wrongOneTimeCode(),
    );
    return this.add(manager, siteId!, staffId!);
  }

  /** A code by which a new device is signed in. */
  async pair({ siteId, adult }: AtWork): Promise<PairingView> {
    const { code, until } = await giveCode(this.dataSource.manager, 'device', { siteId, staffId: adult.id });
    return { code, until: until.toISOString(), address: this.address.url };
  }

  /** Signs a new device in: @returns its token. */
  async add(manager: EntityManager, siteId: string, signedInBy: StaffId): Promise<string> {
    const token = randomBytes(32).toString('base64url');
    const now = new Date();
    await manager.insert(Device, {
      id: randomUUID(),
      siteId,
      tokenHash: sha256(token),
      signedInBy,
      signedInAt: now,
      lastSeenAt: now,
    });
    return token;
  }

  /** Signs the device of a token out, where there is one. */
  async signOut(token: string): Promise<void> {
    await this.dataSource.manager.update(
      Device,
      { tokenHash: sha256(token), revokedAt: IsNull() },
      { revokedAt: new Date(), presenceId: null },
    );
  }

  /** Her own password or code, by the one she has now. What she is at elsewhere ends. */
  async changeSecret(
    at: AtWork,
    which: 'password' | 'code',
    { now, next }: OwnPassword | OwnCode,
  ): Promise<void> {
    const { id, firstName } = at.adult;
    const field = which === 'password' ? 'passwordHash' : 'codeHash';
    const staff = await this.dataSource.manager.findOneByOrFail(Staff, { id, siteId: at.siteId });
    await this.attempts.guarded(
      which === 'code' ? `code:${id}:${at.deviceId}` : `password:${id}`,
      async () => ((await fitsSecret(staff[field], now)) ? staff : null),
      which === 'password'
        ? spoken().refusals.notYourPassword()
        : spoken().refusals.wrongCode({ name: firstName }),
    );
    const changed = { [field]: await hashSecret(next) };
    await this.dataSource.transaction(async (manager) => {
      await manager.update(Staff, { id }, changed);
      await endElsewhere(manager, at, id);
    });
  }

  /**
   * The device behind a cookie's token, with the adult whose stay the other token proves; null when it was
   * never signed in, or was signed out too long ago to deliver anything.
   */
  async recognise(token: string, stayToken: string | undefined): Promise<AtDevice | null> {
    // Asked with every request: one question instead of two, and none of the rows’ other columns.
    const [device]: Recognised[] = await this.dataSource.query(recognising, [sha256(token)]);
    if (!device) return null;
    const { deviceId, siteId } = device;
    const now = Date.now();
    const idleMs = now - device.lastSeenAt.getTime();
    const endedAt =
      device.revokedAt ??
      (idleMs > deviceIdleMs ? new Date(device.lastSeenAt.getTime() + deviceIdleMs) : null);
    if (endedAt)
      return now - endedAt.getTime() > deliveryMs ? null : { deviceId, siteId, adult: null, endedAt };
    const adult = device.presence ? await this.adultAt(device, stayToken, idleMs) : null;
    if (idleMs > minuteMs)
      await this.dataSource.manager.update(Device, { id: deviceId }, { lastSeenAt: new Date() });
    return { deviceId, siteId, adult };
  }

  /** The adult of the device's stay. A stay that has been idle, is too long or its adult's last is ended. */
  private async adultAt(
    device: Recognised,
    stayToken: string | undefined,
    idleMs: number,
  ): Promise<PresentAdult | null> {
    const { deviceId, presence, since, tokenHash, leftOn, id, firstName, role, thumb, language } = device;
    const isOver =
      id === null ||
      !comesIn({ leftOn }) ||
      idleMs > stayIdleMs ||
      Date.now() - since.getTime() > longestStayMs;
    if (isOver) {
      const stay = { id: deviceId, presenceId: presence };
      await this.dataSource.manager.update(Device, stay, { presenceId: null });
      return null;
    }
    const isProved = stayToken !== undefined && sha256(stayToken) === tokenHash;
    return isProved ? { id, firstName, role, thumb, language, presence } : null;
  }

  /** @returns who came in, and the token that proves the stay */
  async comeIn(
    at: AtDevice,
    { staffId, code }: ComeIn,
  ): Promise<{ readonly adult: PresentAdult; readonly token: string }> {
    const staff = await this.dataSource.manager.findOneBy(Staff, { id: staffId, siteId: at.siteId });
    if (!staff || !comesIn(staff)) throw notFound('adult');
    await this.attempts.guarded(
      // At this device alone: whoever sends wrong ones from another keeps nobody out here.
      `code:${staff.id}:${at.deviceId}`,
      async () => ((await fitsSecret(staff.codeHash, code)) ? staff : null),
      spoken().refusals.wrongCode({ name: staff.firstName }),
    );
    const token = randomBytes(32).toString('base64url');
    const stay = {
      id: randomUUID(),
      deviceId: at.deviceId,
      staffId: staff.id,
      since: new Date(),
      tokenHash: sha256(token),
    };
    await this.dataSource.transaction(async (manager) => {
      await manager.insert(Presence, stay);
      await manager.update(Device, { id: at.deviceId }, { presenceId: stay.id, lastSeenAt: new Date() });
    });
    return { adult: present(staff, stay.id), token };
  }

  /** Ends the stay at a device: whichever it is, or only that one, so that a lock that comes late ends no other. */
  async leave(at: AtDevice, presenceId: string | undefined): Promise<void> {
    const which = { id: at.deviceId, ...(presenceId !== undefined && { presenceId }) };
    await this.dataSource.manager.update(Device, which, { presenceId: null });
  }

  /** The key of a device of the site, also of one that was signed out: made when it is asked for first. */
  async sealingOf({ siteId }: Pick<AtDevice, 'siteId'>, deviceId: string): Promise<Sealing> {
    const { manager } = this.dataSource;
    const which = { id: deviceId, siteId };
    const made = randomBytes(32).toString('base64');
    const device = await manager.findOneBy(Device, which);
    if (!device) throw notFound('device');
    if (device.sealKey !== null) return { device: deviceId, key: device.sealKey };
    await manager.update(Device, { ...which, sealKey: IsNull() }, { sealKey: made });
    const { sealKey } = await manager.findOneByOrFail(Device, which);
    return { device: deviceId, key: sealKey! };
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
  return { ...asAdult(staff), presence };
}
