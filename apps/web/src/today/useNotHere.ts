import { useMutation } from '@tanstack/react-query';
import { request } from '../api/http.js';
import { queryClient } from '../api/queries.js';

/** Moves a child on from Today’s list, or brings it back. */
export const useNotHere = (childId: string) =>
  useMutation({
    mutationFn: (told: 'not-here' | 'here') =>
      request(told === 'here' ? 'DELETE' : 'PUT', `children/${childId}/not-here-today`),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['today'] }),
  });
