import { randomUUID } from 'node:crypto';
import type { BeginNursery, BeginView, ForgottenPassword } from '@dotting/contract';
import type { StaffId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { removeDemo } from '../demo/removeDemo.js';
import { AttemptsService } from '../devices/attempts.service.js';
import { DevicesService } from '../devices/devices.service.js';
import { endElsewhere } from '../devices/endElsewhere.js';
import { Room } from '../nursery/room.entity.js';
import { Site } from '../nursery/site.entity.js';
import { Staff } from '../nursery/staff.entity.js';
import { StaffRoom } from '../nursery/staffRoom.entity.js';
import { hashSecret } from '../devices/secrets.js';
import { spoken } from '../wording/spoken.js';
import { useCode } from '../devices/oneTimeCodes.js';

/** Where a request comes from. */
export interface From {
  readonly address: string;
  /** The token in the device’s cookie, where it has one. */
  readonly deviceToken: string | undefined;
}

const isThisMachine = (address: string): boolean => /^(::ffff:)?127\.|^::1$/.test(address);

/** Setting up a nursery of one’s own, and coming back where a password was forgotten. */
@Injectable()
export class BeginService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly attempts: AttemptsService,
    private readonly devices: DevicesService,
  ) {}

  async view({ address }: From): Promise<BeginView> {
    const { manager } = this.dataSource;
    const [hasDemo, hasOwn] = await Promise.all([
      manager.existsBy(Site, { isDemo: true }),
      manager.existsBy(Site, { isDemo: false }),
    ]);
    return { hasDemo, isFirst: !hasOwn && isThisMachine(address) };
  }

  /**
   * Makes the nursery and its first lead, and signs the device in there, wherever it was before.
   *
   * @returns the token for the device’s cookie
   * @throws RefusedException where it is not the first, or not asked for at the server, and the code is no good
   */
  async begin(nursery: BeginNursery, from: From): Promise<string> {
    const { site: name, rooms, firstName, lastName, language, removesDemo, oneTimeCode } = nursery;
    const hashes = {
      passwordHash: await hashSecret(nursery.password),
      codeHash: await hashSecret(nursery.code),
    };
    const token = await this.dataSource.transaction(async (manager) => {
      // One after the other: of two that are set up at once only one is the first. A row that is always there.
      await manager.query('SELECT id FROM migrations ORDER BY id LIMIT 1 FOR UPDATE');
      const isFirst = isThisMachine(from.address) && !(await manager.existsBy(Site, { isDemo: false }));
      if (!isFirst) {
        await this.attempts.guarded(
          `once:${from.address}`,
          () => useCode(manager, 'nursery', oneTimeCode ?? ''),
          spoken().refusals.wrongOneTimeCode(),
        );
      }
      if (removesDemo && isFirst) await removeDemo(manager);
      const siteId = randomUUID();
      const staffId = randomUUID() as StaffId;
      await manager.insert(Site, { id: siteId, name: name.trim() });
      const made = rooms.map((room) => ({ id: randomUUID(), siteId, name: room.trim(), schools: {} }));
      await manager.insert(Room, made);
      await manager.insert(Staff, {
        id: staffId,
        siteId,
        firstName: firstName.trim(),
        lastName: lastName.trim(),
        email: nursery.email.trim().toLowerCase(),
        role: 'lead',
        thumb: 'right',
        language,
        leftOn: null,
        ...hashes,
      });
      await manager.insert(
        StaffRoom,
        made.map(({ id }) => ({ staffId, roomId: id })),
      );
      return this.devices.add(manager, siteId, staffId);
    });
    // What was refused leaves the device where it is.
    if (from.deviceToken) await this.devices.signOut(from.deviceToken);
    return token;
  }

  /** Sets another password by a code from the server; the old one’s stays and devices end. */
  async renewPassword({ code, password }: ForgottenPassword, { address }: From): Promise<void> {
    const passwordHash = await hashSecret(password);
    await this.dataSource.transaction(async (manager) => {
      const { staffId } = await this.attempts.guarded(
        `once:${address}`,
        () => useCode(manager, 'password', code),
        spoken().refusals.wrongOneTimeCode(),
      );
      const staff = await manager.findOneByOrFail(Staff, { id: staffId! });
      await manager.update(Staff, { id: staff.id }, { passwordHash });
      await endElsewhere(manager, { siteId: staff.siteId }, staff.id);
      await manager.delete('attempt', { subject: `password:${staff.id}` });
    });
  }
}
