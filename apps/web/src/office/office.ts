import { request } from '../api/http.js';
import { queryClient } from '../api/queries.js';

/** Changes something in the office, and has everything that may rest on it asked for again. */
export async function change<Answer = void>(
  method: 'POST' | 'PUT' | 'PATCH' | 'DELETE',
  path: string,
  body?: object,
): Promise<Answer> {
  const answer = await request<Answer>(method, `office/${path}`, body);
  await queryClient.invalidateQueries();
  return answer;
}
