import { chance, pick, type Random } from '../common/random.js';
import { boxOf, type InkStroke } from '../ink/stroke.js';
import { digitsOf } from '../numerals/style.js';
import { placeIn, slotsOf } from '../reading/slots.js';
import type { TraySet, Writing } from '../trace/trace.js';
import { canShow, simulateDigit, simulatePair, type InkFault, type PairFault } from './ink.js';
import type { SimulatedTry, TryInProgress } from './tryInProgress.js';
import { readNumeralFor } from './worksOut.js';

/** How a child writes that nothing is said of: most digits are begun rightly, and now and then one faces the other way. */
const usualHand = { forms: 0.75, turns: 0.12 } as const;
/** So many points of a stroke are kept: as a slow tablet would have them. */
const pointsKept = 48;
/** Between the lines, in thousandths. */
const ruledHeight = 1000;

/** Writes a numeral: counts first where there is something to count; in the air the adult says what was seen. */
export function write(tried: TryInProgress, set: TraySet, writing: Writing): SimulatedTry {
  const { ability, random } = tried;
  const { forms, turns } = ability.writes ?? usualHand;
  const n = writing.counted ? tried.countedTo(set) : writing.n;
  tried.add({ kind: 'ask', question: 'write' });
  if (writing.counted) tried.add({ kind: 'put', place: `counted=${n}` });
  const isFormed = chance(random, forms);
  if (writing.way === 'air') {
    for (const slot of slotsOf(set) ?? []) {
      const isRight = isFormed || slot.of === 'order';
      tried.add({ kind: 'put', place: placeIn(slot, slot.options[isRight ? 0 : 1]!) });
    }
    return tried.end('finished');
  }
  const isKnown = writing.way !== 'write' || readNumeralFor(tried, n, []) === n;
  const isTurned = writing.way === 'write' && chance(random, turns);
  const ink = inkOf(n, { isKnown, isTurned, isFormed }, random);
  for (const stroke of betweenLines(ink, random)) tried.draw(stroke);
  return tried.end('finished');
}

interface Hand {
  readonly isKnown: boolean;
  readonly isTurned: boolean;
  readonly isFormed: boolean;
}

function inkOf(n: number, { isKnown, isTurned, isFormed }: Hand, random: Random): readonly InkStroke[] {
  const [digit, ...others] = digitsOf(n).map(String);
  if (others.length > 0) {
    const faults: readonly PairFault[] = ['reversed', 'right-first', 'expanded'];
    const wrong = faults.filter((one) => n % 11 !== 0 && (one !== 'expanded' || n % 10 !== 0));
    const fault = isFormed && isKnown ? 'none' : wrong.length > 0 ? pick(random, wrong) : 'none';
    return simulatePair(String(n), fault, random).strokes;
  }
  const fault = (of: readonly InkFault[]): InkFault => {
    const shown = of.filter((one) => canShow(digit!, one));
    return shown.length > 0 ? pick(random, shown) : 'none';
  };
  const wrong = !isKnown
    ? fault(['another', 'scribble', 'letter'])
    : isTurned
      ? fault(['mirrored'])
      : isFormed
        ? 'none'
        : fault(['backwards', 'start', 'stroke-backwards']);
  return simulateDigit(digit!, wrong, random).strokes;
}

/** About as high as the space between the lines, on the lower one or near it. */
function betweenLines(strokes: readonly InkStroke[], random: Random): readonly InkStroke[] {
  const { left, top, height } = boxOf(strokes.flat());
  const scale = (ruledHeight * (0.75 + 0.5 * random())) / (height || 1);
  const down = ruledHeight * (1.05 - 0.2 * random()) - height * scale;
  return strokes.map((stroke) =>
    thinned(stroke).map(({ x, y, t }) => ({
      x: Math.round(400 + (x - left) * scale),
      y: Math.round(down + (y - top) * scale),
      t: Math.round(t),
    })),
  );
}

function thinned(stroke: InkStroke): InkStroke {
  const every = Math.max(1, Math.ceil(stroke.length / pointsKept));
  return stroke.filter((_, i) => i % every === 0 || i === stroke.length - 1);
}
