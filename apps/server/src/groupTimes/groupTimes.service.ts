import type { GroupTimesView, NewGroupTime } from '@dotting/contract';
import type { ChildId, OwnTaskId, TaskId } from '@dotting/core';
import { taskWords } from '@dotting/words';
import { Injectable } from '@nestjs/common';
import { DataSource, In, IsNull } from 'typeorm';
import type { AtWork } from '../common/present.js';
import { today } from '../common/today.js';
import { clash, impossible, notFound } from '../http/refusals.js';
import { OwnService } from '../own/own.service.js';
import { Sight } from '../sight/sight.service.js';
import { spoken } from '../wording/spoken.js';
import { GroupTime, GroupTimeChild } from './groupTime.entity.js';

/** So many are shown of a room. */
const latest = 20;

/** A group that a child was in: what was done, when. */
export interface MetInGroup {
  readonly kind: GroupTime['kind'];
  readonly task: TaskId;
  readonly own?: OwnTaskId;
  readonly day: string;
}

/** What a room did as a group. It is kept as the group’s: of a child it says only what the child has met. */
@Injectable()
export class GroupTimesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sight: Sight,
    private readonly ownOf: OwnService,
  ) {}

  /** A room’s latest times as a group, newest first. */
  async of(at: AtWork, roomId: string): Promise<GroupTimesView> {
    await this.sight.childrenOf(at, roomId);
    const { manager } = this.dataSource;
    const rows = await manager.find(GroupTime, {
      where: { roomId },
      relations: { recorder: true },
      order: { day: 'DESC', keptAt: 'DESC' },
      take: latest,
    });
    const there = await this.howManyWere(rows.map((row) => row.id));
    const { ownTasks } = (await this.ownOf.of([{ id: roomId }]))(roomId);
    const nameOf = (own: OwnTaskId | null): string | undefined =>
      ownTasks.find(({ id }) => id === own)?.texts.name;
    const times = rows.map(
      ({ id, kind, task, own, day, recorder, recordedBy, togetherTo, note, ...row }) => ({
        id,
        kind,
        title: nameOf(own) ?? taskWords(spoken(), task).name(),
        day,
        recorder: recorder?.firstName ?? '',
        children: there.get(id) ?? 0,
        togetherTo,
        note,
        isOwn: recordedBy === at.adult.id,
        takenBack:
          row.takenBackAt === null ? null : { at: row.takenBackAt, reason: row.takenBackReason ?? '' },
      }),
    );
    return { times };
  }

  private async howManyWere(ids: readonly string[]): Promise<ReadonlyMap<string, number>> {
    const rows = await this.dataSource.manager.findBy(GroupTimeChild, { groupTimeId: In([...ids]) });
    return new Map(ids.map((id) => [id, rows.filter((row) => row.groupTimeId === id).length]));
  }

  /** Keeps it with all who were there, or not at all; the same again changes nothing. */
  async keep(at: AtWork, roomId: string, id: string, time: NewGroupTime): Promise<void> {
    const seen = new Set((await this.sight.childrenOf(at, roomId)).map((child) => child.id));
    if (!time.children.every((child) => seen.has(child))) throw notFound('child');
    await this.checkOwn(at, time);
    const { children, own = null, ...rest } = time;
    await this.dataSource.transaction(async (manager) => {
      const kept = await manager.findOne(GroupTime, { where: { id }, lock: { mode: 'pessimistic_write' } });
      if (kept && (kept.roomId !== roomId || kept.recordedBy !== at.adult.id))
        throw clash(spoken().refusals.groupTimeOfOthers());
      if (kept) return;
      const now = { day: today(), keptAt: new Date(), recordedBy: at.adult.id };
      await manager.insert(GroupTime, { id, roomId, ...rest, own, ...now });
      await manager.insert(
        GroupTimeChild,
        children.map((childId) => ({ groupTimeId: id, childId })),
      );
    });
  }

  /** @throws RefusedException where the own task is not one that goes like the task */
  private async checkOwn({ siteId }: AtWork, { own, task }: NewGroupTime): Promise<void> {
    const { likeOf } = await this.ownOf.among(siteId, own, []);
    if (own !== undefined && likeOf.get(own) !== task)
      throw impossible('own', spoken().steps.noOwnTask({ task }));
  }

  /** Takes back what the adult herself put down: it is kept, and nobody is said to have met it. */
  async takeBack(at: AtWork, roomId: string, id: string, reason: string): Promise<void> {
    await this.change(at, roomId, id, { takenBackAt: new Date().toISOString(), takenBackReason: reason });
  }

  async putBack(at: AtWork, roomId: string, id: string): Promise<void> {
    await this.change(at, roomId, id, { takenBackAt: null, takenBackReason: null });
  }

  private async change(
    at: AtWork,
    roomId: string,
    id: string,
    to: Pick<GroupTime, 'takenBackAt' | 'takenBackReason'>,
  ): Promise<void> {
    await this.sight.childrenOf(at, roomId);
    const { affected } = await this.dataSource.manager.update(
      GroupTime,
      { id, roomId, recordedBy: at.adult.id },
      to,
    );
    if (affected === 0) throw notFound('groupTime');
  }

  /** What a child has met in a group, oldest first; the caller has seen to it that the adult sees the child. */
  async metBy(childId: ChildId): Promise<readonly MetInGroup[]> {
    const rows = await this.dataSource.manager.find(GroupTimeChild, {
      where: { childId, groupTime: { takenBackAt: IsNull() } },
      relations: { groupTime: true },
    });
    return rows
      .flatMap(({ groupTime }) => groupTime ?? [])
      .map(({ kind, task, own, day }) => ({ kind, task, ...(own !== null && { own }), day }))
      .toSorted((a, b) => (a.day < b.day ? -1 : 1));
  }
}
