import { readCheck, type Ended } from '@dotting/core';
import { openTry, withHead, withSet, type Sitting, type SittingTry } from '../outbox/sitting.js';

/** Ends the open try, and with it what was planned; a sitting without one stays as it is. */
export function ended(sitting: Sitting, how: Ended, onlyIfGoing = false): Sitting {
  const open = openTry(sitting);
  if (!open || (onlyIfGoing && open.head.ended !== null)) return sitting;
  return { ...withHead(countedHandful(sitting, open), { ended: how }), isPlanDue: true };
}

/** A handful that was counted once more is as many as that came to, until the adult says otherwise. */
function countedHandful(sitting: Sitting, { head, events }: SittingTry): Sitting {
  const { counted } = readCheck({ ...head, events });
  const isUnknown = head.set.layout?.handful && head.set.size === 0;
  return isUnknown && typeof counted === 'number' ? withSet(sitting, { size: counted }) : sitting;
}
