import type { ToldTry } from '@dotting/contract';
import { childQuery, queryClient, tryQuery } from '../api/queries.js';

/** Shows a try as it now stands, and lets what rests on it be read anew. */
export function keepTold(told: ToldTry): void {
  queryClient.setQueryData(tryQuery(told.id).queryKey, told);
  void queryClient.invalidateQueries({ queryKey: childQuery(told.childId).queryKey });
  void queryClient.invalidateQueries({ queryKey: ['today'] });
}
