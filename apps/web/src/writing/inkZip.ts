import type { WrittenNumeral } from '@dotting/contract';
import { inkMlOf } from '@dotting/core';
import { strToU8, zipSync } from 'fflate';

/** One file for each numeral, by its day. */
export function inkZip(numerals: readonly WrittenNumeral[]): Uint8Array<ArrayBuffer> {
  const files = numerals.map((one) => [fileNameOf(one), strToU8(inkMlOfNumeral(one))] as const);
  return zipSync(Object.fromEntries(files)) as Uint8Array<ArrayBuffer>;
}

export const fileNameOf = ({ n, day, try: id }: Pick<WrittenNumeral, 'n' | 'day' | 'try'>): string =>
  `${day}-${n}-${id.slice(0, 8)}.inkml`;

export const inkMlOfNumeral = ({ n, startedAt, try: id, strokes }: Omit<WrittenNumeral, 'way'>): string =>
  inkMlOf({ numeral: String(n), writtenAt: startedAt, id, strokes });
