import { behindOrder, countOutPriorMean } from '../estimates/priors.js';
import { figure } from '../common/parameters.js';
import { readPlaced } from '../reading/readCards.js';
import { readChange } from '../reading/readChange.js';
import { readChoice } from '../reading/readChoice.js';
import { lastGiven } from '../reading/readGiving.js';
import { readGoingOn } from '../reading/readGoingOn.js';
import { leftNoneOut, readParts } from '../reading/readParts.js';
import { readSeeing } from '../reading/readSeeing.js';
import { readWritten } from '../reading/readWritten.js';
import { ruledOf } from '../reading/rulings.js';
import type { ThresholdSkill } from '../skills/map.js';
import type { Trace } from '../trace/trace.js';
import { slipsOfGiving, type SlipAt, type TellingSlip } from './tellingSlips.js';

/** What a try tells of a skill that gives way at some number. */
export interface ThresholdReader {
  /** The number asked for, and whether it went well; null where the try says nothing of it. */
  readonly look: (trace: Trace) => { readonly n: number; readonly success: boolean } | null;
  /** The slips that speak against it. */
  readonly slips: (trace: Trace) => readonly SlipAt[];
  /** Where to expect a child of so many months; null for anywhere. Never shown as a norm. */
  readonly priorMean: (months: number | null) => number | null;
  /** How far children differ in it, and how sharply it gives way, where not as with most. */
  readonly varies?: { readonly priorSd: number; readonly slopes: readonly number[] };
  /** It speaks for itself with whatever it is put: each try is of another draw, and only the days have to differ. */
  readonly isOfAnyKind?: true;
}

/** So many handed over, put together, shown or done as were asked for. */
const given = (priorMean: ThresholdReader['priorMean']): ThresholdReader => ({
  look: (trace) => {
    const last = lastGiven(trace);
    const { target } = trace;
    if (last === null || last === 0 || target === undefined) return null;
    return { n: target, success: ruledOf(trace, 'task') ?? last === target };
  },
  slips: slipsOfGiving,
  priorMean,
});

/** The next words from a number on, or back. */
const goingOn = (slip: TellingSlip, behind: number): ThresholdReader => ({
  look: (trace) => {
    const { from, way } = readGoingOn(trace);
    return { n: from, success: ruledOf(trace, 'task') ?? way === 'went-on' };
  },
  slips: (trace) => {
    const { from, way } = readGoingOn(trace);
    return way === 'went-on' ? [] : [{ slip, at: from }];
  },
  priorMean: behindOrder(behind),
});

/** What a number comes to that has so many put to it or taken from it. */
const changed = (behind: number, nOf: (trace: Trace, from: number) => number): ThresholdReader => ({
  look: (trace) => {
    const change = readChange(trace);
    const success = ruledOf(trace, 'task') ?? change?.right ?? null;
    return change && success !== null ? { n: nOf(trace, change.from), success } : null;
  },
  slips: (trace) => {
    const change = readChange(trace);
    if (change?.right !== false) return [];
    const { from, by, said } = change;
    // The number itself was taken as the first of those put to it.
    const isOneShort = by > 1 && said === from + by - 1;
    return [{ slip: isOneShort ? 'counted-the-start' : 'answered-another', at: nOf(trace, from) }];
  },
  priorMean: behindOrder(behind),
});

const ofTheNumber = (_: Trace, from: number): number => from;
const ofTheWhole = ({ target, set }: Trace): number => target ?? set.size;

const path: ThresholdReader = {
  ...given(behindOrder(figure.doingBehind)),
  slips: (trace) => {
    const slips = slipsOfGiving(trace);
    const isOneShort = lastGiven(trace) === (trace.target ?? 0) - 1;
    return isOneShort ? slips.map(({ at }) => ({ slip: 'counted-the-start', at })) : slips;
  },
};

/** A hand up for one of a few numbers. */
const voted: ThresholdReader = {
  look: (trace) => {
    const chosen = readChoice(trace)?.chosen ?? null;
    return chosen === null
      ? null
      : { n: trace.set.size, success: ruledOf(trace, 'task') ?? chosen === trace.set.size };
  },
  slips: (trace) => {
    const chosen = readChoice(trace)?.chosen ?? null;
    const isOther = chosen !== null && chosen !== trace.set.size;
    return isOther ? [{ slip: 'answered-another', at: trace.set.size }] : [];
  },
  priorMean: behindOrder(figure.doingBehind),
};

/** The part that is missing: of what lies there covered, or of a frame that is not full. */
const missingPart = (nOf: (trace: Trace) => number): ThresholdReader => ({
  look: (trace) => {
    const change = readChange(trace);
    const success = ruledOf(trace, 'task') ?? change?.right ?? null;
    return change && success !== null ? { n: nOf(trace), success } : null;
  },
  slips: (trace) => {
    const change = readChange(trace);
    if (change?.right !== false) return [];
    const { from, by, said } = change;
    const slip = said === -by ? 'said-the-seen' : said === from ? 'said-the-whole' : 'answered-another';
    return [{ slip, at: nOf(trace) }];
  },
  priorMean: behindOrder(figure.hiddenBehind),
});

/** All the ways to make a number from two kinds, none-and-n among them. */
const allParts: ThresholdReader = {
  look: (trace) => {
    const parts = readParts(trace);
    if (!parts || parts.found.length === 0) return null;
    return { n: parts.n, success: ruledOf(trace, 'task') ?? parts.missing.length === 0 };
  },
  slips: (trace) => {
    const parts = readParts(trace);
    if (!parts || parts.found.length === 0 || parts.missing.length === 0) return [];
    return [{ slip: leftNoneOut(parts) ? 'left-none-out' : 'missed-ways', at: parts.n }];
  },
  priorMean: behindOrder(figure.hiddenBehind),
};

/** Cards or towers put in a row, each after the one before it. */
const inARow = (priorMean: ThresholdReader['priorMean']): ThresholdReader => ({
  look: (trace) => {
    const placed = readPlaced(trace);
    const success = ruledOf(trace, 'task') ?? placed?.right ?? null;
    return placed && success !== null ? { n: placed.n, success } : null;
  },
  slips: (trace) => {
    const placed = readPlaced(trace);
    return placed?.right === false ? [{ slip: 'out-of-order', at: placed.n }] : [];
  },
  priorMean,
});

/** How many there are, counted and then written down. */
const countedAndWritten: ThresholdReader = {
  look: (trace) => {
    const written = readWritten(trace);
    const ruled = ruledOf(trace, 'task');
    // What was counted otherwise, and written so, says that it can be written down, and not how many there are.
    const isOtherCount = written !== null && written.wanted !== written.n && written.legible === true;
    const success = ruled ?? (isOtherCount ? null : (written?.legible ?? null));
    return written && success !== null ? { n: written.n, success } : null;
  },
  slips: (trace) => {
    const written = readWritten(trace);
    if (written?.legible !== false) return [];
    const isNumeral = written.as !== null && /^\d+$/.test(written.as) && written.ink?.turned !== true;
    return [{ slip: isNumeral ? 'forgot-the-number' : 'wrote-another', at: written.n }];
  },
  priorMean: behindOrder(figure.writingBehind),
};

/** How many were said to be seen of what was shown for a moment. About so many may be expected at any age. */
const seen = (about: number): ThresholdReader => ({
  look: (trace) => {
    const seeing = readSeeing(trace);
    const success = ruledOf(trace, 'task') ?? seeing?.isSeen ?? null;
    return seeing && success !== null ? { n: seeing.n, success } : null;
  },
  slips: (trace) => {
    const seeing = readSeeing(trace);
    // More than can be seen at once is seen by nobody: another number said is no slip to work on.
    return seeing?.isCounted ? [{ slip: 'counted-the-seen', at: seeing.n }] : [];
  },
  priorMean: () => about,
  varies: { priorSd: figure.seesSd, slopes: figure.seesSlopes },
  isOfAnyKind: true,
});

/** How a try tells of each skill that gives way at some number, where a task looks at it. */
export const thresholdReaders: Readonly<Record<ThresholdSkill, ThresholdReader>> = {
  'count-out': given(countOutPriorMean),
  'count-on': goingOn('cannot-go-on', figure.goingOnBehind),
  'count-back': goingOn('cannot-go-back', figure.goingBackBehind),
  'one-more': changed(figure.oneMoreBehind, ofTheNumber),
  'one-fewer': changed(figure.oneFewerBehind, ofTheNumber),
  hidden: changed(figure.hiddenBehind, ofTheWhole),
  together: changed(figure.togetherBehind, ofTheWhole),
  'change-set': given(behindOrder(figure.goingBackBehind)),
  'do-n': given(behindOrder(figure.doingBehind)),
  fingers: given(behindOrder(figure.doingBehind)),
  path,
  'heard-many': voted,
  'missing-part': missingPart(({ target, set }) => target ?? set.size),
  parts: allParts,
  'to-ten': missingPart(({ target }) => target ?? 0),
  'order-numerals': inARow(behindOrder(figure.inOrderBehind)),
  'write-how-many': countedAndWritten,
  stair: inARow(behindOrder(figure.inOrderBehind)),
  'see-few': seen(figure.seesLoose),
  'see-dice': seen(figure.seesPatterns),
  'see-fingers': seen(figure.seesPatterns),
  'see-frame': seen(figure.seesInFrame),
};
