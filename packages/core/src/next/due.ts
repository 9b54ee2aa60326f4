import { daysBetween } from '../estimates/axis.js';
import { figure } from '../common/parameters.js';
import type { SkillId } from '../skills/map.js';
import type { ChildId } from '../trace/ids.js';
import { coreStrands, type CoreStrand, type LookSummary } from './looks.js';

export interface ChildLooks {
  readonly childId: ChildId;
  readonly looks: readonly LookSummary[];
}

export type DueBecause = 'never' | 'strand-never' | 'weeks' | 'fading' | 'open-question';

/** Who is to be looked at again, and for what. */
export interface Due {
  readonly childId: ChildId;
  readonly because: DueBecause;
  readonly strand: CoreStrand;
  /** The skill to look at; of a strand nobody has looked at the first. */
  readonly skill: SkillId;
  /** Day of the last look at it, YYYY-MM-DD; null for never. */
  readonly last: string | null;
}

/** What is pressing comes first, whatever is merely due: nothing waits past its eight weeks. */
const urgency: Record<DueBecause, number> = {
  never: 0,
  'strand-never': 1,
  weeks: 1,
  fading: 2,
  'open-question': 3,
};

const seenLastTime = 4;

/** Where to begin with a strand. */
const firstOf: Record<CoreStrand, SkillId> = {
  'stable-order': 'order',
  'one-to-one': 'row',
  cardinality: 'fetch',
  'counting-on-and-back': 'count-on',
};

/**
 * Who is to be looked at on a day, and for what: a child never looked at first, then strands that near
 * eight weeks without a look, then what time has made doubtful, then open questions a week old. No more
 * than the room can do in a day; the rest comes on the next.
 *
 * @param date YYYY-MM-DD
 * @param limit how many children the room can look at in a day
 */
export function dueFor(children: readonly ChildLooks[], date: string, limit: number): readonly Due[] {
  return children
    .flatMap((child) => dueOf(child, date) ?? [])
    .toSorted(
      (a, b) =>
        urgency[a.because] - urgency[b.because] ||
        compare(a.last ?? '', b.last ?? '') ||
        compare(a.childId, b.childId),
    )
    .slice(0, limit);
}

/** The most pressing thing about one child; null where nothing is due. */
function dueOf({ childId, looks }: ChildLooks, date: string): Due | null {
  if (looks.length === 0)
    return { childId, because: 'never', strand: 'one-to-one', skill: firstOf['one-to-one'], last: null };
  const reasons = [
    ...coreStrands.flatMap((strand): readonly Due[] => {
      const last = latest(looks.filter((look) => look.strand === strand).map((look) => look.last));
      if (last === null && !isInReach(strand, looks)) return [];
      if (last === null) return [{ childId, because: 'strand-never', strand, skill: firstOf[strand], last }];
      const isNear = daysBetween(last, date) >= 7 * figure.lookAgainWeeks - figure.lookAgainLead;
      const longest = looks.find((look) => look.strand === strand && look.last === last)!.skill;
      return isNear ? [{ childId, because: 'weeks', strand, skill: longest, last }] : [];
    }),
    ...looks.flatMap(({ skill, strand, last, isFading, isOpen }): readonly Due[] => {
      if (isFading) return [{ childId, because: 'fading', strand, skill, last }];
      const isOld = daysBetween(last, date) >= figure.openQuestionDays;
      return isOpen && isOld ? [{ childId, because: 'open-question', strand, skill, last }] : [];
    }),
  ];
  const lastDay = latest(looks.map((look) => look.last));
  // What was looked at the last time waits for what was not, or the same would come every week.
  const rank = ({ because, last }: Due): number =>
    because === 'fading' && last === lastDay ? seenLastTime : urgency[because];
  return reasons.toSorted((a, b) => rank(a) - rank(b) || compare(a.last ?? '', b.last ?? ''))[0] ?? null;
}

/** What a strand rests on has been looked at, and nothing before it is left out. */
function isInReach(strand: CoreStrand, looks: readonly LookSummary[]): boolean {
  if (strand !== 'counting-on-and-back') return true;
  const isLookedAt = (skill: SkillId): boolean => looks.some((look) => look.skill === skill);
  return (
    looks.some(({ skill, isOpen }) => skill === 'order' && !isOpen) &&
    isLookedAt('fetch') &&
    isLookedAt('last-word')
  );
}

function latest(days: readonly string[]): string | null {
  return days.reduce<string | null>((one, other) => (one === null || other > one ? other : one), null);
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/**
 * The skill for which a child that is due sits down: the one that asks for it; where only open questions
 * wait, the first of its next steps that the last sit-down did not look at, so that skills take turns.
 *
 * @param choices the skills of the child’s next steps, most worth doing first
 */
export function skillToSitFor(
  { because, skill }: Pick<Due, 'because' | 'skill'>,
  choices: readonly SkillId[],
  looks: readonly LookSummary[],
): SkillId {
  if (because !== 'open-question') return skill;
  const lastDay = latest(looks.map((look) => look.last));
  const isFresh = (one: SkillId): boolean =>
    looks.some((look) => look.skill === one && look.last === lastDay);
  return choices.find((one) => !isFresh(one)) ?? choices[0] ?? skill;
}
