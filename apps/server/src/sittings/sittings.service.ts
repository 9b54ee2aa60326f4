import type { PutClosing, SittingClosingView } from '@dotting/contract';
import type { ChildId, SittingId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { clash } from '../http/refusals.js';
import { placed } from '../tries/clock.js';
import { MayRecord } from '../tries/mayRecord.js';
import { Try } from '../tries/try.entity.js';
import type { Recording } from '../tries/tries.service.js';
import { Closing } from './closing.entity.js';
import { spoken } from '../wording/spoken.js';

@Injectable()
export class SittingsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly mayRecord: MayRecord,
  ) {}

  /** Stores how a sitting was closed; the same again, or an older one, changes nothing. */
  async close(at: Recording, id: SittingId, put: PutClosing): Promise<void> {
    const { childId, recordedBy, presence } = put;
    const closedAt = placed('closedAt', put.closedAt, at.behindMs ?? 0);
    // A sitting of which a try is stored was asked about with it.
    const begun = { sittingId: id, childId, recordedBy };
    const isBegun = await this.dataSource.manager.existsBy(Try, begun);
    await this.mayRecord.check(at, { childId, recordedBy, presence, at: closedAt }, isBegun);
    await this.dataSource.transaction(async (manager) => {
      const kept = await manager.findOne(Closing, { where: { id }, lock: { mode: 'pessimistic_write' } });
      if (kept && (kept.childId !== put.childId || kept.recordedBy !== put.recordedBy))
        throw clash(spoken().refusals.closedAlready());
      if (kept && kept.revision >= put.revision) return;
      const { revision, changed, open, note } = put;
      await manager.save(Closing, { id, childId, recordedBy, closedAt, revision, changed, open, note });
    });
  }

  /** How the child's sittings were closed, newest first; the caller has seen to it that it is of the site. */
  async closingsOf(childId: ChildId): Promise<SittingClosingView[]> {
    const rows = await this.dataSource.manager.find(Closing, {
      where: { childId },
      relations: { recorder: true },
      order: { closedAt: 'DESC' },
    });
    return rows.map(({ id, recorder, closedAt, changed, open, note }) => ({
      id,
      recorder: recorder?.firstName ?? '',
      closedAt,
      changed,
      open,
      note,
    }));
  }
}
