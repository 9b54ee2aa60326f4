import { digitsOf, type NumeralStyle } from '../numerals/style.js';
import type { Schools } from '../schools/schools.js';
import type { Guide, Hand, Writing, WritingWay } from '../trace/trace.js';

interface WritingWish {
  readonly schools: Pick<Schools, 'nought' | 'ruled' | 'forms'>;
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
    ...drawnOf(n, schools.forms),
    ...(hand === 'left' && schools.nought === 'either-for-left' && { eitherWayRound: true }),
    ...(makes === 'write-how-many' && { counted: true }),
  };
}

/** Of what the room has drawn itself, the digits of the number. */
function drawnOf(n: number, { drawn = {} }: Pick<NumeralStyle, 'drawn'>): Pick<Writing, 'drawn'> {
  const own = digitsOf(n).flatMap((digit) => {
    const strokes = drawn[digit];
    return strokes ? [[digit, strokes] as const] : [];
  });
  return own.length > 0 ? { drawn: Object.fromEntries(own) } : {};
}

function guideOf(writes: WritingWay, way: string | undefined): Guide {
  if (writes === 'trace') return way === 'dotted' ? 'dotted' : 'faded';
  return writes === 'copy' ? 'model' : 'none';
}
