import { queryClient } from '../api/queries.js';
import { forgetAll } from '../outbox/database.js';
import { forgetSteps } from '../outbox/journal.js';
import { outbox } from '../outbox/outbox.js';
import { seal } from '../outbox/sealed.js';

/**
 * Clears a device that is signed in no longer of all it holds about children. What was not sent yet is
 * sent first; what the server could not take at this moment is sealed until the device is signed in there again.
 */
export async function leaveNothingBehind(): Promise<void> {
  const isSafe = (await outbox.deliver()) || (await seal());
  forgetSteps();
  await forgetAll(isSafe ? 'nothing' : 'unsent');
  queryClient.removeQueries({ predicate: (query) => query.queryKey[0] !== 'here' });
}
