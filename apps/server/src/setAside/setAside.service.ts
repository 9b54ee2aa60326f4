import {
  PutClosing,
  PutTry,
  type AsideView,
  type Reason,
  type PutAside,
  type TakeAside,
} from '@dotting/contract';
import type { SittingId, TraceId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource, In, LessThan } from 'typeorm';
import type { AtDevice, AtWork } from '../common/present.js';
import { forbidden, notFound } from '../http/refusals.js';
import { shaped } from '../http/shaped.js';
import { Staff } from '../nursery/staff.entity.js';
import { OwnService } from '../own/own.service.js';
import { Sight } from '../sight/sight.service.js';
import { SittingsService } from '../sittings/sittings.service.js';
import { namedOf } from '../tries/told.js';
import { TriesService } from '../tries/tries.service.js';
import { spoken } from '../wording/spoken.js';
import { SetAsideRow } from './setAside.entity.js';

/** So long it waits for a lead. In days. */
const keptDays = 60;
const dayMs = 86_400_000;

/** What the server refused for good is kept here until a lead takes it, put right, or leaves it out. */
@Injectable()
export class SetAsideService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sight: Sight,
    private readonly tries: TriesService,
    private readonly sittings: SittingsService,
    private readonly own: OwnService,
  ) {}

  /** Keeps it, or more of it; what a lead has left out stays so. */
  async put({ siteId, deviceId }: AtDevice, id: string, sent: PutAside): Promise<void> {
    const { manager } = this.dataSource;
    if (!(await manager.existsBy(Staff, { id: sent.recordedBy, siteId })))
      throw forbidden(spoken().refusals.otherRecorder());
    const kept = await manager.findOneBy(SetAsideRow, { id });
    if (kept && (kept.siteId !== siteId || kept.deviceId !== deviceId))
      throw forbidden(spoken().refusals.othersTry());
    const row = { ...sent, id, siteId, deviceId, body: { ...sent.body } };
    await manager.upsert(SetAsideRow, { ...row, keptAt: new Date() }, ['id']);
  }

  view(at: AtWork): Promise<AsideView[]> {
    return this.own.speaking(at, () => this.viewWithin(at));
  }

  private async viewWithin(at: AtWork): Promise<AsideView[]> {
    const { manager } = this.dataSource;
    const rows = await manager.find(SetAsideRow, { where: { siteId: at.siteId }, order: { keptAt: 'DESC' } });
    const ids = rows.flatMap(({ recordedBy, leftOutBy }) => [recordedBy, ...(leftOutBy ? [leftOutBy] : [])]);
    const staff = await manager.findBy(Staff, { id: In([...new Set(ids)]) });
    const nameOf = (id: string): string => staff.find((one) => one.id === id)?.firstName ?? '';
    return Promise.all(
      rows.map(async ({ id, what, childId, recordedBy, why, field, body, ...row }) => {
        const child = await this.sight.find(at, childId);
        return {
          id,
          what,
          childId: child ? childId : null,
          child: child?.firstName ?? '',
          recorder: nameOf(recordedBy),
          at: row.at,
          title: what === 'try' ? titleOf(body) : '',
          why,
          field,
          leftOut: row.leftOutBy ? { by: nameOf(row.leftOutBy), reason: row.leftOutWhy ?? '' } : null,
        };
      }),
    );
  }

  /** A lead stands for it: taken as any try or closing page is. */
  async take(at: AtWork, id: string, { childId, day, steps }: TakeAside): Promise<void> {
    const { manager } = this.dataSource;
    const row = await manager.findOneBy(SetAsideRow, { id, siteId: at.siteId });
    if (!row) throw notFound('aside');
    const recording = { deviceId: row.deviceId, siteId: row.siteId, vouchedBy: at };
    const { body } = row;
    if (row.what === 'closing') {
      const closedAt = day === undefined ? body['closedAt'] : onDay(day, body['closedAt']);
      await this.sittings.close(
        recording,
        id as SittingId,
        await shaped(PutClosing, { ...body, childId, closedAt }),
      );
    } else {
      const cut =
        steps === undefined ? {} : { events: asList(body['events']).slice(0, steps), ended: 'interrupted' };
      const startedAt = day === undefined ? body['startedAt'] : onDay(day, body['startedAt']);
      const put = await shaped(PutTry, { ...body, ...cut, childId, startedAt });
      await this.tries.put(recording, id as TraceId, put);
    }
    await manager.delete(SetAsideRow, { id });
  }

  /** It can be taken after all, as long as it is kept. */
  async leaveOut(at: AtWork, id: string, { reason }: Reason): Promise<void> {
    const left = { leftOutBy: at.adult.id, leftOutWhy: reason };
    const { affected } = await this.dataSource.manager.update(SetAsideRow, { id, siteId: at.siteId }, left);
    if (affected === 0) throw notFound('aside');
  }

  async forgetOld(): Promise<void> {
    await this.dataSource.manager.delete(SetAsideRow, {
      keptAt: LessThan(new Date(Date.now() - keptDays * dayMs)),
    });
  }
}

const asList = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : []);

/** The same time of day on another day; noon by the server’s clock where it was no moment at all. */
function onDay(day: string, moment: unknown): string {
  const [, time] = /^.{10}(T\d{2}:\d{2}.*)$/.exec(typeof moment === 'string' ? moment : '') ?? [];
  return `${day}${time ?? 'T12:00:00.000Z'}`;
}

/** Which task it was, as far as that can be told of what may be anything. */
function titleOf(body: Readonly<Record<string, unknown>>): string {
  try {
    return namedOf(body as unknown as PutTry).title;
  } catch {
    return '';
  }
}
