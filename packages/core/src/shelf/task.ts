import type { CaptureKind } from './captureKind.js';
import type { ComparisonWish } from './comparison.js';
import type { ComparingSlip } from '../reading/readComparing.js';
import type { PartsSlip } from '../reading/partsSlip.js';
import type { BrailleSlip } from '../reading/readBraille.js';
import type { NumeralSlip } from '../reading/numeralSlip.js';
import type { InkSlip } from '../reading/readWritten.js';
import type { RecordSlip } from '../reading/readRecord.js';
import type { GoingOnSlip } from '../reading/goingOnSlip.js';
import type { SharingSlipKind } from '../reading/readSharing.js';
import type { PairingSlipKind } from '../reading/readPairing.js';
import type { TotalReading } from '../reading/readTotal.js';
import type { ReadBy } from '../skills/map.js';
import type {
  Arrangement,
  CardKind,
  CountStep,
  Doing,
  OpenArrangement,
  Question,
  Recording,
  Strategy,
  WritingWay,
} from '../trace/trace.js';
import type { WordSlipKind } from '../reading/readWords.js';

export const strands = [
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
export type Strand = (typeof strands)[number];

/** A slip, or an answer, that the task can show. */
export type Watched =
  | WordSlipKind
  | PairingSlipKind
  | SharingSlipKind
  | TotalReading['kind']
  | 'gave-another-number'
  | GoingOnSlip
  | 'chose-another'
  | ComparingSlip
  | 'counted-the-seen'
  | PartsSlip
  | NumeralSlip
  | BrailleSlip
  | RecordSlip
  | InkSlip;

/** What is generated afresh for each try. */
export type Made =
  | 'words'
  | 'touches'
  | 'drops'
  | 'jars'
  | 'cells'
  | 'bowls'
  | 'model'
  | 'beside'
  | 'turns'
  | 'handful'
  | 'parts'
  | 'partners'
  | 'pattern'
  | 'balance'
  | 'to-ten'
  | 'ten-and-some'
  | Sum
  | Doing
  | CardKind
  | Recording
  | 'sorted'
  | 'write-how-many'
  | WritingWay
  | 'track'
  | 'game';

/** What is made of a number: the next or the one before, so many more or fewer, some of it covered, a set turned into another. */
export type Sum = 'next' | 'before' | 'more' | 'fewer' | 'covered' | 'together' | 'other-set' | 'on' | 'back';

/** Ways of going about a task that are its own. */
export type SeenStrategy = Extract<
  Strategy,
  | 'counted-all'
  | 'counted-on'
  | 'knew'
  | 'guessed'
  | 'matched'
  | 'looked'
  | 'took-away'
  | 'began-over'
  | 'all-at-once'
  | 'one-by-one'
  | 'raised-one-more'
  | 'kept-its-place'
  | 'five-and-some'
  | 'two-alike'
  | 'stopped-early'
  | 'touched'
>;

/** From nought, from one, or from wherever the child begins. */
export type ChosenStart = 0 | 1 | 'any';

/** What some children learn first, before a task that needs it. */
export const lessons = ['die', 'envelope', 'cup'] as const;
export type Lesson = (typeof lessons)[number];

/** What a room without the real thing finds on the screen. */
export const standInKinds = ['dice', 'spinner', 'path', 'cards', 'tin', 'frame', 'dots', 'balance'] as const;
export type StandInKind = (typeof standInKinds)[number];

/** How a task is adapted: as a count of things, a run of words, things handed over, what is only seen for a moment, cards that are read, or numerals that are written. */
export type Adapted = 'counting' | 'saying' | 'giving' | 'seeing' | 'reading' | 'writing';

/** What is shown on the child’s side: one pattern for a moment, or two frames for as long as it takes. */
export type Shows = 'loose' | 'die' | 'fingers' | 'frame' | 'two-frames';

/** How sets are made that lie side by side. */
export type Comparing = Pick<ComparisonWish, 'relation' | 'differ' | 'mayBeEmpty' | 'onCards'>;

/** One entry of the shelf: what putting the task to a child needs, but for its words, which the catalogue has by its id. */
export interface TaskEntry {
  readonly id: string;
  readonly strand: Strand;
  /** The skill that its tries speak of first. */
  readonly looksAt: ReadBy;
  readonly kind: CaptureKind;
  /** Something is asked once the count is done. */
  readonly thenAsks?: true;
  /** Said from the number, on or back: the next three words. */
  readonly goes?: 1 | -1;
  /** The question, where it is not the usual one of its kind. */
  readonly asks?: Question;
  /** How a child may go about it, where not as with others of its kind. */
  readonly strategies?: readonly SeenStrategy[];
  /** Then asks how many more fill the frame. */
  readonly asksMore?: true;
  /** Put with the numbers of its rungs and no other. */
  readonly onlyRungs?: true;
  /** Put to a whole group, each child deciding alone: in no sitting. */
  readonly inGroup?: true;
  /** Put only where an adult chooses it: it is no rung for a number. */
  readonly onlyChosen?: true;
  /** The smallest number, where it is not one: an empty set is a set. */
  readonly smallest?: 0;
  /** Asks once more, after something was done with the things. */
  readonly asksAgain?: true;
  /** Put in each way by turns. */
  readonly ways?: readonly string[];
  /** What stands in for the real thing on the screen. */
  readonly standIn?: StandInKind;
  /** Numerals are seen, or felt: put to a child who reads them so. */
  readonly readBy?: 'sight' | 'touch';
  /** A numeral is read by the way, and so many put for it. */
  readonly readsNumeral?: true;
  /** The lesson that comes first. */
  readonly lessonFirst?: Lesson;
  /** The same for one of its ways alone. */
  readonly lessonOfWay?: Readonly<Record<string, Lesson>>;
  /** What the child is to choose from. */
  readonly choosing?: readonly string[];
  /** Asked on the way, while things are still being put: what may be said. */
  readonly midway?: readonly string[];
  readonly makes?: Made;
  /** Of sets side by side: what is asked of them, and in what they differ besides their number. */
  readonly compares?: Comparing;
  /** What is shown instead of laid. */
  readonly shows?: Shows;
  /** The kind of thing it is put with, where no other will do. */
  readonly only?: string;
  /** The number the count begins from, where it is not one. */
  readonly start?: number;
  /** Where else it may begin, as the adult chooses. */
  readonly starts?: readonly ChosenStart[];
  /** How far it may be from word to word, where not only by ones. */
  readonly steps?: readonly CountStep[];
  /** After moving, comparing or hiding: why the child says so can be told. */
  readonly wantsReason?: true;
  readonly arrangement: Arrangement;
  /** How its things may lie in a room’s own task: what it looks at stays the same. */
  readonly mayLie?: readonly OpenArrangement[];
  /** How many there are to take from, where the child takes. */
  readonly pile?: number;
  /** Sizes from the first to the last rung. */
  readonly ladder: readonly number[];
  readonly watchFor: readonly Watched[];
  /** The task a step down, and the one a step up; itself where it is only changed. */
  readonly easier: string;
  readonly harder: string;
  readonly adaptedAs: Adapted;
  readonly minutes: number;
}
