import { queryClient } from '../api/queries.js';
import { forgetAll } from '../outbox/database.js';
import { forgetSteps } from '../outbox/journal.js';
import { outbox } from '../outbox/outbox.js';

/**
 * Clears a device that is signed in no longer of all it holds about children. What was not sent yet is
 * sent first; what the server could not take at this moment stays until it can.
 */
export async function leaveNothingBehind(): Promise<void> {
  const isSent = await outbox.deliver();
  forgetSteps();
  await forgetAll(isSent ? 'nothing' : 'unsent');
  queryClient.removeQueries({ predicate: (query) => query.queryKey[0] !== 'here' });
}
