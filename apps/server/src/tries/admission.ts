import { isDeepStrictEqual } from 'node:util';
import type { PutTry, TraceEventBody } from '@dotting/contract';
import {
  happeningFlaw,
  headFlawOf,
  isCounter,
  tasks,
  type Flaw,
  type HappeningEvent,
  type TraceEvent,
} from '@dotting/core';
import { clash, impossible, type RefusedException } from '../http/refusals.js';
import { spoken } from '../wording/spoken.js';

/** What is stored of a try already. */
export interface StoredEvents {
  readonly count: number;
  /** Time of the last of them, in ms from the start. */
  readonly latest: number;
  /** The one in a place, as far as it was read. */
  readonly at: (seq: number) => TraceEvent | undefined;
}

/**
 * Which of the events sent are new to a try of which `stored` is already kept.
 * @throws RefusedException when the events sent cannot follow those stored, or cannot be at all
 */
export function newEvents(
  put: Pick<PutTry, 'events'> & { readonly set: Pick<PutTry['set'], 'size'> },
  stored: StoredEvents,
): readonly TraceEventBody[] {
  const first = put.events[0]?.seq ?? 0;
  if (first > stored.count) {
    throw impossible('events.0.seq', spoken().steps.missing({ first, from: stored.count }));
  }
  let { latest } = stored;
  return put.events.filter((event, i) => {
    const path = `events.${i}`;
    if (event.seq !== first + i) {
      throw impossible(`${path}.seq`, spoken().steps.outOfOrder({ seq: event.seq, due: first + i }));
    }
    const kept = stored.at(event.seq);
    if (kept) {
      if (isDeepStrictEqual(kept, plain(event))) return false;
      throw clash(spoken().steps.stored({ seq: event.seq }), path);
    }
    if (event.t < latest) {
      throw impossible(`${path}.t`, spoken().steps.backwards({ t: event.t, latest }));
    }
    latest = event.t;
    checkReferences(event, put.set.size, path);
    return true;
  });
}

/** @throws RefusedException where an event names what is not there, or holds what cannot be */
export function checkReferences(event: TraceEventBody, size: number, path: string): void {
  if (event.kind === 'undo' || event.kind === 'amend') {
    if (event.of >= event.seq) {
      throw impossible(`${path}.of`, spoken().steps.notBefore({ of: event.of, seq: event.seq }));
    }
    if (event.kind === 'amend') checkReferences(event.event, size, `${path}.event`);
    return;
  }
  switch (happeningFlaw(event as HappeningEvent, size)) {
    case 'item':
      throw impossible(
        `${path}.item`,
        spoken().steps.noSuchThing({ item: String('item' in event && event.item), size }),
      );
    case 'number':
      throw impossible(path, spoken().steps.badNumber());
    case null:
  }
}

/** What rooms of the site have made for themselves, as far as a try speaks of it. */
export interface OwnSpokenOf {
  /** The task that each own one goes like. */
  readonly likeOf: ReadonlyMap<string, string>;
  readonly things: ReadonlySet<string>;
}

/** @throws RefusedException where the head of a try says what cannot be */
export function checkHead(put: PutTry, own: OwnSpokenOf): void {
  checkShelf(put, own);
  const flaw = headFlawOf(put);
  if (flaw) throw refusalOf(flaw, put);
}

/** Kinds of things that a try speaks of and the shelf does not have. */
export const notOnShelf = ({ set }: Pick<PutTry, 'set'>): readonly string[] =>
  [...new Set(kindsIn(set))].filter((kind) => !isCounter(kind));

function kindsIn({ things, layout }: PutTry['set']): readonly string[] {
  return [
    things,
    ...[...(layout?.bowls ?? []), ...(layout?.sorted ?? [])].map((bowl) => bowl.things),
    ...(layout?.comparison?.sets ?? []).map((set) => set.things),
    ...(layout?.carry?.unit ?? []),
    layout?.model ?? things,
  ];
}

function checkShelf(put: PutTry, own: OwnSpokenOf): void {
  const { task } = put;
  if (!tasks.some((one) => one.id === task)) throw impossible('task', spoken().steps.noTask({ task }));
  if (put.own !== undefined && own.likeOf.get(put.own) !== task)
    throw impossible('own', spoken().steps.noOwnTask({ task }));
  const unknown = notOnShelf(put).find((kind) => !own.things.has(kind));
  if (unknown !== undefined) throw impossible('set.things', spoken().steps.noThings({ things: unknown }));
}

function refusalOf({ field, kind }: Flaw, { target, set }: PutTry): RefusedException {
  switch (kind) {
    case 'target':
      return impossible(field, spoken().steps.badTarget({ target: target ?? 0 }));
    case 'bowls':
      return impossible(field, spoken().steps.badBowls({ size: set.size }));
    default:
      return impossible(field, spoken().steps.badMoment());
  }
}

/** The event without the class it was validated as, for comparing with what is stored. */
function plain(event: TraceEventBody): unknown {
  return JSON.parse(JSON.stringify(event));
}
