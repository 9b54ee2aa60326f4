import type { Arrangement } from '../trace/trace.js';
import type { NumberSkill, Principle } from '../shelf/task.js';

/** Ten strands; the first three have tasks on the shelf. */
export const allStrands = [
  'stable-order',
  'one-to-one',
  'cardinality',
  'counting-on-and-back',
  'comparing',
  'numeral-recognition',
  'numeral-formation',
  'seeing-how-many',
  'parts-and-wholes',
  'sorting-and-recording',
] as const;
export type AnyStrand = (typeof allStrands)[number];

/** What a skill rests on: to do it at n the other is needed at n + offset. */
export interface Leaning {
  readonly on: string;
  readonly offset: number;
}

export interface SkillEntry {
  readonly id: string;
  readonly strand: AnyStrand;
  /** Runs along the numbers; else it holds or does not. */
  readonly axis: boolean;
  readonly leansOn: readonly Leaning[];
  /** How its tries are read; absent for skills still to come. */
  readonly read?:
    { readonly by: NumberSkill; readonly arrangement?: Arrangement } | { readonly by: Principle };
}

/** How a skill's tries are read. */
export type ReadBy = NumberSkill | Principle;

const on = (skill: string, offset = 0): Leaning => ({ on: skill, offset });

/** Every skill of the shelf and those to come, and what each leans on. Without circles. */
export const skillMap = [
  skill('order', 'stable-order', true, [], { by: 'order' }),
  skill('order-judged', 'stable-order', false, [on('order', 6)], {
    by: 'order-judged',
  }),
  skill('teens', 'stable-order', false, [on('order', 12)], { by: 'teens' }),

  skill('aside', 'one-to-one', true, [on('order')], {
    by: 'one-to-one',
    arrangement: 'movable',
  }),
  skill('matching', 'one-to-one', false, [], { by: 'matching' }),
  skill('frame', 'one-to-one', true, [on('order'), on('matching')], {
    by: 'one-to-one',
    arrangement: 'frame',
  }),
  skill('row', 'one-to-one', true, [on('order'), on('aside')], {
    by: 'one-to-one',
    arrangement: 'row',
  }),
  skill('pictures', 'one-to-one', true, [on('row')], {
    by: 'one-to-one',
    arrangement: 'pictures',
  }),
  skill('scattered', 'one-to-one', true, [on('row', 2)], {
    by: 'one-to-one',
    arrangement: 'scattered',
  }),
  skill('ring', 'one-to-one', true, [on('row', 2)], {
    by: 'one-to-one',
    arrangement: 'ring',
  }),
  skill('heard', 'one-to-one', true, [on('order'), on('aside', 1)], {
    by: 'one-to-one',
    arrangement: 'heard',
  }),
  skill('one-to-one-judged', 'one-to-one', false, [on('row', 5)], {
    by: 'one-to-one-judged',
  }),

  skill('last-word', 'cardinality', false, [on('row', 3)], {
    by: 'last-word',
  }),
  skill('fetch', 'cardinality', true, [on('aside')], { by: 'fetch' }),
  skill('count-out', 'cardinality', true, [on('order'), on('aside'), on('fetch', -5)], { by: 'count-out' }),
  skill('equal-set', 'cardinality', false, [on('fetch', 3), on('matching')], {
    by: 'equal-set',
  }),
  skill('conservation', 'cardinality', false, [on('last-word')], {
    by: 'conservation',
  }),
  skill('order-irrelevance', 'cardinality', false, [on('last-word')], {
    by: 'order-irrelevance',
  }),
  skill('numeral-to-set', 'cardinality', false, [on('fetch', 4)], {
    by: 'numeral-to-set',
  }),
  skill('several-sets', 'cardinality', false, [on('numeral-to-set')], {
    by: 'several-sets',
  }),

  skill('count-on', 'counting-on-and-back', true, [on('order', 3), on('last-word')]),
  skill('count-back', 'counting-on-and-back', true, [on('order'), on('count-on')]),
  skill('one-more', 'counting-on-and-back', true, [on('order', 1)]),
  skill('one-fewer', 'counting-on-and-back', true, [on('one-more'), on('count-back')]),
  skill('hidden', 'counting-on-and-back', true, [on('count-on'), on('conservation')]),

  skill('more', 'comparing', false, [on('row', 4)]),
  skill('fewer', 'comparing', false, [on('more')]),
  skill('same', 'comparing', true, [on('equal-set'), on('more')]),

  skill('name-numeral', 'numeral-recognition', true, [on('order')]),
  skill('find-numeral', 'numeral-recognition', true, []),
  skill('order-numerals', 'numeral-recognition', true, [on('name-numeral'), on('order')]),
  skill('compare-numerals', 'numeral-recognition', true, [on('order-numerals'), on('more')]),

  skill('trace-numeral', 'numeral-formation', false, []),
  skill('write-numeral', 'numeral-formation', true, [on('name-numeral'), on('trace-numeral')]),
  skill('write-how-many', 'numeral-formation', true, [on('write-numeral'), on('last-word')]),

  skill('see-few', 'seeing-how-many', true, []),
  skill('see-patterns', 'seeing-how-many', true, [on('see-few', -4)]),

  skill('parts', 'parts-and-wholes', true, [on('conservation'), on('see-few', -2)]),
  skill('to-ten', 'parts-and-wholes', true, [on('parts'), on('count-on')]),

  skill('sort-and-count', 'sorting-and-recording', false, [on('row', 5)]),
  skill('tally', 'sorting-and-recording', true, [on('matching')]),
] as const satisfies readonly SkillEntry[];

function skill<Id extends string>(
  id: Id,
  strand: AnyStrand,
  axis: boolean,
  leansOn: readonly Leaning[],
  read?: SkillEntry['read'],
): SkillEntry & { readonly id: Id } {
  return { id, strand, axis, leansOn, ...(read && { read }) };
}

export type SkillId = (typeof skillMap)[number]['id'];

/** @throws RangeError for a skill that is not on the map */
export function skillOf(id: string): SkillEntry & { readonly id: SkillId } {
  const found = skillMap.find((one) => one.id === id);
  if (!found) throw new RangeError(`skillOf: no skill is called “${id}”`);
  return found;
}

/** The skills that lean on one directly. */
export const leaningOn = (id: string): readonly SkillEntry[] =>
  skillMap.filter((one) => one.leansOn.some((leaning) => leaning.on === id));
