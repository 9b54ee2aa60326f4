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
  /** It has points or edges that can hurt. */
  readonly sharp?: true;
  /** It is to eat, and what is in it, as whoever added it has put it. */
  readonly food?: string;
  /** It goes into mouths, whoever counts it. */
  readonly mouthable?: true;
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

/**
 * @param own kinds that the room has added
 * @throws RangeError for a kind that is neither on the shelf nor the room’s own
 */
export function counterOf(id: string, own: readonly Counter[] = []): Counter {
  const counter = [...counters, anything, ...own].find((one) => one.id === id);
  if (!counter) throw new RangeError(`counterOf: no counter is called “${id}”`);
  return counter;
}

/** Every kind, in the order of the shelf. */
export const counterKinds: readonly string[] = counters.map((counter) => counter.id);

/** The next kind of those that may be laid: other things tell more than the same ones. */
export function otherCounter(things: string, kinds: readonly string[] = counterKinds): string {
  // What the room has added follows what is shipped.
  const order = [...new Set([...counterKinds, ...kinds])];
  const place = order.indexOf(things);
  const after = kinds.find((kind) => order.indexOf(kind) > place);
  return after ?? kinds.find((kind) => kind !== things) ?? things;
}
