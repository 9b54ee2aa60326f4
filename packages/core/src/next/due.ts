import { outcomesFor, skills, type Skill } from '../evidence/outcomes.js';
import type { ChildId } from '../trace/ids.js';
import { dayOf, type Trace } from '../trace/trace.js';

export interface LookedAt {
  readonly childId: ChildId;
  readonly traces: readonly Trace[];
}

/** When a child was last looked at, and what has gone longest without a look. Days are YYYY-MM-DD. */
export interface Due {
  readonly childId: ChildId;
  /** Null where nobody has looked. */
  readonly lastLook: string | null;
  readonly skill: Skill;
  /** When that skill was last looked at; null for never. */
  readonly skillLastLook: string | null;
}

/** What to look at first where several skills have waited equally long. */
const lookFirst: readonly Skill[] = ['one-to-one-row', 'last-word', 'order', 'one-to-one-aside'];

/** Who has not been looked at longest, and for what: never looked at first, then the longest ago. */
export function dueFor(children: readonly LookedAt[]): readonly Due[] {
  return children
    .map(dueOf)
    .toSorted(
      (a, b) =>
        compare(a.lastLook ?? '', b.lastLook ?? '') ||
        compare(a.skillLastLook ?? '', b.skillLastLook ?? '') ||
        compare(a.childId, b.childId),
    );
}

function dueOf({ childId, traces }: LookedAt): Due {
  const looks = new Map(
    skills.map((skill) => [skill, latest(outcomesFor(skill, traces).map((one) => one.day))]),
  );
  const skill = lookFirst.reduce((one, other) =>
    (looks.get(other) ?? '') < (looks.get(one) ?? '') ? other : one,
  );
  return {
    childId,
    lastLook: latest(traces.map(dayOf)),
    skill,
    skillLastLook: looks.get(skill) ?? null,
  };
}

function latest(days: readonly string[]): string | null {
  return days.reduce<string | null>((one, other) => (one === null || other > one ? other : one), null);
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
