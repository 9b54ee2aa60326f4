import type { RevisedView } from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import { Injectable, Logger } from '@nestjs/common';
import { isDeepStrictEqual } from 'node:util';
import { DataSource, In } from 'typeorm';
import { Child } from '../nursery/child.entity.js';
import { DecisionsService } from '../decisions/decisions.service.js';
import { today } from '../common/today.js';
import { isHere } from '../sight/sight.service.js';
import { TriesService } from '../tries/tries.service.js';
import { ChildSummaryRow } from './childSummary.entity.js';
import { revisedSince, revisedView } from './revised.js';
import { OwnService } from '../own/own.service.js';
import { SchoolsService } from '../schools/schools.service.js';
import { SummaryThread } from './summaryThread.js';
import { makeup, type ChildSummary } from './workOut.js';

type Part = keyof ChildSummary;

/** How the kept summaries compared with those made anew. */
export interface Rebuilt {
  readonly same: number;
  /** They were not kept, or for an earlier day or from earlier evidence: no fault. */
  readonly outdated: number;
  /** They should have been the same, and were not. */
  readonly differed: readonly ChildId[];
}

/** One part of the summaries of several children. */
export interface PartsOf<P extends Part> {
  readonly parts: ReadonlyMap<ChildId, ChildSummary[P]>;
  /** Children whose record could not be worked out: their part is an older one, or missing. */
  readonly behind: readonly ChildId[];
}

type Counted = Pick<Child, 'id' | 'evidence'>;

/** What is worked out of each child's tries is kept, and made again when what it rests on has changed. */
@Injectable()
export class SummariesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly tries: TriesService,
    private readonly decisions: DecisionsService,
    private readonly thread: SummaryThread,
    private readonly schools: SchoolsService,
    private readonly own: OwnService,
  ) {}

  private readonly log = new Logger(SummariesService.name);
  /** Summaries under way, so that whoever asks meanwhile waits for the same one. */
  private readonly making = new Map<ChildId, Promise<ChildSummaryRow | null>>();
  /** What could not be worked out, and from which evidence: not tried again from the same. */
  private readonly failed = new Map<ChildId, string>();

  /** One part of the children's summaries, each as fresh as what is stored. */
  async partOf<P extends Part>(part: P, children: readonly Counted[]): Promise<PartsOf<P>> {
    const parts = new Map<ChildId, ChildSummary[P]>();
    const behind: ChildId[] = [];
    if (children.length === 0) return { parts, behind };
    const day = today();
    const rows = await this.dataSource.manager.find(ChildSummaryRow, {
      select: { childId: true, madeFrom: true, madeFor: true, makeup: true, [part]: true },
      where: { childId: In(children.map((child) => child.id)) },
    });
    const kept = new Map(rows.map((row) => [row.childId, row]));
    for (const child of children) {
      const row = kept.get(child.id);
      const isFreshRow = row && isFresh(row, child.evidence, day);
      const fresh = isFreshRow ? row : await this.madeFresh(child, day);
      if (fresh === 'failed') behind.push(child.id);
      // Made in another way, an older one may lack what is asked of it.
      const old = row?.makeup === makeup ? row : null;
      const summary = fresh === 'failed' ? old : fresh;
      if (summary) parts.set(child.id, summary[part]);
    }
    return { parts, behind };
  }

  /** Makes the summary again where it is not fresh. */
  async bringUp(childId: ChildId): Promise<void> {
    const { manager } = this.dataSource;
    const child = await manager.findOne(Child, {
      select: { id: true, evidence: true },
      where: { id: childId },
    });
    const day = today();
    const row = await manager.findOne(ChildSummaryRow, {
      select: { childId: true, madeFrom: true, madeFor: true, makeup: true },
      where: { childId },
    });
    if (child && !(row && isFresh(row, child.evidence, day))) await this.madeFresh(child, day);
  }

  /** A summary from this evidence or from later; null where the child is gone. */
  private async madeFresh(child: Counted, day: string): Promise<ChildSummaryRow | null | 'failed'> {
    const from = `${child.evidence} ${day}`;
    if (this.failed.get(child.id) === from) return 'failed';
    try {
      for (;;) {
        const row = await (this.making.get(child.id) ?? this.begin(child.id, day));
        if (!row || row.madeFrom >= child.evidence) return row;
      }
    } catch (error) {
      this.failed.set(child.id, from);
      const { message, stack } = error as Error;
      this.log.error(`The summary of child ${child.id} could not be worked out: ${message}`, stack);
      return 'failed';
    }
  }

  private begin(childId: ChildId, day: string): Promise<ChildSummaryRow | null> {
    const making = this.make(childId, day).finally(() => this.making.delete(childId));
    this.making.set(childId, making);
    return making;
  }

  /** What a new way of working out says otherwise of a child, and nobody has read yet. */
  async revisedOf(childId: ChildId): Promise<RevisedView | null> {
    const row = await this.dataSource.manager.findOne(ChildSummaryRow, {
      select: { childId: true, revised: true },
      where: { childId },
    });
    return row?.revised ? revisedView(row.revised) : null;
  }

  async revisedWasRead(childId: ChildId): Promise<void> {
    await this.dataSource.manager.update(ChildSummaryRow, { childId }, { revised: null });
  }

  async everyChild(): Promise<readonly ChildId[]> {
    const children = await this.dataSource.manager.find(Child, {
      select: { id: true, leftOn: true },
    });
    return children.filter(isHere).map((child) => child.id);
  }

  /** Makes every summary again from the tries, and compares it with the one that was kept. */
  async rebuild(report: (done: number, of: number) => void): Promise<Rebuilt> {
    const ids = await this.everyChild();
    const counts = { same: 0, outdated: 0, differed: [] as ChildId[] };
    const day = today();
    for (const [i, id] of ids.entries()) {
      const before = await this.dataSource.manager.findOneBy(ChildSummaryRow, { childId: id });
      const after = await this.make(id, day);
      if (!before || !after || !isFresh(before, after.madeFrom, day)) counts.outdated++;
      else if (isDeepStrictEqual(plain(before), plain(after))) counts.same++;
      else counts.differed.push(id);
      report(i + 1, ids.length);
    }
    return counts;
  }

  /** Works a summary out and keeps it; null where the child is gone. */
  private async make(childId: ChildId, day: string): Promise<ChildSummaryRow | null> {
    const { manager } = this.dataSource;
    // The count first: whatever is stored while the rest is read makes the summary stale, never wrong.
    const child = await manager.findOneBy(Child, { id: childId });
    if (!child) return null;
    const [traces, moves, decided, rulings, schools, own] = await Promise.all([
      this.tries.endedOf([childId]),
      this.decisions.movesOf(child.roomId),
      this.decisions.decidedOf(childId),
      this.decisions.rulingsOf(childId),
      this.schools.ofChild(child),
      this.own.countersOf(child.roomId),
    ]);
    const evidence = { child, traces, moves, decided, rulings, schools, own };
    const summary = await this.thread.workOut(evidence, day);
    const before = await manager.findOneBy(ChildSummaryRow, { childId });
    const revised = revisedSince(before, summary, child.evidence, day);
    const row = { childId, madeFrom: child.evidence, madeFor: day, makeup, ...summary, revised };
    await manager.query(
      `INSERT INTO child_summary (child_id, made_from, made_for, makeup, glance, steps, skill_lines, revised)
       SELECT id, ?, ?, ?, ?, ?, ?, ? FROM child WHERE id = ?
       ON DUPLICATE KEY UPDATE made_from = VALUES(made_from), made_for = VALUES(made_for),
         makeup = VALUES(makeup), glance = VALUES(glance), steps = VALUES(steps),
         skill_lines = VALUES(skill_lines), revised = VALUES(revised)`,
      [
        child.evidence,
        day,
        makeup,
        JSON.stringify(summary.glance),
        JSON.stringify(summary.steps),
        JSON.stringify(summary.lines),
        revised && JSON.stringify(revised),
        childId,
      ],
    );
    return row;
  }
}

function isFresh(row: ChildSummaryRow, evidence: number, day: string): boolean {
  return row.madeFrom === evidence && row.madeFor === day && row.makeup === makeup;
}

/** As it is stored, to be compared. */
const plain = ({ glance, steps, lines }: ChildSummary): unknown =>
  JSON.parse(JSON.stringify({ glance, steps, lines }));
