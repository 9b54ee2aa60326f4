/** A kind of thing that can be laid and counted. */
export interface Counter {
  readonly id: string;
  readonly one: string;
  readonly many: string;
  /** Fits the public small-parts cylinder (about 32 mm across): a choking hazard. */
  readonly small: boolean;
  /** What to look after with this material, whoever counts with it. */
  readonly care?: string;
  /** The food or plant family to hold against the child's allergies. */
  readonly allergen?: string;
}

export const counters: readonly Counter[] = [
  { id: 'cork', one: 'cork', many: 'corks', small: true, care: 'Put by any cork that crumbles.' },
  {
    id: 'shell',
    one: 'shell',
    many: 'shells',
    small: true,
    care: 'Feel each shell for a chipped, sharp edge before it is laid.',
  },
  { id: 'boat', one: 'wooden boat', many: 'wooden boats', small: false },
  {
    id: 'lid',
    one: 'jar lid',
    many: 'jar lids',
    small: false,
    care: 'Run a finger round each lid: no sharp or bent rim.',
  },
  {
    id: 'acorn-cup',
    one: 'acorn cup',
    many: 'acorn cups',
    small: true,
    care: 'Use dry cups only, and wash hands afterwards.',
    allergen: 'tree nuts',
  },
];

/** Whatever was counted in play: on no tray. */
const anything: Counter = { id: 'anything', one: 'thing', many: 'things', small: false };

export const isCounter = (id: string): boolean => [...counters, anything].some((one) => one.id === id);

/** @throws RangeError for a kind that is not on the shelf */
export function counterOf(id: string): Counter {
  const counter = [...counters, anything].find((one) => one.id === id);
  if (!counter) throw new RangeError(`counterOf: no counter is called “${id}”`);
  return counter;
}

/** "1 cork", "8 corks", "no corks". */
export function amountOf(size: number, things: string): string {
  const { one, many } = counterOf(things);
  if (size === 0) return `no ${many}`;
  return size === 1 ? `1 ${one}` : `${size} ${many}`;
}

/** Every kind, in the order of the shelf. */
export const counterKinds: readonly string[] = counters.map((counter) => counter.id);

/** The next kind of those that may be laid: other things tell more than the same ones. */
export function otherCounter(things: string, kinds: readonly string[] = counterKinds): string {
  const place = counterKinds.indexOf(things);
  const after = kinds.find((kind) => counterKinds.indexOf(kind) > place);
  return after ?? kinds.find((kind) => kind !== things) ?? things;
}
