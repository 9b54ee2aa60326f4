import type { NewGroupTime } from '@dotting/contract';
import { request } from '../api/http.js';
import { groupTimesQuery, queryClient } from '../api/queries.js';

/** Keeps what a room did as a group; the same id sent again changes nothing. Needs a connection. */
export async function keepGroupTime(roomId: string, id: string, time: NewGroupTime): Promise<void> {
  await request('PUT', `rooms/${roomId}/group-times/${id}`, time);
  await queryClient.invalidateQueries({ queryKey: groupTimesQuery(roomId).queryKey });
}
