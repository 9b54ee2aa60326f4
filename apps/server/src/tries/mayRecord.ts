import type { ChildId, StaffId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { Child } from '../nursery/child.entity.js';
import { Presence } from '../devices/presence.entity.js';
import type { AtDevice, AtWork } from '../common/present.js';
import { forbidden, notFound } from '../http/refusals.js';
import { comesIn, isHere, Sight } from '../sight/sight.service.js';
import { spoken } from '../wording/spoken.js';

/** What is recorded about a child: by whom, in which stay, and when by the device's clock. */
export interface Recorded {
  readonly childId: ChildId;
  readonly recordedBy: StaffId;
  readonly presence: string;
  /** ISO 8601 with offset. */
  readonly at: string;
}

/** Where it was recorded. */
export interface RecordedAt extends Pick<AtDevice, 'deviceId' | 'siteId' | 'endedAt'> {
  /** Who is at the device now. */
  readonly adult?: AtDevice['adult'];
  /** A lead who stands for it, where it was refused before. */
  readonly vouchedBy?: AtWork;
}

/** A device's clock may be behind the server's by so much, in ms. */
const clocksApartMs = 10 * 60_000;

/** Who may record what about whom: asked on every writing, as on every reading. */
@Injectable()
export class MayRecord {
  constructor(
    private readonly dataSource: DataSource,
    private readonly sight: Sight,
  ) {}

  /**
   * Each adult records in her own stay, at the device where it was, about children she sees. What was
   * recorded before a device was signed out, an adult or a child left, is still taken afterwards.
   *
   * @param isBegun what it goes on with is stored already, and was asked about then
   * @returns whether it comes late: after its device, adult or child has left
   * @throws RefusedException with the way out
   */
  async check(device: RecordedAt, what: Recorded, isBegun: boolean): Promise<boolean> {
    const { manager } = this.dataSource;
    const { recordedBy, presence, childId } = what;
    if (device.vouchedBy) return this.checkVouched(device.vouchedBy, childId);
    // The stay was recognised a moment ago, and the child asked about when it was begun.
    if (isBegun && device.adult?.id === recordedBy && device.adult.presence === presence) return false;
    const [stay, child] = await Promise.all([
      manager.findOne(Presence, {
        where: {
          id: presence,
          staffId: recordedBy,
          deviceId: device.deviceId,
          staff: { siteId: device.siteId },
        },
        relations: { staff: true },
      }),
      manager.findOneBy(Child, { id: childId, siteId: device.siteId }),
    ]);
    if (!stay?.staff) throw forbidden(spoken().refusals.otherRecorder());
    const day = what.at.slice(0, 10);
    const moment = Date.parse(what.at);
    if (device.endedAt && moment > device.endedAt.getTime() + clocksApartMs)
      throw forbidden(spoken().refusals.signedOutBefore());
    const { staff } = stay;
    if (!comesIn(staff) && !(moment > stay.since.getTime() - clocksApartMs && day < staff.leftOn!))
      throw forbidden(spoken().refusals.adultLeft({ name: staff.firstName }));
    if (!child) throw notFound('child');
    const isLate = device.endedAt !== undefined || !comesIn(staff) || !isHere(child);
    if (isBegun) return isLate;
    if (child.recording === false)
      throw forbidden(spoken().refusals.recordingObjected({ name: child.firstName }));
    if (child.leftOn !== null && day > child.leftOn)
      throw forbidden(spoken().refusals.childLeft({ name: child.firstName }));
    if (!(await this.sight.sees(staff, child)))
      throw forbidden(spoken().refusals.doesNotSee({ name: staff.firstName }));
    return isLate;
  }

  /** A lead stands for what was refused: she sees the child, and the family has not objected. */
  private async checkVouched(lead: AtWork, childId: ChildId): Promise<boolean> {
    const child = await this.sight.child(lead, childId);
    if (child.recording === false)
      throw forbidden(spoken().refusals.recordingObjected({ name: child.firstName }));
    return !isHere(child);
  }
}
