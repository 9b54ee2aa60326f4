import { randomUUID } from 'node:crypto';
import type { Erasure, ErasureReason } from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import { Injectable, Logger } from '@nestjs/common';
import { DataSource, IsNull, Not } from 'typeorm';
import { Child } from '../children/child.entity.js';
import { today } from '../children/today.js';
import type { AtWork } from '../devices/present.js';
import { clash, notFound } from '../http/refusals.js';
import { Staff } from '../site/staff.entity.js';
import { eraseChild } from './erase.js';
import { ErasureRow } from './erasure.entity.js';
import { same } from './readRow.js';
import { eraseDay } from './register.service.js';

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
    if (child.leftOn === null) throw clash(`${child.firstName} still comes here. Enter a last day first.`);
    if (!same(firstName, child.firstName))
      throw clash('That is not the first name of this child. Nothing was erased.', 'firstName');
    const erasureId = await this.erase(id, 'asked', at);
    return (await this.of(at)).find((one) => one.id === erasureId)!;
  }

  /** Erases every child whose room keeps it no longer. */
  async eraseDue(): Promise<number> {
    const left = await this.dataSource.manager.find(Child, {
      where: { leftOn: Not(IsNull()) },
      relations: { room: true },
    });
    const due = left.filter((child) => eraseDay(child.leftOn!, child.room!.retentionMonths) <= today());
    for (const child of due) {
      await this.erase(child.id, 'time', null);
      this.log.log(`All about child ${child.id} was erased: the room’s time to keep it was up.`);
    }
    return due.length;
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
