import { canBeTried } from '@dotting/core';
import { HttpStatus } from '@nestjs/common';
import { today } from '../common/today.js';
import { RefusedException } from '../http/refusals.js';
import { spoken } from '../wording/spoken.js';

/** The header in which a device says what its clock shows, in ms since 1970. */
export const clockHeader = 'x-device-clock';

/** So far apart two clocks are taken for the same: what is sent is some time on its way. In ms. */
const sameWithinMs = 2 * 60_000;

/** How far a device's clock is behind the server's at this contact, in ms; 0 where it hardly is, or does not say. */
export function behindBy(clock: string | undefined, nowMs = Date.now()): number {
  const behindMs = clock !== undefined && /^-?\d{1,14}$/.test(clock) ? nowMs - Number(clock) : 0;
  return Math.abs(behindMs) <= sameWithinMs ? 0 : behindMs;
}

/**
 * When something was recorded, by the server's clock; the offset from UTC stays the device's.
 *
 * @param moment ISO 8601 with offset, by the device's clock
 * @throws RefusedException by the field where that is a day on which nothing can have been recorded
 */
export function placed(field: string, moment: string, behindMs: number): string {
  const at = behindMs === 0 ? moment : shifted(moment, behindMs);
  if (canBeTried(at.slice(0, 10), today())) return at;
  const message = spoken().must.recorded().replace('$property', field);
  throw new RefusedException(HttpStatus.BAD_REQUEST, message, [{ field, message }]);
}

function shifted(moment: string, byMs: number): string {
  const [, sign, hours, minutes] = /([+-])(\d{2}):(\d{2})$/.exec(moment) ?? [];
  const aheadMs = sign ? Number(`${sign}1`) * (Number(hours) * 60 + Number(minutes)) * 60_000 : 0;
  const local = new Date(Date.parse(moment) + byMs + aheadMs).toISOString();
  return sign ? `${local.slice(0, -1)}${sign}${hours}:${minutes}` : local;
}
