import { likeFormula } from '@dotting/contract';
import { dayOf, type ChildId, type Trace } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import Papa from 'papaparse';
import { DataSource, IsNull, Not } from 'typeorm';
import type { AtWork } from '../common/present.js';
import { ToldApart } from '../tries/toldApart.entity.js';
import { Try } from '../tries/try.entity.js';
import { TryMove } from '../tries/tryMove.entity.js';
import { Sight } from '../sight/sight.service.js';
import { Staff } from '../nursery/staff.entity.js';
import { SittingsService } from '../sittings/sittings.service.js';
import { namedOf, toldOf } from '../tries/told.js';
import { TriesService } from '../tries/tries.service.js';
import { today } from '../common/today.js';
import { GroupTimesService } from '../groupTimes/groupTimes.service.js';
import { PhotosService } from '../photos/photos.service.js';
import { OwnService } from '../own/own.service.js';
import { NotHereToday } from '../notHere/notHere.service.js';
import { ChildSeenBy } from '../nursery/childSeenBy.entity.js';
import { StatementRulingRow, StepDecisionRow } from '../decisions/decisions.entity.js';

/** All that is held about one child, to take away. */
@Injectable()
export class ExportService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sight: Sight,
    private readonly tries: TriesService,
    private readonly sittings: SittingsService,
    private readonly notHere: NotHereToday,
    private readonly groupTimes: GroupTimesService,
    private readonly own: OwnService,
    private readonly photos: PhotosService,
  ) {}

  /** Everything, as JSON: the register's entry, every try with its events and rulings, closings, decisions. */
  async everything(at: AtWork, childId: ChildId): Promise<object> {
    const child = await this.sight.child(at, childId);
    const { manager } = this.dataSource;
    const [
      notHereToday,
      inGroups,
      tries,
      unfinished,
      seenBy,
      toldApart,
      closings,
      decisions,
      statements,
      photos,
      moves,
      wrongClocks,
    ] = await Promise.all([
      this.notHere.among([childId]),
      this.groupTimes.metBy(childId),
      this.tries.endedOf([childId]),
      this.tries.unfinishedOf(childId),
      manager.findBy(ChildSeenBy, { childId }),
      manager.findBy(ToldApart, { one: { childId } }),
      this.sittings.closingsOf(childId),
      manager.findBy(StepDecisionRow, { childId }),
      manager.find(StatementRulingRow, { where: { childId }, order: { id: 'ASC' } }),
      this.photos.ofChild(childId),
      manager.find(TryMove, { where: { try: { childId } }, order: { id: 'ASC' } }),
      manager.find(Try, {
        where: { childId, startedByDevice: Not(IsNull()) },
        select: { id: true, startedByDevice: true },
      }),
    ]);
    return {
      format: 'dotting-child-1',
      takenAt: new Date().toISOString(),
      child,
      seenBy: seenBy.map((row) => row.staffId),
      notHereToday: notHereToday.has(childId),
      inGroups,
      tries,
      unfinished,
      toldApart,
      closings,
      decisions,
      statements,
      photos,
      moves,
      wrongClocks: wrongClocks.map(({ id, startedByDevice }) => ({ tryId: id, startedByDevice })),
    };
  }

  /** A line for each try that has ended, oldest first, as CSV (RFC 4180). */
  async triesAsCsv(at: AtWork, childId: ChildId): Promise<string> {
    await this.sight.child(at, childId);
    const [traces, staff] = await Promise.all([
      this.tries.endedOf([childId]),
      this.dataSource.manager.findBy(Staff, { siteId: at.siteId }),
    ]);
    const nameOf = new Map(staff.map((one) => [one.id, one.firstName]));
    return this.own.speaking(at, async () =>
      Papa.unparse(
        traces.map((trace) => lineOf(trace, nameOf.get(trace.recordedBy) ?? '')),
        { newline: '\r\n', escapeFormulae: likeFormula },
      ),
    );
  }
}

const lineOf = (trace: Trace, recorder: string): Record<string, string | number> => ({
  id: trace.id,
  day: dayOf(trace),
  startedAt: trace.startedAt,
  recorder,
  task: trace.task,
  put: namedOf(trace).title,
  language: trace.language,
  target: trace.target ?? '',
  help: trace.help,
  answeredBy: trace.answeredBy,
  strategy: trace.strategy ?? '',
  ended: trace.ended,
  setAside: trace.setAside ?? '',
  upset: trace.upset ? 'yes' : '',
  told: toldOf(trace, today()),
  ownTask: trace.own ? namedOf(trace).task : '',
});
