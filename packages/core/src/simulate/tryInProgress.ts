import { chance, pick, type Random } from '../common/random.js';
import type { Arrangement, Ended, Happening, InkStroke, TraceEvent, TraySet, Word } from '../trace/trace.js';
import type { HiddenAbility } from './child.js';
import { WordsInProgress } from './words.js';

export interface SimulatedTry {
  readonly events: readonly TraceEvent[];
  readonly ended: Ended;
}

/** What is laid to be counted. */
export interface Laid {
  readonly size: number;
  readonly arrangement: Arrangement;
}

/** How much more, or less, is lost track of than in a row. */
const SLIPS_BY_ARRANGEMENT: Record<Arrangement, number> = {
  movable: 0.4,
  frame: 0.6,
  row: 1,
  pictures: 1.3,
  heard: 1.4,
  scattered: 1.8,
  ring: 1.8,
  hidden: 2,
  none: 0,
};

/** A try as the child has it and an adult records it, event by event. */
export class TryInProgress {
  private readonly events: TraceEvent[] = [];
  private t = 900;
  private drawnFrom: number | null = null;
  readonly ability: HiddenAbility;
  readonly random: Random;

  constructor(ability: HiddenAbility, random: Random) {
    this.ability = ability;
    this.random = random;
  }

  /** Counts what is laid, and loses track where the child does; the last word said. */
  countAll({ size, arrangement }: Laid): Word {
    const words = new WordsInProgress(this.ability, size, this.random);
    let last: Word = 0;
    for (let thing = 0; thing < size; thing++) {
      if (chance(this.random, this.slipChanceAt(thing, size, arrangement)))
        last = this.loseTrack(words) ?? last;
      else last = this.sayWith(words);
    }
    if (chance(this.random, this.ability.goesRound?.[arrangement] ?? 0)) last = this.sayWith(words);
    return last;
  }

  /** The mean over the things is the child's own; racing moves the slips towards the end. */
  private slipChanceAt(thing: number, size: number, arrangement: Arrangement): number {
    const { slipPerThing, racing } = this.ability;
    const place = size === 1 ? 0.5 : thing / (size - 1);
    const tilt = (1 + (racing - 1) * place) / (1 + (racing - 1) / 2);
    return Math.min(0.95, slipPerThing * SLIPS_BY_ARRANGEMENT[arrangement] * tilt);
  }

  private loseTrack(words: WordsInProgress): Word | undefined {
    const how = pick(
      this.random,
      this.ability.racing > 1
        ? (['word', 'word', 'twice', 'left-out'] as const)
        : (['twice', 'twice', 'left-out', 'word', 'touch'] as const),
    );
    if (how === 'left-out' || how === 'touch') {
      this.add({ kind: how === 'touch' ? 'touch' : 'passed-over' });
      return undefined;
    }
    if (how === 'word') this.add({ kind: 'say', word: words.next() });
    const counted = this.sayWith(words);
    if (how !== 'twice') return counted;
    const again = words.next();
    this.add({ kind: 'count', word: again, item: 'again' });
    return again;
  }

  private sayWith(words: WordsInProgress): Word {
    const word = words.next();
    this.add({ kind: 'count', word });
    return word;
  }

  add(happening: Happening): void {
    this.t += Math.round(this.ability.pace * (0.7 + 0.6 * this.random()));
    this.events.push({ ...happening, seq: this.events.length, t: this.t });
  }

  /** Counts them to itself, and may be one out. */
  countedTo({ size }: Pick<TraySet, 'size'>): number {
    const isOut = chance(this.random, 1 - (1 - this.ability.slipPerThing) ** size);
    return isOut ? Math.max(1, size + pick(this.random, [-1, 1])) : size;
  }

  /** A stroke; what came between it and the one before stays between them. */
  draw(points: InkStroke): void {
    const [first, last] = [points[0]!, points.at(-1)!];
    this.drawnFrom ??= this.t + 600 - first.t;
    const moved = points.map((point) => ({ ...point, t: point.t + this.drawnFrom! }));
    this.t = last.t + this.drawnFrom;
    this.events.push({ kind: 'stroke', points: moved, seq: this.events.length, t: this.t });
  }

  end(ended: Ended): SimulatedTry {
    return { events: this.events, ended };
  }
}
