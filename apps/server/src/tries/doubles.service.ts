import type { DoubleAnswer, DoubleView } from '@dotting/contract';
import { describeSet, doubledTries, tellTry, type Trace, type TraceId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource, In } from 'typeorm';
import type { AtWork } from '../devices/present.js';
import { impossible, notFound } from '../http/refusals.js';
import { Staff } from '../site/staff.entity.js';
import { ToldApart } from './toldApart.entity.js';
import { Try } from './try.entity.js';

/** Two devices may have recorded one try: both are kept, and an adult says whether they are the same. */
@Injectable()
export class DoublesService {
  constructor(private readonly dataSource: DataSource) {}

  /** Pairs that nobody has answered for yet, of the ended tries of some children. */
  async openAmong(at: AtWork, traces: readonly Trace[]): Promise<DoubleView[]> {
    const pairs = doubledTries(traces);
    if (pairs.length === 0) return [];
    const { manager } = this.dataSource;
    const apart = await manager.findBy(ToldApart, { oneId: In(pairs.flat().map((trace) => trace.id)) });
    const isApart = (a: TraceId, b: TraceId): boolean =>
      apart.some(({ oneId, otherId }) => (oneId === a && otherId === b) || (oneId === b && otherId === a));
    const staff = await manager.findBy(Staff, { siteId: at.siteId });
    const nameOf = (id: string): string => staff.find((one) => one.id === id)?.firstName ?? '';
    return pairs
      .filter(([one, other]) => !isApart(one.id, other.id))
      .map((pair) => ({
        childId: pair[0].childId,
        title: describeSet(pair[0].set, pair[0].target),
        tries: pair.map((trace) => ({
          id: trace.id,
          recorder: nameOf(trace.recordedBy),
          startedAt: trace.startedAt,
          told: tellTry(trace),
        })),
      }));
  }

  /** Takes the answer down: the same, and which record counts, or two. */
  async answer(at: AtWork, id: TraceId, { other, counts }: DoubleAnswer): Promise<void> {
    await this.dataSource.transaction(async (manager) => {
      const both = await manager.find(Try, {
        where: { id: In([id, other]), child: { siteId: at.siteId } },
        lock: { mode: 'pessimistic_write' },
      });
      if (both.length !== 2 || both[0]!.childId !== both[1]!.childId) throw notFound('pair of tries');
      if (counts !== null && counts !== id && counts !== other)
        throw impossible('counts', 'must be one of the two tries');
      if (counts === null) {
        const [oneId, otherId] = [id, other].sort() as [TraceId, TraceId];
        const told = { oneId, otherId, toldBy: at.adult.id };
        await manager.createQueryBuilder().insert().into(ToldApart).values(told).orIgnore().execute();
      }
      for (const one of both) {
        const sameAs = counts !== null && one.id !== counts ? counts : null;
        await manager.update(Try, { id: one.id }, { sameAs });
      }
    });
  }
}
