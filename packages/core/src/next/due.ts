import { daysBetween } from '../estimates/axis.js';
import { figure } from '../common/parameters.js';
import type { SkillId } from '../skills/map.js';
import type { ChildId } from '../trace/ids.js';
import { strands, type Strand } from '../shelf/task.js';
import type { LookSummary } from './looks.js';

export interface ChildLooks {
  readonly childId: ChildId;
  readonly looks: readonly LookSummary[];
}

export type DueBecause = 'never' | 'strand-never' | 'weeks' | 'fading' | 'open-question';

/** Who is to be looked at again, and for what. */
export interface Due {
  readonly childId: ChildId;
  readonly because: DueBecause;
  readonly strand: Strand;
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
/** A strand that comes later waits for what was looked at and nears its eight weeks. */
const laterStrand = 1.5;

const firstStrands: ReadonlySet<Strand> = new Set([
  'stable-order',
  'one-to-one',
  'cardinality',
  'counting-on-and-back',
]);

const urgencyOf = ({ because, strand }: Pick<Due, 'because' | 'strand'>): number =>
  because === 'strand-never' && !firstStrands.has(strand) ? laterStrand : urgency[because];

/** Where to begin with a strand. */
const firstOf: Record<Strand, SkillId> = {
  'stable-order': 'order',
  'one-to-one': 'row',
  cardinality: 'fetch',
  'counting-on-and-back': 'count-on',
  comparing: 'more',
  'seeing-how-many': 'see-few',
  'parts-and-wholes': 'missing-part',
  'numeral-recognition': 'name-numeral',
  'numeral-formation': 'form-numeral',
  'sorting-and-recording': 'record',
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
        urgencyOf(a) - urgencyOf(b) || compare(a.last ?? '', b.last ?? '') || compare(a.childId, b.childId),
    )
    .slice(0, limit);
}

/** The most pressing thing about one child; null where nothing is due. */
function dueOf({ childId, looks }: ChildLooks, date: string): Due | null {
  if (looks.length === 0)
    return { childId, because: 'never', strand: 'one-to-one', skill: firstOf['one-to-one'], last: null };
  const reasons = [
    ...strands.flatMap((strand): readonly Due[] => {
      const last = latest(looks.filter((look) => look.strand === strand).map((look) => look.last));
      if (last === null && !isInReach(strand, looks, date)) return [];
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
  const rank = (due: Due): number =>
    due.because === 'fading' && due.last === lastDay ? seenLastTime : urgencyOf(due);
  return reasons.toSorted((a, b) => rank(a) - rank(b) || compare(a.last ?? '', b.last ?? ''))[0] ?? null;
}

/**
 * Whether a strand that nobody has looked at is due. The first three are due at once; counting on, once what it rests on has
 * been looked at; writing numerals, once some are read; the others, once the child has been coming for as long as any strand may wait.
 */
function isInReach(strand: Strand, looks: readonly LookSummary[], date: string): boolean {
  const isLookedAt = (skill: SkillId): boolean => looks.some((look) => look.skill === skill);
  switch (strand) {
    case 'stable-order':
    case 'one-to-one':
    case 'cardinality':
      return true;
    case 'counting-on-and-back':
      return (
        looks.some(({ skill, isOpen }) => skill === 'order' && !isOpen) &&
        isLookedAt('fetch') &&
        isLookedAt('last-word')
      );
    // Nobody writes numerals before some are read.
    case 'numeral-formation':
      return looks.some(({ skill, isOpen }) => skill === 'name-numeral' && !isOpen);
    default: {
      const since = looks.reduce((one, { first }) => (first < one ? first : one), date);
      return daysBetween(since, date) >= 7 * figure.lookAgainWeeks;
    }
  }
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
