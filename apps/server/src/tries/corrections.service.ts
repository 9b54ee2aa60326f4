import type { MoveTry, NewAmendment, NewRuling, ToldTry } from '@dotting/contract';
import { settledEvents, type ChildId, type TraceId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import type { AtWork } from '../common/present.js';
import { Evidence } from '../evidence/evidence.service.js';
import { clash, forbidden, impossible, notFound } from '../http/refusals.js';
import { Sight } from '../sight/sight.service.js';
import { checkReferences } from './admission.js';
import { RulingRow } from './ruling.entity.js';
import { correctionsFrom, eventRowOf, partsOf } from './traces.js';
import { TriesService } from './tries.service.js';
import { ToldApart } from './toldApart.entity.js';
import { Try } from './try.entity.js';
import { TryMove } from './tryMove.entity.js';
import { TryEvent } from './tryEvent.entity.js';
import { spoken } from '../wording/spoken.js';

/** What is put right about a try afterwards. Nothing recorded is changed: events and rulings are added. */
@Injectable()
export class CorrectionsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sight: Sight,
    private readonly evidence: Evidence,
    private readonly tries: TriesService,
  ) {}

  /** Puts another event in an event's place, or takes it out. */
  async amend(at: AtWork, id: TraceId, { of, event, reason }: NewAmendment): Promise<ToldTry> {
    await this.changing(at, id, async (manager, trial) => {
      const stored = await manager.find(TryEvent, { where: { tryId: id }, order: { seq: 'ASC' } });
      const { recorded, corrections } = partsOf(stored);
      const original = settledEvents([...recorded, ...corrections]).find((one) => one.seq === of);
      if (!original) throw impossible('of', spoken().steps.noneToCorrect({ of }));
      const place = { seq: correctionsFrom + corrections.length, t: recorded.at(-1)!.t };
      const by = { by: at.adult.id, at: new Date().toISOString(), reason };
      const correction = event
        ? { ...place, kind: 'amend' as const, of, event: { ...event, seq: of, t: original.t }, ...by }
        : { ...place, kind: 'undo' as const, of, ...by };
      checkReferences(correction, trial.setSize, 'event');
      await manager.insert(TryEvent, eventRowOf(id, correction));
    });
    return this.tries.find(at, id);
  }

  /** Overrules what was read on a matter, or takes that back. */
  async rule(at: AtWork, id: TraceId, { on, holds, reason }: NewRuling): Promise<ToldTry> {
    await this.changing(at, id, async (manager) => {
      const ruling = { tryId: id, on, holds, reason, ruledBy: at.adult.id, at: new Date().toISOString() };
      await manager.insert(RulingRow, ruling);
    });
    return this.tries.find(at, id);
  }

  /** Gives a try that was recorded for the wrong child to the right one. It is no double of another any more. */
  async move(at: AtWork, id: TraceId, { childId, reason }: MoveTry): Promise<ToldTry> {
    const child = await this.sight.child(at, childId);
    if (child.recording === false)
      throw forbidden(spoken().refusals.recordingObjected({ name: child.firstName }));
    await this.changing(
      at,
      id,
      async (manager, { childId: fromChild }) => {
        if (fromChild === childId) throw clash(spoken().refusals.sameChild(), 'childId');
        const move = { tryId: id, fromChild, toChild: childId, reason, movedBy: at.adult.id };
        await manager.insert(TryMove, { ...move, at: new Date().toISOString() });
        await manager.delete(ToldApart, [{ oneId: id }, { otherId: id }]);
        await manager.update(Try, { sameAs: id }, { sameAs: null });
        await manager.update(Try, { id }, { childId, sameAs: null });
      },
      [childId],
    );
    return this.tries.find(at, id);
  }

  /** Works on a try of the site that has ended, held until it is done. */
  private async changing(
    at: AtWork,
    id: TraceId,
    work: (manager: EntityManager, trial: Try) => Promise<void>,
    /** Of whom something else is known then too. */
    others: readonly ChildId[] = [],
  ): Promise<void> {
    const found = await this.dataSource.manager.findOneBy(Try, { id, child: { siteId: at.siteId } });
    if (!found) throw notFound('try');
    await this.sight.child(at, found.childId);
    if (found.ended === null) throw clash(spoken().refusals.stillGoing());
    await this.evidence.changing([found.childId, ...others], async (manager) => {
      const held = { where: { id }, lock: { mode: 'pessimistic_write' } } as const;
      await work(manager, await manager.findOneOrFail(Try, held));
    });
  }
}
