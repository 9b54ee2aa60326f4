import type { GlanceView, LookerView, RoomMonthView, RoomOverview } from '@dotting/contract';
import {
  claimedTo,
  couldSitTogether,
  dayOf,
  dotsFor,
  groupBy,
  skillOf,
  statementFor,
  statementsFor,
  taskOf,
  type ChildId,
  type OpenStep,
  type SkillId,
  type Trace,
} from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import type { AtWork } from '../devices/present.js';
import { notFound } from '../http/refusals.js';
import { Room } from '../site/room.entity.js';
import { Staff } from '../site/staff.entity.js';
import { TriesService } from '../tries/tries.service.js';
import { Child } from './child.entity.js';
import { DecisionsService } from './decisions.service.js';
import { ByChild, fingerprintOf } from './readings.js';
import { today } from './today.js';

/** What the room's table shows of each child: two of each strand. */
const shownSkills: readonly SkillId[] = ['order', 'aside', 'row', 'scattered', 'fetch', 'last-word'];
const shownDots = 20;
const months = 4;

interface Standing {
  readonly glances: readonly GlanceView[];
  /** How far the row could be said to go at each month's end, the last today; null: nobody had looked. */
  readonly rows: readonly (number | null)[];
}

/** A room as a whole: how each child stands, who could sit together, how it moves, who looked. */
@Injectable()
export class RoomService {
  private readonly standings = new ByChild<Standing>();

  constructor(
    private readonly dataSource: DataSource,
    private readonly tries: TriesService,
    private readonly decisions: DecisionsService,
  ) {}

  async overview(at: AtWork, roomId: string): Promise<RoomOverview> {
    const { manager } = this.dataSource;
    if (!(await manager.existsBy(Room, { id: roomId, siteId: at.siteId }))) throw notFound('room');
    const [children, staff] = await Promise.all([
      manager.find(Child, { where: { roomId, siteId: at.siteId }, order: { firstName: 'ASC' } }),
      manager.findBy(Staff, { siteId: at.siteId }),
    ]);
    const nameOf = new Map(staff.map((one) => [one.id, one.firstName]));
    const traces = await this.tries.endedOf(children.map((child) => child.id));
    const byChild = groupBy(traces, (trace) => trace.childId);
    const tracesOf = (id: ChildId): readonly Trace[] => byChild.get(id) ?? [];
    const day = today();
    const days = monthEnds(day);
    const standings = new Map(
      children.map(({ id, birthDate }) => [id, this.standingOf(id, tracesOf(id), days, birthDate)]),
    );
    const [moves, decided] = await Promise.all([
      this.decisions.movesOf(roomId),
      this.decisions.decidedOf(children.map((child) => child.id)),
    ]);
    const steps = children.flatMap((child): readonly OpenStep[] => {
      const { choices } = this.decisions.stepsOf(child, tracesOf(child.id), day, moves, decided);
      return choices.map(({ task, n }) => ({ childId: child.id, task, n }));
    });
    return {
      day,
      children: children.map(({ id, firstName }) => ({
        childId: id,
        firstName,
        lastLook: tracesOf(id).map(dayOf).at(-1) ?? null,
        adults: [...new Set(tracesOf(id).map((trace) => nameOf.get(trace.recordedBy) ?? ''))].sort(),
        glances: [...standings.get(id)!.glances],
      })),
      together: couldSitTogether(steps).map(({ task, from, to, children: seated }) => ({
        task,
        title: `${taskOf(task).name}, ${from === to ? from : `${from} to ${to}`}`,
        children: [...seated],
      })),
      lookers: lookersOf(traces, nameOf),
      months: days.map((end, i) =>
        monthOf(
          end,
          [...standings.values()].map((one) => one.rows[i] ?? null),
        ),
      ),
    };
  }

  private standingOf(
    id: ChildId,
    traces: readonly Trace[],
    days: readonly string[],
    birthDate: string | null,
  ): Standing {
    return this.standings.get(id, `${days.join()} ${birthDate} ${fingerprintOf(traces)}`, () => {
      const byDay = days.map((day) => statementsFor(traces, day, { birthDate }));
      const now = byDay.at(-1)!;
      return {
        glances: shownSkills.map((skillId) => {
          const skill = skillOf(skillId);
          const statement = statementFor(skill, now);
          const dots = dotsFor(skill, traces, now).slice(0, shownDots);
          return {
            skill: skillId,
            claimed: statement ? claimedTo(statement) : 0,
            dots: dots.map((dot) => dot.form),
          };
        }),
        rows: byDay.map((statements) => {
          const row = statementFor(skillOf('row'), statements);
          return row ? claimedTo(row) : null;
        }),
      };
    });
  }
}

/** The ends of the last months, and today. */
function monthEnds(day: string): readonly string[] {
  const [year, month] = day.split('-').map(Number) as [number, number];
  const ends = Array.from({ length: months - 1 }, (_, i) =>
    new Date(Date.UTC(year, month - 1 - (months - 2 - i), 0)).toISOString().slice(0, 10),
  );
  return [...ends, day];
}

function monthOf(day: string, rows: readonly (number | null)[]): RoomMonthView {
  const looked = rows.filter((row) => row !== null);
  const steadyTo = (n: number): number => looked.filter((row) => row >= n).length;
  return { day, looked: looked.length, five: steadyTo(5), ten: steadyTo(10) };
}

function lookersOf(traces: readonly Trace[], nameOf: ReadonlyMap<string, string>): LookerView[] {
  return [...groupBy(traces, (trace) => trace.recordedBy)]
    .map(([id, own]) => ({
      firstName: nameOf.get(id) ?? '',
      tries: own.length,
      children: new Set(own.map((trace) => trace.childId)).size,
    }))
    .toSorted((a, b) => (a.firstName < b.firstName ? -1 : 1));
}
