/** Foods and plants that a kind of thing may stand for, to be held against a child’s allergies. */
export type Allergen = 'tree-nuts';

/** A kind of thing that can be laid and counted; what it is called, and its care, the catalogue has by its id. */
export interface Counter {
  readonly id: string;
  /** Fits the public small-parts cylinder (about 32 mm across): a choking hazard. */
  readonly small: boolean;
  /** How large one is laid or drawn beside others (mm). */
  readonly across: number;
  readonly allergen?: Allergen;
}

const kinds = [
  { id: 'cork', small: true, across: 24 },
  { id: 'shell', small: true, across: 30 },
  { id: 'boat', small: false, across: 60 },
  { id: 'lid', small: false, across: 50 },
  { id: 'acorn-cup', small: true, across: 18, allergen: 'tree-nuts' },
] as const satisfies readonly Counter[];

export const counters: readonly Counter[] = kinds;

/** A kind on the shelf, or whatever was counted in play. */
export type Things = (typeof kinds)[number]['id'] | 'anything';

/** Whatever was counted in play: on no tray. */
const anything: Counter = { id: 'anything', small: false, across: 30 };

export const isCounter = (id: string): id is Things => [...counters, anything].some((one) => one.id === id);

/** @throws RangeError for a kind that is not on the shelf */
export function counterOf(id: string): Counter {
  const counter = [...counters, anything].find((one) => one.id === id);
  if (!counter) throw new RangeError(`counterOf: no counter is called “${id}”`);
  return counter;
}

/** Every kind, in the order of the shelf. */
export const counterKinds: readonly string[] = counters.map((counter) => counter.id);

/** The next kind of those that may be laid: other things tell more than the same ones. */
export function otherCounter(things: string, kinds: readonly string[] = counterKinds): string {
  const place = counterKinds.indexOf(things);
  const after = kinds.find((kind) => counterKinds.indexOf(kind) > place);
  return after ?? kinds.find((kind) => kind !== things) ?? things;
}
