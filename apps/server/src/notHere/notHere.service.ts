import type { ChildId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource, In, LessThan } from 'typeorm';
import { today } from '../common/today.js';
import { NotHere } from './notHere.entity.js';

/** Who is not here today. Nothing of it is kept beyond the day. */
@Injectable()
export class NotHereToday {
  constructor(private readonly dataSource: DataSource) {}

  async among(ids: readonly ChildId[]): Promise<ReadonlySet<ChildId>> {
    const rows = await this.dataSource.manager.findBy(NotHere, { childId: In([...ids]), day: today() });
    return new Set(rows.map(({ childId }) => childId));
  }

  async note(childId: ChildId): Promise<void> {
    await this.dataSource.manager.upsert(NotHere, { childId, day: today() }, ['childId']);
  }

  async takeBack(childId: ChildId): Promise<void> {
    await this.dataSource.manager.delete(NotHere, { childId });
  }

  async forgetEarlierDays(): Promise<void> {
    await this.dataSource.manager.delete(NotHere, { day: LessThan(today()) });
  }
}
