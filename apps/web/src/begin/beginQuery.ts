import type { BeginView } from '@dotting/contract';
import { queryOptions } from '@tanstack/react-query';
import { request } from '../api/http.js';

/** Whether the demo nursery is here, and whether the first of one’s own can be set up. */
export const beginQuery = queryOptions({
  queryKey: ['begin'],
  queryFn: () => request<BeginView>('GET', 'begin'),
});
