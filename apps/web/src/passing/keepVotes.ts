import type { RegisterEntry } from '@dotting/contract';
import { votedFor, type ChildId, type SittingId, type TraceId, type Vote } from '@dotting/core';
import { formatISO } from 'date-fns/formatISO';
import { useHere } from '../common/here.js';
import { newId } from '../common/ids.js';
import { keepTry, type KeptTry } from '../outbox/database.js';
import { outbox } from '../outbox/outbox.js';

/** Keeps a try for each child that put a hand up, all at one moment. */
export function useKeepVotes() {
  const { adult } = useHere();
  return async (
    children: readonly RegisterEntry[],
    votes: ReadonlyMap<ChildId, number>,
    vote: Vote,
    firstTime: boolean,
  ): Promise<void> => {
    const startedAt = formatISO(new Date());
    for (const { id, language } of children) {
      const { events, ...facts } = votedFor(votes.get(id)!, vote);
      const kept: KeptTry = {
        id: newId<TraceId>(),
        head: {
          ...facts,
          set: facts.set as KeptTry['head']['set'],
          childId: id,
          sittingId: newId<SittingId>(),
          recordedBy: adult.id,
          startedAt,
          language,
          help: 'none',
          firstTime,
          ended: 'finished',
        },
        revision: 0,
        presence: adult.presence,
        events: events.length,
        sentEvents: 0,
        sentRevision: -1,
      };
      await outbox.add(() => keepTry(kept, events));
    }
  };
}
