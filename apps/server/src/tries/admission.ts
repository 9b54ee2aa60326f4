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

/**
 * Which of the events sent are new to a try of which `stored` is already kept.
 * @throws RefusedException when the events sent cannot follow those stored, or cannot be at all
 */
export function newEvents(
  put: Pick<PutTry, 'events'> & { readonly set: Pick<PutTry['set'], 'size'> },
  stored: readonly TraceEvent[],
): readonly TraceEventBody[] {
  const first = put.events[0]?.seq ?? 0;
  if (first > stored.length) {
    throw impossible(
      'events.0.seq',
      `is ${first}, but the events from ${stored.length} on are missing; send those first`,
    );
  }
  let latest = stored.at(-1)?.t ?? 0;
  return put.events.filter((event, i) => {
    const path = `events.${i}`;
    if (event.seq !== first + i) {
      throw impossible(
        `${path}.seq`,
        `is ${event.seq} where ${first + i} is due: send events in order, with no gap`,
      );
    }
    const kept = stored[event.seq];
    if (kept) {
      if (isDeepStrictEqual(kept, plain(event))) return false;
      throw clash(`Event ${event.seq} of this try is stored already, with other contents.`, path);
    }
    if (event.t < latest) {
      throw impossible(`${path}.t`, `is ${event.t} after ${latest}: time cannot run backwards within a try`);
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
      throw impossible(`${path}.of`, `is ${event.of}, which does not come before event ${event.seq}`);
    }
    if (event.kind === 'amend') checkReferences(event.event, size, `${path}.event`);
    return;
  }
  switch (happeningFlaw(event as HappeningEvent, size)) {
    case 'item':
      throw impossible(
        `${path}.item`,
        `is ${'item' in event && event.item}, but a set of ${size} has no such thing`,
      );
    case 'number':
      throw impossible(path, 'holds a number that is not whole or not from 0 to 1000');
    case null:
  }
}

/** @throws RefusedException where the head of a try says what cannot be */
export function checkHead(put: PutTry): void {
  checkShelf(put);
  const flaw = headFlawOf(put);
  if (flaw) throw refusalOf(flaw, put);
}

function checkShelf({ task, set }: PutTry): void {
  if (!tasks.some((one) => one.id === task))
    throw impossible('task', `no task on the shelf is called “${task}”`);
  const { things, layout } = set;
  const kinds = [things, ...(layout?.bowls ?? []).map((bowl) => bowl.things), layout?.model ?? things];
  const unknown = kinds.find((kind) => !isCounter(kind));
  if (unknown !== undefined) throw impossible('set.things', `no counter on the shelf is called “${unknown}”`);
}

function refusalOf({ field, kind }: Flaw, { target, set }: PutTry): RefusedException {
  switch (kind) {
    case 'target':
      return impossible(field, `is ${target}; ask for 1 or more`);
    case 'bowls':
      return impossible(field, `asks for more than the ${set.size} of the set, or for none`);
    default:
      return impossible(field, 'cannot be: check the date and time on this device');
  }
}

/** The event without the class it was validated as, for comparing with what is stored. */
function plain(event: TraceEventBody): unknown {
  return JSON.parse(JSON.stringify(event));
}
