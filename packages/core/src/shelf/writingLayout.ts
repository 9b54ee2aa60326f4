import type { Schools } from '../schools/schools.js';
import type { Guide, Hand, Writing, WritingWay } from '../trace/trace.js';

interface WritingWish {
  readonly schools: Pick<Schools, 'nought' | 'ruled'>;
  readonly hand: Hand | null;
}

/** What the child sees of a numeral that it is to write; over a guide it is pale, or dotted. */
export function writingFor(
  makes: WritingWay | 'write-how-many',
  n: number,
  way: string | undefined,
  { schools, hand }: WritingWish,
): Writing {
  const writes = makes === 'write-how-many' ? 'write' : makes;
  return {
    n,
    way: writes,
    guide: guideOf(writes, way),
    ruled: schools.ruled === 'ruled',
    ...(hand !== null && { hand }),
    ...(hand === 'left' && schools.nought === 'either-for-left' && { eitherWayRound: true }),
    ...(makes === 'write-how-many' && { counted: true }),
  };
}

function guideOf(writes: WritingWay, way: string | undefined): Guide {
  if (writes === 'trace') return way === 'dotted' ? 'dotted' : 'faded';
  return writes === 'copy' ? 'model' : 'none';
}
