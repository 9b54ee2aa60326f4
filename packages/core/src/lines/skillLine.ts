import { observationsOf } from '../evidence/observations.js';
import { looksAt } from '../next/skillLooks.js';
import { statementFor } from '../next/looks.js';
import type { SkillEntry } from '../skills/map.js';
import { largestSize } from '../shelf/tasks.js';
import type { Statement } from '../statements/statement.js';
import { claimedTo } from '../statements/claimedTo.js';
import type { TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';

/** Full: steady. Half: comes and goes. Ring: tried and not there yet. Speck: nobody has looked. */
export type DotForm = 'full' | 'half' | 'ring' | 'speck';

export interface Dot {
  /** 0 for a skill without a number axis. */
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
 * A skill as a line of dots: full as far as it may be said without a question mark, half where it
 * is said with one or has gone well at least once, a ring where it was tried, a speck where not.
 */
export function dotsFor(
  skill: SkillEntry,
  tries: readonly Trace[],
  statements: readonly Statement[],
): readonly Dot[] {
  const looks = tries.filter((trace) => looksAt(skill, trace)).flatMap((trace) => looksIn(skill, trace));
  const statement = statementFor(skill, statements);
  const claimed = statement ? claimedTo(statement) : 0;
  const isFirm = statement?.firm ?? false;
  const farthest = Math.max(largestSize, ...looks.map((look) => look.n));
  const numbers = skill.axis ? Array.from({ length: farthest }, (_, i) => i + 1) : [0];
  return numbers.map((n) => {
    const at = looks.filter((look) => look.n === n);
    const isSaid = skill.axis ? n <= claimed : claimed > 0;
    return { n, form: formOf(isSaid, isFirm, at), tries: at.map((look) => look.id) };
  });
}

function formOf(isSaid: boolean, isFirm: boolean, at: readonly Look[]): DotForm {
  if (isSaid) return isFirm ? 'full' : 'half';
  if (at.length === 0) return 'speck';
  return at.some((look) => look.went) ? 'half' : 'ring';
}

function looksIn({ read }: SkillEntry, trace: Trace): readonly Look[] {
  const { order, tracking, fetch, countOut, principles } = observationsOf(trace);
  const { id } = trace;
  if (!read) return [];
  switch (read.by) {
    case 'order': {
      if (!order) return [];
      const reached = order.upTo >= 1 ? [{ n: order.upTo, went: true, id }] : [];
      return order.brokeOff ? [...reached, { n: order.upTo + 1, went: false, id }] : reached;
    }
    case 'one-to-one':
      return tracking ? [{ n: trace.set.size, went: tracking.success, id }] : [];
    case 'fetch':
      return fetch ? [{ n: fetch.asked, went: fetch.given === fetch.asked, id }] : [];
    case 'count-out':
      return countOut ? [{ n: countOut.n, went: countOut.success, id }] : [];
    default: {
      const look = principles[read.by];
      return look ? [{ n: 0, went: look.success, id }] : [];
    }
  }
}
