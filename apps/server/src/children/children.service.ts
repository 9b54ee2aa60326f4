import {
  childColumnNames,
  type ChildChange,
  type ChildColumns,
  type ChildPage,
  type ChildView,
  type HowView,
  type TodayView,
  type UnfinishedTry,
} from '@dotting/contract';
import {
  dueFor,
  figure,
  flawOf,
  howCompared,
  howWorkedOut,
  isRecent,
  skillOf,
  skillToSitFor,
  type ChildId,
  type Trace,
} from '@dotting/core';
import { tellCompared, tellHow } from '@dotting/words';
import { Injectable } from '@nestjs/common';
import { DataSource, In, IsNull } from 'typeorm';
import type { AtWork } from '../common/present.js';
import { Evidence } from '../evidence/evidence.service.js';
import { Sight } from '../sight/sight.service.js';
import { Staff } from '../nursery/staff.entity.js';
import { SittingsService } from '../sittings/sittings.service.js';
import { leftOutOf } from '../summaries/leftOut.js';
import { SummariesService } from '../summaries/summaries.service.js';
import type { Steps } from '../summaries/workOut.js';
import { DoublesService } from '../tries/doubles.service.js';
import { spoken } from '../wording/spoken.js';
import { lineView, stepView } from '../summaries/childPage.js';
import { namedOf, summaryOf } from '../tries/told.js';
import { headOf, storedOf } from '../tries/traces.js';
import { TriesService } from '../tries/tries.service.js';
import { Try } from '../tries/try.entity.js';
import { Child } from '../nursery/child.entity.js';
import { DecisionsService } from '../decisions/decisions.service.js';
import { today } from '../common/today.js';
import { GroupTimesService } from '../groupTimes/groupTimes.service.js';
import { OwnService } from '../own/own.service.js';
import { SchoolsService } from '../schools/schools.service.js';
import { NotHereToday } from '../notHere/notHere.service.js';

@Injectable()
export class ChildrenService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sight: Sight,
    private readonly evidence: Evidence,
    private readonly summaries: SummariesService,
    private readonly tries: TriesService,
    private readonly doubles: DoublesService,
    private readonly sittings: SittingsService,
    private readonly decisions: DecisionsService,
    private readonly notHere: NotHereToday,
    private readonly groupTimes: GroupTimesService,
    private readonly schools: SchoolsService,
    private readonly own: OwnService,
  ) {}

  /** Who of a room is to be looked at today, and for what; what was left unfinished. */
  today(at: AtWork, roomId: string): Promise<TodayView> {
    return this.own.speaking(at, () => this.todayOf(at, roomId));
  }

  private async todayOf(at: AtWork, roomId: string): Promise<TodayView> {
    const children = await this.sight.childrenOf(at, roomId);
    const day = today();
    const { parts: glances, behind } = await this.summaries.partOf('glance', children);
    const away = await this.notHere.among(children.map((child) => child.id));
    const objected = new Set(children.filter((child) => child.recording === false).map(({ id }) => id));
    const looks = [...glances].flatMap(([childId, glance]) =>
      away.has(childId) || objected.has(childId) ? [] : [{ childId, looks: glance.looks }],
    );
    const due = dueFor(looks, day, figure.looksInADay);
    const onToday = new Set(due.map((one) => one.childId));
    const { parts: steps } = await this.summaries.partOf(
      'steps',
      children.filter((child) => onToday.has(child.id)),
    );
    return {
      day,
      register: children.map(({ id, firstName, lastName, languages }) => ({
        id,
        firstName,
        lastName,
        language: languages[0]!,
        lastLook: glances.get(id)?.lastLook ?? null,
        isDue: onToday.has(id),
        mayRecord: !objected.has(id),
      })),
      due: due.flatMap(({ childId, because, strand, skill, last }) => {
        const ofChild = steps.get(childId);
        if (!ofChild) return [];
        const looks = glances.get(childId)?.looks ?? [];
        const forSkill = skillToSitFor({ because, skill }, ofChild.choices, looks);
        // What is due may wait for a lesson, or be read otherwise: then another of its strand, or what is worth doing instead.
        const ofStrand = Object.values(ofChild.bySkill).find((one) => skillOf(one.skill).strand === strand);
        const step = ofChild.bySkill[forSkill] ?? ofStrand ?? ofChild.bySkill[ofChild.choices[0]!];
        if (!step) return [];
        const isOfStrand = because === 'never' || because === 'strand-never';
        const forWhat = isOfStrand ? spoken().strands[strand]() : spoken().skills[forSkill]();
        return [{ childId, because, forWhat, last, step: stepView(step) }];
      }),
      notHere: [...away],
      unfinished: await this.unfinished(children),
      doubles: await this.doubles.openAmong(
        at,
        [...glances.values()].flatMap((glance) => glance.doubles),
      ),
      leftOut: leftOutOf(children, glances, behind),
      schoolChanges: await this.schools.lately(roomId),
    };
  }

  /** Moves the child on from Today’s list, or brings it back. */
  async beHere(at: AtWork, childId: ChildId, isHere: boolean): Promise<void> {
    const { id } = await this.sight.child(at, childId);
    await (isHere ? this.notHere.takeBack(id) : this.notHere.note(id));
  }

  private async unfinished(children: readonly Child[]): Promise<UnfinishedTry[]> {
    const rows = await this.dataSource.manager.find(Try, {
      where: { ended: IsNull(), childId: In(children.map((child) => child.id)) },
      relations: { recorder: true },
      order: { startedAt: 'DESC' },
    });
    return rows.map((row) => ({
      id: row.id,
      childId: row.childId,
      recorder: row.recorder?.firstName ?? '',
      startedAt: row.startedAt,
      title: namedOf(headOf(row)).title,
    }));
  }

  page(at: AtWork, childId: ChildId): Promise<ChildPage> {
    return this.own.speaking(at, () => this.pageOf(at, childId));
  }

  private async pageOf(at: AtWork, childId: ChildId): Promise<ChildPage> {
    const child = await this.sight.child(at, childId);
    const [traces, inGroups, staff] = await Promise.all([
      this.tries.endedOf([childId]),
      this.groupTimes.metBy(childId),
      this.dataSource.manager.find(Staff, { where: { siteId: at.siteId } }),
    ]);
    const nameOf = new Map(staff.map((one) => [one.id, one.firstName]));
    const day = today();
    const [glances, { parts: steps }, { parts: lines }, decisions, closings] = await Promise.all([
      this.summaries.partOf('glance', [child]),
      this.summaries.partOf('steps', [child]),
      this.summaries.partOf('lines', [child]),
      this.decisions.of(childId),
      this.sittings.closingsOf(childId),
    ]);
    const { choices, easier, bySkill } = steps.get(childId) ?? noSteps;
    const readable = traces.filter((trace) => flawOf(trace, day) === null);
    return {
      child: viewOf(child),
      lines: (lines.get(childId) ?? []).map(lineView),
      how: howView(readable, day),
      comparing: comparingView(readable, day),
      steps: choices.map((skill) => stepView(bySkill[skill]!)),
      easier: easier && stepView(easier),
      decisions,
      tries: traces.toReversed().map((trace) => summaryOf(trace, nameOf.get(trace.recordedBy) ?? '', day)),
      recent: readable.filter((trace) => isRecent(trace, day)).map(storedOf),
      closings,
      metTasks: [...new Set([...traces, ...inGroups].map(({ own, task }) => own ?? task))],
      leftOut: leftOutOf([child], glances.parts, glances.behind),
      revised: await this.summaries.revisedOf(childId),
      schools: await this.schools.ofChild(child),
      ownThings: (await this.own.of([{ id: child.roomId }]))(child.roomId).ownThings,
    };
  }

  /** Somebody has read what is said otherwise of the child; it is not shown again. */
  async revisedWasRead(at: AtWork, childId: ChildId): Promise<void> {
    await this.summaries.revisedWasRead((await this.sight.child(at, childId)).id);
  }

  async change(at: AtWork, childId: ChildId, change: ChildChange): Promise<ChildView> {
    const child = await this.sight.child(at, childId);
    const changed = definedOf(change);
    if (Object.keys(changed).length === 0) return viewOf(child);
    await this.evidence.changing([childId], (manager) => manager.update(Child, { id: childId }, changed));
    return viewOf({ ...child, ...changed });
  }
}

/** As long as a record could not be worked out there is nothing to say. */
const noSteps: Omit<Steps, 'easier'> & { readonly easier: null } = {
  choices: [],
  easier: null,
  bySkill: {},
};

function howView(traces: readonly Trace[], day: string): HowView | null {
  const how = howWorkedOut(traces, day);
  return how && { statement: tellHow(spoken(), how), tries: [...how.tries] };
}

function comparingView(traces: readonly Trace[], day: string): HowView | null {
  const how = howCompared(traces, day);
  return how && { statement: tellCompared(spoken(), how), tries: [...how.tries] };
}

function columnsOf(child: ChildColumns): ChildColumns {
  return Object.fromEntries(childColumnNames.map((name) => [name, child[name]])) as ChildColumns;
}

export function viewOf(child: Child): ChildView {
  return { id: child.id, roomId: child.roomId, ...columnsOf(child) };
}

/** What was sent, without the fields that were left out. */
function definedOf(change: ChildChange): Partial<Child> {
  return Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined));
}
