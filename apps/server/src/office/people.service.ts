import { randomBytes, randomInt } from 'node:crypto';
import type {
  AdultChange,
  AdultSecrets,
  NewAdult,
  OfficeAdult,
  OfficeRoom,
  PutRoom,
} from '@dotting/contract';
import { schoolsOf, groupBy, type StaffId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource, In, type EntityManager } from 'typeorm';
import { Child } from '../nursery/child.entity.js';
import { OwnTaskRow } from '../own/ownTask.entity.js';
import { OwnThingsRow } from '../own/ownThings.entity.js';
import { RoomMoveRow } from '../nursery/roomMove.entity.js';
import { endElsewhere, endStays } from '../devices/endElsewhere.js';
import type { AtWork } from '../common/present.js';
import { clash, notFound } from '../http/refusals.js';
import { Room } from '../nursery/room.entity.js';
import { SchoolChange } from '../schools/schoolChange.entity.js';
import { comesIn } from '../sight/sight.service.js';
import { Site } from '../nursery/site.entity.js';
import { asAdult, Staff } from '../nursery/staff.entity.js';
import { StaffRoom } from '../nursery/staffRoom.entity.js';
import { hashSecret } from '../devices/secrets.js';
import { spoken } from '../wording/spoken.js';
import { newId } from '../common/newId.js';

/** Rooms, and the adults who work in them. */
@Injectable()
export class PeopleService {
  constructor(private readonly dataSource: DataSource) {}

  async rooms({ siteId }: AtWork): Promise<OfficeRoom[]> {
    const rooms = await this.dataSource.manager.find(Room, { where: { siteId }, order: { name: 'ASC' } });
    return rooms.map(({ id, name, retentionMonths, schools }) => ({
      id,
      name,
      retentionMonths,
      schools: schoolsOf(schools),
    }));
  }

  async eraseWait({ siteId }: AtWork): Promise<number> {
    return (await this.dataSource.manager.findOneByOrFail(Site, { id: siteId })).eraseWaitDays;
  }

  async putEraseWait({ siteId }: AtWork, days: number): Promise<void> {
    await this.dataSource.manager.update(Site, { id: siteId }, { eraseWaitDays: days });
  }

  /** Adds a room, or changes it. */
  async putRoom({ siteId }: AtWork, id: string, { name, retentionMonths }: PutRoom): Promise<void> {
    await this.dataSource.transaction(async (manager) => {
      const rooms = await manager.findBy(Room, { siteId });
      const isTaken = rooms.some((room) => room.id !== id && room.name.toLowerCase() === name.toLowerCase());
      if (isTaken) throw clash(spoken().refusals.roomName(), 'name');
      const put = { name, retentionMonths };
      if (rooms.some((room) => room.id === id)) await manager.update(Room, { id }, put);
      else await manager.insert(Room, { id, siteId, schools: {}, ...put });
    });
  }

  /** Takes away a room that is empty, of those who left too. */
  async removeRoom({ siteId }: AtWork, id: string): Promise<void> {
    await this.dataSource.transaction(async (manager) => {
      if (!(await manager.existsBy(Room, { id, siteId }))) throw notFound('room');
      const children = await manager.countBy(Child, { roomId: id });
      if (children > 0) throw clash(spoken().refusals.roomHas({ n: children }));
      if ((await manager.countBy(Room, { siteId })) === 1) throw clash(spoken().refusals.lastRoom());
      await manager.delete(StaffRoom, { roomId: id });
      await manager.delete(RoomMoveRow, { roomId: id });
      await manager.delete(OwnTaskRow, { roomId: id });
      await manager.delete(OwnThingsRow, { roomId: id });
      await manager.delete(SchoolChange, { roomId: id });
      await manager.delete(Room, { id });
    });
  }

  async adults({ siteId }: AtWork): Promise<OfficeAdult[]> {
    const { manager } = this.dataSource;
    const [staff, rows] = await Promise.all([
      manager.find(Staff, { where: { siteId }, order: { firstName: 'ASC', lastName: 'ASC' } }),
      manager.findBy(StaffRoom, { staff: { siteId } }),
    ]);
    const roomsOf = groupBy(rows, (row) => row.staffId);
    return staff.map((one) => {
      const { lastName, email, leftOn } = one;
      const rooms = (roomsOf.get(one.id) ?? []).map((row) => row.roomId);
      return { ...asAdult(one), lastName, email, leftOn, rooms };
    });
  }

  /** Adds an adult; her password and code are told this once. */
  async addAdult(
    at: AtWork,
    { firstName, lastName, role, rooms, ...given }: NewAdult,
  ): Promise<AdultSecrets> {
    const email = given.email.trim().toLowerCase();
    const { secrets, hashes } = await newSecrets();
    const id = newId<StaffId>();
    await this.dataSource.transaction(async (manager) => {
      if (await manager.existsBy(Staff, { email, siteId: at.siteId }))
        throw clash(spoken().refusals.emailTaken(), 'email');
      const row = {
        id,
        siteId: at.siteId,
        firstName,
        lastName,
        email,
        role,
        thumb: 'right' as const,
        leftOn: null,
      };
      await manager.insert(Staff, { ...row, ...hashes });
      await putIn(manager, at, id, rooms);
    });
    return { id, ...secrets };
  }

  async changeAdult(at: AtWork, id: StaffId, { rooms, ...change }: AdultChange): Promise<void> {
    await this.dataSource.transaction(async (manager) => {
      const staff = await manager.find(Staff, {
        where: { siteId: at.siteId },
        lock: { mode: 'pessimistic_write' },
      });
      if (!staff.some((one) => one.id === id)) throw notFound('adult');
      const after = staff.map((one) => (one.id === id ? { ...one, ...change } : one));
      if (!after.some((one) => one.role === 'lead' && comesIn(one)))
        throw clash(spoken().refusals.needsLead(), 'role');
      if (Object.keys(change).length > 0) {
        await manager.update(Staff, { id }, change);
        // A stay was begun in the role she had, or before her last day.
        await endStays(manager, { siteId: at.siteId }, id);
      }
      if (rooms) await putIn(manager, at, id, rooms);
    });
  }

  /**
   * Another password and code, told this once. The old ones are of no use any more: the adult's stays end,
   * and the devices she signed in are signed out, but for the one at which this is done.
   */
  async renewSecrets(at: AtWork, id: StaffId): Promise<AdultSecrets> {
    const { secrets, hashes } = await newSecrets();
    await this.dataSource.transaction(async (manager) => {
      const { affected } = await manager.update(Staff, { id, siteId: at.siteId }, hashes);
      if (affected !== 1) throw notFound('adult');
      await endElsewhere(manager, at, id);
    });
    return { id, ...secrets };
  }
}

async function newSecrets() {
  const secrets = {
    code: String(randomInt(0, 10_000)).padStart(4, '0'),
    password: randomBytes(12).toString('base64url'),
  };
  const hashes = {
    passwordHash: await hashSecret(secrets.password),
    codeHash: await hashSecret(secrets.code),
  };
  return { secrets, hashes };
}

async function putIn(
  manager: EntityManager,
  { siteId }: AtWork,
  staffId: StaffId,
  rooms: readonly string[],
): Promise<void> {
  if ((await manager.countBy(Room, { id: In(rooms), siteId })) !== rooms.length)
    throw clash(spoken().refusals.otherSitesRoom(), 'rooms');
  await manager.delete(StaffRoom, { staffId });
  if (rooms.length > 0)
    await manager.insert(
      StaffRoom,
      rooms.map((roomId) => ({ staffId, roomId })),
    );
}
