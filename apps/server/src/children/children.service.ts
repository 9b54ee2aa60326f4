import type { ChildChange, ChildPage, ChildView, TodayView, UnfinishedTry } from '@dotting/contract';
import {
  describeSet,
  dayOf,
  dueFor,
  figure,
  groupBy,
  skillOf,
  summarise,
  type ChildId,
  type CoreStrand,
  type LookSummary,
  type SkillId,
  type Trace,
} from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource, IsNull } from 'typeorm';
import type { AtWork } from '../devices/present.js';
import { notFound } from '../http/refusals.js';
import { Room } from '../site/room.entity.js';
import { Staff } from '../site/staff.entity.js';
import { SittingsService } from '../sittings/sittings.service.js';
import { DoublesService } from '../tries/doubles.service.js';
import { headOf, storedOf } from '../tries/traces.js';
import { TriesService } from '../tries/tries.service.js';
import { Try } from '../tries/try.entity.js';
import { Child } from './child.entity.js';
import { skillLines, stepView, summaryOf } from './childPage.js';
import { ByChild, fingerprintOf } from './readings.js';
import { DecisionsService } from './decisions.service.js';
import { today } from './today.js';

@Injectable()
export class ChildrenService {
  private readonly looks = new ByChild<readonly LookSummary[]>();

  constructor(
    private readonly dataSource: DataSource,
    private readonly tries: TriesService,
    private readonly doubles: DoublesService,
    private readonly sittings: SittingsService,
    private readonly decisions: DecisionsService,
  ) {}

  /** Who of a room is to be looked at today, and for what; what was left unfinished. */
  async today(at: AtWork, roomId: string): Promise<TodayView> {
    const { manager } = this.dataSource;
    if (!(await manager.existsBy(Room, { id: roomId, siteId: at.siteId }))) throw notFound('room');
    const children = await manager.find(Child, {
      where: { roomId, siteId: at.siteId },
      order: { firstName: 'ASC', lastName: 'ASC' },
    });
    const ended = await this.tries.endedOf(children.map((child) => child.id));
    const traces = groupBy(ended, (one) => one.childId);
    const tracesOf = (childId: ChildId): readonly Trace[] => traces.get(childId) ?? [];
    const day = today();
    const moves = await this.decisions.movesOf(roomId);
    const looks = children.map(({ id, birthDate }) => ({
      childId: id,
      looks: this.looks.get(id, `${day} ${birthDate} ${fingerprintOf(tracesOf(id))}`, () =>
        summarise(tracesOf(id), day, { birthDate }),
      ),
    }));
    return {
      day,
      register: children.map(({ id, firstName, lastName, languages }) => ({
        id,
        firstName,
        lastName,
        language: languages[0]!,
        lastLook: lastDayOf(tracesOf(id)),
      })),
      due: dueFor(looks, day, figure.looksInADay).map((due) => {
        const child = children.find((one) => one.id === due.childId)!;
        const skill = due.skill ?? firstOf[due.strand];
        return {
          childId: child.id,
          because: due.because,
          forWhat: due.skill === null ? strandWords[due.strand] : skillOf(due.skill).name,
          last: due.last,
          step: stepView(this.decisions.stepFor(child, tracesOf(child.id), day, moves, skill)),
        };
      }),
      unfinished: await this.unfinished(at, roomId),
      doubles: await this.doubles.openAmong(at, ended.filter(isRecent)),
    };
  }

  private async unfinished(at: AtWork, roomId: string): Promise<UnfinishedTry[]> {
    const rows = await this.dataSource.manager.find(Try, {
      where: { ended: IsNull(), child: { roomId, siteId: at.siteId } },
      relations: { recorder: true },
      order: { startedAt: 'DESC' },
    });
    return rows.map((row) => ({
      id: row.id,
      childId: row.childId,
      recorder: row.recorder?.firstName ?? '',
      startedAt: row.startedAt,
      title: describeSet(headOf(row).set, row.target ?? undefined),
    }));
  }

  async page(at: AtWork, childId: ChildId): Promise<ChildPage> {
    const child = await this.find(at, childId);
    const [traces, staff] = await Promise.all([
      this.tries.endedOf([childId]),
      this.dataSource.manager.find(Staff, { where: { siteId: at.siteId } }),
    ]);
    const nameOf = new Map(staff.map((one) => [one.id, one.firstName]));
    const day = today();
    const [moves, rulings, decided, decisions, closings] = await Promise.all([
      this.decisions.movesOf(child.roomId),
      this.decisions.rulingsOf(childId),
      this.decisions.decidedOf([childId]),
      this.decisions.of(childId),
      this.sittings.closingsOf(childId),
    ]);
    const { choices, easier } = this.decisions.stepsOf(child, traces, day, moves, decided);
    return {
      child: viewOf(child),
      lines: skillLines(traces, day, child.birthDate, moves, rulings),
      steps: choices.map(stepView),
      easier: stepView(easier),
      decisions,
      tries: traces.toReversed().map((trace) => summaryOf(trace, nameOf.get(trace.recordedBy) ?? '')),
      recent: traces.filter(isRecent).map(storedOf),
      closings,
      metTasks: [...new Set(traces.map((trace) => trace.task))],
    };
  }

  async change(at: AtWork, childId: ChildId, change: ChildChange): Promise<ChildView> {
    const child = await this.find(at, childId);
    const changed = { ...child, ...definedOf(change) };
    await this.dataSource.manager.save(Child, changed);
    return viewOf(changed);
  }

  async find(at: AtWork, childId: ChildId): Promise<Child> {
    const child = await this.dataSource.manager.findOneBy(Child, { id: childId, siteId: at.siteId });
    if (!child) throw notFound('child');
    return child;
  }
}

/** What a strand nobody has looked at is begun with. */
const firstOf: Record<CoreStrand, SkillId> = {
  'stable-order': 'order',
  'one-to-one': 'row',
  cardinality: 'fetch',
};

const strandWords: Record<CoreStrand, string> = {
  'stable-order': 'the number words in order',
  'one-to-one': 'one-to-one',
  cardinality: 'cardinality',
};

function lastDayOf(traces: readonly Trace[]): string | null {
  return traces.map(dayOf).reduce<string | null>((one, day) => (one === null || day > one ? day : one), null);
}

const weekMs = 7 * 24 * 3_600_000;

/** Recent enough for the choice of a question. */
function isRecent(trace: Trace): boolean {
  return Date.now() - Date.parse(trace.startedAt) <= figure.askingWeeks * weekMs;
}

function viewOf(child: Child): ChildView {
  const { id, roomId, firstName, lastName, birthDate, mouths, hand, allergies, languages, needs } = child;
  return { id, roomId, firstName, lastName, birthDate, mouths, hand, allergies, languages, needs };
}

/** What was sent, without the fields that were left out. */
function definedOf(change: ChildChange): Partial<Child> {
  return Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined));
}
