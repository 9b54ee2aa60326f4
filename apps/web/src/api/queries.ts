import type {
  ChildPage,
  Here,
  PresentAdult,
  RoomMove,
  RoomOverview,
  ToldTry,
  TodayView,
} from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import { QueryClient, queryOptions } from '@tanstack/react-query';
import { keepHere, keptAdult, keptHere } from '../outbox/database.js';
import { NoConnection, Refused, request } from './http.js';

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      networkMode: 'always',
      retry: (failures, error) => !(error instanceof Refused) && failures < 1,
      staleTime: 5_000,
    },
    mutations: { networkMode: 'always' },
  },
});

/**
 * Where this device stands; null when it is not signed in. Without a connection, as it last stood;
 * with the screen locked nobody is at it, whatever the server still thinks.
 */
export const hereQuery = queryOptions({
  queryKey: ['here'],
  queryFn: async (): Promise<Here | null> => {
    const here = await askHere();
    await keepHere(here);
    const isLocked = (await keptAdult())?.locked ?? false;
    return here && isLocked ? { ...here, adult: null } : here;
  },
});

async function askHere(): Promise<Here | null> {
  try {
    return await request<Here>('GET', 'here');
  } catch (error) {
    if (error instanceof Refused && error.status === 401) return null;
    const kept = error instanceof NoConnection ? await keptHere() : null;
    if (kept) return kept;
    throw error;
  }
}

/** Who is at this device from now on; null once it is locked. */
export async function setAdult(here: Here, adult: PresentAdult | null): Promise<void> {
  const changed = { ...here, adult };
  queryClient.setQueryData(hereQuery.queryKey, changed);
  await keepHere(changed);
}

export const todayQuery = (roomId: string) =>
  queryOptions({
    queryKey: ['today', roomId],
    queryFn: () => request<TodayView>('GET', `rooms/${roomId}/today`),
  });

export const roomQuery = (roomId: string) =>
  queryOptions({
    queryKey: ['room', roomId],
    queryFn: () => request<RoomOverview>('GET', `rooms/${roomId}`),
  });

export const movesQuery = (roomId: string) =>
  queryOptions({
    queryKey: ['moves', roomId],
    queryFn: () => request<RoomMove[]>('GET', `rooms/${roomId}/moves`),
  });

export const childQuery = (id: ChildId) =>
  queryOptions({ queryKey: ['child', id], queryFn: () => request<ChildPage>('GET', `children/${id}`) });

export const tryQuery = (id: string) =>
  queryOptions({ queryKey: ['try', id], queryFn: () => request<ToldTry>('GET', `tries/${id}`) });
