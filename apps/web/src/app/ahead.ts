import type { Room } from '@dotting/contract';
import type { LoaderFunction, Params } from 'react-router';
import { queryClient } from '../api/queries.js';
import { lastRoom } from '../common/useRoom.js';
import { hereQuery } from '../entrance/hereQuery.js';

/**
 * A loader that has a page's data fetched while its code is on the way. It holds nothing up, and fails nothing: the
 * page asks again for what has not come, and says so. Nothing is fetched while nobody is at the device.
 *
 * @param fetch begins to fetch what the page shows, by its address and the room that is looked at
 */
export const ahead =
  (fetch: (params: Params, room: Room) => unknown): LoaderFunction =>
  ({ params }) => {
    void queryClient
      .ensureQueryData(hereQuery)
      .then((here) => {
        const room = lastRoom(here?.rooms ?? []);
        if (here?.adult && room) fetch(params, room);
      })
      // Without a server the entrance says so.
      .catch(() => undefined);
    return null;
  };
