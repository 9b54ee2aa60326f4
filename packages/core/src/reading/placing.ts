import type { Unplaced } from '../trace/passes.js';
import type { Item } from '../trace/trace.js';

/**
 * Which thing each event of a pass is about. An event that names no item stands for the lowest item
 * not yet counted, touched or passed over; where there is none, for the lowest that still waits to be
 * counted; where none waits, for nothing.
 */
export class Placing {
  private readonly counted = new Set<Item>();
  private readonly touched = new Set<Item>();
  private readonly passedOver = new Set<Item>();
  private readonly size: number;
  private readonly lowest: Record<'fresh' | 'waiting', ReturnType<typeof lowestOf>>;

  constructor(size: number) {
    this.size = size;
    this.lowest = { fresh: lowestOf(size), waiting: lowestOf(size) };
  }

  /** Whether any thing has not been counted yet. */
  get itemsWait(): boolean {
    return this.counted.size < this.size;
  }

  isCounted(item: Item): boolean {
    return this.counted.has(item);
  }

  /** Neither counted nor touched. */
  get missed(): readonly Item[] {
    const items = Array.from({ length: this.size }, (_, item) => item);
    return items.filter((item) => !this.counted.has(item) && !this.touched.has(item));
  }

  /**
   * Takes the event in, and tells the thing it is about; undefined for no thing, or one that is not known.
   * @throws RangeError when the event names an item that is not in the set
   */
  take(event: Unplaced): Item | undefined {
    if (event.kind === 'say') return undefined;
    const isAgain = event.item === 'again';
    const named = typeof event.item === 'number' ? event.item : undefined;
    if (named !== undefined && !(named >= 0 && named < this.size)) {
      throw new RangeError(`readPairing: item ${named} is not in a set of ${this.size}`);
    }
    const isNew = !isAgain && (named === undefined || !this.counted.has(named));
    if (event.kind === 'count' && !(this.itemsWait && isNew)) return named;
    const item = named ?? this.standsFor();
    if (item !== undefined) this.setOf(event.kind).add(item);
    return item;
  }

  private setOf(kind: 'count' | 'touch' | 'passed-over'): Set<Item> {
    if (kind === 'count') return this.counted;
    return kind === 'touch' ? this.touched : this.passedOver;
  }

  private standsFor(): Item | undefined {
    const fresh = this.lowest.fresh((item) => !this.isCounted(item) && !this.isSeen(item));
    return fresh ?? this.lowest.waiting((item) => !this.isCounted(item));
  }

  private isSeen(item: Item): boolean {
    return this.touched.has(item) || this.passedOver.has(item);
  }
}

/** The lowest item of which something holds that never holds again once it is over. */
function lowestOf(size: number): (holds: (item: Item) => boolean) => Item | undefined {
  let item = 0;
  return (holds) => {
    while (item < size && !holds(item)) item++;
    return item < size ? item : undefined;
  };
}
