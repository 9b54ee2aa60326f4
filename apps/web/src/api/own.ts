import type { OwnTaskBody, OwnThingsBody, TaskTakenIn } from '@dotting/contract';
import { queryClient } from './queries.js';
import { request } from './http.js';

/** What rooms have made for themselves comes with what the device knows of where it stands. */
async function changed<Result>(sent: Promise<Result>): Promise<Result> {
  const result = await sent;
  await queryClient.invalidateQueries({ queryKey: ['here'] });
  for (const part of ['child', 'today', 'room']) void queryClient.invalidateQueries({ queryKey: [part] });
  return result;
}

export const putTask = (roomId: string, id: string, body: OwnTaskBody): Promise<void> =>
  changed(request('PUT', `rooms/${roomId}/tasks/${id}`, body));

export const putThings = (roomId: string, id: string, body: OwnThingsBody): Promise<void> =>
  changed(request('PUT', `rooms/${roomId}/things/${id}`, body));

export const retire = (
  roomId: string,
  what: 'tasks' | 'things',
  id: string,
  retired: boolean,
): Promise<void> => changed(request('PUT', `rooms/${roomId}/${what}/${id}/retirement`, { retired }));

export const takeIn = (roomId: string, file: object): Promise<TaskTakenIn> =>
  changed(request('POST', `rooms/${roomId}/task-files`, file));
