import {
  asCounter,
  type OwnTaskBody,
  type OwnThingsBody,
  type Retirement,
  type RoomHere,
} from '@dotting/contract';
import { groupBy, isCounter, type Counter, type OwnTaskId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { isUUID } from 'class-validator';
import { DataSource, In, type EntityManager } from 'typeorm';
import type { AtWork } from '../common/present.js';
import { Evidence } from '../evidence/evidence.service.js';
import { impossible, notFound } from '../http/refusals.js';
import type { Room } from '../nursery/room.entity.js';
import { Sight } from '../sight/sight.service.js';
import { speakingWith, spoken } from '../wording/spoken.js';
import { OwnTaskRow } from './ownTask.entity.js';
import { OwnThingsRow } from './ownThings.entity.js';

type Own = Pick<RoomHere, 'ownTasks' | 'ownThings'>;

/** What rooms have made for themselves: tasks, and kinds of things with what they ask of care. */
@Injectable()
export class OwnService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sight: Sight,
    private readonly evidence: Evidence,
  ) {}

  /** What each of these rooms has, by its id; what is retired too. */
  async of(rooms: readonly Pick<Room, 'id'>[]): Promise<(roomId: string) => Own> {
    const where = { roomId: In(rooms.map(({ id }) => id)) };
    const { manager } = this.dataSource;
    const [tasks, things] = await Promise.all([
      manager.findBy(OwnTaskRow, where),
      manager.findBy(OwnThingsRow, where),
    ]);
    const [tasksOf, thingsOf] = [groupBy(tasks, (row) => row.roomId), groupBy(things, (row) => row.roomId)];
    return (roomId) => ({
      ownTasks: (tasksOf.get(roomId) ?? [])
        .map(({ id, body, retired }) => ({ ...body, id, retired }))
        .sort((a, b) => a.texts.name.localeCompare(b.texts.name)),
      ownThings: (thingsOf.get(roomId) ?? [])
        .map(({ id, body, retired }) => ({ ...body, id, retired }))
        .sort((a, b) => a.many.localeCompare(b.many)),
    });
  }

  /** Kinds of things that a room counts with, beside those of the shelf. */
  async countersOf(roomId: string): Promise<readonly Counter[]> {
    const where = { roomId, retired: false };
    const rows = await this.dataSource.manager.find(OwnThingsRow, { where, order: { id: 'ASC' } });
    return rows.filter(({ body }) => !body.isContainer).map(({ id, body }) => asCounter({ ...body, id }));
  }

  /** Writes a task, or changes it; what was tried of it stays as it was. */
  async putTask(at: AtWork, roomId: string, id: OwnTaskId, body: OwnTaskBody): Promise<void> {
    await this.checkRoom(at, roomId);
    await this.dataSource.transaction((manager) => this.putTaskWithin(manager, at, roomId, id, body));
  }

  async putTaskWithin(
    manager: EntityManager,
    at: AtWork,
    roomId: string,
    id: OwnTaskId,
    body: OwnTaskBody,
  ): Promise<void> {
    const kept = await manager.findOne(OwnTaskRow, { where: { id }, lock: { mode: 'pessimistic_write' } });
    if (kept && kept.roomId !== roomId) throw notFound('task');
    await checkThings(manager, roomId, body);
    const retired = kept?.retired ?? false;
    await manager.save(OwnTaskRow, { id, roomId, body, retired, changedBy: at.adult.id });
  }

  async retireTask(at: AtWork, roomId: string, id: OwnTaskId, { retired }: Retirement): Promise<void> {
    await this.checkRoom(at, roomId);
    const changed = { retired, changedBy: at.adult.id };
    const { affected } = await this.dataSource.manager.update(OwnTaskRow, { id, roomId }, changed);
    if (affected === 0) throw notFound('task');
  }

  /** What can be laid changes with it, and so what is proposed: each child of the room is worked out again. */
  async putThings(at: AtWork, roomId: string, id: string, body: OwnThingsBody): Promise<void> {
    await this.checkRoom(at, roomId);
    await this.evidence.changingRoom(roomId, async (manager) => {
      const kept = await manager.findOne(OwnThingsRow, {
        where: { id },
        lock: { mode: 'pessimistic_write' },
      });
      if (kept && kept.roomId !== roomId) throw notFound('things');
      const retired = kept?.retired ?? false;
      await manager.save(OwnThingsRow, { id, roomId, body, retired, changedBy: at.adult.id });
    });
  }

  async retireThings(at: AtWork, roomId: string, id: string, { retired }: Retirement): Promise<void> {
    await this.checkRoom(at, roomId);
    await this.evidence.changingRoom(roomId, async (manager) => {
      const changed = { retired, changedBy: at.adult.id };
      const { affected } = await manager.update(OwnThingsRow, { id, roomId }, changed);
      if (affected === 0) throw notFound('things');
    });
  }

  /** Does it with the names that the rooms of the site have given to what is their own. */
  async speaking<Result>({ siteId }: Pick<AtWork, 'siteId'>, work: () => Promise<Result>): Promise<Result> {
    const where = { room: { siteId } };
    const { manager } = this.dataSource;
    const [tasks, things] = await Promise.all([
      manager.findBy(OwnTaskRow, where),
      manager.findBy(OwnThingsRow, where),
    ]);
    if (tasks.length + things.length === 0) return work();
    const own = {
      tasks: new Map<string, string>(tasks.map(({ id, body }) => [id, body.texts.name])),
      things: new Map(things.map(({ id, body }) => [id, body])),
    };
    return speakingWith(own, work);
  }

  /** What the rooms of a site have, of an own task and of kinds of things that a try speaks of. */
  async among(
    siteId: string,
    task: OwnTaskId | undefined,
    kinds: readonly string[],
  ): Promise<{ readonly likeOf: ReadonlyMap<string, string>; readonly things: ReadonlySet<string> }> {
    const room = { siteId };
    const { manager } = this.dataSource;
    const [tasks, things] = await Promise.all([
      task === undefined ? [] : manager.findBy(OwnTaskRow, { id: task, room }),
      kinds.length === 0
        ? []
        : manager.findBy(OwnThingsRow, { id: In(kinds.filter((id) => isUUID(id))), room }),
    ]);
    return {
      likeOf: new Map(tasks.map(({ id, body }) => [id, body.like])),
      things: new Set(things.map(({ id }) => id)),
    };
  }

  /** @throws RefusedException for a room that the adult has nothing to do with */
  async checkRoom(at: AtWork, roomId: string): Promise<void> {
    const rooms = await this.sight.roomsOf(at);
    if (!rooms.some(({ id }) => id === roomId)) throw notFound('room');
  }
}

/** @throws RefusedException where a task names things that are neither on the shelf nor the room’s own */
async function checkThings(
  manager: EntityManager,
  roomId: string,
  { only, beside }: Pick<OwnTaskBody, 'only' | 'beside'>,
): Promise<void> {
  const own = await manager.findBy(OwnThingsRow, { roomId });
  const isOwn = (id: string, isContainer: boolean): boolean =>
    own.some((row) => row.id === id && row.body.isContainer === isContainer);
  if (only !== undefined && !isCounter(only) && !isOwn(only, false))
    throw impossible('only', spoken().steps.noThings({ things: only }));
  const unknown = beside.find((id) => !isOwn(id, true));
  if (unknown !== undefined) throw impossible('beside', spoken().steps.noThings({ things: unknown }));
}
