import type { DoubleAnswer, DoubleView } from '@dotting/contract';
import { mayBeSame, type Trace, type TraceId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource, In } from 'typeorm';
import type { AtWork } from '../common/present.js';
import { Evidence } from '../evidence/evidence.service.js';
import { clash, impossible, notFound } from '../http/refusals.js';
import { Sight } from '../sight/sight.service.js';
import { Staff } from '../nursery/staff.entity.js';
import { today } from '../common/today.js';
import { namedOf, toldOf } from './told.js';
import { ToldApart } from './toldApart.entity.js';
import { TriesService } from './tries.service.js';
import { Try } from './try.entity.js';
import { spoken } from '../wording/spoken.js';

const nothingSaid = { sameAs: null, sameAsBy: null, sameAsAt: null, sameAsReason: null } as const;

/** Two devices may have recorded one try: both are kept, and an adult says whether they are the same. */
@Injectable()
export class DoublesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sight: Sight,
    private readonly evidence: Evidence,
    private readonly tries: TriesService,
  ) {}

  /** Of pairs that may be the same try, those that nobody has answered for yet. */
  async openAmong(at: AtWork, doubles: readonly (readonly [TraceId, TraceId])[]): Promise<DoubleView[]> {
    if (doubles.length === 0) return [];
    const { manager } = this.dataSource;
    const apart = await manager.findBy(ToldApart, { oneId: In(doubles.flat()) });
    const isApart = (a: TraceId, b: TraceId): boolean =>
      apart.some(({ oneId, otherId }) => (oneId === a && otherId === b) || (oneId === b && otherId === a));
    const open = doubles.filter(([one, other]) => !isApart(one, other));
    const traces = new Map((await this.tries.endedAmong(open.flat())).map((trace) => [trace.id, trace]));
    const staff = await manager.findBy(Staff, { siteId: at.siteId });
    const nameOf = (id: string): string => staff.find((one) => one.id === id)?.firstName ?? '';
    return open
      .map((ids) => ids.map((id) => traces.get(id)!) as [Trace, Trace])
      .map((pair) => ({
        childId: pair[0].childId,
        title: namedOf(pair[0]).title,
        tries: pair.map((trace) => ({
          id: trace.id,
          recorder: nameOf(trace.recordedBy),
          startedAt: trace.startedAt,
          told: toldOf(trace, today()),
        })),
      }));
  }

  /** Takes the answer down: the same, and which record counts, or two. */
  async answer(at: AtWork, id: TraceId, { other, counts, reason }: DoubleAnswer): Promise<void> {
    if (counts !== null && counts !== id && counts !== other)
      throw impossible('counts', spoken().refusals.oneOfTwo());
    if (counts !== null && reason === undefined) throw impossible('reason', spoken().invalid.reason());
    const both = await this.dataSource.manager.findBy(Try, {
      id: In([id, other]),
      child: { siteId: at.siteId },
    });
    if (both.length !== 2 || both[0]!.childId !== both[1]!.childId) throw notFound('pair');
    await this.sight.child(at, both[0]!.childId);
    const [one, another] = await this.tries.endedAmong([id, other]);
    if (counts !== null && !(one && another && mayBeSame(one, another)))
      throw clash(spoken().refusals.notAtOnce());
    const now = new Date().toISOString();
    await this.evidence.changing([both[0]!.childId], async (manager) => {
      if (counts === null) {
        const [oneId, otherId] = [id, other].sort() as [TraceId, TraceId];
        const told = { oneId, otherId, toldBy: at.adult.id, at: now };
        await manager.createQueryBuilder().insert().into(ToldApart).values(told).orIgnore().execute();
      }
      for (const one of both) {
        const sameAs = counts !== null && one.id !== counts ? counts : null;
        const said = { sameAs, sameAsBy: at.adult.id, sameAsAt: now, sameAsReason: reason ?? null };
        await manager.update(Try, { id: one.id }, sameAs ? said : nothingSaid);
      }
    });
  }

  /** Takes back what was said of a try and others: the question is open again. */
  async takeBack(at: AtWork, id: TraceId): Promise<void> {
    const found = await this.dataSource.manager.findOneBy(Try, { id, child: { siteId: at.siteId } });
    if (!found) throw notFound('try');
    await this.sight.child(at, found.childId);
    await this.evidence.changing([found.childId], async (manager) => {
      await manager.delete(ToldApart, [{ oneId: id }, { otherId: id }]);
      await manager.update(Try, [{ id }, { sameAs: id }], nothingSaid);
    });
  }
}
