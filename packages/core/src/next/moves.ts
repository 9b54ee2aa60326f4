import type { Task, TaskId } from '../shelf/tasks.js';
import type { Arrangement } from '../trace/trace.js';
import type { TellingSlip } from '../evidence/tellingSlips.js';

/** From a slip to a teaching move: what a room has put in place of the usual ones, in its own words. */
export type OwnMoves = Readonly<Partial<Record<TellingSlip, string>>>;

/** Slips with what to do about them; the words of each the catalogue has. */
export const tellingSlips = [
  'double-counted',
  'missed',
  'word-without-touch',
  'touch-without-word',
  'ran-on',
  'skipped',
  'repeated',
  'swapped',
  'replaced',
  'inserted',
  'looped-back',
  'recounted',
  'other',
  'two-in-one',
  'left-outside',
  'counted-again',
  'gave-another-number',
  'chose-another',
  'took-the-longer',
  'took-the-larger',
  'took-the-wider',
  'took-another-set',
  'made-another-set',
  'counted-the-seen',
  'said-the-seen',
  'said-the-whole',
  'left-none-out',
  'missed-ways',
  'broke-the-pattern',
  'named-another',
  'took-another',
  'left-some',
  'out-of-order',
  'another-card',
  'other-side',
  'teen-apart',
  'sign-left-out',
  'cell-mirrored',
  'wrong-row',
  'cells-turned-round',
  'another-cell',
  'forgot-the-number',
  'recorded-another',
  'fifth-not-across',
  'kinds-not-the-whole',
  'wrote-another',
  'faced-round',
  'began-elsewhere',
  'went-the-other-way',
  'strokes-out-of-order',
  'digits-turned-round',
  'wrote-it-as-said',
  'cannot-go-on',
  'cannot-go-back',
  'counted-the-start',
  'answered-another',
] as const satisfies readonly TellingSlip[];

/** Where the usual move would contradict the task: there another one stands, by the arrangement or the task. */
const instead = {
  'double-counted': ['movable', 'row', 'frame', 'pictures', 'scattered', 'ring', 'heard'],
  missed: ['movable', 'row', 'frame', 'pictures', 'scattered', 'ring', 'heard'],
  'word-without-touch': ['row', 'frame', 'pictures', 'scattered', 'ring', 'heard'],
  'touch-without-word': ['row', 'frame', 'pictures', 'scattered', 'ring', 'heard'],
  'ran-on': ['movable', 'scattered', 'ring', 'heard'],
  'counted-again': ['other-end'],
  'gave-another-number': ['fill-to', 'same-many', 'change-a-into-b', 'do-n', 'fingers', 'path-game'],
  'chose-another': ['say-spot'],
  'counted-the-start': ['path-game'],
} as const satisfies Partial<Record<TellingSlip, readonly (Arrangement | TaskId)[]>>;

/** Moves that are made with so few things. */
const fewThings: Partial<Record<TellingSlip, number>> = { other: 3, 'counted-again': 3 };

/** What to do about a slip: in the room’s own words, or the usual move, or the one that fits the task. */
export type MoveChoice =
  | { readonly kind: 'own'; readonly words: string }
  | { readonly kind: 'usual'; readonly slip: TellingSlip }
  | { readonly kind: 'fitting'; readonly slip: TellingSlip; readonly to: string };

/** The move for a slip in a task: the room's own, or the shipped one that fits the task. */
export function moveFor(slip: TellingSlip, { id, arrangement }: Task, moves: OwnMoves): MoveChoice {
  const own = moves[slip];
  // A room that has put its own words in place of a move knows what it fits.
  if (own !== undefined) return { kind: 'own', words: own };
  const places: readonly string[] = slip in instead ? instead[slip as keyof typeof instead] : [];
  const to = [id, arrangement].find((place) => places.includes(place));
  return to === undefined ? { kind: 'usual', slip } : { kind: 'fitting', slip, to };
}

/** The most things that the move for a slip is made with; null where any number will do. */
export const mostFor = (slip: TellingSlip, moves: OwnMoves): number | null =>
  moves[slip] === undefined ? (fewThings[slip] ?? null) : null;
