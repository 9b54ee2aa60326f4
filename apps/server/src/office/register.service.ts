import type {
  ChildView,
  ImportReport,
  ImportRequest,
  NewChild,
  OfficeChild,
  PlaceChange,
} from '@dotting/contract';
import { isFarLastDay, likeFormula, registerColumns } from '@dotting/contract';
import { dayAfter, groupBy, shippedLanguages, type ChildId, type StaffId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { add, formatISO, parseISO } from 'date-fns';
import Papa from 'papaparse';
import { DataSource, In, type EntityManager } from 'typeorm';
import { Child } from '../nursery/child.entity.js';
import { viewOf } from '../children/children.service.js';
import { ChildSeenBy } from '../nursery/childSeenBy.entity.js';
import { today } from '../common/today.js';
import type { AtWork } from '../common/present.js';
import { Evidence } from '../evidence/evidence.service.js';
import { clash, notFound } from '../http/refusals.js';
import { LanguagesService } from '../languages/languages.service.js';
import { Room } from '../nursery/room.entity.js';
import { Site } from '../nursery/site.entity.js';
import { Staff } from '../nursery/staff.entity.js';
import { planImport } from './planImport.js';
import type { Known, Register } from './readRow.js';
import { writeRow } from './writeRow.js';
import { spoken } from '../wording/spoken.js';
import { newId } from '../common/newId.js';

/** Children in and out of the register, one by one and as a file. */
@Injectable()
export class RegisterService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly evidence: Evidence,
    private readonly languages: LanguagesService,
  ) {}

  async children(at: AtWork): Promise<OfficeChild[]> {
    const [{ eraseWaitDays }, children, rooms, counts] = await Promise.all([
      this.dataSource.manager.findOneByOrFail(Site, { id: at.siteId }),
      this.known(at),
      this.dataSource.manager.findBy(Room, { siteId: at.siteId }),
      this.triesByChild(at),
    ]);
    const monthsOf = new Map(rooms.map((room) => [room.id, room.retentionMonths]));
    return children.map((child) => ({
      ...viewOf(child),
      seenBy: [...child.seenBy],
      leftOn: child.leftOn,
      eraseOn: child.leftOn === null ? null : eraseDay(child.leftOn, monthsOf.get(child.roomId)!),
      erasedUnasked: erasedUnaskedOn(child, eraseWaitDays),
      tries: counts.get(child.id) ?? 0,
    }));
  }

  async add(at: AtWork, child: NewChild): Promise<ChildView> {
    const { manager } = this.dataSource;
    if (!(await manager.existsBy(Room, { id: child.roomId, siteId: at.siteId })))
      throw clash(spoken().refusals.noRoom(), 'roomId');
    const row = {
      ...child,
      id: newId<ChildId>(),
      siteId: at.siteId,
      leftOn: null,
      eraseShownOn: null,
      evidence: 0,
    };
    await manager.insert(Child, row);
    return viewOf(row);
  }

  /** Another room, group or last day, or other adults who see the child. */
  async place(at: AtWork, id: ChildId, { seenBy, sure, ...change }: PlaceChange): Promise<void> {
    const { manager } = this.dataSource;
    const child = await manager.findOneBy(Child, { id, siteId: at.siteId });
    if (!child) throw notFound('child');
    const { leftOn } = change;
    const isOther = leftOn !== undefined && leftOn !== child.leftOn;
    if (isOther && leftOn && !sure && isFarLastDay(leftOn, today()))
      throw clash(spoken().refusals.farLastDay({ day: leftOn }), 'leftOn');
    if (change.roomId && !(await manager.existsBy(Room, { id: change.roomId, siteId: at.siteId })))
      throw clash(spoken().refusals.noRoom(), 'roomId');
    const adults = await manager.countBy(Staff, { id: In(seenBy ?? []), siteId: at.siteId });
    if (adults !== (seenBy?.length ?? 0)) throw clash(spoken().refusals.otherSitesAdult(), 'seenBy');
    await this.evidence.changing([id], async (within) => {
      // With another last day whoever was shown that the child is due has to be shown again.
      const place = { ...change, ...(isOther && { eraseShownOn: null }) };
      if (Object.keys(place).length > 0) await within.update(Child, { id }, place);
      if (seenBy) await nameFor(within, id, seenBy);
    });
  }

  /** The whole register, those who left too, as CSV (RFC 4180), ready to be taken in again. */
  async asCsv(at: AtWork): Promise<string> {
    const [children, register] = await Promise.all([this.known(at), this.registerOf(at)]);
    const lines = children.map((child) => writeRow(child, register));
    return Papa.unparse(lines, {
      columns: [...registerColumns],
      newline: '\r\n',
      escapeFormulae: likeFormula,
    });
  }

  /** Takes in the rows that can be read, all of them in one transaction, or only says what would happen. */
  async takeIn(at: AtWork, { dryRun, dayOrder, rows, sure = [] }: ImportRequest): Promise<ImportReport> {
    const register = { ...(await this.registerOf(at)), dayOrder, today: today() };
    const before = await this.known(at);
    const planned = planImport(rows, before, { ...register, sure }, newId<ChildId>);
    const report = planned.map((one) => one.told);
    if (dryRun) return { stored: false, rows: report };
    const isKnown = new Set(before.map((child) => child.id));
    const children = planned.flatMap((one) => one.child ?? []);
    const changed = children.filter((child) => isKnown.has(child.id));
    await this.evidence.changing(
      changed.map((child) => child.id),
      async (manager) => {
        for (const { seenBy, ...child } of children) {
          const was = before.find((one) => one.id === child.id);
          const isOther = was !== undefined && was.leftOn !== child.leftOn;
          if (was)
            await manager.update(
              Child,
              { id: child.id },
              { ...child, ...(isOther && { eraseShownOn: null }) },
            );
          else await manager.insert(Child, { ...child, siteId: at.siteId, evidence: 0 });
          await nameFor(manager, child.id, seenBy);
        }
      },
    );
    return { stored: true, rows: report };
  }

  private async known(at: AtWork): Promise<(Child & Known)[]> {
    const { manager } = this.dataSource;
    const [children, named] = await Promise.all([
      manager.find(Child, {
        where: { siteId: at.siteId },
        order: { firstName: 'ASC', lastName: 'ASC', id: 'ASC' },
      }),
      manager.findBy(ChildSeenBy, { child: { siteId: at.siteId } }),
    ]);
    const namedFor = groupBy(named, (row) => row.childId);
    return children.map((child) => ({
      ...child,
      seenBy: (namedFor.get(child.id) ?? []).map((row) => row.staffId),
    }));
  }

  private async registerOf(at: AtWork): Promise<Pick<Register, 'rooms' | 'languages' | 'adults'>> {
    const { manager } = this.dataSource;
    const [rooms, adults, own] = await Promise.all([
      manager.find(Room, { where: { siteId: at.siteId }, order: { name: 'ASC' } }),
      manager.findBy(Staff, { siteId: at.siteId }),
      this.languages.of(at),
    ]);
    return { rooms, adults, languages: [...shippedLanguages, ...own] };
  }

  private async triesByChild({ siteId }: AtWork): Promise<ReadonlyMap<ChildId, number>> {
    const rows: { id: ChildId; tries: string }[] = await this.dataSource.query(
      `SELECT try.child_id AS id, COUNT(*) AS tries
       FROM try JOIN child ON child.id = try.child_id WHERE child.site_id = ? GROUP BY try.child_id`,
      [siteId],
    );
    return new Map(rows.map((row) => [row.id, Number(row.tries)]));
  }
}

/** The day on which a child who left is erased. */
export function eraseDay(leftOn: string, months: number): string {
  return formatISO(add(parseISO(leftOn), { months, days: 1 }), { representation: 'date' });
}

/** The day on which a child that is due is erased unasked; null until a lead has been shown it. */
export function erasedUnaskedOn(
  { eraseShownOn }: Pick<Child, 'eraseShownOn'>,
  waitDays: number,
): string | null {
  return eraseShownOn === null ? null : dayAfter(eraseShownOn, waitDays);
}

async function nameFor(manager: EntityManager, childId: ChildId, seenBy: readonly StaffId[]): Promise<void> {
  await manager.delete(ChildSeenBy, { childId });
  if (seenBy.length > 0)
    await manager.insert(
      ChildSeenBy,
      seenBy.map((staffId) => ({ childId, staffId })),
    );
}
