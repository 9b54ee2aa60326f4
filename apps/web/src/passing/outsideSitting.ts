import type { PresentAdult, RegisterEntry } from '@dotting/contract';
import type { SittingId, Trace, TraceId } from '@dotting/core';
import { formatISO } from 'date-fns/formatISO';
import { newId } from '../common/ids.js';
import type { KeptTry } from '../outbox/database.js';

/** What is known of a try that was seen or asked in no sitting. */
type Facts = Omit<
  KeptTry['head'],
  'set' | 'childId' | 'sittingId' | 'recordedBy' | 'startedAt' | 'language' | 'help' | 'ended'
> & {
  readonly set: Trace['set'];
};

/** A try of its own, in no sitting, finished and without help; nothing of it is sent yet. */
export const outsideSitting = (
  facts: Facts,
  events: number,
  child: RegisterEntry,
  adult: PresentAdult,
): KeptTry => ({
  id: newId<TraceId>(),
  head: {
    ...facts,
    set: facts.set as KeptTry['head']['set'],
    childId: child.id,
    sittingId: newId<SittingId>(),
    recordedBy: adult.id,
    startedAt: formatISO(new Date()),
    language: child.language,
    help: 'none',
    ended: 'finished',
  },
  revision: 0,
  presence: adult.presence,
  events,
  sentEvents: 0,
  sentRevision: -1,
});
