import type { Arrangement } from '../trace/trace.js';

/** Ten strands; those of the shelf’s own list have tasks. */
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

/** How a skill's tries are read, and with which estimate it is said. */
type Read =
  | { readonly as: 'order'; readonly by: 'order' }
  /** Track kept of things, in each arrangement by itself. */
  | { readonly as: 'tracking'; readonly by: 'one-to-one'; readonly arrangement: Arrangement }
  | { readonly as: 'fetch'; readonly by: 'fetch' }
  /** Gives way at some number: `thresholdReaders` has how a try tells so. */
  | { readonly as: 'threshold'; readonly by: string }
  /** Holds in a try or does not: `principleReaders` has how a try tells so. */
  | { readonly as: 'principle'; readonly by: string; readonly restsOn: RestsOn }
  /** Each numeral is read or not, by itself. */
  | { readonly as: 'numerals'; readonly by: NumeralsRead };

/** Named on sight, found among others, or read by touch. */
type NumeralsSeen = 'name-numeral' | 'find-numeral' | 'touch-numeral';
/** Of numerals that are written: legible, begun and led as they should be, the right way round. */
type NumeralsWritten = 'write-numeral' | 'form-numeral' | 'face-numeral';
type NumeralsRead = NumeralsSeen | NumeralsWritten;

/** What must not be in the way when a principle is looked at: saying the words, counting things, or handing them over. */
type RestsOn = 'order' | 'one-to-one' | 'fetch';

const on = (skill: string, offset = 0): Leaning => ({ on: skill, offset });

/** Every skill of the shelf and those to come, and what each leans on. Without circles. */
export const skillMap = [
  skill('order', 'stable-order', true, [], { as: 'order', by: 'order' }),
  principle('order-judged', 'stable-order', [on('order', 6)], 'order'),
  principle('teens', 'stable-order', [on('order', 12)], 'order'),

  tracking('aside', [on('order')], 'movable'),
  principle('matching', 'one-to-one', [], 'one-to-one'),
  tracking('frame', [on('order'), on('matching')], 'frame'),
  tracking('row', [on('order'), on('aside')], 'row'),
  tracking('pictures', [on('row')], 'pictures'),
  tracking('scattered', [on('row', 2)], 'scattered'),
  tracking('ring', [on('row', 2)], 'ring'),
  tracking('heard', [on('order'), on('aside', 1)], 'heard'),
  threshold('heard-many', 'one-to-one', [on('heard')]),
  principle('one-to-one-judged', 'one-to-one', [on('row', 5)], 'one-to-one'),

  principle('last-word', 'cardinality', [on('row', 3)], 'one-to-one'),
  skill('fetch', 'cardinality', true, [on('aside')], { as: 'fetch', by: 'fetch' }),
  threshold('count-out', 'cardinality', [on('order'), on('aside'), on('fetch', -5)]),
  principle('equal-set', 'cardinality', [on('fetch', 3), on('matching')], 'fetch'),
  principle('conservation', 'cardinality', [on('last-word')], 'one-to-one'),
  principle('order-irrelevance', 'cardinality', [on('last-word')], 'one-to-one'),
  principle('numeral-to-set', 'cardinality', [on('fetch', 4)], 'fetch'),
  principle('several-sets', 'cardinality', [on('numeral-to-set')], 'fetch'),

  threshold('count-on', 'counting-on-and-back', [on('order', 3), on('last-word'), on('fetch')]),
  threshold('count-back', 'counting-on-and-back', [on('order'), on('count-on')]),
  threshold('one-more', 'counting-on-and-back', [on('order', 1)]),
  threshold('one-fewer', 'counting-on-and-back', [on('one-more'), on('count-back')]),
  threshold('hidden', 'counting-on-and-back', [on('count-on'), on('conservation')]),
  threshold('together', 'counting-on-and-back', [on('row'), on('last-word')]),
  threshold('stair', 'counting-on-and-back', [on('one-more'), on('aside')]),
  threshold('change-set', 'counting-on-and-back', [on('fetch', 0), on('one-more')]),
  threshold('do-n', 'counting-on-and-back', [on('order')]),
  threshold('fingers', 'counting-on-and-back', [on('order')]),
  threshold('path', 'counting-on-and-back', [on('do-n')]),
  principle('sure-win', 'counting-on-and-back', [on('count-back', 5)], 'one-to-one'),

  principle('more', 'comparing', [on('row', 4)], 'one-to-one'),
  principle('fewer', 'comparing', [on('more')], 'one-to-one'),
  principle('same', 'comparing', [on('equal-set'), on('more')], 'one-to-one'),

  principle('compare-numerals', 'comparing', [on('same')], 'order'),

  threshold('see-few', 'seeing-how-many', [on('order')]),
  threshold('see-dice', 'seeing-how-many', [on('see-few', -4)]),
  threshold('see-fingers', 'seeing-how-many', [on('see-few', -5)]),
  threshold('see-frame', 'seeing-how-many', [on('see-few', -5)]),
  principle('same-looks', 'seeing-how-many', [on('see-frame', 4), on('same')], 'one-to-one'),

  threshold('missing-part', 'parts-and-wholes', [on('conservation'), on('see-few', -3)]),
  threshold('parts', 'parts-and-wholes', [on('missing-part')]),
  threshold('to-ten', 'parts-and-wholes', [on('missing-part'), on('count-on')]),
  principle('ten-and-some', 'parts-and-wholes', [on('order', 15), on('to-ten', 5)], 'order'),
  principle('partners', 'parts-and-wholes', [on('matching')], 'one-to-one'),
  principle('patterns', 'parts-and-wholes', [on('matching')], 'one-to-one'),
  principle('level', 'parts-and-wholes', [on('fetch', 4), on('equal-set')], 'fetch'),

  numerals('name-numeral', [on('order', 3), on('aside', 2)]),
  numerals('find-numeral', [on('order', 3), on('aside', 2)]),
  numerals('touch-numeral', [on('order', 3), on('aside', 2)]),
  principle('write-braille', 'numeral-recognition', [on('touch-numeral', 5)], 'order'),
  threshold('order-numerals', 'numeral-recognition', [on('order'), on('find-numeral')]),
  principle('numeral-and-set', 'numeral-recognition', [on('row', 4), on('find-numeral', 4)], 'one-to-one'),
  principle('on-the-line', 'numeral-recognition', [on('order', 10), on('name-numeral', 7)], 'order'),
  principle('teen-numerals', 'numeral-recognition', [on('order', 12), on('name-numeral', 9)], 'order'),

  written('form-numeral', [on('name-numeral')]),
  written('write-numeral', [on('name-numeral'), on('form-numeral')]),
  written('face-numeral', [on('write-numeral')]),
  threshold('write-how-many', 'numeral-formation', [on('write-numeral'), on('last-word')]),

  principle('record', 'sorting-and-recording', [on('matching'), on('last-word')], 'one-to-one'),
  principle('tally', 'sorting-and-recording', [on('matching')], 'one-to-one'),
  principle('sort-and-count', 'sorting-and-recording', [on('row', 5), on('last-word')], 'one-to-one'),
] as const;

/** A skill of one kind: where it stands, whether it runs along the numbers, what it leans on, how it is read. */
function skill<const Id extends string, const How extends Read>(
  id: Id,
  strand: AnyStrand,
  axis: boolean,
  leansOn: readonly Leaning[],
  read: How,
) {
  return { id, strand, axis, leansOn, read };
}

function tracking<const Id extends string>(id: Id, leansOn: readonly Leaning[], arrangement: Arrangement) {
  return skill(id, 'one-to-one', true, leansOn, { as: 'tracking', by: 'one-to-one', arrangement });
}

function numerals<const Id extends NumeralsSeen>(id: Id, leansOn: readonly Leaning[]) {
  return skill(id, 'numeral-recognition', true, leansOn, { as: 'numerals', by: id });
}

function written<const Id extends NumeralsWritten>(id: Id, leansOn: readonly Leaning[]) {
  return skill(id, 'numeral-formation', true, leansOn, { as: 'numerals', by: id });
}

function threshold<const Id extends string>(id: Id, strand: AnyStrand, leansOn: readonly Leaning[]) {
  return skill(id, strand, true, leansOn, { as: 'threshold', by: id });
}

function principle<const Id extends string>(
  id: Id,
  strand: AnyStrand,
  leansOn: readonly Leaning[],
  restsOn: RestsOn,
) {
  return skill(id, strand, false, leansOn, { as: 'principle', by: id, restsOn });
}
