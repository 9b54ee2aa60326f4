import { observationsOf } from '../evidence/observations.js';
import { isAskedFor, looksAt } from '../evidence/went.js';
import { numerals } from '../numerals/lookAlikes.js';
import { statementFor } from '../next/looks.js';
import type { SkillEntry } from '../skills/map.js';
import { largestSize } from '../shelf/kinds/kind.js';
import { isOfNumerals, type NumeralsStatement, type Statement } from '../statements/statement.js';
import { claimedTo, surelyTo } from '../statements/claimedTo.js';
import type { TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';

/**
 * Full: sure. Bead: likely. Half: tried, went well and is not clear yet. Ring: tried and not there yet.
 * Speck: nobody has asked.
 */
export type DotForm = 'full' | 'bead' | 'half' | 'ring' | 'speck';

export interface Dot {
  /** 0 for a skill without a number axis, and for the numeral 0. */
  readonly n: number;
  readonly form: DotForm;
  /** The tries made at this number. */
  readonly tries: readonly TraceId[];
}

/** A look at a number: how it went there. */
interface Look {
  readonly n: number;
  readonly went: boolean;
  readonly id: TraceId;
}

/**
 * A skill as a line of dots: full as far as it is sure, a bead as far as it is likely, half where it was
 * tried above that and went well at least once, a ring where it did not, a speck where nobody has asked.
 */
export function dotsFor(
  skill: SkillEntry,
  tries: readonly Trace[],
  statements: readonly Statement[],
): readonly Dot[] {
  const looks = tries.filter((trace) => looksAt(skill, trace)).flatMap((trace) => looksIn(skill, trace));
  const statement = statementFor(skill, statements);
  if (skill.read.as === 'numerals')
    return dotsOfNumerals(looks, statement && isOfNumerals(statement) ? statement : null);
  const sureTo = statement ? surelyTo(statement) : 0;
  const likelyTo = statement ? claimedTo(statement) : 0;
  const farthest = Math.max(largestSize, ...looks.map((look) => look.n));
  const numbers = skill.axis ? Array.from({ length: farthest }, (_, i) => i + 1) : [0];
  return numbers.map((n) => {
    const at = looks.filter((look) => look.n === n);
    const place = skill.axis ? n : 1;
    return { n, form: formOf(place, sureTo, likelyTo, at), tries: at.map((look) => look.id) };
  });
}

/** Each numeral from 0 by itself: one that is known says nothing of those before it. */
function dotsOfNumerals(looks: readonly Look[], statement: NumeralsStatement | null): readonly Dot[] {
  return numerals.map((n) => {
    const at = looks.filter((look) => look.n === n);
    const isSaid = (of: readonly number[] | undefined): boolean => of?.includes(n) === true;
    const form = isSaid(statement?.known) ? 'full' : isSaid(statement?.likely) ? 'bead' : formOf(1, 0, 0, at);
    return { n, form, tries: at.map((look) => look.id) };
  });
}

function formOf(place: number, sureTo: number, likelyTo: number, at: readonly Look[]): DotForm {
  if (place <= sureTo) return 'full';
  if (place <= likelyTo) return 'bead';
  if (at.length === 0) return 'speck';
  return at.some((look) => look.went) ? 'half' : 'ring';
}

function looksIn({ read }: SkillEntry, trace: Trace): readonly Look[] {
  const { order, tracking, fetch, thresholds, principles, numerals: told } = observationsOf(trace);
  const { id } = trace;
  switch (read.as) {
    case 'order': {
      if (!order) return [];
      const reached = order.upTo >= 1 ? [{ n: order.upTo, went: true, id }] : [];
      return order.brokeOff ? [...reached, { n: order.upTo + 1, went: false, id }] : reached;
    }
    case 'tracking':
      return tracking ? [{ n: trace.set.size, went: tracking.success, id }] : [];
    case 'fetch':
      return fetch ? [{ n: fetch.asked, went: fetch.given === fetch.asked, id }] : [];
    case 'threshold': {
      const look = thresholds[read.by];
      return look ? [{ n: look.n, went: look.success, id }] : [];
    }
    case 'numerals':
      return told
        .filter(({ by }) => isAskedFor(read.by, { by }))
        .map(({ n, success }) => ({ n, went: success, id }));
    case 'principle': {
      const look = principles[read.by];
      return look ? [{ n: 0, went: look.success, id }] : [];
    }
  }
}
