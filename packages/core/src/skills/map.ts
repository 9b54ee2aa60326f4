import { skillMap, type AnyStrand } from './entries.js';

export { allStrands, skillMap, type AnyStrand } from './entries.js';

export type SkillEntry = (typeof skillMap)[number];
export type SkillId = SkillEntry['id'];

type ReadSkill = NonNullable<SkillEntry['read']>;

/** How a skill's tries are read: what a task looks at. */
export type ReadBy = ReadSkill['by'];
/** Those that give way at some number, with an estimate alike. */
export type ThresholdSkill = Extract<ReadSkill, { as: 'threshold' }>['by'];
/** A principle that either holds in a try or does not. */
export type Principle = Extract<ReadSkill, { as: 'principle' }>['by'];
/** Each numeral by itself: named, or found among others. */
export type NumeralSkill = Extract<ReadSkill, { as: 'numerals' }>['by'];
/** Skills that are asked at a number. */
export type NumberSkill = Exclude<ReadBy, Principle>;

const reads: readonly ReadSkill[] = skillMap.flatMap(({ read }) => read ?? []);

export const principles: readonly Principle[] = reads.flatMap((read) =>
  read.as === 'principle' ? [read.by] : [],
);
export const thresholdSkills: readonly ThresholdSkill[] = reads.flatMap((read) =>
  read.as === 'threshold' ? [read.by] : [],
);
export const numeralSkills: readonly NumeralSkill[] = reads.flatMap((read) =>
  read.as === 'numerals' ? [read.by] : [],
);
export const isNumeralSkill = (by: ReadBy): by is NumeralSkill => numeralSkills.some((one) => one === by);
export const isPrinciple = (by: ReadBy): by is Principle => principles.some((one) => one === by);

/** @throws RangeError for a skill that is not on the map */
export function skillOf(id: string): SkillEntry {
  const found = skillMap.find((one) => one.id === id);
  if (!found) throw new RangeError(`skillOf: no skill is called “${id}”`);
  return found;
}

/** The skill that a principle is. */
export function skillOfPrinciple(principle: Principle): Extract<SkillEntry, { id: Principle }> {
  return skillMap.find((one): one is Extract<SkillEntry, { id: Principle }> => one.id === principle)!;
}

/** What a room is shown at a glance: of counting itself, and of what goes beyond it. */
export const roomSkills = {
  counting: ['order', 'aside', 'row', 'scattered', 'fetch', 'last-word'],
  beyond: ['count-on', 'hidden', 'more', 'fewer', 'see-few', 'missing-part', 'name-numeral'],
} as const satisfies Readonly<Record<string, readonly SkillId[]>>;

/** Leaned on to build the others, which are the heart of the work: they come first. */
const sideStrands: ReadonlySet<AnyStrand> = new Set([
  'seeing-how-many',
  'parts-and-wholes',
  'sorting-and-recording',
  'numeral-formation',
]);
export const isSideStrand = (strand: AnyStrand): boolean => sideStrands.has(strand);

/** The skills that lean on one directly. */
export const leaningOn = (id: string): readonly SkillEntry[] =>
  skillMap.filter((one) => one.leansOn.some((leaning) => leaning.on === id));
