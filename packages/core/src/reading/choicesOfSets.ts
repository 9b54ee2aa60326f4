import type { Comparison } from '../trace/trace.js';

/** The names of the sets by their place from the left, of two and of three. */
const ofTwo = ['left-set', 'right-set'] as const;
const ofThree = ['left-set', 'middle-set', 'right-set'] as const;

/** What is to be chosen from: the sets, and where it is asked so, that they are the same. */
export const choicesOf = ({ sets, relation }: Pick<Comparison, 'sets' | 'relation'>): readonly string[] => [
  ...(sets.length === 3 ? ofThree : ofTwo),
  ...(relation === 'same' ? ['as-many'] : []),
];

/** The name of what is right to choose of sets side by side. */
export function rightOf(comparison: Comparison): string {
  const { sets, relation } = comparison;
  const ns = sets.map(({ n }) => n);
  if (relation === 'same' && new Set(ns).size === 1) return 'as-many';
  const sought = relation === 'fewer' || relation === 'least' ? Math.min(...ns) : Math.max(...ns);
  return choicesOf(comparison)[ns.indexOf(sought)]!;
}
