import type {
  AsideView,
  BeginView,
  ChildPage,
  GroupTimesView,
  InkView,
  Device,
  OfficeView,
  RoomMove,
  RoomOverview,
  ToldTry,
  TodayView,
} from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import { QueryClient, queryOptions } from '@tanstack/react-query';
import { Refused, request } from './http.js';

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

export const groupTimesQuery = (roomId: string) =>
  queryOptions({
    queryKey: ['group-times', roomId],
    queryFn: () => request<GroupTimesView>('GET', `rooms/${roomId}/group-times`),
  });

export const movesQuery = (roomId: string) =>
  queryOptions({
    queryKey: ['moves', roomId],
    queryFn: () => request<RoomMove[]>('GET', `rooms/${roomId}/moves`),
  });

export const childQuery = (id: ChildId) =>
  queryOptions({ queryKey: ['child', id], queryFn: () => request<ChildPage>('GET', `children/${id}`) });

export const inkQuery = (id: ChildId) =>
  queryOptions({ queryKey: ['ink', id], queryFn: () => request<InkView>('GET', `children/${id}/ink`) });

/** What waits for a lead to settle it. */
export const asideQuery = queryOptions({
  queryKey: ['set-aside'],
  queryFn: () => request<AsideView[]>('GET', 'set-aside'),
});

export const tryQuery = (id: string) =>
  queryOptions({ queryKey: ['try', id], queryFn: () => request<ToldTry>('GET', `tries/${id}`) });

export const officeQuery = queryOptions({
  queryKey: ['office'],
  queryFn: () => request<OfficeView>('GET', 'office'),
});

export const devicesQuery = queryOptions({
  queryKey: ['devices'],
  queryFn: () => request<Device[]>('GET', 'devices'),
});

/** Whether the demo nursery is here, and whether the first of one’s own can be set up. */
export const beginQuery = queryOptions({
  queryKey: ['begin'],
  queryFn: () => request<BeginView>('GET', 'begin'),
});
