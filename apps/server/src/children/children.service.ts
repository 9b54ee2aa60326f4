import type { ChildChange, ChildPage, ChildView, TodayView, UnfinishedTry } from '@dotting/contract';
import {
  describeSet,
  dotLineFor,
  dueFor,
  figure,
  groupBy,
  nextStep,
  skills,
  taskOf,
  tellTry,
  type ChildId,
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
import { today } from './today.js';

@Injectable()
export class ChildrenService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly tries: TriesService,
    private readonly doubles: DoublesService,
    private readonly sittings: SittingsService,
  ) {}

  /** Who of a room has not been looked at longest, for what, and what was left unfinished. */
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
    const due = dueFor(children.map((child) => ({ childId: child.id, traces: tracesOf(child.id) })));
    return {
      day: today(),
      register: children.map(({ id, firstName, lastName, languages }) => ({
        id,
        firstName,
        lastName,
        language: languages[0]!,
        lastLook: due.find((one) => one.childId === id)?.lastLook ?? null,
      })),
      due: due.map(({ childId, skill, skillLastLook }) => {
        const { title, why } = nextStep(tracesOf(childId));
        return { childId, skill, skillLastLook, title, why };
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
    return {
      child: viewOf(child),
      lines: skills.map((skill) => {
        const { dots } = dotLineFor(skill, traces);
        return { skill, dots: dots.map((dot) => ({ ...dot, tries: [...dot.tries] })) };
      }),
      next: ((step) => ({ ...step, set: { ...step.set }, tries: [...step.tries] }))(nextStep(traces)),
      tries: traces.toReversed().map((trace) => ({
        id: trace.id,
        startedAt: trace.startedAt,
        task: taskOf(trace.task).name,
        title: describeSet(trace.set, trace.target),
        recorder: nameOf.get(trace.recordedBy) ?? '',
        told: tellTry(trace),
      })),
      recent: traces.filter(isRecent).map(storedOf),
      closings: await this.sittings.closingsOf(childId),
      metTasks: [...new Set(traces.map((trace) => trace.task))],
    };
  }

  async change(at: AtWork, childId: ChildId, change: ChildChange): Promise<ChildView> {
    const child = await this.find(at, childId);
    const changed = { ...child, ...definedOf(change) };
    await this.dataSource.manager.save(Child, changed);
    return viewOf(changed);
  }

  private async find(at: AtWork, childId: ChildId): Promise<Child> {
    const child = await this.dataSource.manager.findOneBy(Child, { id: childId, siteId: at.siteId });
    if (!child) throw notFound('child');
    return child;
  }
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
