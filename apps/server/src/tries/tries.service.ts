import { isDeepStrictEqual } from 'node:util';
import {
  headFieldNames,
  headFields,
  type MovedView,
  type PutTry,
  type ToldDouble,
  type ToldTry,
  type TryStored,
} from '@dotting/contract';
import { groupBy, type ChildId, type Trace, type TraceId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import pLimit from 'p-limit';
import { DataSource, In, IsNull, type EntityManager, type FindOptionsWhere } from 'typeorm';
import type { AtWork } from '../common/present.js';
import { Evidence, raise } from '../evidence/evidence.service.js';
import { clash, forbidden, notFound } from '../http/refusals.js';
import { OwnService } from '../own/own.service.js';
import { Sight } from '../sight/sight.service.js';
import { append, isRefusedBy } from './append.js';
import { checkHead, newEvents, notOnShelf } from './admission.js';
import { RulingRow } from './ruling.entity.js';
import { today } from '../common/today.js';
import { placed } from './clock.js';
import { MayRecord, type RecordedAt } from './mayRecord.js';
import { toldOf } from './told.js';
import { endedTraces, eventRowOf, eventsOf, headOf, partsOf, rowOf, storedOf, traceOf } from './traces.js';
import { Staff } from '../nursery/staff.entity.js';
import { ToldApart } from './toldApart.entity.js';
import { Try } from './try.entity.js';
import { TryMove } from './tryMove.entity.js';
import { TryEvent } from './tryEvent.entity.js';
import { spoken } from '../wording/spoken.js';
import { UnderWay } from './underWay.js';

/** A transaction that lost a race for a lock is run again so often. */
const deadlockRetries = 3;
/** Those that begin or end wait for one another, and leave connections to those that go on. */
const inTurn = pLimit(6);

/** Where something was recorded. */
export interface Recording extends RecordedAt {
  /** How far the device’s clock is behind the server's, in ms. */
  readonly behindMs?: number;
}

@Injectable()
export class TriesService {
  private readonly underWay = new UnderWay();

  constructor(
    private readonly dataSource: DataSource,
    private readonly sight: Sight,
    private readonly evidence: Evidence,
    private readonly mayRecord: MayRecord,
    private readonly own: OwnService,
  ) {}

  /**
   * Stores a try as far as it has gone, in one transaction: all of what was sent or nothing. The same
   * request sent again, or again in parts, leaves the same try.
   */
  async put(at: Recording, id: TraceId, sent: PutTry): Promise<TryStored> {
    const { manager } = this.dataSource;
    const isAtWork = at.adult?.id === sent.recordedBy && at.adult.presence === sent.presence;
    if (isAtWork && this.underWay.knows(id, sent)) {
      const stored = await append(manager, id, sent);
      if (stored) return stored;
    }
    const kept = await manager.findOneBy(Try, { id });
    // The device does not know yet that it was moved.
    const isMoved =
      kept !== null &&
      kept.childId !== sent.childId &&
      (await manager.existsBy(TryMove, { tryId: id, fromChild: sent.childId }));
    const startedByDevice = kept ? kept.startedByDevice : at.behindMs ? sent.startedAt : null;
    const put = {
      ...sent,
      ...(isMoved && { childId: kept.childId }),
      // Placed once, by the clocks as they were at the first contact.
      startedAt:
        kept && sent.startedAt === startedByDevice
          ? kept.startedAt
          : placed('startedAt', sent.startedAt, kept ? 0 : (at.behindMs ?? 0)),
    };
    checkHead(put, await this.own.among(at.siteId, put.own, notOnShelf(put)));
    const { childId, recordedBy, presence, startedAt } = put;
    const isBegun = kept !== null && kept.childId === childId && kept.recordedBy === recordedBy;
    const what = { childId, recordedBy, presence, at: startedAt };
    const comesLate = await this.mayRecord.check(at, what, isBegun);
    // What was begun in time is not late for its rest.
    const isLate = kept ? kept.isLate : comesLate;
    const row = { ...rowOf(id, put), startedByDevice, isLate };
    for (let retry = 0; ; retry++) {
      try {
        // A try that is still going on is no evidence yet.
        const children = put.ended === null ? [] : [put.childId];
        const stored = await inTurn(() =>
          this.evidence.changing(children, (manager) => this.putWithin(manager, put, row, kept === null)),
        );
        if (stored.revision === sent.revision) this.underWay.remember(id, sent);
        return stored;
      } catch (error) {
        if (!isRefusedBy(error, 'ER_LOCK_DEADLOCK') || retry === deadlockRetries) throw error;
      }
    }
  }

  private async putWithin(
    manager: EntityManager,
    put: PutTry,
    sent: Try,
    isNew: boolean,
  ): Promise<TryStored> {
    const { id } = sent;
    // Updating nothing on a duplicate locks its row at once: two sendings wait for each other, not in a ring.
    if (isNew)
      await manager.createQueryBuilder().insert().into(Try).values(sent).orUpdate(['id'], ['id']).execute();
    const kept = await manager.findOneOrFail(Try, { where: { id }, lock: { mode: 'pessimistic_write' } });
    checkSameTry(kept, sent);
    const stored = await manager.find(TryEvent, { where: { tryId: id }, order: { seq: 'ASC' } });
    const { recorded } = partsOf(stored);
    const fresh = newEvents(put, {
      count: recorded.length,
      latest: recorded.at(-1)?.t ?? 0,
      at: (seq) => recorded[seq],
    });
    if (fresh.length > 0)
      await manager.insert(
        TryEvent,
        fresh.map((event) => eventRowOf(id, event)),
      );
    if (put.ended === null && kept.ended !== null && fresh.length > 0) await raise(manager, [put.childId]);
    if (sent.revision > kept.revision) {
      const { sameAs, sameAsBy, sameAsAt, sameAsReason } = kept;
      await manager.update(Try, { id }, { ...sent, sameAs, sameAsBy, sameAsAt, sameAsReason });
    }
    return { id, events: recorded.length + fresh.length, revision: Math.max(sent.revision, kept.revision) };
  }

  find(at: AtWork, id: TraceId): Promise<ToldTry> {
    return this.own.speaking(at, () => this.told(at, id));
  }

  private async told(at: AtWork, id: TraceId): Promise<ToldTry> {
    const { manager } = this.dataSource;
    const found = await manager.findOne(Try, {
      where: { id, child: { siteId: at.siteId } },
      relations: { recorder: true },
    });
    if (!found) throw notFound('try');
    await this.sight.child(at, found.childId);
    const [events, rulings, hasPhoto, moved] = await Promise.all([
      manager.find(TryEvent, { where: { tryId: id }, order: { seq: 'ASC' } }),
      manager.find(RulingRow, { where: { tryId: id }, order: { id: 'ASC' }, relations: { staff: true } }),
      manager.existsBy('try_photo', { tryId: id }),
      this.movesOf(at, id),
    ]);
    const trace = traceOf(found, found.ended ?? 'interrupted', events, rulings);
    return {
      ...storedOf(trace),
      ended: found.ended,
      revision: found.revision,
      hasPhoto,
      moved,
      isLate: found.isLate,
      doubles: await this.doublesOf(found),
      recorder: found.recorder?.firstName ?? '',
      told: toldOf({ ...trace, ended: found.ended ?? 'finished' }, today()),
    };
  }

  /** Where a try was before; the name of a child whom the adult does not see is not told. */
  private async movesOf(at: AtWork, tryId: TraceId): Promise<MovedView[]> {
    const moves = await this.dataSource.manager.find(TryMove, {
      where: { tryId },
      order: { id: 'ASC' },
      relations: { staff: true },
    });
    return Promise.all(
      moves.map(async ({ fromChild, staff, at: moment, reason }) => ({
        from: (await this.sight.find(at, fromChild))?.firstName ?? '',
        by: staff?.firstName ?? '',
        at: moment,
        reason,
      })),
    );
  }

  /** What adults said of this try and others that overlap with it. */
  private async doublesOf(tried: Try): Promise<ToldDouble[]> {
    const { manager } = this.dataSource;
    const { id, sameAs } = tried;
    const [apart, same] = await Promise.all([
      manager.find(ToldApart, { where: [{ oneId: id }, { otherId: id }] }),
      manager.findBy(Try, { sameAs: id }),
    ]);
    const answers = [
      ...apart.map(({ oneId, otherId, toldBy, at }) => ({
        other: oneId === id ? otherId : oneId,
        counts: null,
        by: toldBy,
        at,
        reason: '',
      })),
      ...same.map((one) => ({ other: one.id, counts: id, ...saidOf(one) })),
      ...(sameAs ? [{ other: sameAs, counts: sameAs, ...saidOf(tried) }] : []),
    ];
    const staff = await manager.findBy(Staff, { id: In(answers.flatMap(({ by }) => by ?? [])) });
    return answers.map((one) => ({ ...one, by: staff.find(({ id: by }) => by === one.by)?.firstName ?? '' }));
  }

  /** The ended tries of these children, oldest first; the caller has seen to it that they are of the site. */
  endedOf(childIds: readonly ChildId[]): Promise<Trace[]> {
    return this.ended({ childId: In(childIds) });
  }

  /** Of these tries those that have ended; the caller has seen to it that they are of the site. */
  endedAmong(ids: readonly TraceId[]): Promise<Trace[]> {
    return this.ended({ id: In(ids) });
  }

  /** Tries that were begun and never ended, with what was recorded so far. */
  async unfinishedOf(childId: ChildId): Promise<object[]> {
    const { manager } = this.dataSource;
    const rows = await manager.findBy(Try, { childId, ended: IsNull() });
    const events = await manager.find(TryEvent, {
      where: { tryId: In(rows.map((row) => row.id)) },
      order: { seq: 'ASC' },
    });
    const rowsOf = groupBy(events, (event) => event.tryId);
    return rows.map((row) => ({
      ...headOf(row),
      id: row.id,
      events: eventsOf(rowsOf.get(row.id) ?? []),
    }));
  }

  private async ended(which: FindOptionsWhere<Try>): Promise<Trace[]> {
    const { manager } = this.dataSource;
    const tries = await manager.find(Try, { where: which, order: { startedAt: 'ASC' } });
    if (tries.length === 0) return [];
    // By the tries' ids and not by a join: the key is used then, however new the database's figures are.
    const ofTries = { tryId: In(tries.map((row) => row.id)) };
    const [events, rulings] = await Promise.all([
      storedEvents(
        manager,
        tries.map((row) => row.id),
      ),
      manager.find(RulingRow, { where: ofTries, order: { id: 'ASC' }, relations: { staff: true } }),
    ]);
    return endedTraces(tries, events, rulings);
  }
}

/** The events of tries, in order: too many rows to be made entities of, one by one, while others wait. */
function storedEvents(manager: EntityManager, ids: readonly TraceId[]): Promise<TryEvent[]> {
  return manager.query(
    'SELECT try_id AS tryId, seq, t, kind, facts FROM try_event WHERE try_id IN (?) ORDER BY try_id, seq',
    [ids],
  );
}

/** Of the set; what was in view is noticed afterwards, and of a handful how many there were. */
const setColumns = ['setThings', 'setArrangement', 'setPile', 'setLayout'] as const;

const sizeOf = ({ setLayout }: Try): readonly 'setSize'[] => (setLayout?.handful ? [] : ['setSize']);

/** What a try is about never changes once it is stored. */
function checkSameTry(kept: Try, sent: Try): void {
  if (kept.recordedBy !== sent.recordedBy) throw forbidden(spoken().refusals.othersTry());
  const fixed = [
    ...headFieldNames.filter((name) => 'isFixed' in headFields[name]),
    ...setColumns,
    ...sizeOf(kept),
  ];
  const changed = fixed.find((field) => !isDeepStrictEqual(kept[field], sent[field]));
  if (changed) throw clash(spoken().refusals.changedHead({ what: changed }), changed);
}

/** Who said that a try is the same as another, when and why. */
const saidOf = ({ sameAsBy, sameAsAt, sameAsReason }: Try) => ({
  by: sameAsBy,
  at: sameAsAt,
  reason: sameAsReason ?? '',
});
