import type { LookerView, RoomMonthView, RoomOverview } from '@dotting/contract';
import { couldSitTogether, type TaskId } from '@dotting/core';
import { taskWords } from '@dotting/words';
import { spoken } from '../wording/spoken.js';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import type { AtWork } from '../common/present.js';
import { Sight } from '../sight/sight.service.js';
import { Staff } from '../nursery/staff.entity.js';
import { leftOutOf } from '../summaries/leftOut.js';
import { SummariesService } from '../summaries/summaries.service.js';
import { monthEnds, type Glance } from '../summaries/workOut.js';
import type { Child } from '../nursery/child.entity.js';
import { today } from '../common/today.js';

/** A room as a whole: how each child stands, who could sit together, how it moves, who looked. */
@Injectable()
export class RoomService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sight: Sight,
    private readonly summaries: SummariesService,
  ) {}

  async overview(at: AtWork, roomId: string): Promise<RoomOverview> {
    const { manager } = this.dataSource;
    const [children, staff] = await Promise.all([
      this.sight.childrenOf(at, roomId),
      manager.find(Staff, { select: { id: true, firstName: true }, where: { siteId: at.siteId } }),
    ]);
    const nameOf = new Map<string, string>(staff.map((one) => [one.id, one.firstName]));
    const { parts: glances, behind } = await this.summaries.partOf('glance', children);
    const shown = children.filter((child) => glances.has(child.id));
    const glanceOf = (child: Child): Glance => glances.get(child.id)!;
    const steps = shown.flatMap((child) =>
      glanceOf(child).open.map((one) => ({ childId: child.id, ...one })),
    );
    const day = today();
    return {
      day,
      children: shown.map((child) => {
        const { lastLook, triesBy, skills } = glanceOf(child);
        const adults = Object.keys(triesBy).map((id) => nameOf.get(id) ?? '');
        return {
          childId: child.id,
          firstName: child.firstName,
          group: child.group,
          lastLook,
          adults: adults.sort(),
          glances: [...skills],
        };
      }),
      together: couldSitTogether(steps).map(({ task, from, to, children: seated }) => ({
        task,
        title: titleOf(task, from, to),
        children: [...seated],
      })),
      lookers: lookersOf([...glances.values()], nameOf),
      months: monthEnds(day).map((end, i) =>
        monthOf(
          end,
          shown.map((child) => glanceOf(child).months[i]!.row),
        ),
      ),
      leftOut: leftOutOf(children, glances, behind),
    };
  }
}

/** "Count a row, 4 to 5". */
function titleOf(id: TaskId, from: number, to: number): string {
  const { room } = spoken();
  const task = taskWords(spoken(), id).name();
  return from === to ? room.togetherAt({ task, n: from }) : room.togetherFrom({ task, from, to });
}

function monthOf(day: string, rows: readonly (number | null)[]): RoomMonthView {
  const looked = rows.filter((row) => row !== null);
  const steadyTo = (n: number): number => looked.filter((row) => row >= n).length;
  return { day, looked: looked.length, five: steadyTo(5), ten: steadyTo(10) };
}

function lookersOf(glances: readonly Glance[], nameOf: ReadonlyMap<string, string>): LookerView[] {
  const lookers = new Map<string, LookerView>();
  for (const [id, tries] of glances.flatMap((glance) => Object.entries(glance.triesBy))) {
    const known = lookers.get(id) ?? { firstName: nameOf.get(id) ?? '', tries: 0, children: 0 };
    lookers.set(id, { ...known, tries: known.tries + tries, children: known.children + 1 });
  }
  return [...lookers.values()].toSorted((a, b) => (a.firstName < b.firstName ? -1 : 1));
}
