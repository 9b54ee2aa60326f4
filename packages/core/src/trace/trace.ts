import type { ChildId, OwnTaskId, SittingId, StaffId, TraceId } from './ids.js';

/** A number word by its value; anything else as heard ("fiveteen"). */
export type Word = number | string;

/** 0 … size−1: the thing's place on the mirror of the tray. */
export type Item = number;

export const arrangements = [
  'movable',
  'row',
  'frame',
  'pictures',
  'scattered',
  'ring',
  'heard',
  'hidden',
  'none',
] as const;
export type Arrangement = (typeof arrangements)[number];

/** All in sight and open to the finger. */
export const openArrangements = ['row', 'scattered', 'ring'] as const satisfies readonly Arrangement[];
export type OpenArrangement = (typeof openArrangements)[number];

export const helps = ['none', 'encouraged', 'prompted', 'shown', 'guided'] as const;
export type Help = (typeof helps)[number];

export const answerers = ['alone', 'with-others', 'others'] as const;
export type AnsweredBy = (typeof answerers)[number];

export const endings = ['finished', 'stopped-itself', 'stopped-by-adult', 'refused', 'interrupted'] as const;
export type Ended = (typeof endings)[number];

export const strategies = [
  'counted-all',
  'counted-on',
  'knew',
  'matched',
  'looked',
  'fingers',
  'guessed',
  'moved-aside',
  'touched',
  'marked',
  'in-cells',
  'lined-up',
  'covered',
  'crossed-out',
  'coloured',
  'took-away',
  'began-over',
  'all-at-once',
  'one-by-one',
  'raised-one-more',
  'kept-its-place',
  'five-and-some',
  'two-alike',
  'stopped-early',
] as const;
export type Strategy = (typeof strategies)[number];

/** Why the child says it is so, after things were moved, compared or hidden. */
export const reasonsGiven = [
  'nothing-added',
  'counted-again',
  'looks-it',
  'heard-it',
  'did-not-say',
] as const;
export type ReasonGiven = (typeof reasonsGiven)[number];

export const questions = [
  'how-many',
  'give',
  'which',
  'next',
  'before',
  'hidden',
  'name',
  'find',
  'write',
] as const;
export type Question = (typeof questions)[number];

/** Needs for which a task is done otherwise; the principle it looks at stays the same. */
export const needs = ['vision', 'hearing', 'movement', 'speech', 'language', 'attention'] as const;
export type Need = (typeof needs)[number];

export const cues = ['colour', 'printed-number', 'line', 'empties'] as const;
export type Cue = (typeof cues)[number];

export interface TraySet {
  /** How many things; 0 is allowed. */
  readonly size: number;
  /** Kind of counter, an id of the counters table. */
  readonly things: string;
  readonly arrangement: Arrangement;
  /** Something that gives the answer away. */
  readonly cue?: Cue;
  /** For "give me n": how many there were to take from. */
  readonly pile?: number;
  /** Seed and parameters of what was generated for the try. */
  readonly layout?: Layout;
}

/** What a made-up count got otherwise than it should; none where it was faultless. */
export const puppetSlips = ['none', 'skipped', 'repeated', 'swapped', 'missed', 'double-counted'] as const;
export type PuppetSlip = (typeof puppetSlips)[number];

/** A count that a puppet made for the child to judge: one word to each touch. */
export interface PuppetCount {
  readonly words: readonly number[];
  /** The thing touched with each word; empty where only the words were played. */
  readonly touches: readonly Item[];
  readonly slip: PuppetSlip;
}

/** One bowl of a recipe: so many of a kind. */
export interface Bowl {
  readonly things: string;
  readonly n: number;
}

/** From a number so many more, or, where negative, so many fewer. */
export interface Change {
  readonly from: number;
  readonly by: number;
  /** What is not to be seen of it is asked for: the rest lies in view. */
  readonly covered?: true;
}

/** What is done so many times, and nothing is laid for it. */
export const doings = ['times', 'fingers', 'squares'] as const;
export type Doing = (typeof doings)[number];

/** What is asked of sets side by side. */
export const relations = ['more', 'fewer', 'same', 'most', 'least'] as const;
export type Relation = (typeof relations)[number];

/** What may differ between sets besides their number, and be gone by. */
export const traps = ['length', 'size', 'spread'] as const;
export type Trap = (typeof traps)[number];

/** One of the sets that are compared, as it lies: how long from end to end, how deep, how large each thing (mm). */
export interface ComparedSet {
  readonly n: number;
  readonly things: string;
  readonly length: number;
  readonly depth: number;
  readonly across: number;
}

/** Sets side by side, from the left of the screen; in rows, each spread over its own ground, or as numerals on cards alone. */
export interface Comparison {
  readonly relation: Relation;
  readonly lie: 'rows' | 'spread' | 'cards';
  readonly sets: readonly ComparedSet[];
}

/** What a turn of a game came to, and the one before it; none is zero. */
export interface Turns {
  readonly last: number;
  readonly now: number;
}

/** How a set is to stand to one that lies there. */
export const besides = ['more', 'one-more', 'fewer'] as const;
export type Beside = (typeof besides)[number];

/** How so many can look: loose dots, the face of a die, fingers, or a frame filled line by line or two by two. */
export const patternForms = ['loose', 'die', 'fingers', 'frame-rows', 'frame-pairs'] as const;
export type PatternForm = (typeof patternForms)[number];

/** So many, as they are shown. */
export interface DotPattern {
  readonly form: PatternForm;
  readonly n: number;
  readonly seed: number;
}

/** A pattern that goes on and on: the kinds of things of one round of it, and how many of it lie there. */
export interface Carry {
  readonly unit: readonly string[];
  readonly shown: number;
}

/** What is on one side of a balance, in two parts at most: so many, on a card or as a set. */
export interface Weighed {
  readonly n: number;
  readonly as: 'numeral' | 'picture' | 'set';
}

/**
 * What is done with numerals on cards: one is named, or found among others; all of a number are found, among numerals or
 * pictures of sets; cards are put in a row, or each with its set; sets are walked round to; a card goes to a side of the
 * middle of a line; a ones card over the zero of ten; towers of things are built, each one more than the last; a numeral is
 * read by touch, or written in braille.
 */
export const cardKinds = [
  'name',
  'find',
  'find-all',
  'find-pictures',
  'row',
  'match',
  'hunt',
  'line',
  'teen',
  'stair',
  'feel',
  'braille',
] as const;
export type CardKind = (typeof cardKinds)[number];

/** How a numeral is read by touch: in braille, by the letters or the maths code, or raised. */
export const touchCodes = ['literary', 'maths', 'raised'] as const;
export type TouchCode = (typeof touchCodes)[number];

/** Cards as they lie, from the left; of a row in the order that is sought. */
export interface Cards {
  readonly kind: CardKind;
  /** The number in question; of several the largest. */
  readonly n: number;
  readonly cards: readonly number[];
  /** Of a numeral that is felt or brailled: how. */
  readonly code?: TouchCode;
  /** Of a row, those that lie there already. */
  readonly given?: readonly number[];
}

/** How a count is put on record: a stroke for each, the fifth across; ringed or drawn. */
export const recordings = ['tally', 'ring-or-draw'] as const;
export type Recording = (typeof recordings)[number];

/** In the air or with a finger, over a guide, beside a model, or from the spoken number alone. */
export const writingWays = ['air', 'trace', 'copy', 'write'] as const;
export type WritingWay = (typeof writingWays)[number];

/** What the child sees of the numeral while it writes: nothing, pale lines or dots to go over, or a model beside. */
export const guides = ['none', 'faded', 'dotted', 'model'] as const;
export type Guide = (typeof guides)[number];

/** Which hand writes. */
export type Hand = 'left' | 'right';

/** A stroke that a room has drawn: from point to point, in a box 1 high, y down. */
export interface DrawnStroke {
  readonly from: readonly [x: number, y: number];
  readonly to: readonly (readonly [x: number, y: number])[];
}

/** A numeral to be written. Strokes are taken in thousandths of the space between the lines: y is 0 at the upper, 1000 at the lower. */
export interface Writing {
  readonly n: number;
  readonly way: WritingWay;
  readonly guide: Guide;
  /** The lines are to be seen. */
  readonly ruled: boolean;
  /** The hand it is written with, where it is known. */
  readonly hand?: Hand;
  /** Its digits as the room forms them itself, where it does: accepted beside the others. */
  readonly drawn?: Readonly<Record<string, readonly DrawnStroke[]>>;
  /** Round a nought either way is accepted. */
  readonly eitherWayRound?: true;
  /** What is written is how many there are: they are counted first. */
  readonly counted?: true;
}

/** Where the pen was: x and y in any unit, y down; t in ms; p the pressure, 0 to 1, where the device tells it. */
export interface InkPoint {
  readonly x: number;
  readonly y: number;
  readonly t: number;
  readonly p?: number;
}

/** From pen down to pen up, in the order in which it was drawn. */
export type InkStroke = readonly InkPoint[];

/** What was generated for a try, so that it can be laid and played again. */
export interface Layout {
  /** Of the places drawn by lot. */
  readonly seed?: number;
  /** A frame is filled two by two, by columns; line by line where absent. */
  readonly fill?: 'pairs';
  /** Eighths of a turn clockwise, to match the real table. */
  readonly turn?: number;
  /** The beginning of a ring was marked. */
  readonly marked?: boolean;
  /** Which of the task's ways it was put in. */
  readonly way?: string;
  readonly puppet?: PuppetCount;
  /** Places to put one thing each: cells of a frame, jars. */
  readonly places?: number;
  readonly bowls?: readonly Bowl[];
  /** Nobody knows beforehand how many there are: the set has size 0 until it is said. */
  readonly handful?: true;
  readonly change?: Change;
  readonly doing?: Doing;
  readonly comparison?: Comparison;
  /** A set is made beside the model: with more, with one more, or with fewer. */
  readonly beside?: Beside;
  /** What is shown on the child’s side: one pattern, or two to be held against each other. */
  readonly patterns?: readonly DotPattern[];
  /** All the ways are looked for to make the set from two kinds. */
  readonly parts?: true;
  /** Is everyone’s partner there, or is one left over? */
  readonly pairs?: true;
  readonly carry?: Carry;
  /** The other side of a balance is made as heavy. */
  readonly balance?: readonly Weighed[];
  readonly cards?: Cards;
  readonly writing?: Writing;
  /** What is counted is put on record. */
  readonly records?: Recording;
  /** The places are the boxes of a track, in one row, with the numbers printed. */
  readonly track?: true;
  /** Sorted by kind, so many of each. */
  readonly sorted?: readonly Bowl[];
  /** Two turns of a game to be compared. */
  readonly turns?: Turns;
  /** Of a game in turns: the most that may be placed in one. */
  readonly most?: number;
  /** ms from the beginning of the playing to each drop into the tin. */
  readonly drops?: readonly number[];
  /** The things of the set to be matched, where they differ from those put. */
  readonly model?: string;
}

/** What a reading may be overruled about. */
export const ruledOn = ['order', 'one-to-one', 'how-many', 'task'] as const;
export type RuledOn = (typeof ruledOn)[number];

/** An adult's word against what was read. The last on a matter stands; `holds` null takes it back. */
export interface Ruling {
  readonly on: RuledOn;
  readonly holds: boolean | null;
  readonly reason: string;
  readonly by: string;
  /** ISO 8601 with offset. */
  readonly at: string;
}

/** Of a try in two languages, a word of the second. */
interface InLanguage {
  readonly lang?: 2;
}

/** How far it is from word to word: by ones, twos, fives or tens. */
export const countSteps = [1, 2, 5, 10] as const;
export type CountStep = (typeof countSteps)[number];

/** What happened, without its place and time in the try. */
export type Happening =
  | ({
      readonly kind: 'count';
      readonly word: Word;
      readonly item?: Item | 'again';
      /** Several taken with one touch, as by twos: each is counted by it. */
      readonly items?: readonly Item[];
    } & InLanguage)
  | ({ readonly kind: 'say'; readonly word: Word } & InLanguage)
  | { readonly kind: 'touch'; readonly item?: Item }
  | { readonly kind: 'passed-over'; readonly item?: Item }
  | { readonly kind: 'take-back' }
  | { readonly kind: 'restart' }
  | { readonly kind: 'ask'; readonly question: Question }
  | { readonly kind: 'answer'; readonly value: number | string | null }
  | { readonly kind: 'given'; readonly value: number }
  | { readonly kind: 'put'; readonly item?: Item; readonly place: string }
  /** A stroke of the pen; its times are of the try. */
  | { readonly kind: 'stroke'; readonly points: InkStroke };

/** What the adult does to the record itself. */
export type Correction =
  | {
      readonly kind: 'undo';
      readonly of: number;
      /** Afterwards, by another adult perhaps: who, when and why. */
      readonly by?: string;
      readonly at?: string;
      readonly reason?: string;
    }
  | {
      readonly kind: 'amend';
      readonly of: number;
      readonly event: HappeningEvent;
      readonly by: string;
      readonly at: string;
      readonly reason?: string;
    };

/** `seq` is the place within the try, from 0 without gaps; `t` is in ms from its start and never falls. */
interface Place {
  readonly seq: number;
  readonly t: number;
}

export type HappeningEvent = Happening & Place;
export type TraceEvent = (Happening | Correction) & Place;

/** One go of one child at one task at one size. `Trace` is the contract of docs/formats.md. */
export interface Trace {
  /** UUID made on the device: the same try sent twice is one try. */
  readonly id: TraceId;
  readonly childId: ChildId;
  readonly sittingId: SittingId;
  readonly recordedBy: StaffId;
  /** ISO 8601 with offset. */
  readonly startedAt: string;
  readonly task: string;
  /** The room’s own task, where it was one: laid, taken down and read as the task. */
  readonly own?: OwnTaskId;
  /** BCP 47 tag of the number words used. */
  readonly language: string;
  /** Absent in a try of the first version, which is read as it always was. */
  readonly version?: 2;
  /** By twos, fives or tens; by ones where absent. */
  readonly step?: CountStep;
  /** BCP 47 tag of the other language, where both are said on each thing. */
  readonly second?: string;
  readonly set: TraySet;
  /** The number the count should begin from. */
  readonly start: number;
  readonly direction: 1 | -1;
  /** Where the adult meant the child to stop, if anywhere. */
  readonly target?: number;
  readonly choices?: number;
  readonly strategy?: Strategy;
  readonly reason?: ReasonGiven;
  readonly help: Help;
  readonly answeredBy: AnsweredBy;
  readonly firstTime: boolean;
  readonly ended: Ended;
  readonly seen?: 'in-passing';
  readonly shownMs?: number;
  /** A faultless count entered in one tap: its times are not read. */
  readonly whole?: true;
  /** Reason; a try set aside stays on record and counts for nothing. */
  readonly setAside?: string;
  /** The child was tired or upset: the next sit-down is gentler. */
  readonly upset?: true;
  /** For which of the child's needs it was done otherwise. */
  readonly access?: readonly Need[];
  /** The other language of a count that mixed two: its words are then left out of order. */
  readonly mixedWith?: string;
  /** Readings that were overruled, oldest first. */
  readonly rulings?: readonly Ruling[];
  /** The same try, recorded at another device too: that record counts, this one for nothing. */
  readonly sameAs?: TraceId;
  readonly events: readonly TraceEvent[];
}

/** The calendar day of a try where it was recorded, as YYYY-MM-DD. */
export function dayOf(trace: Pick<Trace, 'startedAt'>): string {
  return trace.startedAt.slice(0, 10);
}

export function isNumberWord(word: Word): word is number {
  return typeof word === 'number';
}
