import { randomUUID } from 'node:crypto';
import type { Erasure, ErasureReason } from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import { Injectable, Logger } from '@nestjs/common';
import { DataSource, IsNull, Not } from 'typeorm';
import { Child } from '../nursery/child.entity.js';
import { today } from '../common/today.js';
import type { AtWork } from '../common/present.js';
import { clash, notFound } from '../http/refusals.js';
import { Staff } from '../nursery/staff.entity.js';
import { eraseChild } from '../nursery/erase.js';
import { ErasureRow } from './erasure.entity.js';
import { same } from './readRow.js';
import { eraseDay, erasedUnaskedOn } from './register.service.js';
import { spoken } from '../wording/spoken.js';

/** Erases for good, and keeps the proof of it. */
@Injectable()
export class ErasuresService {
  private readonly log = new Logger(ErasuresService.name);

  constructor(private readonly dataSource: DataSource) {}

  async of({ siteId }: AtWork): Promise<Erasure[]> {
    const { manager } = this.dataSource;
    const [rows, staff] = await Promise.all([
      manager.find(ErasureRow, { where: { siteId }, order: { erasedAt: 'DESC' } }),
      manager.findBy(Staff, { siteId }),
    ]);
    return rows.map(({ id, childId, erasedAt, reason, erasedBy, room, gone, left }) => ({
      id,
      childId,
      erasedAt,
      reason,
      by: staff.find((one) => one.id === erasedBy)?.firstName ?? '',
      room,
      gone,
      left,
    }));
  }

  /** Erases a child before its time, because its family asks for it: only one who has left. */
  async eraseNow(at: AtWork, id: ChildId, firstName: string): Promise<Erasure> {
    const child = await this.dataSource.manager.findOneBy(Child, { id, siteId: at.siteId });
    if (!child) throw notFound('child');
    if (child.leftOn === null) throw clash(spoken().refusals.stillComes({ name: child.firstName }));
    if (!same(firstName, child.firstName)) throw clash(spoken().refusals.notTheName(), 'firstName');
    const erasureId = await this.erase(id, 'asked', at);
    return (await this.of(at)).find((one) => one.id === erasureId)!;
  }

  /**
   * Notes of the children that are due to be erased that a lead is shown them now, and of those that are no
   * longer due that nobody was: from the first showing on erasing waits.
   */
  async show({ siteId }: AtWork): Promise<void> {
    const { manager } = this.dataSource;
    for (const child of await this.left({ siteId })) {
      const shownOn = isDue(child) ? (child.eraseShownOn ?? today()) : null;
      if (shownOn !== child.eraseShownOn)
        await manager.update(Child, { id: child.id }, { eraseShownOn: shownOn });
    }
  }

  /** Erases the children that a lead was shown and has confirmed, all of them or none. */
  async eraseConfirmed(at: AtWork, ids: readonly ChildId[]): Promise<Erasure[]> {
    const due = (await this.left({ siteId: at.siteId })).filter(isDue);
    if (!ids.every((id) => due.some((child) => child.id === id)))
      throw clash(spoken().refusals.notDue(), 'childIds');
    const erased: string[] = [];
    for (const id of ids) erased.push(await this.erase(id, 'time', at));
    return (await this.of(at)).filter((one) => erased.includes(one.id));
  }

  /** Erases every child whose room keeps it no longer and whom a lead was shown long enough ago. */
  async eraseDue(): Promise<number> {
    const due = (await this.left({})).filter((child) => {
      const unasked = erasedUnaskedOn(child, child.site!.eraseWaitDays);
      return isDue(child) && unasked !== null && unasked <= today();
    });
    for (const child of due) {
      await this.erase(child.id, 'time', null);
      this.log.log(`All about child ${child.id} was erased: the room’s time to keep it was up.`);
    }
    return due.length;
  }

  private left(where: { siteId?: string }): Promise<Child[]> {
    return this.dataSource.manager.find(Child, {
      where: { ...where, leftOn: Not(IsNull()) },
      relations: { room: true, site: true },
    });
  }

  private async erase(id: ChildId, reason: ErasureReason, at: AtWork | null): Promise<string> {
    const erasureId = randomUUID();
    await this.dataSource.transaction(async (manager) => {
      const child = await manager.findOneOrFail(Child, { where: { id }, relations: { room: true } });
      const { gone, left } = await eraseChild(manager, id);
      if (left > 0) throw new Error(`${left} rows about child ${id} were still there after erasing it.`);
      await manager.insert(ErasureRow, {
        id: erasureId,
        siteId: child.siteId,
        childId: id,
        erasedAt: new Date().toISOString(),
        reason,
        erasedBy: at?.adult.id ?? null,
        room: child.room!.name,
        gone,
        left,
      });
    });
    return erasureId;
  }
}

const isDue = (child: Child): boolean => eraseDay(child.leftOn!, child.room!.retentionMonths) <= today();
