import { randomUUID } from 'node:crypto';
import { blankChild } from '@dotting/contract';
import { seededRandom, seedFrom, type ChildId, type StaffId, type Trace } from '@dotting/core';
import {
  seededUuid,
  simulateMonths,
  pairsAsked,
  simulateSittings,
  type Asked,
  type HiddenAbility,
  type Random,
} from '@dotting/core/workings';
import { Injectable } from '@nestjs/common';
import { hash } from '@node-rs/argon2';
import { DataSource } from 'typeorm';
import { Child } from '../nursery/child.entity.js';
import { today } from '../common/today.js';
import { GroupTime, GroupTimeChild } from '../groupTimes/groupTime.entity.js';
import { Device } from '../devices/device.entity.js';
import { Presence } from '../devices/presence.entity.js';
import { Room } from '../nursery/room.entity.js';
import { Site, usualEraseWait } from '../nursery/site.entity.js';
import { OwnTaskRow } from '../own/ownTask.entity.js';
import { OwnThingsRow } from '../own/ownThings.entity.js';
import { StaffRoom } from '../nursery/staffRoom.entity.js';
import { Staff } from '../nursery/staff.entity.js';
import { TriesService } from '../tries/tries.service.js';
import { morning } from './morning.js';
import { ownRoom, ownTasks, ownThings } from './own.js';
import {
  adults,
  children,
  demoPassword,
  emailOf,
  groupTimes,
  growth,
  makeUps,
  rooms,
  siteName,
} from './nursery.js';
import { removeDemo } from './removeDemo.js';
import { writingOf } from './written.js';

/** A loading that was cut off begins again from nothing. */
const markSubject = 'demo:loading';
const weeks = 17;
const seed = 1777;
const dayMs = 86_400_000;

export type ReportProgress = (done: number, of: number) => void;

/** Fills an empty database with the demo nursery: its people, and four months of tries. */
@Injectable()
export class DemoService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly tries: TriesService,
  ) {}

  async loadIfEmpty(report: ReportProgress): Promise<void> {
    const { manager } = this.dataSource;
    const [mark] = await manager.query<unknown[]>('SELECT 1 FROM attempt WHERE subject = ?', [markSubject]);
    if (mark) await this.dataSource.transaction(removeDemo);
    else if ((await manager.count(Site)) > 0) return;
    await manager.query('REPLACE INTO attempt (subject, wrong, blocked_until) VALUES (?, 0, ?)', [
      markSubject,
      new Date(),
    ]);
    await this.load(report);
    await manager.query('DELETE FROM attempt WHERE subject = ?', [markSubject]);
  }

  private async load(report: ReportProgress): Promise<void> {
    const random = seededRandom(seed);
    const site = { id: seededUuid(random), name: siteName, eraseWaitDays: usualEraseWait, isDemo: true };
    const { presences, deviceId } = await this.loadPeople(site, random);
    const histories = children.map((child) =>
      this.historyOf(child, adultsOf(child, [...presences.keys()]), site.id, random),
    );
    await this.dataSource.manager.insert(
      Child,
      histories.map((history) => history.child),
    );
    const traces = histories.flatMap((history) => history.traces);
    for (const [i, trace] of traces.entries()) {
      const { id, events, ...head } = trace;
      await this.tries.put({ siteId: site.id, deviceId }, id, {
        ...head,
        events: [...events],
        revision: 0,
        presence: presences.get(trace.recordedBy)!,
      });
      report(i + 1, traces.length);
    }
    await this.loadGroupTimes(
      histories.map((history) => history.child),
      [...presences.keys()],
      random,
    );
  }

  /** What the rooms were shown, and said together. */
  private async loadGroupTimes(
    known: readonly Child[],
    staff: readonly StaffId[],
    random: Random,
  ): Promise<void> {
    for (const { room, by, daysAgo, away, own = null, ...time } of groupTimes) {
      const id = seededUuid(random);
      const keptAt = new Date(Date.now() - daysAgo * dayMs);
      const there = known.filter((child) => child.roomId === roomId(room) && !away.includes(child.firstName));
      await this.dataSource.manager.insert(GroupTime, {
        ...time,
        own,
        id,
        roomId: roomId(room),
        day: today(keptAt),
        keptAt,
        recordedBy: staff[adults.findIndex(({ firstName }) => firstName === by)]!,
      });
      await this.dataSource.manager.insert(
        GroupTimeChild,
        there.map((child) => ({ groupTimeId: id, childId: child.id })),
      );
    }
  }

  /** Site, rooms and staff; returns each adult's stay at a device that has since been signed out. */
  private async loadPeople(
    site: Site,
    random: Random,
  ): Promise<{ readonly presences: ReadonlyMap<StaffId, string>; readonly deviceId: string }> {
    const staff = await Promise.all(
      adults.map(async (adult): Promise<Staff> => ({
        id: seededUuid(random) as StaffId,
        siteId: site.id,
        firstName: adult.firstName,
        lastName: adult.lastName,
        email: emailOf(adult),
        role: adult.role,
        thumb: adult.thumb,
        language: 'en' as const,
        passwordHash: await hash(demoPassword),
        codeHash: await hash(adult.code),
        leftOn: null,
      })),
    );
    const now = new Date();
    const device = { id: randomUUID(), siteId: site.id, tokenHash: randomUUID(), signedInBy: staff[0]!.id };
    const presences = staff.map((one) => ({
      tokenHash: null,
      id: randomUUID(),
      deviceId: device.id,
      staffId: one.id,
      since: now,
    }));
    await this.dataSource.transaction(async (manager) => {
      await manager.insert(Site, site);
      await manager.insert(
        Room,
        rooms.map((name) => ({ id: roomId(name), siteId: site.id, name, schools: {} })),
      );
      await manager.insert(Staff, staff);
      const ofRoom = { roomId: roomId(ownRoom), retired: false, changedBy: staff[0]!.id };
      await manager.insert(
        OwnThingsRow,
        ownThings.map((one) => ({ ...one, ...ofRoom })),
      );
      await manager.insert(
        OwnTaskRow,
        ownTasks.map((one) => ({ ...one, ...ofRoom })),
      );
      await manager.insert(
        StaffRoom,
        adults.flatMap(({ rooms: own = rooms }, i) =>
          own.map((name) => ({ staffId: staff[i]!.id, roomId: roomId(name) })),
        ),
      );
      await manager.insert(Device, { ...device, signedInAt: now, lastSeenAt: now, revokedAt: now });
      await manager.insert(Presence, presences);
    });
    return {
      presences: new Map(presences.map((one) => [one.staffId, one.id])),
      deviceId: device.id,
    };
  }

  private historyOf(
    demo: (typeof children)[number],
    staff: readonly StaffId[],
    siteId: string,
    random: Random,
  ): { child: Child; traces: readonly Trace[] } {
    const { room, months, makeUp, language, weeksBetween, comparesBy, seesTo, reads, writes, ...said } = demo;
    const child: Child = {
      ...blankChild,
      ...said,
      id: seededUuid(random) as ChildId,
      siteId,
      roomId: roomId(room),
      birthDate: months === null ? null : today(new Date(Date.now() - months * 30.44 * dayMs)),
      languages: [language ?? 'en', ...(language === undefined ? [] : ['en'])],
      evidence: 0,
      leftOn: null,
      eraseShownOn: null,
    };
    if (weeksBetween === null) return { child, traces: [] };
    const plan = {
      childId: child.id,
      adults: staff,
      language: child.languages[0]!,
      ability: varied(makeUps[makeUp], random),
      growth,
      firstDay: mondayBefore(weeks),
      weeks,
      weeksBetween: weeksBetween,
    };
    const sittings = sittingsOf({ comparesBy, seesTo, reads });
    const more = simulateSittings(
      {
        ...plan,
        ability: {
          ...plan.ability,
          ...(comparesBy && { comparesBy: { rule: comparesBy } }),
          ...(seesTo !== undefined && { seesTo }),
          ...(reads && { reads }),
        },
        sittings,
      },
      // Drawn apart, so that nothing else is drawn otherwise.
      seededRandom(seed + seedFrom(child.firstName)),
    );
    const written = writes
      ? writingOf(
          { ...plan, ability: { ...plan.ability, ...(reads && { reads }) }, hand: child.hand },
          writes,
          seed + seedFrom(`${child.firstName} writes`),
        )
      : [];
    return { child, traces: [...simulateMonths(plan, random), ...more, ...written] };
  }
}

type Looked = Pick<(typeof children)[number], 'comparesBy' | 'seesTo' | 'reads'>;

/** Mornings of the last month: three of comparing, two of seeing how many, one of parts and wholes, three of numerals. */
function sittingsOf({ comparesBy, seesTo, reads }: Looked) {
  const compared = [24, 21, 17].map((days, i) => ({ at: morning(days), asked: pairsAsked(i) }));
  const seen = [
    { at: morning(12), asked: flashesAsked },
    { at: morning(6), asked: flashesAsked },
    { at: morning(5), asked: partsAsked },
  ];
  const read = [
    { at: morning(20), asked: namesAsked },
    { at: morning(14), asked: namesAsked },
    { at: morning(8), asked: recordsAsked },
  ];
  return [...(comparesBy ? compared : []), ...(seesTo === undefined ? [] : seen), ...(reads ? read : [])];
}

const namesAsked: readonly Asked[] = [3, 6, 9, 5, 2, 8, 4, 12].map((n) => ({ task: 'name-it', n }));
const recordsAsked: readonly Asked[] = [
  { task: 'find-it', n: 6 },
  { task: 'in-order', n: 5, way: 'from-one' },
  { task: 'card-to-set', n: 6 },
  { task: 'tally-it', n: 6 },
  { task: 'ring-or-draw', n: 5, way: 'draw' },
  { task: 'sort-and-chart', n: 7 },
];
const flashesAsked: readonly Asked[] = [
  ...[2, 3, 4, 5, 3, 4].map((n): Asked => ({ task: 'flash-few', n })),
  { task: 'flash-frame', n: 6, way: 'rows' },
  { task: 'flash-frame', n: 7, way: 'pairs' },
];
const partsAsked: readonly Asked[] = [
  { task: 'cover-some', n: 4 },
  { task: 'cover-some', n: 5 },
  { task: 'all-the-ways', n: 4 },
  { task: 'carry-on', n: 3, way: 'abb' },
];

/** The adults who see the child: those of its room. */
const adultsOf = ({ room }: (typeof children)[number], staff: readonly StaffId[]): readonly StaffId[] =>
  staff.filter((_, i) => (adults[i]!.rooms ?? rooms).includes(room));

/** The same make-up, but no two children alike. */
function varied(makeUp: HiddenAbility, random: Random): HiddenAbility {
  const about = (figure: number, by: number): number => figure * (1 - by + 2 * by * random());
  return {
    ...makeUp,
    orderTo: Math.round(about(makeUp.orderTo, 0.15)),
    slipPerThing: about(makeUp.slipPerThing, 0.3),
    lastWord: Math.min(1, about(makeUp.lastWord, 0.1)),
    pace: Math.round(about(makeUp.pace, 0.2)),
  };
}

/** The Monday so many weeks before this week's, so that no try lies in the future. */
function mondayBefore(weeksBack: number): string {
  const now = new Date();
  const sinceMonday = (now.getUTCDay() + 6) % 7;
  return today(new Date(now.getTime() - (sinceMonday + 7 * weeksBack) * dayMs));
}

function roomId(name: (typeof rooms)[number]): string {
  return seededUuid(seededRandom(seed + 1 + rooms.indexOf(name)));
}
