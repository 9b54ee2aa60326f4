import { createHash, randomInt, randomUUID } from 'node:crypto';
import type { StaffId } from '@dotting/core';
import { LessThan, MoreThan, type EntityManager } from 'typeorm';
import { OneTimeCodeRow, type CodeFor } from './oneTimeCode.entity.js';

const minuteMs = 60_000;
/** Time to walk over to the new device, to the office, or to find out what the nursery is to be called. */
const goodForMs: Readonly<Record<CodeFor, number>> = {
  device: 10 * minuteMs,
  password: 60 * minuteMs,
  nursery: 24 * 60 * minuteMs,
};
/** Without those that are taken for one another when read aloud or copied: 32 to the power of 8 codes. */
const signs = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
const length = 8;

interface Whose {
  readonly siteId?: string;
  readonly staffId?: StaffId;
}

/** A code good for one thing, once, in place of one for the same that was not used. */
export async function giveCode(
  manager: EntityManager,
  goodFor: CodeFor,
  { siteId, staffId }: Whose = {},
): Promise<{ readonly code: string; readonly until: Date }> {
  const drawn = Array.from({ length }, () => signs[randomInt(signs.length)]).join('');
  const until = new Date(Date.now() + goodForMs[goodFor]);
  await manager.delete(OneTimeCodeRow, { until: LessThan(new Date()) });
  if (staffId) await manager.delete(OneTimeCodeRow, { goodFor, staffId });
  await manager.insert(OneTimeCodeRow, {
    id: randomUUID(),
    goodFor,
    codeHash: hashOf(drawn),
    siteId: siteId ?? null,
    staffId: staffId ?? null,
    until,
  });
  return { code: `${drawn.slice(0, length / 2)}-${drawn.slice(length / 2)}`, until };
}

/** What the code is about; null where it is none, its time is over, or it was used. From now on it is. */
export async function useCode(
  manager: EntityManager,
  goodFor: CodeFor,
  code: string,
): Promise<OneTimeCodeRow | null> {
  const row = await manager.findOneBy(OneTimeCodeRow, {
    goodFor,
    codeHash: hashOf(code),
    until: MoreThan(new Date()),
  });
  if (!row) return null;
  const { affected } = await manager.delete(OneTimeCodeRow, { id: row.id });
  return affected === 1 ? row : null;
}

const hashOf = (code: string): string =>
  createHash('sha256').update(code.toUpperCase().replace(/[\s-]/g, '')).digest('hex');
